import { HOUSE_RULES } from '@haveld/contract/house-rules';
import { createBoxDocument } from '../testing/documents';
import { assess } from './assess';
import { examine } from './examination';

const look = (rules: Partial<typeof HOUSE_RULES>) =>
  assess(
    examine({
      document: createBoxDocument([-0.5, 3, -0.5], [0.5, 4, 0.5]),
      name: 'crate',
      log: [],
      pictures: [],
      belonging: new Set(),
      stated: [],
      rules: { ...HOUSE_RULES, ...rules },
    }),
  );

test('a house that is never sure is asked about everything that would have been taken', () => {
  expect(look({}).some(({ sure }) => sure)).toBe(true);
  // baking and the root's name are no judgements: there is nothing to be unsure of
  const judged = look({ sureFrom: 1 }).filter(({ kind }) => kind !== 'bake-transforms' && kind !== 'root');
  expect(judged.filter(({ sure }) => sure).map(({ kind }) => kind)).toEqual([]);
});

test('triangles above the largest budget of the house are told', () => {
  const triangles = Object.fromEntries(
    Object.keys(HOUSE_RULES.triangles).map((category) => [category, 10]),
  ) as typeof HOUSE_RULES.triangles;
  expect(look({ triangles }).find(({ kind }) => kind === 'triangles')).toMatchObject({
    mark: 'look',
    detail: "The house's largest budget is 10.",
  });
});
