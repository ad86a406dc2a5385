import { findDeclaredUnit, listNamedSizes } from './stated-size';

test.each([
  ['units: centimetres', 'cm'],
  ['1 unit = 1 mm', 'mm'],
  ['Units are inches', 'in'],
  ['unitless', null],
  ['United', null],
])('“%s” declares %s', (comment, unit) => {
  expect(findDeclaredUnit([comment])).toBe(unit);
});

test.each([
  ['crate_80cm', [{ along: 'any', metres: 0.8 }]],
  ['shelf 60x40x78cm', [{ along: 'sides', metres: 0.78, sides: [0.6, 0.4, 0.78] }]],
  ['beam 2.4 m', [{ along: 'any', metres: 2.4 }]],
  ['lamp_4K_v2', []],
  ['mast 12', []],
  [
    'Coil L18.0mm W9.0mm P5.00mm',
    [
      { along: 'any', metres: expect.closeTo(0.018, 9) },
      { along: 'any', metres: expect.closeTo(0.009, 9) },
    ],
  ],
])('the name %s states %j', (name, stated) => {
  expect(listNamedSizes(name)).toMatchObject(stated);
});
