import { formatImperial, formatLength, formatSize, formatUnits, parseLength, sayIn, sayInUnits } from './units';

test.each([
  ['78 cm', 0.78],
  ['1,70 m', 1.7],
  ['2\' 6"', 0.762],
  ['30 in', 0.762],
  ['780mm', 0.78],
  ['1 ft', 0.3048],
  ['0 m', null],
  ['tall', null],
  ['5', null],
  ['3 m and a bit', null],
])('“%s” is %s m', (text, metres) => {
  const read = parseLength(text);
  if (metres === null) expect(read).toBeNull();
  else expect(read).toBeCloseTo(metres, 12);
});

test.each([
  [0.78, '0.78 m'],
  [0.034, '34 mm'],
  [0, '0 m'],
  [2600, '2600 m'],
  [12000, '12 km'],
  [-0.0189, '-18.9 mm'],
  [123.4, '123 m'],
])('%s m is written %s', (metres, words) => {
  expect(formatLength(metres)).toBe(words);
});

test('lengths of a unit nobody knows are counts of it; names keep theirs', () => {
  expect(formatUnits(52.0123)).toBe('52.01 units');
  expect(formatUnits(1.00001)).toBe('1 unit');
  expect(sayInUnits('“crate 80 cm” moved by 30.57 m, 34 mm over 1.20 × 0.78 × 0.80 m')).toBe(
    '“crate 80 cm” moved by 30.57 units, 0.034 units over 1.2 × 0.78 × 0.8 units',
  );
  expect(sayInUnits('turned by 90°, 3 steps')).toBe('turned by 90°, 3 steps');
});

test('sizes are written in one unit', () => {
  expect(formatSize([1.2, 0.78, 0.8])).toBe('1.20 × 0.78 × 0.80 m');
  expect(formatSize([0.02, 0.01, 0.015])).toBe('20.0 × 10.0 × 15.0 mm');
  expect(formatSize([1120, 2600, 200])).toBe('1120 × 2600 × 200 m');
});

test.each([
  [0.762, '2′ 6″'],
  [0.3048, '1′'],
  [0.022225, '7/8″'],
  [1.7, '5′ 7″'],
  [0.0254 * 9.5, '9 1/2″'],
  [3.6576 - 0.001, '12′'],
  [0, '0″'],
  [-0.6096, '−2′'],
])('%s m is %s', (metres, words) => {
  expect(formatImperial(metres)).toBe(words);
});

test.each([
  ['masts are 2.00 m to 25.00 m high', 'masts are 6′ 6 3/4″ to 82′ high'],
  ['1.20 × 0.78 × 0.80 m, as declared', '3′ 11 1/4″ × 2′ 6 3/4″ × 2′ 7 1/2″, as declared'],
  ['Pivot is 12.6 mm off the base centre', 'Pivot is 1/2″ off the base centre'],
  ['moved by −18.9 mm, on the ground', 'moved by −3/4″, on the ground'],
  ['every 0.50 m: they overlap by 30 mm', 'every 1′ 7 3/4″: they overlap by 1 1/8″'],
  ['569 /m, 3 MiB, 2 maps, 4 m² of it, 1 000 times', '569 /m, 3 MiB, 2 maps, 4 m² of it, 1 000 times'],
  ['“wall 4 m” is 2.00 m off', '“wall 4 m” is 6′ 6 3/4″ off'],
  ['wall_4 m01 and v1.2 model', 'wall_4 m01 and v1.2 model'],
])('“%s” is said “%s”', (words, said) => {
  expect(sayIn('imperial', words)).toBe(said);
  expect(sayIn('metric', words)).toBe(words);
});
