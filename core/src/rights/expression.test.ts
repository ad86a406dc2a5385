import fc from 'fast-check';
import { isExpression, joinExpressions, listLicenceIds, parseExpression } from './expression';

// SPDX specification 2.3, annex D
test.each<[string, string[][]]>([
  ['MIT', [['MIT']]],
  ['MIT OR CC0-1.0', [['MIT'], ['CC0-1.0']]],
  ['MIT AND CC0-1.0', [['MIT', 'CC0-1.0']]],
  ['MIT OR (CC-BY-4.0 AND CC0-1.0)', [['MIT'], ['CC-BY-4.0', 'CC0-1.0']]],
  [
    '(MIT OR ISC) AND CC0-1.0',
    [
      ['MIT', 'CC0-1.0'],
      ['ISC', 'CC0-1.0'],
    ],
  ],
  // AND binds closer than OR
  ['MIT OR ISC AND CC0-1.0', [['MIT'], ['ISC', 'CC0-1.0']]],
  ['GPL-2.0-only WITH Classpath-exception-2.0', [['GPL-2.0-only WITH Classpath-exception-2.0']]],
  ['LicenseRef-harbour', [['LicenseRef-harbour']]],
  ['MIT AND MIT', [['MIT']]],
])('%s', (text, choices) => {
  expect(parseExpression(text)).toEqual(choices);
});

test.each([
  ['GPL-3.0', 'GPL-3.0-only'],
  ['GPL-3.0+', 'GPL-3.0-or-later'],
  ['LGPL-2.1+', 'LGPL-2.1-or-later'],
  ['AGPL-3.0', 'AGPL-3.0-only'],
])('%s, which SPDX has retired, is %s', (written, current) => {
  expect(listLicenceIds(written)).toEqual([current]);
});

test.each(['', 'free', 'MIT OR', 'MIT CC0-1.0', '(MIT', 'CC BY 4.0', 'AND', 'MIT WITH nothing-at-all'])(
  '“%s” is none',
  (text) => {
    expect(isExpression(text)).toBe(false);
    expect(() => parseExpression(text)).toThrow();
  },
);

test('several grants at once are one expression that holds all of them', () => {
  expect(joinExpressions(['MIT'])).toBe('MIT');
  expect(joinExpressions(['MIT', 'MIT'])).toBe('MIT');
  expect(joinExpressions(['MIT OR ISC', 'CC0-1.0'])).toBe('(MIT OR ISC) AND CC0-1.0');
});

const IDS = ['MIT', 'ISC', 'CC0-1.0', 'CC-BY-4.0', 'LicenseRef-a'];
const expression = fc.letrec<{ any: string }>((tie) => ({
  any: fc.oneof(
    { depthSize: 'small' },
    fc.constantFrom(...IDS),
    fc.tuple(tie('any'), fc.constantFrom('AND', 'OR'), tie('any')).map(([a, word, b]) => `(${a} ${word} ${b})`),
  ),
})).any;

test('of any expression each choice is a set of its licences, and joining keeps every one', () => {
  fc.assert(
    fc.property(expression, expression, (a, b) => {
      const ids = new Set(listLicenceIds(a));
      for (const choice of parseExpression(a)) {
        expect(choice.length).toBeGreaterThan(0);
        expect(new Set(choice).size).toBe(choice.length);
        expect(choice.every((id) => ids.has(id))).toBe(true);
      }
      expect(new Set(listLicenceIds(joinExpressions([a, b])))).toEqual(
        new Set([...listLicenceIds(a), ...listLicenceIds(b)]),
      );
    }),
  );
});
