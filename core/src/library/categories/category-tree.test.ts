import { CATEGORY_TREE, TRIANGLE_BUDGETS } from '@haveld/contract/category';
import { CategoryTree } from './category-tree';

const tree = new CategoryTree(CATEGORY_TREE);

test('a category is within itself and within every wider one, and nowhere else', () => {
  expect(tree.listAbove('seating')).toEqual(['seating', 'furniture']);
  expect(tree.isWithin('seating', 'furniture')).toBe(true);
  expect(tree.isWithin('seating', 'seating')).toBe(true);
  expect(tree.isWithin('furniture', 'seating')).toBe(false);
  expect(tree.listWithin('foliage')).toEqual(['foliage', 'tree', 'flower']);
});

test('it is written from the top down, and listed so that narrower ones follow', () => {
  expect(tree.pathOf('watercraft')).toBe('vehicles, boats and ships');
  const listed = tree.listAll();
  expect(listed).toHaveLength(CATEGORY_TREE.length);
  const at = listed.findIndex(({ node }) => node.id === 'vehicle');
  expect(listed.slice(at, at + 2).map(({ node, depth }) => [node.id, depth])).toEqual([
    ['vehicle', 0],
    ['road-vehicle', 1],
  ]);
});

test('a budget is that of the nearest wider category that has one', () => {
  expect(tree.budgetOf('watercraft', TRIANGLE_BUDGETS)).toBe(100_000);
  expect(tree.budgetOf('watercraft', { ...TRIANGLE_BUDGETS, watercraft: 7_000 })).toBe(7_000);
  expect(tree.budgetOf('food', TRIANGLE_BUDGETS)).toBe(TRIANGLE_BUDGETS.prop);
  expect(tree.budgetOf('food', { prop: 700 })).toBe(700);
  // a house whose rules are older than the category has what ships
  expect(tree.budgetOf('person', { prop: 700 })).toBe(100_000);
});

test('an id that is in the tree no more stands as it is', () => {
  expect(tree.has('gone')).toBe(false);
  expect([tree.nameOf('gone'), tree.pathOf('gone')]).toEqual(['gone', 'gone']);
  expect(tree.listWithin('gone')).toEqual(['gone']);
});
