import fc from 'fast-check';
import type { Picture } from '../pictures/picture-codec';
import { measurePicture } from './picture-measures';

const draw = (
  width: number,
  height: number,
  at: (x: number, y: number) => readonly [number, number, number, number?],
): Picture => {
  const data = new Uint8Array(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [r, g, b, a = 255] = at(x, y);
      data.set([r, g, b, a], (y * width + x) * 4);
    }
  return { width, height, data } as Picture;
};

test('one colour all over changes nothing, and is told so', () => {
  const measures = measurePicture(draw(16, 16, () => [128, 128, 255]));
  expect(measures).toMatchObject({ constant: true, detail: 0, solid: 1, clear: 0, stretch: 1 });
  expect(measures.mean.map((v) => Math.round(v * 255))).toEqual([128, 128, 255]);
  expect(measures.spread.every((v) => v < 1e-6)).toBe(true);
});

test('a flat normal map is of unit length everywhere, and blue', () => {
  const measures = measurePicture(draw(32, 32, () => [128, 128, 255]));
  expect(measures.unit).toBe(1);
  expect(measures.blue).toBe(1);
});

test('directions on a half-sphere are unit vectors; random colours hardly ever are', () => {
  const half = measurePicture(
    draw(64, 64, (x, y) => {
      const [nx, ny] = [(x / 63) * 1.2 - 0.6, (y / 63) * 1.2 - 0.6];
      const nz = Math.sqrt(1 - nx * nx - ny * ny);
      return [nx, ny, nz].map((v) => Math.round((v * 0.5 + 0.5) * 255)) as [number, number, number];
    }),
  );
  expect(half.unit).toBe(1);
  let seed = 7;
  const next = (): number => (seed = (seed * 16807) % 2147483647) % 256;
  expect(measurePicture(draw(64, 64, () => [next(), next(), next()])).unit).toBeLessThan(0.2);
});

test('a grey picture has no colour, and its channels go together', () => {
  const measures = measurePicture(draw(64, 8, (x) => [x * 4, x * 4, x * 4]));
  expect(measures).toMatchObject({ chroma: 0, coloured: 0, apart: 0 });
  for (const one of measures.correlation) expect(one).toBeCloseTo(1, 5);
});

test('channels of their own, as in a packed map, do not go together', () => {
  const measures = measurePicture(draw(64, 64, (x, y) => [x * 4, y * 4, 0]));
  expect(Math.abs(measures.correlation[0])).toBeLessThan(0.05);
  expect(measures.coloured).toBeGreaterThan(0.9);
});

test('a mask of black and white has two peaks, a soft ramp none', () => {
  const mask = measurePicture(draw(64, 64, (x) => (x < 32 ? [0, 0, 0] : [255, 255, 255])));
  const ramp = measurePicture(draw(256, 8, (x) => [x, x, x]));
  expect(mask.dark).toBeCloseTo(0.5, 5);
  expect(mask.light).toBeCloseTo(0.5, 5);
  expect(mask.twoPeaked).toBeGreaterThan(0.9);
  expect(ramp.twoPeaked).toBeLessThan(0.4);
  expect(ramp.peak).toBeLessThan(0.1);
});

test('clear and solid texels are counted by alpha', () => {
  const measures = measurePicture(draw(10, 10, (x) => [200, 100, 50, x < 3 ? 0 : x < 5 ? 128 : 255]));
  expect(measures.clear).toBeCloseTo(0.3, 5);
  expect(measures.solid).toBeCloseTo(0.5, 5);
});

test('what tiles has no seam, what does not has one', () => {
  const tiled = measurePicture(
    draw(64, 64, (x, y) => {
      const v = Math.round(127 + 60 * Math.sin((2 * Math.PI * 3 * x) / 64) + 60 * Math.cos((2 * Math.PI * 2 * y) / 64));
      return [v, v, v];
    }),
  );
  const cut = measurePicture(draw(64, 64, (x) => [x * 4, x * 4, x * 4]));
  expect(tiled.seam).toBeLessThan(2);
  expect(cut.seam).toBeGreaterThan(4);
  expect(cut.seam).toBeLessThanOrEqual(8);
});

test.each([
  [1, 1, 1],
  [64, 16, 4],
  [16, 64, 4],
])('%i × %i is stretched %i times', (width, height, stretch) => {
  expect(measurePicture(draw(width, height, () => [1, 2, 3])).stretch).toBe(stretch);
});

test('property: measures are within their bounds for any picture, and turning it by half changes no share', () => {
  const picture = fc
    .tuple(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 }))
    .chain(([width, height]) =>
      fc
        .uint8Array({ minLength: width * height * 4, maxLength: width * height * 4 })
        .map((data) => ({ width, height, data }) as unknown as Picture),
    );
  fc.assert(
    fc.property(picture, (one) => {
      const measures = measurePicture(one);
      for (const share of [
        measures.chroma,
        measures.coloured,
        measures.unit,
        measures.blue,
        measures.dark,
        measures.light,
        measures.peak,
        measures.clear,
        measures.solid,
        measures.colours,
      ]) {
        expect(share).toBeGreaterThanOrEqual(0);
        expect(share).toBeLessThanOrEqual(1);
      }
      for (const one of measures.correlation) expect(Math.abs(one)).toBeLessThanOrEqual(1 + 1e-9);
      const texels = one.width * one.height;
      const turned = new Uint8Array(one.data.length);
      for (let i = 0; i < texels; i++) turned.set(one.data.subarray(i * 4, i * 4 + 4), (texels - 1 - i) * 4);
      const other = measurePicture({ ...one, data: turned } as Picture);
      expect(other.unit).toBeCloseTo(measures.unit, 9);
      expect(other.coloured).toBeCloseTo(measures.coloured, 9);
      expect(other.detail).toBeCloseTo(measures.detail, 9);
    }),
    { numRuns: 120 },
  );
});
