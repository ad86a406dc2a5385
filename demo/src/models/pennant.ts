import { ball, lathe, sheet, type Part } from '../shape';

/** Length of the cloth along its bones, metres. */
export const CLOTH = { from: 0.05, length: 1.2, bottom: 2.35, top: 2.95 };

/** A harbour pennant on a staff, 3.2 m high; the cloth hangs still. */
export function pennant(): Part[] {
  const { from, length, bottom, top } = CLOTH;
  return [
    lathe(
      'staff',
      'white_mast',
      [
        [0, 0],
        [0.16, 0],
        [0.16, 0.05],
        [0.05, 0.09],
        [0.035, 1.2],
        [0.028, 3.1],
        [0, 3.12],
      ],
      20,
    ),
    ball('truck', 'brass', [0.06, 0.06, 0.06], [0, 3.14, 0], 18),
    sheet(
      'cloth',
      'pennant_cloth',
      [
        [from, bottom, 0],
        [from + length, (bottom + top) / 2 - 0.08, 0],
        [from + length, (bottom + top) / 2 + 0.08, 0],
        [from, top, 0],
      ],
      18,
    ),
  ];
}
