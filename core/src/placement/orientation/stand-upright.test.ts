import { computeBounds } from '../../scene/measures/bounds';
import { createBoxDocument } from '../../testing/documents';
import { standUpright } from './stand-upright';

const round = (v: number): number => Math.round(v * 1e6) / 1e6 + 0;

test.each([
  ['z', [0, 0, -2], [1, 3, 0]],
  ['y', [0, 0, 0], [1, 2, 3]],
  [null, [0, 0, 0], [1, 2, 3]],
  ['x', [-2, 0, 0], [0, 1, 3]],
] as const)('%s up: a box of 1 × 2 × 3 stands with that side upright', (up, min, max) => {
  const document = createBoxDocument([0, 0, 0], [1, 2, 3]);
  standUpright(document, up);
  const box = computeBounds(document)!;
  expect(box.min.map(round)).toEqual(min);
  expect(box.max.map(round)).toEqual(max);
});
