import type { mat4, vec3, vec4 } from '@gltf-transform/core';
import * as gl from 'gl-matrix';

// Matrices are column-major as glTF has them, and kept as plain numbers: the package's own arrays are of single precision.
const blank = (): mat4 => new Array<number>(16).fill(0) as mat4;

/** @returns a · b: b is applied first */
export const multiplyMatrix = (a: mat4, b: mat4): mat4 => gl.mat4.multiply(blank(), a, b) as mat4;

export const translationMatrix = (shift: vec3): mat4 => gl.mat4.fromTranslation(blank(), shift) as mat4;

export const scaleMatrix = (factor: number): mat4 => gl.mat4.fromScaling(blank(), [factor, factor, factor]) as mat4;

/** A right turn about a main axis, exact: no sine of a right angle that is almost 1. */
export function quarterTurnMatrix(axis: 'x' | 'y' | 'z', degrees: -90 | 90 | 180): mat4 {
  const c = degrees === 180 ? -1 : 0;
  const s = degrees === 180 ? 0 : degrees / 90;
  switch (axis) {
    case 'x':
      return [1, 0, 0, 0, 0, c, s, 0, 0, -s, c, 0, 0, 0, 0, 1];
    case 'y':
      return [c, 0, -s, 0, 0, 1, 0, 0, s, 0, c, 0, 0, 0, 0, 1];
    case 'z':
      return [c, s, 0, 0, -s, c, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];
  }
}

/** @returns the determinant of the upper left 3 × 3: below zero where a matrix mirrors */
export const linearDeterminant = (m: mat4): number => gl.mat3.determinant(linearPart(m));

/** @returns the cofactor matrix of the upper left 3 × 3, column-major: it carries normals, mirrored or not */
export function normalMatrix(m: mat4): number[] {
  const adjoint = gl.mat3.adjoint(new Array<number>(9) as gl.mat3, linearPart(m));
  return gl.mat3.transpose(new Array<number>(9) as gl.mat3, adjoint as gl.mat3) as number[];
}

const linearPart = (m: mat4): gl.mat3 => gl.mat3.fromMat4(new Array<number>(9) as gl.mat3, m);

/** @returns true where the upper left 3 × 3 is the identity within `tolerance` */
export function isLinearIdentity(m: mat4, tolerance = 1e-7): boolean {
  return [1, 0, 0, 0, 1, 0, 0, 0, 1].every((v, i) => Math.abs(m[Math.floor(i / 3) * 4 + (i % 3)] - v) <= tolerance);
}

/** @returns the inverse, or null where it has none */
export const invertMatrix = (m: mat4): mat4 | null => gl.mat4.invert(blank(), m) as mat4 | null;

/** A matrix as glTF moves nodes: scaled, then turned, then shifted. */
export interface Trs {
  translation: vec3;
  /** Quaternion x, y, z, w. */
  rotation: vec4;
  scale: vec3;
}

/**
 * Takes an affine matrix apart.
 * @returns the parts, and what is left over: `matrix = compose(parts) · residue`, null where nothing is (no shear, scale not zero)
 */
export function decomposeMatrix(m: mat4): Trs & { residue: mat4 | null } {
  const columns = [0, 4, 8].map((at): vec3 => [m[at], m[at + 1], m[at + 2]]);
  const scale = columns.map((column) => Math.hypot(...column)) as vec3;
  if (linearDeterminant(m) < 0) scale[0] = -scale[0];
  // Gram and Schmidt: the first column keeps its direction, shear stays in the residue
  const x = columns[0].map((v) => v / (scale[0] || 1)) as vec3;
  const along = gl.vec3.dot(x, columns[1]);
  const y = gl.vec3.normalize([0, 0, 0], columns[1].map((v, i) => v - along * x[i]) as vec3) as vec3;
  const z = gl.vec3.cross([0, 0, 0], x, y) as vec3;
  const isRegular = scale.every((v) => Math.abs(v) > 1e-12);
  const rotation: vec4 = isRegular
    ? (gl.quat.fromMat3([0, 0, 0, 1], [...x, ...y, ...z] as unknown as gl.mat3) as vec4)
    : [0, 0, 0, 1];
  const parts: Trs = { translation: [m[12], m[13], m[14]], rotation, scale };
  if (!isRegular) return { ...parts, residue: null };
  const inverse = invertMatrix(composeMatrix(parts));
  const residue = inverse && multiplyMatrix(inverse, m);
  return { ...parts, residue: residue && !isLinearIdentity(residue, 1e-5) ? residue : null };
}

/** @returns translation · rotation · scale */
export const composeMatrix = ({ translation, rotation, scale }: Trs): mat4 =>
  gl.mat4.fromRotationTranslationScale(blank(), rotation, translation, scale) as mat4;

/** @returns xyz carried by an affine matrix */
export const transformPoint = (m: mat4, point: ArrayLike<number>): vec3 =>
  gl.vec3.transformMat4([0, 0, 0], [point[0], point[1], point[2]], m) as vec3;
