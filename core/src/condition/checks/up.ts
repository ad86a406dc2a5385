import type { Finding } from '@haveld/contract/finding';
import { strangerKey, type Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Does it stand? */
export function checkUp({ up, strangers, source, rules }: Examination): Finding[] {
  if (up.length === 0) return [];
  const [best] = up;
  const choices = up.map((candidate) => ({
    id: candidate.id,
    label: candidate.label,
    steps: candidate.turn ? [{ kind: 'rotate' as const, schema: 1 as const, ...candidate.turn }] : [],
    confidence: Math.min(1, candidate.confidence),
    evidence: candidate.evidence,
  }));
  const sure = isSure(choices[0], best.independent, rules);
  const after = strangers.map(strangerKey);
  if (best.id === 'y' && (sure || best.confidence >= rules.sureFrom)) {
    return [
      makeFinding({
        kind: 'up',
        mark: 'holds',
        title: 'It stands upright, Y up',
        evidence: best.evidence,
        choices,
        sure,
        after,
      }),
    ];
  }
  const title =
    best.id === 'z'
      ? 'Lies on its back: Z is up in this file'
      : best.id === 'y'
        ? 'Does it stand upright?'
        : 'Stands on its head';
  return [
    makeFinding({
      kind: 'up',
      mark: 'look',
      title,
      detail: source.declaredUp ? 'The declaration and the shape do not agree.' : 'The file declares no up axis.',
      evidence: best.evidence,
      choices,
      sure,
      after,
    }),
  ];
}
