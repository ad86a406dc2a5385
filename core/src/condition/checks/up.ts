import type { Finding } from '@haveld/contract/finding';
import { strangerKey, type Examination } from '../examination';
import type { UpCandidate } from '../../placement/orientation/judge-up';
import { isUpSettled } from '../is-settled';
import { makeFinding } from '../make-finding';

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
  const sure = isUpSettled(best, rules);
  const given = { kind: 'up', evidence: best.evidence, choices, sure, after: strangers.map(strangerKey) } as const;
  if (best.id === 'y' && sure) return [makeFinding({ ...given, mark: 'holds', title: 'It stands upright, Y up' })];
  // what is open is never wholly likely
  const share = `${Math.round(Math.min(0.99, best.confidence) * 100)} %`;
  return [
    makeFinding({
      ...given,
      mark: 'look',
      title: sure
        ? STANCES[best.id]
        : best.id === 'y'
          ? `May stand upright, Y up (${share})`
          : `May be turned: ${best.label} (${share})`,
      detail: source.declaredUp
        ? source.declaredUp === best.id
          ? 'The file declares so.'
          : 'The declaration and the shape do not agree.'
        : 'The file declares no up axis.',
    }),
  ];
}

/** How it lies where that is sure. */
const STANCES: Record<UpCandidate['id'], string> = {
  z: 'Lies on its back: Z is up in this file',
  '-y': 'Stands on its head',
  '-z': 'Lies on its face: Z is down in this file',
  x: 'Lies on its side: X is up in this file',
  '-x': 'Lies on its side: X is down in this file',
};
