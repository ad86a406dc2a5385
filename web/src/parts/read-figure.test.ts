import { readFigure } from './read-figure';

test.each([
  ['12,5', 12.5],
  [' 0 ', 0],
  ['180', 180],
  ['181', null],
  ['-1', null],
  ['', null],
  ['flat', null],
])('“%s” between 0 and 180 is %s', (text, figure) => {
  expect(readFigure(text, 0, 180)).toBe(figure);
});
