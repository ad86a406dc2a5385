import { EigenvalueDecomposition } from 'ml-matrix';

/** Upper triangle of a symmetric matrix: xx, xy, xz, yy, yz, zz. */
export type Symmetric3 = readonly [number, number, number, number, number, number];

export interface Eigen3 {
  /** Largest first. */
  values: [number, number, number];
  /** Unit vectors, one a value. */
  vectors: [number[], number[], number[]];
}

/** Eigenvalues and vectors of a symmetric 3 × 3 matrix. */
export function computeSymmetricEigen([xx, xy, xz, yy, yz, zz]: Symmetric3): Eigen3 {
  const rows = [
    [xx, xy, xz],
    [xy, yy, yz],
    [xz, yz, zz],
  ];
  const { realEigenvalues, eigenvectorMatrix } = new EigenvalueDecomposition(rows, { assumeSymmetric: true });
  // the package gives the smallest first
  const order = [2, 1, 0] as const;
  return {
    values: order.map((i) => realEigenvalues[i]) as Eigen3['values'],
    vectors: order.map((i) => eigenvectorMatrix.getColumn(i)) as Eigen3['vectors'],
  };
}
