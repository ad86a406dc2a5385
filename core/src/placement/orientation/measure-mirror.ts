import type { Box } from '@haveld/contract/report';
import { boxSize } from '../../scene/measures/bounds';

/** Cells a side of the box in which mirror images are compared. */
const CELLS = 14;
const STRIDES = [CELLS * CELLS, CELLS, 1];

/**
 * @param points spread over a surface, xyz
 * @returns 1 for each cell of the box that holds one of them, else 0
 */
export function fillCells(points: Float64Array, box: Box): Uint8Array {
  const [sx, sy, sz] = boxSize(box).map((side) => (side > 0 ? CELLS / side : 0));
  const [x, y, z] = box.min;
  const cells = new Uint8Array(CELLS ** 3);
  for (let o = 0; o < points.length; o += 3) {
    const i = Math.min(CELLS - 1, Math.floor((points[o] - x) * sx));
    const j = Math.min(CELLS - 1, Math.floor((points[o + 1] - y) * sy));
    const k = Math.min(CELLS - 1, Math.floor((points[o + 2] - z) * sz));
    cells[(i * CELLS + j) * CELLS + k] = 1;
  }
  return cells;
}

/** @returns share of the cells with surface whose mirror image across the middle of an axis has surface too; 1 without surface */
export function measureMirror(cells: Uint8Array, axis: number): number {
  const stride = STRIDES[axis];
  return compareCells(cells, (cell) => cell + (CELLS - 1 - 2 * (Math.floor(cell / stride) % CELLS)) * stride);
}

/** @returns the same for a quarter turn about an axis: 1 for what is alike from all four sides */
export function measureQuarterTurn(cells: Uint8Array, axis: number): number {
  const [about, u, v] = [STRIDES[axis], STRIDES[(axis + 1) % 3], STRIDES[(axis + 2) % 3]];
  const at = (cell: number, stride: number): number => Math.floor(cell / stride) % CELLS;
  return compareCells(cells, (cell) => at(cell, about) * about + (CELLS - 1 - at(cell, v)) * u + at(cell, u) * v);
}

function compareCells(cells: Uint8Array, move: (cell: number) => number): number {
  let [all, both] = [0, 0];
  for (let cell = 0; cell < cells.length; cell++) {
    if (!cells[cell]) continue;
    all++;
    both += cells[move(cell)];
  }
  return all > 0 ? both / all : 1;
}
