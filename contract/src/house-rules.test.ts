import { CATEGORY_TREE, OTHER_THINGS } from './category';
import { HOUSE_RULE_FACTS, HOUSE_RULES, HouseRulesSchema } from './house-rules';

test('every rule says what it is called and what changes when it does', () => {
  for (const [rule, { label, effect }] of Object.entries(HOUSE_RULE_FACTS)) {
    expect(Object.keys(HOUSE_RULES)).toContain(rule);
    expect(label).toMatch(/^[A-Z]/);
    expect(effect).toMatch(/^[A-Z].+\.$/);
  }
  expect(Object.keys(HOUSE_RULE_FACTS).sort()).toEqual(Object.keys(HouseRulesSchema.shape).sort());
});

test('what was kept before a rule was there reads with that rule as it ships', () => {
  expect(HouseRulesSchema.parse({ houseName: 'Halbmond Pictures', triangles: { prop: 500 } })).toEqual({
    ...HOUSE_RULES,
    houseName: 'Halbmond Pictures',
    triangles: { prop: 500 },
  });
});

test('what ships is what an empty set of rules reads as', () => {
  expect(HouseRulesSchema.parse({})).toEqual(HOUSE_RULES);
  expect(HOUSE_RULES).toMatchObject({ sureFrom: 0.9, handedOverMapSide: 2048, triangles: { prop: 20_000 } });
});

test('rules that were written before there was a tree keep their budgets and get the tree that ships', () => {
  const rules = HouseRulesSchema.parse({ triangles: { prop: 500, building: 90_000 } });
  expect(rules.triangles).toEqual({ prop: 500, building: 90_000 });
  expect(rules.categories).toEqual(CATEGORY_TREE);
});

test('a tree that cannot be is refused with what is wrong with it', () => {
  const refused = HouseRulesSchema.safeParse({ categories: CATEGORY_TREE.filter(({ id }) => id !== OTHER_THINGS) });
  expect(refused.error!.issues[0].message).toBe('The category for what nothing more is known of cannot be removed.');
});

test.each([
  ['sure below half', { sureFrom: 0.4 }],
  ['sure beyond all', { sureFrom: 1.01 }],
  ['no triangles', { triangles: { prop: 0 } }],
  ['half a texel', { handedOverMapSide: 512.5 }],
  ['a map nobody sees', { handedOverMapSide: 16 }],
  ['names of maps that are all the same', { mapName: 'map' }],
  ['a measure nobody knows', { measures: 'ells' }],
  ['a source without a licence', { sourceDefaults: [{ source: 'Quayside', licenceId: '' }] }],
])('a rule that cannot be is refused: %s', (_, rule) => {
  expect(HouseRulesSchema.safeParse(rule).success).toBe(false);
});
