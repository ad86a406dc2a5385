import type { Answer } from '@haveld/contract/finding';
import { judgeSize, OWN_SCALE_ID, type UnitSay, type SizeQuestion } from '../size/judge-size';
import { normalizeLogs, sumLogs, type UnitShares } from './judge-kit-unit';

/** What one piece says of its unit. */
export interface PieceSay {
  /** Shares by unit and of a scale of its own; empty where it says nothing. */
  shares: UnitShares;
  /** True where a person said it. */
  isAnswered: boolean;
}

/** Pieces of one hand are wrong together: however many agree, they weigh as so many that know nothing of one another. Ours. */
const MOST_WEIGHED = 4;

/** Fewer than so many say nothing of another one, unless a person said it of them. */
const LEAST_PIECES = 2;

/** @param question what a piece's size was judged by; null where it was read before that was kept */
export function listUnitShares(question: SizeQuestion | null, answer: Answer | null): PieceSay {
  if (answer?.kind === 'taken') return { shares: { [answer.choiceId]: 1 }, isAnswered: true };
  // what a person measured says nothing of the unit of its file
  if (answer?.kind === 'own' || !question) return { shares: {}, isAnswered: false };
  // what others said of it already would come back to them
  const candidates = judgeSize({ ...question, kit: null, author: null });
  const own = 1 - candidates.reduce((sum, { confidence }) => sum + confidence, 0);
  return {
    shares: Object.fromEntries([...candidates.map(({ id, confidence }) => [id, confidence]), [OWN_SCALE_ID, own]]),
    isAnswered: false,
  };
}

/**
 * What all others of a kit say of the unit of each piece. Where a person answered for some, they alone count.
 * @returns one for each piece, in their order; null where nothing can be said
 */
export function listKitSays(pieces: readonly PieceSay[]): (UnitSay | null)[] {
  const speaking = pieces.map((piece) => Object.keys(piece.shares).length > 0);
  const ids = [...new Set(pieces.flatMap(({ shares }) => Object.keys(shares)))];
  const sumsOf = (list: readonly PieceSay[]): number[] =>
    sumLogs(
      ids,
      list.map(({ shares }) => shares),
    );
  const groups = [
    { isAnswered: true, pieces: pieces.filter(({ isAnswered }) => isAnswered) },
    { isAnswered: false, pieces: pieces.filter((piece, i) => speaking[i] && !piece.isAnswered) },
  ].map((group) => ({ ...group, sums: sumsOf(group.pieces) }));
  return pieces.map((piece, i): UnitSay | null => {
    for (const { isAnswered, pieces: list, sums } of groups) {
      const isOfThese = speaking[i] && piece.isAnswered === isAnswered;
      const others = list.length - (isOfThese ? 1 : 0);
      if (others < (isAnswered ? 1 : LEAST_PIECES)) continue;
      const own = isOfThese ? sumsOf([piece]) : null;
      const weight = isAnswered ? 1 : Math.min(1, MOST_WEIGHED / others);
      const shares = normalizeLogs(sums.map((sum, k) => (sum - (own?.[k] ?? 0)) * weight));
      return { shares: Object.fromEntries(ids.map((id, k) => [id, shares[k]])), pieces: others, isAnswered };
    }
    return null;
  });
}
