import { linearSumAssignment } from 'linear-sum-assignment';
import type { Evidence } from '@haveld/contract/finding';
import type { TextureSlot } from '@haveld/contract/step';
import type { TextureRole } from '@haveld/contract/texture-role';
import type { RoleJudgement } from '../judging/judge-map-role';
import { ROLES } from '../roles';
import { SLOTS } from '../slots';
import {
  compareNames,
  isLetterApart,
  isNamedAsMaterial,
  listAddedWords,
  RELATION_TRUST,
  type NameRelation,
} from './compare-names';
import { readNameParts, type NameParts } from './name-parts';

/** Where a picture lies, in the order it is looked for. */
export const PLACES = ['beside', 'arrival', 'sibling', 'other-arrival', 'library'] as const;
export type Place = (typeof PLACES)[number];

/** A reference that is not where its file says. */
export interface WantedMap {
  material: string;
  slot: TextureSlot;
  /** As the file writes it, and by what other names. */
  references: string[];
}

/** A picture that may be meant. */
export interface OfferedMap {
  path: string;
  sha256: string;
  place: Place;
  /** What it lies in, where that is not this arrival: `arrival “quay lamps”`. */
  placeWords?: string;
  /** False where another author's rights come with it. */
  sameAuthor: boolean;
  author?: string;
  /** What it is, by its name and its picture. */
  judged: RoleJudgement | null;
}

/** Which picture a person took for a name before. */
export interface RememberedMap {
  /** File name, folded. */
  wanted: string;
  slot: TextureSlot;
  takenStem: string;
  takenSha256: string;
  /** Who, and for what. */
  words: string;
}

export interface MapMatch {
  offered: OfferedMap;
  /** 0 to 1. */
  confidence: number;
  relation: NameRelation;
  evidence: Evidence[];
  /** How many of its evidences stand by themselves. */
  independent: number;
}

export interface MapDecision {
  wanted: WantedMap;
  /** The likeliest first. */
  matches: MapMatch[];
  /** The first can be taken without asking. */
  sure: boolean;
  /** Why it is not. */
  doubt: string | null;
}

const SURE_FROM = 0.9;
/** A second that comes this near to the first makes it a question. */
const MARGIN = 0.12;
const SHOWN = 6;
/** How much a picture that looks like another role takes from a name that fits, and a place far away. Ours. */
const LOOKS_WRONG = 0.45;
const PLACE_COST: Record<Place, number> = {
  beside: 0,
  arrival: 0.005,
  sibling: 0.01,
  'other-arrival': 0.02,
  library: 0.02,
};

interface Pair extends MapMatch {
  wantedIndex: number;
  offeredIndex: number;
}

/**
 * Finds the maps of a whole model at once: no picture stands for two names, a set renamed by one pattern is seen as one, and
 * what has two answers is asked.
 * @param habit words its source is known to use
 * @param remembered what was decided for the same author before
 */
export function matchReferences(
  wanted: readonly WantedMap[],
  offered: readonly OfferedMap[],
  habit: Readonly<Record<string, TextureRole>> = {},
  remembered: readonly RememberedMap[] = [],
): MapDecision[] {
  const pairs = listPairs(wanted, offered, habit);
  raisePatterns(pairs, wanted, offered, habit);
  raiseRemembered(pairs, wanted, offered, remembered);
  const taken = assign(pairs, wanted);
  return wanted.map((one, i) => decide(one, pairs[i], taken.get(i) ?? null, pairs, i));
}

/** What goes together by name, or by role alone where nothing does. */
function listPairs(
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

function describePair(
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
    evidence.push({ text: `is ${ROLES[offered.judged!.role].words}, as the material wants it` });
    independent++;
  } else if (fit !== null && fit < 0.15)
    evidence.push({ text: `looks like ${ROLES[offered.judged!.role].words}, not ${SLOTS[wanted.slot].words}` });
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

/**
 * A set renamed by one pattern: where the same words, that do not make another thing of it, were put to the names of several
 * maps, and no other pattern fits as many, each of them is as good as named.
 */
function raisePatterns(
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
function raiseRemembered(
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
    pair.evidence.unshift({ text: `decided before: ${memory.words}` });
    pairs[i] = [
      pair,
      ...pairs[i]
        .filter((other) => other !== pair)
        .map((other) => ({ ...other, confidence: Math.min(other.confidence, 0.8) })),
    ];
  });
}

/** The best for all together: each picture for one name, though many materials may use that name. */
function assign(pairs: readonly Pair[][], wanted: readonly WantedMap[]): Map<number, Pair> {
  const nameOf = (i: number): string => `${wanted[i].references[0]}|${wanted[i].slot}`;
  const names = [...new Set(wanted.map((_, i) => nameOf(i)))];
  const taken = new Map<number, Pair>();
  for (const group of listComponents(pairs, names, nameOf)) {
    // a picture under two names is two files: each name takes its own
    const files = [...new Set(group.flatMap((i) => pairs[i].map(({ offeredIndex }) => offeredIndex)))];
    const rows = [...new Set(group.map(nameOf))];
    if (files.length === 0) continue;
    const matrix = rows.map(() => new Array<number>(files.length).fill(0));
    for (const i of group)
      for (const pair of pairs[i]) matrix[rows.indexOf(nameOf(i))][files.indexOf(pair.offeredIndex)] = pair.confidence;
    const { rowAssignments } = linearSumAssignment(matrix, { maximaze: true });
    for (const i of group) {
      const file = files[rowAssignments[rows.indexOf(nameOf(i))]];
      const pair = pairs[i].find(({ offeredIndex }) => offeredIndex === file);
      if (pair) taken.set(i, pair);
    }
  }
  return taken;
}

/** Names that want the same pictures, together. */
function listComponents(pairs: readonly Pair[][], names: readonly string[], nameOf: (i: number) => string): number[][] {
  const parent = new Map<string, string>();
  const find = (key: string): string => {
    let root = key;
    while (parent.get(root) !== undefined && parent.get(root) !== root) root = parent.get(root)!;
    parent.set(key, root);
    return root;
  };
  for (const name of names) parent.set(`n${name}`, `n${name}`);
  pairs.forEach((row, i) => {
    for (const { offeredIndex } of row) {
      const file = `f${offeredIndex}`;
      if (!parent.has(file)) parent.set(file, file);
      parent.set(find(`n${nameOf(i)}`), find(file));
    }
  });
  const groups = new Map<string, number[]>();
  pairs.forEach((_, i) => {
    const root = find(`n${nameOf(i)}`);
    groups.set(root, [...(groups.get(root) ?? []), i]);
  });
  return [...groups.values()];
}

function decide(
  wanted: WantedMap,
  row: readonly Pair[],
  taken: Pair | null,
  pairs: readonly Pair[][],
  index: number,
): MapDecision {
  const matches = taken ? [taken, ...row.filter((pair) => pair !== taken)] : [...row];
  const shown = matches.slice(0, SHOWN).map(({ offered, confidence, relation, evidence, independent }) => ({
    offered,
    confidence,
    relation,
    evidence,
    independent,
  }));
  const doubt = taken ? findDoubt(row, taken, pairs, index) : 'nothing here goes by that name';
  return { wanted, matches: shown, sure: doubt === null, doubt };
}

/** Why the first match has to be asked about; null where it need not. */
function findDoubt(row: readonly Pair[], taken: Pair, pairs: readonly Pair[][], index: number): string | null {
  if (!taken.offered.sameAuthor)
    return `it is ${taken.offered.author ? `by ${taken.offered.author}` : 'another author’s'}: its rights come with it`;
  const rivals = row.filter((pair) => pair !== taken && pair.confidence > taken.confidence - MARGIN);
  const isNamed = taken.relation === 'same name' || taken.relation === 'same stem';
  const twins = row.filter((pair) => pair !== taken && pair.relation === taken.relation && isNamed);
  if (twins.length > 0) return `${twins.length + 1} pictures have this name, and are not the same`;
  if (rivals.some((rival) => !isClaimed(rival, pairs, index))) return 'another fits almost as well';
  const better = row.find((pair) => pair.confidence > taken.confidence);
  if (better) return 'the one that fits best is wanted under another name too';
  if (taken.confidence < SURE_FROM) return 'too little speaks for it';
  if (taken.independent < 2) return 'only its name speaks for it';
  return null;
}

/** A rival that another name wants more is none. */
const isClaimed = (rival: Pair, pairs: readonly Pair[][], index: number): boolean =>
  pairs.some(
    (row, i) => i !== index && row[0]?.offeredIndex === rival.offeredIndex && row[0].confidence > rival.confidence,
  );
