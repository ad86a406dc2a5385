import type { mat4, vec3 } from '@gltf-transform/core';

/** @returns a · b, column-major: b is applied first */
export function multiplyMatrix(a: mat4, b: mat4): mat4 {
  const dst = new Array<number>(16).fill(0) as mat4;
  for (let column = 0; column < 4; column++) {
    for (let row = 0; row < 4; row++) {
      let sum = 0;
      for (let k = 0; k < 4; k++) sum += a[k * 4 + row] * b[column * 4 + k];
      dst[column * 4 + row] = sum;
    }
  }
  return dst;
}

export function translationMatrix([x, y, z]: vec3): mat4 {
  return [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, x, y, z, 1];
}

export function scaleMatrix(factor: number): mat4 {
  return [factor, 0, 0, 0, 0, factor, 0, 0, 0, 0, factor, 0, 0, 0, 0, 1];
}

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
export function linearDeterminant(m: mat4): number {
  return m[0] * (m[5] * m[10] - m[6] * m[9]) - m[4] * (m[1] * m[10] - m[2] * m[9]) + m[8] * (m[1] * m[6] - m[2] * m[5]);
}

/** @returns the cofactor matrix of the upper left 3 × 3, column-major: it carries normals, mirrored or not */
export function normalMatrix(m: mat4): number[] {
  return [
    m[5] * m[10] - m[6] * m[9],
    m[6] * m[8] - m[4] * m[10],
    m[4] * m[9] - m[5] * m[8],
    m[2] * m[9] - m[1] * m[10],
    m[0] * m[10] - m[2] * m[8],
    m[1] * m[8] - m[0] * m[9],
    m[1] * m[6] - m[2] * m[5],
    m[2] * m[4] - m[0] * m[6],
    m[0] * m[5] - m[1] * m[4],
  ];
}

/** @returns true where the upper left 3 × 3 is the identity within `tolerance` */
export function isLinearIdentity(m: mat4, tolerance = 1e-7): boolean {
  return [1, 0, 0, 0, 1, 0, 0, 0, 1].every((v, i) => Math.abs(m[Math.floor(i / 3) * 4 + (i % 3)] - v) <= tolerance);
}
