import type { vec3, vec4 } from '@gltf-transform/core';

export const dot4 = (a: vec4, b: vec4): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2] + a[3] * b[3];

/**
 * The turn between two, the short way: q and −q turn alike. Shoemake 1985, "Animating rotation with quaternion curves";
 * glTF 2.0, 3.11, LINEAR on rotations.
 * @param a,b unit quaternions xyzw
 * @param u 0 at a, 1 at b
 */
export function slerp(a: vec4, b: vec4, u: number): vec4 {
  const sign = dot4(a, b) < 0 ? -1 : 1;
  const angle = Math.acos(Math.min(1, dot4(a, b) * sign));
  const sine = Math.sin(angle);
  // so near to one another that a straight line is the arc
  const [p, q] = angle < 1e-6 ? [1 - u, u] : [Math.sin((1 - u) * angle) / sine, Math.sin(u * angle) / sine];
  return a.map((v, i) => v * p + sign * b[i] * q) as vec4;
}

/** The turn that does b, then a. @param a,b unit quaternions xyzw */
export function multiplyQuaternions(a: vec4 | readonly number[], b: vec4 | readonly number[]): vec4 {
  const [ax, ay, az, aw] = a;
  const [bx, by, bz, bw] = b;
  return [
    aw * bx + ax * bw + ay * bz - az * by,
    aw * by - ax * bz + ay * bw + az * bx,
    aw * bz + ax * by - ay * bx + az * bw,
    aw * bw - ax * bx - ay * by - az * bz,
  ];
}

/** A vector turned by a unit quaternion xyzw. */
export function rotateVector([qx, qy, qz, qw]: vec4, [x, y, z]: vec3 | readonly number[]): vec3 {
  const tx = 2 * (qy * z - qz * y);
  const ty = 2 * (qz * x - qx * z);
  const tz = 2 * (qx * y - qy * x);
  return [x + qw * tx + qy * tz - qz * ty, y + qw * ty + qz * tx - qx * tz, z + qw * tz + qx * ty - qy * tx];
}
