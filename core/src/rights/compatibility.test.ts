import { canMerge, mayReleaseUnder } from './compatibility';
import { BUILT_IN_BOOK as book } from './licence-book';

/**
 * The compatibility chart of Creative Commons' FAQ ("Can I combine material under different Creative Commons licenses in my work?"):
 * may works under row and column be merged into one adaptation? Cells from memory of the published chart.
 */
const ORDER = [
  'CC-PDM-1.0',
  'CC0-1.0',
  'CC-BY-4.0',
  'CC-BY-SA-4.0',
  'CC-BY-NC-4.0',
  'CC-BY-ND-4.0',
  'CC-BY-NC-SA-4.0',
  'CC-BY-NC-ND-4.0',
];
const CHART = ['✓✓✓✓✓✗✓✗', '✓✓✓✓✓✗✓✗', '✓✓✓✓✓✗✓✗', '✓✓✓✓✗✗✗✗', '✓✓✓✗✓✗✓✗', '✗✗✗✗✗✗✗✗', '✓✓✓✗✓✗✓✗', '✗✗✗✗✗✗✗✗'];

const cells = ORDER.flatMap((row, r) => ORDER.map((column, c) => [row, column, [...CHART[r]][c]] as const));

test.each(cells)('%s with %s: %s', (row, column, cell) => {
  expect(canMerge(book, row, column)).toBe(cell === '✓');
});

test('the chart is the same read by row and by column', () => {
  for (const [row, column] of cells) expect(canMerge(book, row, column)).toBe(canMerge(book, column, row));
});

test('of a choice one way out is enough', () => {
  expect(canMerge(book, 'CC-BY-SA-4.0 OR CC-BY-4.0', 'CC-BY-NC-4.0')).toBe(true);
  expect(canMerge(book, 'CC-BY-SA-4.0 AND CC-BY-4.0', 'CC-BY-NC-4.0')).toBe(false);
});

test('what is made from share-alike goes out under it, a later version, or one its text accepts', () => {
  // BY-SA 4.0 section 3(b)(1): this version or later; BY-SA 3.0 section 4(b): a later version with the same elements
  expect(mayReleaseUnder(book, 'CC-BY-SA-3.0', 'CC-BY-SA-4.0')).toBe(true);
  expect(mayReleaseUnder(book, 'CC-BY-SA-4.0', 'CC-BY-SA-3.0')).toBe(false);
  expect(mayReleaseUnder(book, 'CC-BY-SA-4.0', 'GPL-3.0-only')).toBe(true);
  expect(mayReleaseUnder(book, 'CC-BY-SA-3.0', 'GPL-3.0-only')).toBe(false);
  expect(mayReleaseUnder(book, 'CC-BY-SA-4.0', 'LAL-1.3')).toBe(true);
  expect(mayReleaseUnder(book, 'CC-BY-SA-4.0', '')).toBe(false);
  expect(mayReleaseUnder(book, 'CC-BY-4.0', '')).toBe(true);
  expect(mayReleaseUnder(book, 'GPL-2.0-only', 'GPL-3.0-only')).toBe(false);
  expect(mayReleaseUnder(book, 'GPL-2.0-or-later', 'GPL-3.0-only')).toBe(true);
});
