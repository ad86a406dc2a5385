import type { mat4, vec3 } from '@gltf-transform/core';
import { invertMatrix, multiplyMatrix, scaleMatrix, translationMatrix } from '../../scene/matrix';
import { readNumbers, type XmlElement } from './xml-tree';

/** One element of a node's transform, in its order, with numbers a clip may change. */
export interface TransformPart {
  kind: string;
  sid: string;
  values: number[];
}

const KINDS = ['matrix', 'translate', 'rotate', 'scale', 'lookat', 'skew'];

export const readTransform = (node: XmlElement): TransformPart[] =>
  node.children
    .filter((child) => KINDS.includes(child.name))
    .map((child) => ({ kind: child.name, sid: child.attributes.sid ?? '', values: [...readNumbers(child)] }));

/** @returns the local matrix: parts applied from the last to the first (COLLADA 1.4.1, "node") */
export function composeParts(parts: readonly TransformPart[]): mat4 {
  return parts.reduce((matrix, part) => multiplyMatrix(matrix, partMatrix(part)), scaleMatrix(1));
}

function partMatrix({ kind, values }: TransformPart): mat4 {
  const [x = 0, y = 0, z = 0, w = 0] = values;
  switch (kind) {
    case 'matrix':
      return values.length === 16 && values.every(Number.isFinite) ? transpose(values) : scaleMatrix(1);
    case 'translate':
      return translationMatrix([x, y, z]);
    case 'scale':
      return [x, 0, 0, 0, 0, y, 0, 0, 0, 0, z, 0, 0, 0, 0, 1];
    case 'rotate':
      return rotationMatrix([x, y, z], w);
    case 'lookat':
      return lookAt(values);
    default:
      return scaleMatrix(1);
  }
}

/** The file writes rows, glTF columns. */
export const transpose = (m: ArrayLike<number>): mat4 =>
  Array.from({ length: 16 }, (_, i) => m[(i % 4) * 4 + (i >> 2)]) as mat4;

/** Rodrigues 1840: a turn about an axis, degrees. */
function rotationMatrix(axis: vec3, degrees: number): mat4 {
  const length = Math.hypot(...axis) || 1;
  const [x, y, z] = axis.map((v) => v / length);
  const c = Math.cos((degrees * Math.PI) / 180);
  const s = Math.sin((degrees * Math.PI) / 180);
  const t = 1 - c;
  return [
    ...[t * x * x + c, t * x * y + s * z, t * x * z - s * y, 0],
    ...[t * x * y - s * z, t * y * y + c, t * y * z + s * x, 0],
    ...[t * x * z + s * y, t * y * z - s * x, t * z * z + c, 0],
    ...[0, 0, 0, 1],
  ] as mat4;
}

/** Eye, point of interest, up. */
function lookAt(v: readonly number[]): mat4 {
  const cross = (a: number[], b: number[]): number[] => [
    a[1] * b[2] - a[2] * b[1],
    a[2] * b[0] - a[0] * b[2],
    a[0] * b[1] - a[1] * b[0],
  ];
  const unit = (a: number[]): number[] => a.map((n) => n / (Math.hypot(...a) || 1));
  const back = unit([v[0] - v[3], v[1] - v[4], v[2] - v[5]]);
  const right = unit(cross([v[6], v[7], v[8]], back));
  const up = cross(back, right);
  const matrix = [...right, 0, ...up, 0, ...back, 0, v[0], v[1], v[2], 1] as mat4;
  return invertMatrix(matrix) ? matrix : translationMatrix([v[0] || 0, v[1] || 0, v[2] || 0]);
}
