import { lab } from 'd3-color';
import { nameColour, nameColours } from './name-colours';

/** RGBA of rows of one colour each, so many pixels long. */
function picture(...runs: [count: number, red: number, green: number, blue: number, alpha?: number][]) {
  return {
    data: Uint8Array.from(
      runs.flatMap(([count, red, green, blue, alpha = 255]) =>
        Array.from({ length: count }, () => [red, green, blue, alpha]).flat(),
      ),
    ),
  };
}

// CSS Color Module Level 4, section 9.3: red is lab(54.29 80.80 69.89), within the rounding of its matrices
test('colours are compared in CIE Lab as CSS defines it', () => {
  const { l, a, b } = lab('red');
  expect([l, a, b].map((value, i) => Math.abs(value - [54.29, 80.8, 69.89][i]) < 0.05)).toEqual([true, true, true]);
});

test.each([
  ['#101010', 'black'],
  ['#fafaf5', 'white'],
  ['#7a7c7b', 'grey'],
  ['#9c1f1c', 'red'],
  ['#e07a10', 'orange'],
  ['#f2d21b', 'yellow'],
  ['#3d7a34', 'green'],
  ['#1f4fa0', 'blue'],
  ['#7b3fa0', 'purple'],
  ['#f08fb0', 'pink'],
  ['#6b4423', 'brown'],
  ['#b08a4a', 'brown'],
] as const)('%s is called %s', (hex, word) => {
  const [red, green, blue] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16));
  expect(nameColour(red, green, blue)).toBe(word);
});

test('a picture is called by what it shows most of, and by nothing that is hardly seen', () => {
  expect(nameColours(picture([60, 180, 30, 30], [35, 240, 240, 240], [5, 20, 60, 160]))).toEqual(['red', 'white']);
});

test('what is seen through is no colour of the thing, and of nothing there is none', () => {
  expect(nameColours(picture([90, 0, 0, 0, 0], [10, 30, 80, 170]))).toEqual(['blue']);
  expect(nameColours(picture([9, 0, 0, 0, 0]))).toEqual([]);
  expect(nameColours({ data: new Uint8Array() })).toEqual([]);
});
