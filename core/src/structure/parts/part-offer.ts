import type { Evidence } from '@haveld/contract/evidence';
import type { Step } from '@haveld/contract/step';

/** Something that speaks for a step on parts, with the step ready to be taken. */
export interface PartOffer {
  kind: 'doubled' | 'faces' | 'turned' | 'cracks' | 'holes' | 'names' | 'equal' | 'groups' | 'join' | 'split';
  title: string;
  detail: string;
  evidence: Evidence[];
  steps: Step[];
  /** Parts it is about. */
  ids: string[];
}
