import fc from 'fast-check';
import type { Card } from '@haveld/contract/api/catalogue';
import { HEADROOM_PX, layDrawers, listTicks } from './lay-drawers';

const card = (heightM: number, widthM = heightM / 2): Card => ({
  id: `${heightM}×${widthM}`,
  accession: 'HV-000001',
  name: 'x',
  category: 'prop',
  state: 'catalogued',
  licenceId: 'CC0-1.0',
  author: '',
  triangles: 1,
  mapSide: 0,
  widthM,
  heightM,
  thumbnailSha256: null,
  orthographicSha256: null,
  uses: 0,
  verdict: 'allowed',
  takenDown: false,
});

test('things of one order of size stand in one drawer, scaled to the highest', () => {
  const [drawer, ...others] = layDrawers([card(0.5), card(1), card(2)], 1000, 224);
  expect(others).toEqual([]);
  expect(drawer.heightM).toBe(2);
  expect(drawer.columnPx).toBe(200);
});

test('a ship does not make a pin vanish: it has a drawer of its own', () => {
  expect(layDrawers([card(0.03), card(30)], 1000, 224).map((drawer) => drawer.cards.length)).toEqual([1, 1]);
});

test('a full drawer is followed by the next', () => {
  expect(
    layDrawers(
      [1, 1.1, 1.2, 1.3, 1.4].map((height) => card(height)),
      400,
      224,
    ).map((drawer) => drawer.cards.length),
  ).toEqual([2, 2, 1]);
});

test('no cards, no drawers', () => {
  expect(layDrawers([], 1000, 224)).toEqual([]);
});

test('property: every card stands once, in order, and fits its column and its drawer', () => {
  const sizes = fc.array(
    fc.tuple(fc.double({ min: 0.01, max: 100, noNaN: true }), fc.double({ min: 0.01, max: 100, noNaN: true })),
    { maxLength: 40 },
  );
  fc.assert(
    fc.property(sizes, fc.integer({ min: 320, max: 2400 }), (list, widthPx) => {
      const cards = list.map(([height, width]) => card(height, width));
      const drawers = layDrawers(cards, widthPx, 224);
      expect(drawers.flatMap((drawer) => drawer.cards)).toEqual(cards);
      for (const drawer of drawers) {
        const scale = (224 - HEADROOM_PX) / drawer.heightM;
        for (const { widthM, heightM } of drawer.cards) {
          expect(widthM! * scale).toBeLessThanOrEqual(drawer.columnPx);
          expect(heightM! * scale).toBeLessThanOrEqual(224 - HEADROOM_PX + 1e-6);
        }
      }
    }),
    { seed: 5, numRuns: 150 },
  );
});

test.each([
  [2.6, [0, 1, 2]],
  [0.36, [0, 0.1, 0.2, 0.3]],
  [30, [0, 10, 20, 30]],
])('the rule of %s m is ruled at %j', (height, ticks) => {
  expect(listTicks(height)).toEqual(ticks);
});
