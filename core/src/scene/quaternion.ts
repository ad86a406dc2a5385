import type { vec3, vec4 } from '@gltf-transform/core';
import { quat, vec3 as vector } from 'gl-matrix';

// Quaternions are x, y, z, w as glTF has them.
type Given = vec4 | readonly number[];

/** The rotation between two, the short way: q and −q rotate alike (glTF 2.0, 3.11, LINEAR on rotations). @param u 0 at a, 1 at b */
export const slerp = (a: vec4, b: vec4, u: number): vec4 => quat.slerp([0, 0, 0, 1], a, b, u) as vec4;

/** The rotation that does b, then a. */
export const multiplyQuaternions = (a: Given, b: Given): vec4 =>
  quat.multiply([0, 0, 0, 1], a as vec4, b as vec4) as vec4;

/** A vector turned by a unit quaternion. */
export const rotateVector = (q: vec4, v: Given | vec3): vec3 => vector.transformQuat([0, 0, 0], v as vec3, q) as vec3;
