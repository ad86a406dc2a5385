import type { Choice, Finding } from '@haveld/contract/finding';
import { PartIndex } from '../../scene/part-ref';
import { count } from '../../text/count';
import type { Examination } from '../examination';
import { makeFinding } from '../make-finding';

/** Closed parts whose faces look inwards: what a mirror leaves that was baked without its winding. */
export function checkInvertedFaces({ document, moments }: Examination): Finding[] {
  const parts = moments?.invertedFaces ?? [];
  if (parts.length === 0) return [];
  const index = new PartIndex(document);
  const evidence: Finding['evidence'] = [
    { text: 'closed meshes whose volume is negative' },
    ...parts.slice(0, 8).map((node) => ({ text: node.getName() || 'unnamed' })),
  ];
  const choices: Choice[] = [
    {
      id: 'turn',
      label: 'Flip their faces outwards',
      steps: [{ kind: 'flip-faces', schema: 1, parts: parts.map((node) => index.refer(node)) }],
      confidence: 0.9,
      evidence,
    },
    { id: 'keep', label: 'Keep them facing inwards', steps: [], confidence: 0.1, evidence: [] },
  ];
  return [
    makeFinding({
      kind: 'inverted-faces',
      mark: 'look',
      title: `${count(parts.length, 'part')} inside out`,
      detail:
        'Seen from outside they show their backs, or nothing at all. A room seen from within is built so on purpose.',
      evidence,
      choices,
    }),
  ];
}
