import { toNamePattern } from './name-pattern';

test.each([
  ['screw*', 'Screw_04', true],
  ['screw*', 'wood_screw', false],
  ['*screw', 'wood_screw', true],
  ['leg_?', 'leg_4', true],
  ['leg_?', 'leg_14', false],
  ['crew', 'wood_screw', true],
  ['a.b*', 'axb', false],
  ['(old)*', '(old) chair', true],
])('“%s” for “%s”: %s', (words, name, fits) => {
  expect(toNamePattern(words)(name)).toBe(fits);
});
