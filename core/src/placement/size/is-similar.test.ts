import { isSimilar } from './is-similar';

test.each([
  ['Sea chest', 'old_sea_chest_v2', true],
  ['Armchair', 'Desk', false],
  ['wooden crate', 'Fish crates', true],
  ['signal lamp', 'streetlight', false],
  ['', '', false],
  ['a1', 'a1', false],
])('%s and %s: %s', (name, other, alike) => {
  expect(isSimilar(name, other)).toBe(alike);
});
