import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { CATEGORY_TREE } from '@haveld/contract/category';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { proposeCategory } from '@haveld/core/library/categories/propose-category';
import { cleanName } from '@haveld/core/library/naming/clean-name';
import { readFurnitureTable } from '@haveld/engine/testing/open-furniture';
import { HELD_OUT } from './parts/furniture';
import { fetchMaterialSet } from './parts/fetch-material-set';

// Which category a name says: the short names of Unicode's emoji, of which the standard's data files say in which group they stand (Unicode
// Technical Standard 51, CLDR). Groups of mixed things are left out. Half of the names, by a sum over their letters, were held out before the
// rule was written.
const details = process.argv.includes('details');

/** What each group of the standard may be called in the tree that ships. */
const GROUPS: Record<string, readonly string[]> = {
  'animal-mammal': ['creature'],
  'animal-bird': ['creature'],
  'animal-amphibian': ['creature'],
  'animal-reptile': ['creature'],
  'animal-marine': ['creature'],
  'animal-bug': ['creature'],
  'plant-flower': ['foliage'],
  'plant-other': ['foliage'],
  'food-fruit': ['food'],
  'food-vegetable': ['food'],
  'food-prepared': ['food'],
  'food-asian': ['food'],
  'food-sweet': ['food'],
  drink: ['food', 'kitchenware'],
  dishware: ['kitchenware'],
  'transport-ground': ['vehicle'],
  'transport-water': ['vehicle'],
  'transport-air': ['vehicle'],
  'place-building': ['building'],
  'place-religious': ['building'],
  'place-geographic': ['terrain'],
  clothing: ['clothes'],
  'musical-instrument': ['instrument'],
  computer: ['device'],
  phone: ['device'],
  'book-paper': ['paper'],
  tool: ['tool', 'weapon'],
  sport: ['leisure'],
  game: ['leisure'],
  person: ['person'],
  'person-role': ['person'],
};

const folder = await fetchMaterialSet(
  { name: 'emoji-names', from: { registry: 'npm', package: 'emojibase-data@17.0.0' } },
  process.cwd(),
);
const read = (path: string): unknown => JSON.parse(readFileSync(join(folder, 'package', path), 'utf8'));
const groups = (read('meta/groups.json') as { subgroups: Record<string, string> }).subgroups;
const named = read('en/data.json') as { label: string; subgroup?: number }[];
const tree = new CategoryTree(CATEGORY_TREE);

interface Tally {
  right: number;
  open: number;
  wrong: number;
}
const tallies = new Map<string, Tally>();
for (const { label, subgroup } of named) {
  const wanted = GROUPS[groups[String(subgroup)] ?? ''];
  if (!wanted) continue;
  const isHeldOut = [...label].reduce((sum, letter) => sum + letter.codePointAt(0)!, 0) % 2 === 1;
  const proposed = proposeCategory(tree, { name: label, said: [] });
  const isRight = wanted.some((id) => tree.isWithin(proposed.id, id));
  // a prop is what is proposed where the name says nothing
  const verdict = isRight ? 'right' : proposed.word !== null ? 'wrong' : 'open';
  for (const key of [isHeldOut ? 'held out' : 'looked at', ...(isHeldOut ? [] : [groups[String(subgroup)]])]) {
    const tally = tallies.get(key) ?? { right: 0, open: 0, wrong: 0 };
    tally[verdict]++;
    tallies.set(key, tally);
  }
  if (details && !isHeldOut && !isRight) console.log(`  ${label} (${groups[String(subgroup)]}): ${proposed.id}`);
}
for (const [key, { right, open, wrong }] of tallies) {
  const all = right + open + wrong;
  const share = (count: number): string => `${((100 * count) / all).toFixed(1)} %`;
  console.log(
    `${key.padEnd(20)} n ${String(all).padStart(4)}: right ${share(right)}, left open ${share(open)}, wrong ${share(wrong)}`,
  );
}

// A name is cleaned of what says how a download was made; a title that is one already has to stay: of the open furniture, by authors.
for (const isHeldOut of [false, true]) {
  const titles = readFurnitureTable()
    .filter(({ author }) => HELD_OUT.includes(author) === isHeldOut)
    .map(({ name }) => name);
  const changed = titles.filter((title) => cleanName(title) !== title);
  console.log(
    `titles of the open furniture, ${isHeldOut ? 'held-out' : 'other'} authors: ${titles.length - changed.length} of ${titles.length} stay as they are`,
  );
  if (details && !isHeldOut) console.log(changed.map((title) => `  “${title}”: “${cleanName(title)}”`).join('\n'));
}
