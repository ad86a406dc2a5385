import { createLaidSquare } from '../../testing/documents';
import { heightToNormal } from '../convert/height-to-normal';
import type { Picture } from '../pictures/picture-codec';
import { judgeGreen } from './judge-green';
import { judgeGreenInside } from './judge-green-inside';

const SIDE = 256;
const wave = (x: number, y: number): number => 0.5 + 0.4 * Math.sin(x / 5) * Math.cos(y / 7);
const up = heightToNormal(
  {
    width: SIDE,
    height: SIDE,
    data: Uint16Array.from({ length: SIDE * SIDE }, (_, i) => wave(i % SIDE, Math.floor(i / SIDE)) * 65535),
  },
  0.01,
  0.001,
);

/** Green up in the first quarter, and down, as loud, in all that no surface shows. */
const mixed: Picture = {
  ...up,
  data: up.data.map((value, i) => {
    const [x, y] = [Math.floor(i / 4) % SIDE, Math.floor(i / 4 / SIDE)];
    return i % 4 === 1 && !(x < SIDE / 2 && y < SIDE / 2) ? 255 - value : value;
  }),
};

const QUARTER = [0, 0.5, 0.5, 0.5, 0.5, 0, 0, 0];

function createNormalSquare(uv: number[], copies = 1) {
  const document = createLaidSquare(uv, copies);
  const texture = document.createTexture('normal');
  document.getRoot().listMaterials()[0].setNormalTexture(texture);
  return { document, texture };
}

test('what no surface shows has no say: within the island green points up, over the whole picture it would be down', () => {
  const { document, texture } = createNormalSquare(QUARTER);
  expect(judgeGreen(mixed).green).toBe('down');
  expect(judgeGreenInside(document, texture, mixed)?.green).toBe('up');
});

test('where halves lie on one another neither is judged, and a layout that repeats the picture is no island', () => {
  const double = createNormalSquare([...QUARTER, ...QUARTER], 2);
  expect(judgeGreenInside(double.document, double.texture, mixed)).toBeNull();
  const tiled = createNormalSquare(QUARTER.map((value) => value * 6));
  expect(judgeGreenInside(tiled.document, tiled.texture, mixed)).toBeNull();
});
