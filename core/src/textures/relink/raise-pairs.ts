import type { TextureRole } from '@haveld/contract/texture-role';
import { listAddedWords } from './compare-names';
import type { OfferedMap, RememberedMap, WantedMap } from './map-match';
import { readNameParts } from './name-parts';
import { describePair, type Pair } from './pair-maps';

/**
 * A set renamed by one pattern: where the same words, that do not make another thing of it, were put to the names of several
 * maps, and no other pattern fits as many, each of them is as good as named.
 */
export function raisePatterns(
  pairs: readonly Pair[][],
  wanted: readonly WantedMap[],
  offered: readonly OfferedMap[],
  habit: Readonly<Record<string, TextureRole>>,
): void {
  const patterns = new Map<string, Set<number>>();
  const loose = pairs.flat().flatMap((pair) => {
    const added =
      pair.relation === 'more words'
        ? listAddedWords(
            readNameParts(wanted[pair.wantedIndex].references[0], habit),
            readNameParts(offered[pair.offeredIndex].path, habit),
          )
        : null;
    return added === null ? [] : [{ pair, added }];
  });
  for (const { pair, added } of loose) patterns.set(added, (patterns.get(added) ?? new Set()).add(pair.wantedIndex));
  for (const { pair, added } of loose) {
    const count = patterns.get(added)!.size;
    const rivals = [...patterns].filter(([other, members]) => other !== added && members.has(pair.wantedIndex));
    if (count < 2 || rivals.some(([, members]) => members.size >= count)) continue;
    pair.confidence = Math.min(0.95, pair.confidence + 0.22);
    pair.independent++;
    pair.evidence.unshift({ text: `${count} names of this model were changed in the same way` });
  }
  for (const row of pairs) row.sort((a, b) => b.confidence - a.confidence);
}

/** What a person took for the same name of the same author before is as good as named, and likelier than all else. */
export function raiseRemembered(
  pairs: Pair[][],
  wanted: readonly WantedMap[],
  offered: readonly OfferedMap[],
  remembered: readonly RememberedMap[],
): void {
  if (remembered.length === 0) return;
  const stems = offered.map(({ path }) => readNameParts(path).stem);
  wanted.forEach((one, i) => {
    const names = one.references.map((reference) => readNameParts(reference).name);
    const memory = remembered.find((known) => known.slot === one.slot && names.includes(known.wanted));
    if (!memory) return;
    const same = offered.findIndex(({ sha256 }) => sha256 === memory.takenSha256);
    const at = same >= 0 ? same : stems.indexOf(memory.takenStem);
    if (at < 0 || stems.lastIndexOf(memory.takenStem) !== stems.indexOf(memory.takenStem)) return;
    const known = pairs[i].find(({ offeredIndex }) => offeredIndex === at);
    const pair = known ?? describePair(one, offered[at], 'none', i, at);
    pair.confidence = 0.97;
    pair.independent = Math.max(2, pair.independent + 1);
    pair.evidence.unshift({ text: `decided before: ${memory.summary}` });
    pairs[i] = [
      pair,
      ...pairs[i]
        .filter((other) => other !== pair)
        .map((other) => ({ ...other, confidence: Math.min(other.confidence, 0.8) })),
    ];
  });
}
