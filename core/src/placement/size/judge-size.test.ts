import fc from 'fast-check';
import { judgeSize } from './judge-size';
import { listStatedSizes } from './stated-size';
import { findTypicalSize } from './typical-sizes';

const ask = (size: [number, number, number], change: Partial<Parameters<typeof judgeSize>[0]> = {}) =>
  judgeSize({ size, declaredUnit: null, typical: null, stated: [], ...change });

test('a table of 1200 × 780 × 800 without a unit is in millimetres, on two evidences', () => {
  const [best] = ask([1200, 780, 800], { typical: findTypicalSize('oak table') });
  expect(best).toMatchObject({ id: 'mm', factor: 0.001 });
  expect(best.independent).toBeGreaterThanOrEqual(2);
  expect(best.confidence).toBeGreaterThan(0.9);
});

test('a stated height settles what the numbers leave open', () => {
  const stated = listStatedSizes([{ file: 'readme.txt', text: 'The table is 78 cm high.', firstLine: 1 }]);
  expect(stated[0]).toMatchObject({ along: 'height', metres: 0.78 });
  const [best] = ask([120, 78.2, 80], { typical: findTypicalSize('table'), stated });
  expect(best.id).toBe('cm');
  expect(best.evidence.map((evidence) => evidence.file)).toContain('readme.txt');
});

test('a page that gives three sides settles the unit, whichever is which', () => {
  const stated = listStatedSizes([{ file: 'page.html', text: 'Dimensions: 60 × 40 × 78 cm', firstLine: 3 }]);
  expect(stated[0]).toMatchObject({ along: 'sides', evidence: { file: 'page.html', line: 3 } });
  const [best] = ask([60, 78, 40], { stated });
  expect(best.id).toBe('cm');
  expect(best.evidence.map(({ text }) => text)).toContain('a text states it: 60 × 40 × 78 cm');
  // two sides that agree and one that does not agree with nothing
  expect(ask([60, 79.9, 44], { stated })[0].evidence.some(({ text }) => text.startsWith('a text'))).toBe(false);
});

test('a glTF of a believable size is believed', () => {
  expect(ask([0.5, 1.1, 0.5], { declaredUnit: 'm' })[0].id).toBe('m');
});

test('a crate that declares metres is in metres', () => {
  const crate = ask([0.5, 0.35, 0.4], { declaredUnit: 'm', typical: findTypicalSize('crate_small') });
  expect(crate[0]).toMatchObject({ id: 'm' });
  expect(crate[0].confidence).toBeGreaterThan(0.97);
});

test('a declared unit without a name of its own is a candidate', () => {
  const found = ask([1, 0.9, 1], { declaredUnit: '39.37 m', declaredMetres: 39.37 }).find(
    ({ id }) => id === '39.37 m',
  )!;
  expect(found.factor).toBe(39.37);
  expect(found.evidence[0].text).toBe('the file declares its unit');
});

test('what is catalogued already speaks for the unit that makes this one like it', () => {
  const similar = [{ label: 'HV-000007 “Sea chest”', size: [0.9, 0.45, 0.5] as const }];
  const best = ask([88, 44, 52], { similar })[0];
  expect(best).toMatchObject({ id: 'cm' });
  expect(best.evidence.map(({ text }) => text)).toContain('as HV-000007 “Sea chest” in the library');
  expect(best.confidence).toBeGreaterThan(ask([88, 44, 52], {})[0].confidence);
});

test('maps speak for the unit in which they are as fine as maps are', () => {
  const share = (texelDensity: number | null, id: string): number =>
    ask([1.3, 1.1, 0.9], { texelDensity }).find((one) => one.id === id)!.confidence;
  // 700 texels a unit: metres, and not millimetres or kilometres
  expect(share(700, 'm')).toBeGreaterThan(share(null, 'm'));
  expect(share(700, 'mm')).toBeLessThan(share(null, 'mm') + 1e-12);
});

test('property: confidences leave room for a scale of its own, and scaling a model by 1000 never makes its unit larger', () => {
  const sides = fc.tuple(
    fc.double({ min: 0.2, max: 8, noNaN: true }),
    fc.double({ min: 0.2, max: 8, noNaN: true }),
    fc.double({ min: 0.2, max: 8, noNaN: true }),
  );
  fc.assert(
    fc.property(sides, (size) => {
      const small = ask(size);
      const large = ask(size.map((v) => v * 1000) as [number, number, number]);
      // what is left is a scale of its own
      expect(small.reduce((sum, candidate) => sum + candidate.confidence, 0)).toBeLessThan(1);
      const unit = (list: typeof small): number => list.find((candidate) => candidate.id !== 'none')!.factor;
      expect(unit(large)).toBeLessThanOrEqual(unit(small));
    }),
    { seed: 3, numRuns: 200 },
  );
});

test('a few units may be a scale of its own; tens and hundreds of them are hardly one', () => {
  const typical = findTypicalSize('table');
  const few = ask([2.3274, 0.7134, 0.7431], { typical })[0];
  const many = ask([232.74, 71.34, 74.31], { typical })[0];
  expect([few.id, many.id]).toEqual(['m', 'cm']);
  expect(few.confidence).toBeLessThan(0.9);
  expect(many.confidence).toBeGreaterThan(0.9);
});

test('an arbitrary scale that looks like no unit is never sure', () => {
  // a chair 4 units high: feet would do, decimetres would do
  const found = ask([1.99725, 4.05479, 1.96344], { typical: findTypicalSize('Lattice chair') });
  expect(found[0].confidence).toBeLessThan(0.9);
});

test('without extent there is nothing to judge', () => {
  expect(ask([0, 0, 0])).toEqual([]);
  expect(ask([NaN, 1, 1])).toEqual([]);
});
