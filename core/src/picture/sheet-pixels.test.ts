import { sheetPixels } from './sheet-pixels';

test.each([
  ['the largest', 4, 4, 168],
  ['three quarters of it', 3, 4, 126],
  ['what is small, for its own frame', 0.1, 4, 104],
  ['nothing at all', 0, 0, 104],
])('%s', (_, longest, largest, pixels) => {
  expect(sheetPixels(longest, largest)).toBe(pixels);
});
