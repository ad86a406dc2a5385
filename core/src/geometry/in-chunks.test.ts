import { inChunks } from './in-chunks';

test.each([0, 1, 8191, 8192, 8193, 50_000])('all of %s are worked on once, in their order', (count) => {
  const seen: [number, number][] = [];
  inChunks(count, (from, to) => seen.push([from, to]));
  expect(seen.flatMap(([from, to]) => Array.from({ length: to - from }, (_, i) => from + i))).toEqual(
    Array.from({ length: count }, (_, i) => i),
  );
  expect(seen.every(([from, to]) => to > from)).toBe(true);
});
