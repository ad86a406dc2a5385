import { CATEGORY_TREE } from '@haveld/contract/category';
import { CategoryTree } from './category-tree';
import { proposeCategory } from './propose-category';

const tree = new CategoryTree(CATEGORY_TREE);
const propose = (name: string, said: readonly string[] = []) => proposeCategory(tree, { name, said });

// Which word is of which kind is WordNet 3.1's; which kind stands in which category is ours.
test.each([
  ['Dining chair oak', 'seating', 'chair'],
  ['Bedside table walnut', 'table', 'table'],
  ['Patio door', 'building-part', 'door'],
  ['Toy car', 'leisure', 'toy car'],
  ['Bookshelf', 'storage', 'bookshelf'],
  ['Rowing boats', 'watercraft', 'rowing boat'],
  ['dinghy_v2_final', 'watercraft', 'dinghy'],
  ['Desk lamp', 'lighting', 'lamp'],
  ['Oak tree', 'tree', 'tree'],
  ['Watermelon', 'food', 'watermelon'],
  ['Claw hammer', 'tool', 'claw hammer'],
  ['Herring gull', 'creature', 'herring gull'],
  ['Shelf with books', 'storage', 'shelf'],
  ['Gartenstuhl', 'seating', 'stuhl'],
])('“%s” is catalogued by its head', (name, id, word) => {
  expect(propose(name)).toEqual({ id, word });
});

test.each([
  // people too (WordNet), and an insect: what is known to have the size of a thing is none
  ['Printer', 'device'],
  ['Mug', 'container'],
  ['Soldier', 'person'],
  ['Carved gull', 'creature'],
  ['Life ring', 'prop'],
  ['Rope coil', 'prop'],
  ['Signal mast', 'building'],
  // a part of a body first, and a metal
  ['Nail', 'tool'],
  ['Anchor', 'prop'],
  ['Hund', 'creature'],
  ['Lampe', 'lighting'],
])('of the meanings of “%s” that of a thing is meant', (name, id) => {
  expect(propose(name).id).toBe(id);
});

test('what is made for a thing, or a part of it, is not that thing', () => {
  expect(propose('Chair leg').word).toBeNull();
  expect(propose('xq_17')).toEqual({ id: 'prop', word: null });
});

test('where the name says nothing, what its page says does, the most telling first', () => {
  expect(propose('xq_17', ['wood', 'kitchen', 'rowing boat', 'chair'])).toEqual({
    id: 'watercraft',
    word: 'rowing boat',
  });
});

test('a house names things no dictionary has, and says which meaning of a word it means', () => {
  const own = new CategoryTree([
    ...CATEGORY_TREE,
    { id: 'quoin', name: 'stage boxes', under: 'prop', words: ['flightcase', 'apple box'] },
    { id: 'works', name: 'factories', under: 'building', words: ['plant1'] },
  ]);
  expect(proposeCategory(own, { name: 'Flightcase 3', said: [] })).toEqual({ id: 'quoin', word: 'flightcase' });
  expect(proposeCategory(own, { name: 'Large apple boxes', said: [] })).toEqual({ id: 'quoin', word: 'apple box' });
  expect(proposeCategory(own, { name: 'Refinery', said: [] }).id).toBe('works');
  expect(proposeCategory(own, { name: 'Fern', said: [] }).id).toBe('foliage');
});
