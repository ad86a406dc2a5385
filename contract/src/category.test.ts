import { CATEGORY_TREE, CategorySchema, findTreeFault, TRIANGLE_BUDGETS, type CategoryNode } from './category';

const node = (id: string, under: string | null = null, name = id): CategoryNode => ({ id, name, under, words: [] });

test('the tree that ships has no fault, and every budget is of one of its categories', () => {
  expect(findTreeFault(CATEGORY_TREE)).toBeNull();
  const ids = CATEGORY_TREE.map(({ id }) => id);
  expect(Object.keys(TRIANGLE_BUDGETS).filter((id) => !ids.includes(id))).toEqual([]);
  for (const id of ids) expect(CategorySchema.safeParse(id).success).toBe(true);
});

test.each([
  ['two of one id', [node('prop'), node('prop')], 'Two categories have the same id.'],
  ['nothing for other things', [node('boat')], 'The category for what nothing more is known of cannot be removed.'],
  ['a wider one that is gone', [node('prop'), node('boat', 'ship')], '“boat” belongs to a category that is not there.'],
  ['a ring', [node('prop'), node('boat', 'ship'), node('ship', 'boat')], '“boat” would belong to itself.'],
  [
    'two of one name side by side',
    [node('prop'), node('a', 'prop', 'Boats'), node('b', 'prop', 'boats')],
    'Two categories beside one another have the same name.',
  ],
])('a tree with %s is told so', (_, nodes, fault) => {
  expect(findTreeFault(nodes)).toBe(fault);
});

test('two of one name in different places are no fault', () => {
  expect(
    findTreeFault([node('prop'), node('boat'), node('a', 'prop', 'parts'), node('b', 'boat', 'parts')]),
  ).toBeNull();
});
