import { likelyCategory } from './likely-category';

test.each([
  ['Oak chair', 0.9, 'furniture'],
  ['bookcase_tall', 2.1, 'furniture'],
  ['Pine tree', 9, 'foliage'],
  ['Harbour seal dog', 0.8, 'creature'],
  ['fisherman, man', 1.8, 'creature'],
  ['Pencil', 0.15, 'small prop'],
  ['Crane barge', 28, 'large'],
  ['sm_part_07', 0.1, 'small prop'],
  ['sm_part_07', 1.2, 'prop'],
  ['sm_part_07', 12, 'large'],
] as const)('“%s” of %d m is catalogued as %s', (name, longest, category) => {
  expect(likelyCategory(name, longest)).toBe(category);
});

test('without a size the size that its name says counts, without either it is a prop', () => {
  expect(likelyCategory('Coin', null)).toBe('small prop');
  expect(likelyCategory('xq_17', null)).toBe('prop');
});
