import type { Choice, Finding } from '@haveld/contract/finding';
import { strangerKey, type Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** From here on its shape is said to face forwards. Ours. */
export const FRONT_HOLDS_FROM = 0.75;

/** Which way does it face? It stays as it came unless much speaks for another side; then that is proposed, and never in anybody’s way. */
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
  const shown = { ...given, evidence: best.evidence, choices, sure };
  if (best.id !== '+z' && sure)
    return [
      makeFinding({
        ...shown,
        mark: 'look',
        title: `It ${best.label}`,
        detail: 'Its front is to face +Z, as things in the library do.',
      }),
    ];
  const faces = best.id === '+z' && best.confidence >= FRONT_HOLDS_FROM;
  return [
    makeFinding({
      ...shown,
      // what holds is as it came, whatever the shape would rather say
      choices: [...choices].sort((a, b) => Number(b.id === '+z') - Number(a.id === '+z')),
      sure: best.id === '+z' && sure,
      mark: 'holds',
      title: faces ? 'Faces forwards, to +Z' : 'Faces as it came',
      detail: faces
        ? sure
          ? ''
          : 'As far as its shape tells; turn it if it does not.'
        : `By its shape it may be that it ${best.label} (${Math.round(best.confidence * 100)} %); turn it if so.`,
    }),
  ];
}
