import type { Choice, Finding } from '@haveld/contract/finding';
import { strangerKey, type Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** From here on a model that faces forwards is left alone, as nothing would be changed. Ours. */
export const FRONT_HOLDS_FROM = 0.75;

/** Which way does it face? Asked only where it is likely to face another way than forwards. */
export function checkFrontAxis({ front, strangers, rules }: Examination): Finding[] {
  if (front === null) return [];
  const after = [...strangers.map(strangerKey), 'up'];
  const given = { kind: 'front-axis', after } as const;
  if (front.length === 0)
    return [makeFinding({ ...given, mark: 'holds', title: 'Has no front: alike from all four sides' })];
  const choices = front.map(({ id, label, degrees, confidence, evidence }): Choice => ({
    id,
    label,
    steps: degrees === null ? [] : [{ kind: 'set-front-axis', schema: 1, degrees }],
    confidence,
    evidence,
  }));
  const [best] = front;
  const sure = isSure(choices[0], best.independent, rules);
  if (best.id === '+z' && best.confidence >= FRONT_HOLDS_FROM)
    return [
      makeFinding({
        ...given,
        mark: 'holds',
        title: 'Faces forwards, to +Z',
        detail: sure ? '' : 'As far as its shape tells; turn it if it does not.',
        evidence: best.evidence,
        choices,
        sure,
      }),
    ];
  return [
    makeFinding({
      ...given,
      mark: 'look',
      title: best.id === '+z' ? 'Which way does it face?' : `It ${best.label}`,
      detail: 'Its front is to face +Z, as things in the library do.',
      evidence: best.evidence,
      choices,
      sure,
    }),
  ];
}
