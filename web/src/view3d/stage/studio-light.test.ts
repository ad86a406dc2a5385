import { lightFrom } from './studio-light';

/** Directions spread evenly over the sphere. */
const EVENLY = Array.from({ length: 8000 }, (_, i): [number, number, number] => {
  const y = 1 - (2 * i + 1) / 8000;
  const turn = i * Math.PI * (3 - Math.sqrt(5));
  const around = Math.sqrt(1 - y * y);
  return [Math.cos(turn) * around, y, Math.sin(turn) * around];
});
const meanOf = (roughness: number): number =>
  EVENLY.reduce((sum, towards) => sum + lightFrom(towards, roughness)[1], 0) / EVENLY.length;
const spanOf = (roughness: number): number => {
  const all = EVENLY.map((towards) => lightFrom(towards, roughness)[1]);
  return Math.max(...all) / Math.min(...all);
};

test('however rough a surface is, it gathers as much light in all', () => {
  const mirror = meanOf(0);
  for (const roughness of [0.1, 0.3, 0.5, 0.8, 1]) expect(meanOf(roughness) / mirror).toBeCloseTo(1, 2);
});

test('the rougher, the softer: a mirror shows the windows, a matt surface only where it is bright', () => {
  const spans = [0, 0.2, 0.4, 0.6, 1].map(spanOf);
  for (let i = 1; i < spans.length; i++) expect(spans[i]).toBeLessThan(spans[i - 1] + 1e-9);
  expect(spans[0]).toBeGreaterThan(8);
  expect(spans[4]).toBeLessThan(4);
});

test('light comes from above, and nowhere is it black', () => {
  for (const roughness of [0, 0.5, 1]) {
    const [, above] = lightFrom([0, 1, 0], roughness);
    const [, below] = lightFrom([0, -1, 0], roughness);
    expect(above).toBeGreaterThan(below);
    expect(below).toBeGreaterThan(0.3);
  }
});
