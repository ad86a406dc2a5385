import { categoryBySize } from './category-by-size';
import { likelyCategory } from './likely-category';

test.each([
  ['Oak chair', 0.9, 'furniture'],
  ['bookcase_tall', 2.1, 'furniture'],
  ['Pine tree', 9, 'foliage'],
  ['Harbour seal dog', 0.8, 'creature'],
  ['fisherman, man', 1.8, 'creature'],
  ['Pencil', 0.15, 'prop'],
  ['Rowing boat', 3.6, 'vehicle'],
  ['tractor_old', 4, 'vehicle'],
  ['Lighthouse', 26, 'building'],
  ['front_door', 2.05, 'building'],
  ['traffic_cone', 0.5, 'prop'],
  ['sm_part_07', 12, 'prop'],
] as const)('“%s” of %d m is catalogued as %s', (name, longest, category) => {
  expect(likelyCategory(name, longest)).toBe(category);
});

test('without a size the size that its name says counts, without either it is a prop', () => {
  expect(likelyCategory('Brick', null)).toBe('prop');
  expect(likelyCategory('Windmill', null)).toBe('building');
  expect(likelyCategory('xq_17', null)).toBe('prop');
});

test('size tells a building from a thing of one, and says nothing of other things', () => {
  expect(categoryBySize('building', 1.2)).toBe('prop');
  expect(categoryBySize('building', 1.6)).toBe('building');
  expect(categoryBySize('building', null)).toBe('building');
  expect(categoryBySize('vehicle', 0.1)).toBe('vehicle');
});
