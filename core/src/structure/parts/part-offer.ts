import type { Evidence } from '@haveld/contract/evidence';
import type { Mended } from '@haveld/contract/house-treatment';
import type { Step } from '@haveld/contract/step';

/** Something that speaks for a step on parts, with the step ready to be taken. */
export interface PartOffer {
  kind: Mended;
  title: string;
  detail: string;
  evidence: Evidence[];
  steps: Step[];
  /** Parts it is about. */
  ids: string[];
}
