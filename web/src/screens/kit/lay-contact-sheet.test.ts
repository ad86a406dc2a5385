import type { Piece } from '@haveld/contract/api/kits';
import { layContactSheet } from './lay-contact-sheet';

const piece = (ordinal: number, width: number, height: number): Piece => ({
  ordinal,
  name: `p${ordinal}`,
  triangles: 12,
  width,
  height,
  depth: 1,
  pictureSha256: null,
  pictureWidth: null,
  pictureHeight: null,
  state: 'seen',
  message: null,
  assetId: null,
  accession: null,
});

test('at one scale the same length has the same pixels, the largest fills the sheet', () => {
  const { places, scale } = layContactSheet([piece(0, 2, 4), piece(1, 1, 1)], true);
  expect(places.map(({ widthPx, heightPx }) => [widthPx, heightPx])).toEqual([
    [84, 168],
    [42, 42],
  ]);
  expect(scale).toBe(42);
});

test('in frames each fills its own', () => {
  const { places } = layContactSheet([piece(0, 2, 4), piece(1, 1, 1)], false);
  expect(places.map(({ heightPx }) => heightPx)).toEqual([104, 104]);
});

test('all stand on grounds of one height; what is tiny can still be seen', () => {
  const { places } = layContactSheet([piece(0, 100, 100), piece(1, 0.01, 0.01)], true);
  expect(new Set(places.map(({ rowPx }) => rowPx)).size).toBe(1);
  expect(places[1].widthPx).toBe(3);
});

test('the picture’s own size counts where there is one', () => {
  const { places } = layContactSheet([{ ...piece(0, 1, 1), pictureWidth: 4, pictureHeight: 2 }], true);
  expect([places[0].widthPx, places[0].heightPx]).toEqual([168, 84]);
});

test('no pieces, no places', () => {
  expect(layContactSheet([], true).places).toEqual([]);
});
