import { HOUSE_RULES } from '@haveld/contract/house-rules';
import type { TextureRole } from '@haveld/contract/texture-role';
import { assignFiles } from './assign-files';
import type { MapMatch, OfferedMap, RememberedMap, WantedMap } from './map-match';
import { listPairs, type Pair } from './pair-maps';
import { raisePatterns, raiseRemembered } from './raise-pairs';

export interface MapDecision {
  wanted: WantedMap;
  /** The likeliest first. */
  matches: MapMatch[];
  /** The first can be taken without asking. */
  sure: boolean;
  /** Why it is not. */
  doubt: string | null;
}

/** A second that comes this near to the first makes it a question. */
const MARGIN = 0.12;
const SHOWN = 6;

/**
 * Finds the maps of a whole model at once: no picture stands for two names, a set renamed by one pattern is seen as one, and
 * what has two answers is asked.
 * @param habit words its source is known to use
 * @param remembered what was decided for the same author before
 * @param sureFrom of the house; what is less certain is asked
 */
export function matchReferences(
  wanted: readonly WantedMap[],
  offered: readonly OfferedMap[],
  habit: Readonly<Record<string, TextureRole>> = {},
  remembered: readonly RememberedMap[] = [],
  sureFrom = HOUSE_RULES.sureFrom,
): MapDecision[] {
  const pairs = listPairs(wanted, offered, habit);
  raisePatterns(pairs, wanted, offered, habit);
  raiseRemembered(pairs, wanted, offered, remembered);
  const taken = assignFiles(pairs, wanted);
  return wanted.map((one, i) => decide(one, taken.get(i) ?? null, pairs, i, sureFrom));
}

function decide(
  wanted: WantedMap,
  taken: Pair | null,
  pairs: readonly Pair[][],
  index: number,
  sureFrom: number,
): MapDecision {
  const row = pairs[index];
  const matches = taken ? [taken, ...row.filter((pair) => pair !== taken)] : [...row];
  const shown = matches.slice(0, SHOWN).map(({ offered, confidence, relation, evidence, independent }) => ({
    offered,
    confidence,
    relation,
    evidence,
    independent,
  }));
  const doubt = taken ? findDoubt(taken, pairs, index, sureFrom) : 'nothing here goes by that name';
  return { wanted, matches: shown, sure: doubt === null, doubt };
}

/** Why the first match has to be asked about; null where it need not. */
function findDoubt(taken: Pair, pairs: readonly Pair[][], index: number, sureFrom: number): string | null {
  const row = pairs[index];
  if (!taken.offered.sameAuthor)
    return `it is ${taken.offered.author ? `by ${taken.offered.author}` : 'another author’s'}: its rights come with it`;
  const rivals = row.filter((pair) => pair !== taken && pair.confidence > taken.confidence - MARGIN);
  const isNamed = taken.relation === 'same name' || taken.relation === 'same stem';
  const twins = row.filter((pair) => pair !== taken && pair.relation === taken.relation && isNamed);
  if (twins.length > 0) return `${twins.length + 1} pictures have this name, and are not the same`;
  if (rivals.some((rival) => !isClaimed(rival, pairs, index))) return 'another fits almost as well';
  const better = row.find((pair) => pair.confidence > taken.confidence);
  if (better) return 'the one that fits best is wanted under another name too';
  if (taken.confidence < sureFrom) return 'too little speaks for it';
  if (taken.independent < 2) return 'only its name speaks for it';
  return null;
}

/** A rival that another name wants more is none. */
const isClaimed = (rival: Pair, pairs: readonly Pair[][], index: number): boolean =>
  pairs.some(
    (row, i) => i !== index && row[0]?.offeredIndex === rival.offeredIndex && row[0].confidence > rival.confidence,
  );
