import { createDocument } from '../scene/document/document-io';
import { createBoxDocument, createMemoryCodec } from '../testing/documents';
import { createOrthographicView, createThumbnailView, projectPoint } from './camera';
import { drawOrthographic, drawThumbnail, prepareDrawing, THUMBNAIL } from './draw-pictures';
import { chooseBarLength, chooseBarLengthIn, drawRuledBar, formatBarLength, formatBarLengthIn } from './ruled-bar';

const codec = createMemoryCodec();

test.each([
  [0.37, 0.2, '20 cm'],
  [1, 1, '1 m'],
  [0.9999, 0.5, '0.5 m'],
  [7300, 5000, '5 km'],
  [0.0042, 0.002, '2 mm'],
  [0.01, 0.01, '1 cm'],
])('up to %s m a bar is %s m, written %s', (longest, length, words) => {
  expect(chooseBarLength(longest)).toBeCloseTo(length, 12);
  expect(formatBarLength(chooseBarLength(longest))).toBe(words);
});

test.each([
  [0.7, '2′'],
  [0.31, '1′'],
  [4, '10′'],
  [0.2, '6″'],
  [0.03, '1″'],
  [0.007, '1/4″'],
  [0.001, '1 mm'],
])('where %s m fit, a bar in feet and inches is %s', (longest, words) => {
  const metres = chooseBarLengthIn('imperial', longest);
  expect(metres).toBeLessThanOrEqual(longest * (1 + 1e-9));
  expect(formatBarLengthIn('imperial', metres)).toBe(words);
});

test('the ruled bar is as long as it says', () => {
  const picture = { width: 200, height: 60, data: new Uint8Array(200 * 60 * 4) };
  const pixelsPerMetre = 120;
  const metres = drawRuledBar(picture, pixelsPerMetre)!;
  const row = (60 - 13) * 200;
  const dark = Array.from({ length: 200 }, (_, x) => picture.data[(row + x) * 4 + 3] > 0);
  expect(dark.filter(Boolean)).toHaveLength(Math.round(metres * pixelsPerMetre));
});

test('an elevation shows just the box, at its proportions', async () => {
  const drawing = (await prepareDrawing(createBoxDocument([0, 0, 0], [1, 2, 0.5]), codec))!;
  const { picture, width, height } = drawOrthographic(drawing, 56);
  expect([width, height]).toEqual([1, 2]);
  expect([picture.width, picture.height]).toEqual([28, 56]);
  const alpha = (x: number, y: number): number => picture.data[(y * picture.width + x) * 4 + 3];
  expect([alpha(1, 1), alpha(26, 54), alpha(14, 28)]).toEqual([255, 255, 255]);
});

test('the nearer surface hides the farther one', async () => {
  const document = createBoxDocument([-1, -1, -1], [1, 1, 1], 'red');
  const red = document.createMaterial('red').setBaseColorFactor([1, 0, 0, 1]);
  document.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(red);
  const { picture } = drawOrthographic((await prepareDrawing(document, codec))!, 20);
  const middle = (Math.floor(picture.height / 2) * picture.width + Math.floor(picture.width / 2)) * 4;
  expect(picture.data[middle]).toBeGreaterThan(120);
  expect(picture.data[middle + 1]).toBeLessThan(90);
});

test.each([0.001, 1, 5000])('a portrait frames a box of %s m inside its margins', (side) => {
  const box = { min: [0, 0, 0] as [number, number, number], max: [side, side * 2, side] as [number, number, number] };
  const view = createThumbnailView(box, THUMBNAIL.width, THUMBNAIL.height, { x: 40, top: 30, bottom: 44 });
  for (let i = 0; i < 8; i++) {
    const [x, y] = projectPoint(view, i & 1 ? side : 0, i & 2 ? side * 2 : 0, i & 4 ? side : 0);
    expect(x).toBeGreaterThan(39);
    expect(x).toBeLessThan(THUMBNAIL.width - 39);
    expect(y).toBeGreaterThan(29);
    expect(y).toBeLessThan(THUMBNAIL.height - 43);
  }
});

test('the same model gives the same picture', async () => {
  const draw = async (): Promise<Buffer> =>
    Buffer.from(
      drawThumbnail((await prepareDrawing(createBoxDocument([0, 0, 0], [1, 1, 1]), codec))!, 1, {
        width: 65,
        height: 52,
      }).data,
    );
  expect((await draw()).equals(await draw())).toBe(true);
});

test('nothing to draw is no picture; a flat thing still is one', async () => {
  expect(await prepareDrawing(createDocument(), codec)).toBeNull();
  const flat = (await prepareDrawing(createBoxDocument([0, 0, 0], [1, 0, 1]), codec))!;
  expect(drawOrthographic(flat, 40).picture.height).toBeGreaterThanOrEqual(1);
  expect(createOrthographicView(flat.box, 100).width).toBe(100);
});
