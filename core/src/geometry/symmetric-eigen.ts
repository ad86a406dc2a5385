const { abs, sqrt } = Math;

/** Upper triangle of a symmetric matrix: xx, xy, xz, yy, yz, zz. */
export type Symmetric3 = readonly [number, number, number, number, number, number];

export interface Eigen3 {
  /** Largest first. */
  values: [number, number, number];
  /** Unit vectors, one a value. */
  vectors: [number[], number[], number[]];
}

const SWEEPS = 24;

/** Eigenvalues and vectors of a symmetric 3 × 3 matrix by Jacobi rotations (Golub and Van Loan, Matrix Computations, 8.5). */
export function computeSymmetricEigen([xx, xy, xz, yy, yz, zz]: Symmetric3): Eigen3 {
  const a = [
    [xx, xy, xz],
    [xy, yy, yz],
    [xz, yz, zz],
  ];
  const v = [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ];
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    if (abs(a[0][1]) + abs(a[0][2]) + abs(a[1][2]) === 0) break;
    for (let p = 0; p < 2; p++) for (let q = p + 1; q < 3; q++) rotate(a, v, p, q);
  }
  const order = [0, 1, 2].sort((i, j) => a[j][j] - a[i][i]);
  return {
    values: order.map((i) => a[i][i]) as Eigen3['values'],
    vectors: order.map((i) => v.map((row) => row[i])) as Eigen3['vectors'],
  };
}

/** Makes one entry beside the diagonal zero. */
function rotate(a: number[][], v: number[][], p: number, q: number): void {
  if (a[p][q] === 0) return;
  const theta = (a[q][q] - a[p][p]) / (2 * a[p][q]);
  const t = (theta >= 0 ? 1 : -1) / (abs(theta) + sqrt(theta * theta + 1));
  const c = 1 / sqrt(t * t + 1);
  const s = t * c;
  for (let k = 0; k < 3; k++) {
    const [kp, kq] = [a[k][p], a[k][q]];
    a[k][p] = c * kp - s * kq;
    a[k][q] = s * kp + c * kq;
  }
  for (let k = 0; k < 3; k++) {
    const [pk, qk] = [a[p][k], a[q][k]];
    a[p][k] = c * pk - s * qk;
    a[q][k] = s * pk + c * qk;
    const [vp, vq] = [v[k][p], v[k][q]];
    v[k][p] = c * vp - s * vq;
    v[k][q] = s * vp + c * vq;
  }
}
