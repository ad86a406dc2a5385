import type { Document } from '@gltf-transform/core';
import type { LayoutTrouble } from '@haveld/contract/finding';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { createLaidSquare, createMeshDocument } from '../../testing/documents';
import { COUNTED_COLOURS } from '../../testing/layout-colours';
import { drawLayout } from './draw-layout';
import { flagTroubledFaces } from './troubled-faces';
import { describeLayouts } from './uv-layout';

/** Which squares, of those that stand behind one another, have a trouble. */
function flag(document: Document, trouble: LayoutTrouble): number[] {
  const [flags] = flagTroubledFaces(listPlacedParts(document), trouble);
  return Array.from({ length: flags.length / 2 }, (_, square) => flags[square * 2] + flags[square * 2 + 1]);
}
// v runs down a picture
const WHOLE = [0, 1, 1, 1, 1, 0, 0, 0];
const half = (shift: number): number[] => WHOLE.map((value, i) => (i % 2 === 0 ? value / 2 + shift : value));
const MIRRORED = [1, 1, 0, 1, 0, 0, 1, 0];
const SMEARED = [0, 0, 1, 0, 1, 0, 0, 0];

test.each<[LayoutTrouble, number[], number[]]>([
  ['flipped', MIRRORED, [0, 2]],
  ['flat', SMEARED, [0, 2]],
  ['outside', WHOLE.map((value) => value + 2), [0, 2]],
  ['uneven', WHOLE.map((value) => value * 20), [0, 2]],
])('of two squares the one that is %s is meant, and not the other', (trouble, second, expected) => {
  expect(flag(createLaidSquare([...half(0), ...second], 2), trouble)).toEqual(expected);
});

test('what lies on another is meant with it; what has a place of its own is not', () => {
  expect(flag(createLaidSquare([...half(0), ...half(0), ...half(0.5)], 3), 'overlapping')).toEqual([2, 2, 0]);
});

test('a shape without UVs has no layout, and nothing else is wrong with it', () => {
  const document = createMeshDocument([0, 0, 0, 1, 0, 0, 0, 1, 0], [0, 1, 2]);
  expect([...flagTroubledFaces(listPlacedParts(document), 'none')[0]]).toEqual([1]);
  expect([...flagTroubledFaces(listPlacedParts(document), 'flat')[0]]).toEqual([0]);
  expect(flag(createLaidSquare(WHOLE), 'none')).toEqual([0]);
});

test.each([
  ['flat', SMEARED],
  ['outside', WHOLE.map((value) => value + 2)],
] as const)('the share of the surface that is %s is the share of the faces that are meant', (trouble, second) => {
  const document = createLaidSquare([...half(0), ...second, ...half(0.5)], 3);
  const parts = listPlacedParts(document);
  const [layout] = describeLayouts(parts).values();
  const meant = flagTroubledFaces(parts, trouble)[0].reduce((sum, one) => sum + one, 0) / 6;
  expect(meant).toBeCloseTo({ flat: layout.degenerate, outside: layout.outside }[trouble]);
});

const countColours = (document: Document, trouble: LayoutTrouble | null): number[] => {
  const { data } = drawLayout(document, 'oak', 64, COUNTED_COLOURS, trouble)!.picture;
  const counts = new Array<number>(8).fill(0);
  for (let i = 0; i < data.length; i += 4) counts[data[i]]++;
  return counts;
};

test('what is meant is hatched on the layout too, the rest drawn as always', () => {
  const document = createLaidSquare([...half(0), ...MIRRORED.map((value, i) => (i % 2 ? value : value / 2 + 0.5))], 2);
  const plain = countColours(document, null);
  expect(plain[6] + plain[7]).toBe(0);
  const lit = countColours(document, 'flipped');
  expect(lit[6] + lit[7]).toBeGreaterThan(64 * 64 * 0.45);
  expect(lit[7]).toBeGreaterThan(lit[6] * 0.4);
  expect(lit[1]).toBeGreaterThan(64 * 64 * 0.4);
});

test('faces without area are drawn as the line they are', () => {
  const lit = countColours(createLaidSquare(SMEARED), 'flat');
  expect(lit[6] + lit[7]).toBe(64);
});
