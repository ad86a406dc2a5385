/** How tall the person for scale is, metres. */
export const PERSON_M = 1.7;

/** A person for scale as a flat paper silhouette: metres from between the feet, all round. */
export const PERSON_OUTLINE: readonly (readonly [x: number, y: number])[] = [
  [0.03, 0],
  [0.15, 0],
  [0.14, 0.5],
  [0.17, 0.84],
  [0.21, 0.72],
  [0.26, 0.73],
  [0.245, 1.1],
  [0.2, 1.36],
  [0.1, 1.43],
  [0.06, 1.47],
  [0.1, 1.55],
  [0.1, 1.62],
  [0.06, 1.69],
  [0, 1.7],
  [-0.06, 1.69],
  [-0.1, 1.62],
  [-0.1, 1.55],
  [-0.06, 1.47],
  [-0.1, 1.43],
  [-0.2, 1.36],
  [-0.245, 1.1],
  [-0.26, 0.73],
  [-0.21, 0.72],
  [-0.17, 0.84],
  [-0.14, 0.5],
  [-0.15, 0],
  [-0.03, 0],
  [0, 0.78],
];
