import { boxSize } from '../../scene/bounds';
import type { SurfaceMeasures } from './surface-measures';

/** Cells a side of the box in which mirror images are compared. */
const CELLS = 14;

/** @returns share of the cells with surface whose mirror image across the middle of an axis has surface too; 1 without surface */
export function measureMirror(surface: Pick<SurfaceMeasures, 'points' | 'box'>, axis: number): number {
  const stride = [CELLS * CELLS, CELLS, 1][axis];
  return compareCells(surface, (cell) => cell + (CELLS - 1 - 2 * (Math.floor(cell / stride) % CELLS)) * stride);
}

/** @returns the same for a quarter turn about an axis: 1 for what is alike from all four sides */
export function measureQuarterTurn(surface: Pick<SurfaceMeasures, 'points' | 'box'>, axis: number): number {
  const strides = [CELLS * CELLS, CELLS, 1];
  const [about, u, v] = [strides[axis], strides[(axis + 1) % 3], strides[(axis + 2) % 3]];
  const at = (cell: number, stride: number): number => Math.floor(cell / stride) % CELLS;
  return compareCells(surface, (cell) => at(cell, about) * about + (CELLS - 1 - at(cell, v)) * u + at(cell, u) * v);
}

function compareCells(
  { points, box }: Pick<SurfaceMeasures, 'points' | 'box'>,
  move: (cell: number) => number,
): number {
  const scale = boxSize(box).map((side) => (side > 0 ? CELLS / side : 0));
  const cells = new Uint8Array(CELLS ** 3);
  const cellOf = (o: number, a: number): number =>
    Math.min(CELLS - 1, Math.floor((points[o + a] - box.min[a]) * scale[a]));
  for (let o = 0; o < points.length; o += 3) cells[(cellOf(o, 0) * CELLS + cellOf(o, 1)) * CELLS + cellOf(o, 2)] = 1;
  let [all, both] = [0, 0];
  for (let cell = 0; cell < cells.length; cell++) {
    if (!cells[cell]) continue;
    all++;
    both += cells[move(cell)];
  }
  return all > 0 ? both / all : 1;
}
