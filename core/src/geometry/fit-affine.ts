import { Matrix, pseudoInverse } from 'ml-matrix';

/** So many points tell a map. */
const ASKED = 120;

/** Numbers given at points, as an affine map of them: each is `row · (x, y, z, 1)`. */
export interface AffineFit {
  rows: [number, number, number, number][];
  /** How far a value lies from the map at most, as a share of the largest value. */
  off: number;
}

/**
 * The affine map that gives values at points, by least squares; of a flat set the one that changes least across it.
 * @param values as many lists as the map has rows, one value a point
 * @returns null for less than three points
 */
export function fitAffine(
  points: readonly (readonly number[])[],
  values: readonly (readonly number[])[],
): AffineFit | null {
  if (points.length < 3) return null;
  // about its middle and in its own size, so that small numbers stay exact
  const middle = [0, 1, 2].map((axis) => points.reduce((sum, point) => sum + point[axis], 0) / points.length);
  const size = Math.max(...points.map((point) => Math.max(...middle.map((m, axis) => Math.abs(point[axis] - m))))) || 1;
  const matrix = new Matrix(points.map((point) => [...middle.map((m, axis) => (point[axis] - m) / size), 1]));
  const inverse = pseudoInverse(matrix);
  let off = 0;
  const rows = values.map((list): [number, number, number, number] => {
    const solved = inverse.mmul(Matrix.columnVector([...list])).to1DArray();
    const most = Math.max(...list.map(Math.abs)) || 1;
    for (let i = 0; i < points.length; i++) {
      const at = matrix.getRow(i).reduce((sum, v, n) => sum + v * solved[n], 0);
      off = Math.max(off, Math.abs(at - list[i]) / most);
    }
    const [x, y, z] = solved.slice(0, 3).map((v) => v / size);
    return [x, y, z, solved[3] - x * middle[0] - y * middle[1] - z * middle[2]];
  });
  return { rows, off };
}

/** @returns every so manieth vertex of lists that go together, so that few points tell all */
export function listAsked(counts: readonly number[]): [list: number, vertex: number][] {
  return counts.flatMap((count, list) => {
    const stride = Math.max(1, Math.floor((count * counts.length) / ASKED));
    return Array.from({ length: Math.ceil(count / stride) }, (_, i): [number, number] => [list, i * stride]);
  });
}
