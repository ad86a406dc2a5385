import type { Evidence } from '@haveld/contract/finding';
import type { TextureSlot } from '@haveld/contract/step';
import type { TextureRole } from '@haveld/contract/texture-role';
import type { RoleJudgement } from '../judging/judge-map-role';
import { ROLES } from '../roles';
import { SLOTS } from '../slots';
import { compareNames, isLetterApart, isNamedAsMaterial, RELATION_TRUST, type NameRelation } from './compare-names';
import type { MapMatch, OfferedMap, Place, WantedMap } from './map-match';
import { readNameParts, type NameParts } from './name-parts';

/** How much a picture that looks like another role takes from a name that fits, and a place far away. Ours. */
const LOOKS_WRONG = 0.45;
const PLACE_COST: Record<Place, number> = {
  beside: 0,
  arrival: 0.005,
  sibling: 0.01,
  'other-arrival': 0.02,
  library: 0.02,
};

/** A wanted and an offered map that may go together. */
export interface Pair extends MapMatch {
  wantedIndex: number;
  offeredIndex: number;
}

/** What goes together by name, or by role alone where nothing does. */
export function listPairs(
  wanted: readonly WantedMap[],
  offered: readonly OfferedMap[],
  habit: Readonly<Record<string, TextureRole>>,
): Pair[][] {
  const parts = offered.map(({ path }) => readNameParts(path, habit));
  const index = indexWords(parts);
  return wanted.map((one, wantedIndex) => {
    const role = SLOTS[one.slot].role;
    const names = one.references.map((reference) => readNameParts(reference, habit));
    const material = readNameParts(`${one.material}.x`, habit);
    const near = new Set(
      [...names, material].flatMap((name) => wordsOf(name).flatMap((word) => index.get(word) ?? [])),
    );
    const found: Pair[] = [];
    for (const offeredIndex of near) {
      const [relation] = names
        .map((name) => compareNames(name, parts[offeredIndex], role))
        .sort((a, b) => RELATION_TRUST[b] - RELATION_TRUST[a]);
      const own = isNamedAsMaterial(material, parts[offeredIndex], role) ? 'the material’s name' : 'none';
      const closer = RELATION_TRUST[own] > RELATION_TRUST[relation] ? own : relation;
      if (closer !== 'none') found.push(describePair(one, offered[offeredIndex], closer, wantedIndex, offeredIndex));
    }
    if (found.length === 0)
      parts.forEach((part, offeredIndex) => {
        if (names.some(({ core }) => isLetterApart(core, part.core)))
          found.push(describePair(one, offered[offeredIndex], 'a letter apart', wantedIndex, offeredIndex));
      });
    if (found.length === 0) found.push(...listByRole(one, offered, wantedIndex));
    const isNamed = found.some(({ relation }) => RELATION_TRUST[relation] > RELATION_TRUST['same parts']);
    const kept = found.filter(({ relation }) => !isNamed || relation !== 'the material’s name');
    return dropTwins(kept.sort((a, b) => b.confidence - a.confidence));
  });
}

/** Words by which a name is found without comparing all with all. */
const wordsOf = (name: NameParts): string[] => [
  `=${name.stem}`,
  `~${name.core}`,
  `^${name.core.slice(0, 6)}`,
  `&${name.subject.join('')}`,
  ...name.subject.filter((word) => word.length > 2),
];

function indexWords(parts: readonly NameParts[]): Map<string, number[]> {
  const index = new Map<string, number[]>();
  parts.forEach((name, i) => {
    for (const word of new Set(wordsOf(name))) {
      const known = index.get(word);
      if (known) known.push(i);
      else index.set(word, [i]);
    }
  });
  return index;
}

/** How far a picture is what its slot wants, 0 to 1; null where it was not judged. */
function fitRole(slot: TextureSlot, judged: RoleJudgement | null): number | null {
  if (!judged) return null;
  const wanted: TextureRole[] = [SLOTS[slot].role];
  if (slot === 'bump') wanted.push('normal');
  if (slot === 'normal') wanted.push('height');
  if (slot === 'metallicRoughness' || slot === 'occlusion') wanted.push('packed', 'roughness');
  if (slot === 'specular') wanted.push('glossiness');
  // one is the other turned over
  if (slot === 'roughness') wanted.push('glossiness');
  if (slot === 'glossiness') wanted.push('roughness');
  if (slot === 'opacity') wanted.push('base-colour', 'mask');
  return judged.shares.filter(({ role }) => wanted.includes(role)).reduce((sum, { share }) => sum + share, 0);
}

/** How a wanted and an offered map go together, and what says so. */
export function describePair(
  wanted: WantedMap,
  offered: OfferedMap,
  relation: NameRelation,
  wantedIndex: number,
  offeredIndex: number,
): Pair {
  const fit = fitRole(wanted.slot, offered.judged);
  const evidence: Evidence[] = [{ text: RELATION_WORDS[relation] }];
  let independent = 1;
  if (fit !== null && fit > 0.6) {
    evidence.push({ text: `is ${ROLES[offered.judged!.role].label}, as the material wants it` });
    independent++;
  } else if (fit !== null && fit < 0.15)
    evidence.push({ text: `looks like ${ROLES[offered.judged!.role].label}, not ${SLOTS[wanted.slot].label}` });
  if (relation === 'same name' || relation === 'same stem') independent++;
  evidence.push({ text: describePlace(offered) });
  const trust = RELATION_TRUST[relation] - PLACE_COST[offered.place];
  const byLook = fit === null ? 1 : fit < 0.15 ? LOOKS_WRONG : fit > 0.6 ? 1 + (1 - trust) * 0.3 : 1;
  return {
    offered,
    confidence: Math.min(0.98, trust * byLook),
    relation,
    evidence,
    independent,
    wantedIndex,
    offeredIndex,
  };
}

const RELATION_WORDS: Record<NameRelation, string> = {
  'same name': 'same file name',
  'same stem': 'same name in another picture format',
  'a copy': 'the same name with a copy mark',
  'same parts': 'the same words, written another way',
  'the material’s name': 'named as the material that wants it',
  'more words': 'the same words and more',
  'a letter apart': 'one letter apart from the name',
  'cut short': 'the same name, cut short',
  'words in common': 'has a word in common',
  none: 'nothing in its name speaks for it',
};

const describePlace = ({ path, placeWords }: OfferedMap): string => {
  const folder = path.includes('/') ? path.slice(0, path.lastIndexOf('/') + 1) : 'the top folder';
  return placeWords ? `lies in ${placeWords}` : `lies in ${folder}`;
};

/** Pictures of this arrival that are by themselves what the slot wants: never sure, but a start. */
function listByRole(wanted: WantedMap, offered: readonly OfferedMap[], wantedIndex: number): Pair[] {
  return offered.flatMap((one, offeredIndex) => {
    const fit = fitRole(wanted.slot, one.judged);
    if (fit === null || fit < 0.5 || one.place === 'other-arrival' || one.place === 'library') return [];
    const pair = describePair(wanted, one, 'none', wantedIndex, offeredIndex);
    return [{ ...pair, confidence: 0.3 * fit }];
  });
}

/** Of one content the nearest stands for all. */
function dropTwins(pairs: readonly Pair[]): Pair[] {
  const seen = new Map<string, Pair>();
  for (const pair of pairs) {
    const known = seen.get(pair.offered.sha256);
    if (!known) seen.set(pair.offered.sha256, pair);
  }
  return [...seen.values()];
}
