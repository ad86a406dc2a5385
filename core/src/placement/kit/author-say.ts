import type { AuthorSay } from '../size/judge-size';
import { normalizeLogs } from './judge-kit-unit';
import type { PieceSay } from './kit-say';

/**
 * How much other models weigh at most, counted in models that know nothing of one another: one hand keeps to one unit more often than
 * not, and changes its program now and then. What a person answered weighs most. Ours.
 */
const WEIGHED = { answered: { each: 1.5, most: 3 }, judged: { each: 0.6, most: 1.3 } };

/** What one model can say against a unit at most. */
const LEAST = 0.05;

/**
 * @param models what each other model by the author says, any number
 * @returns null where none says anything
 */
export function sayByAuthor(author: string, models: readonly PieceSay[]): AuthorSay | null {
  const speaking = models.filter(({ shares }) => Object.keys(shares).length > 0);
  if (author === '' || speaking.length === 0) return null;
  const ids = [...new Set(speaking.flatMap(({ shares }) => Object.keys(shares)))];
  const answered = speaking.filter(({ isAnswered }) => isAnswered).length;
  const weightOf = ({ isAnswered }: PieceSay): number => {
    const { each, most } = WEIGHED[isAnswered ? 'answered' : 'judged'];
    return Math.min(each, most / (isAnswered ? answered : speaking.length - answered));
  };
  const shares = normalizeLogs(
    ids.map((id) =>
      speaking.reduce((sum, one) => sum + weightOf(one) * Math.log(Math.max(LEAST, one.shares[id] ?? 0)), 0),
    ),
  );
  return {
    author,
    shares: Object.fromEntries(ids.map((id, i) => [id, shares[i]])),
    pieces: speaking.length,
    isAnswered: answered > 0,
  };
}
