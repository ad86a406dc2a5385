import type { mat4, vec3, vec4 } from '@gltf-transform/core';

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

/** @returns the inverse of an affine matrix, or null where it has none */
export function invertMatrix(m: mat4): mat4 | null {
  const [a, b, c, , d, e, f, , g, h, i] = m;
  const determinant = a * (e * i - f * h) - d * (b * i - c * h) + g * (b * f - c * e);
  if (!(Math.abs(determinant) > 1e-300)) return null;
  const r = 1 / determinant;
  const n = [
    (e * i - f * h) * r,
    (c * h - b * i) * r,
    (b * f - c * e) * r,
    (f * g - d * i) * r,
    (a * i - c * g) * r,
    (c * d - a * f) * r,
    (d * h - e * g) * r,
    (b * g - a * h) * r,
    (a * e - b * d) * r,
  ];
  const [x, y, z] = [m[12], m[13], m[14]];
  return [
    ...[n[0], n[1], n[2], 0],
    ...[n[3], n[4], n[5], 0],
    ...[n[6], n[7], n[8], 0],
    -(n[0] * x + n[3] * y + n[6] * z),
    -(n[1] * x + n[4] * y + n[7] * z),
    -(n[2] * x + n[5] * y + n[8] * z),
    1,
  ] as mat4;
}

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
  const along = dot(x, columns[1]);
  const y = unit(columns[1].map((v, i) => v - along * x[i]) as vec3);
  const z: vec3 = [x[1] * y[2] - x[2] * y[1], x[2] * y[0] - x[0] * y[2], x[0] * y[1] - x[1] * y[0]];
  const isRegular = scale.every((v) => Math.abs(v) > 1e-12);
  const rotation: vec4 = isRegular ? quaternionFromAxes(x, y, z) : [0, 0, 0, 1];
  const parts: Trs = { translation: [m[12], m[13], m[14]], rotation, scale };
  if (!isRegular) return { ...parts, residue: null };
  const inverse = invertMatrix(composeMatrix(parts));
  const residue = inverse && multiplyMatrix(inverse, m);
  return { ...parts, residue: residue && !isLinearIdentity(residue, 1e-5) ? residue : null };
}

/** @returns translation · rotation · scale */
export function composeMatrix({ translation: t, rotation: [x, y, z, w], scale: s }: Trs): mat4 {
  return [
    (1 - 2 * (y * y + z * z)) * s[0],
    2 * (x * y + z * w) * s[0],
    2 * (x * z - y * w) * s[0],
    0,
    2 * (x * y - z * w) * s[1],
    (1 - 2 * (x * x + z * z)) * s[1],
    2 * (y * z + x * w) * s[1],
    0,
    2 * (x * z + y * w) * s[2],
    2 * (y * z - x * w) * s[2],
    (1 - 2 * (x * x + y * y)) * s[2],
    0,
    t[0],
    t[1],
    t[2],
    1,
  ];
}

/** @returns xyz carried by an affine matrix */
export function transformPoint(m: mat4, [x, y, z]: ArrayLike<number> & Iterable<number>): vec3 {
  return [
    m[0] * x + m[4] * y + m[8] * z + m[12],
    m[1] * x + m[5] * y + m[9] * z + m[13],
    m[2] * x + m[6] * y + m[10] * z + m[14],
  ];
}

const dot = (a: vec3, b: vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

function unit(v: vec3): vec3 {
  const length = Math.hypot(...v) || 1;
  return [v[0] / length, v[1] / length, v[2] / length];
}

/** Shepperd 1978, "Quaternion from rotation matrix": the largest of the four is computed first. */
function quaternionFromAxes(x: vec3, y: vec3, z: vec3): vec4 {
  const trace = x[0] + y[1] + z[2];
  if (trace > 0) {
    const s = Math.sqrt(trace + 1) * 2;
    return [(y[2] - z[1]) / s, (z[0] - x[2]) / s, (x[1] - y[0]) / s, s / 4];
  }
  if (x[0] > y[1] && x[0] > z[2]) {
    const s = Math.sqrt(1 + x[0] - y[1] - z[2]) * 2;
    return [s / 4, (y[0] + x[1]) / s, (z[0] + x[2]) / s, (y[2] - z[1]) / s];
  }
  if (y[1] > z[2]) {
    const s = Math.sqrt(1 + y[1] - x[0] - z[2]) * 2;
    return [(y[0] + x[1]) / s, s / 4, (z[1] + y[2]) / s, (z[0] - x[2]) / s];
  }
  const s = Math.sqrt(1 + z[2] - x[0] - y[1]) * 2;
  return [(z[0] + x[2]) / s, (z[1] + y[2]) / s, s / 4, (x[1] - y[0]) / s];
}
