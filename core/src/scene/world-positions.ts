import type { Node, Primitive, mat4 } from '@gltf-transform/core';
import { multiplyMatrix } from './matrix';
import type { MeshInstance } from './traverse';

/**
 * Where a primitive's vertices stand.
 * @returns xyz per vertex, world space; skinned vertices in the pose the nodes have now. Empty where there is no position.
 */
export function computeWorldPositions({ node, world }: MeshInstance, primitive: Primitive): Float64Array {
  const position = primitive.getAttribute('POSITION');
  if (!position) return new Float64Array();
  const src = position.getNormalized() ? null : position.getArray();
  const count = position.getCount();
  const dst = new Float64Array(count * 3);
  const skin = node.getSkin();
  if (skin) return computeSkinnedPositions(node, primitive, dst);
  const m = world;
  const point = [0, 0, 0];
  for (let i = 0, o = 0; i < count; i++, o += 3) {
    let x: number, y: number, z: number;
    if (src) {
      x = src[o];
      y = src[o + 1];
      z = src[o + 2];
    } else {
      position.getElement(i, point);
      [x, y, z] = point;
    }
    dst[o] = m[0] * x + m[4] * y + m[8] * z + m[12];
    dst[o + 1] = m[1] * x + m[5] * y + m[9] * z + m[13];
    dst[o + 2] = m[2] * x + m[6] * y + m[10] * z + m[14];
  }
  return dst;
}

/** glTF 2.0, 3.7.3: each joint's world matrix times its inverse bind matrix, mixed by weight. */
function computeSkinnedPositions(node: Node, primitive: Primitive, dst: Float64Array): Float64Array {
  const skin = node.getSkin()!;
  const inverseBind = skin.getInverseBindMatrices();
  const element: number[] = new Array<number>(16).fill(0);
  const joints = skin.listJoints().map((joint, j): mat4 => {
    const world = joint.getWorldMatrix();
    return inverseBind ? multiplyMatrix(world, inverseBind.getElement(j, element) as mat4) : world;
  });
  const position = primitive.getAttribute('POSITION')!;
  const sets: { joint: ReturnType<Primitive['getAttribute']>; weight: ReturnType<Primitive['getAttribute']> }[] = [];
  for (let s = 0; primitive.getAttribute(`JOINTS_${s}`); s++) {
    sets.push({ joint: primitive.getAttribute(`JOINTS_${s}`), weight: primitive.getAttribute(`WEIGHTS_${s}`) });
  }
  const p = [0, 0, 0];
  const j4 = [0, 0, 0, 0];
  const w4 = [0, 0, 0, 0];
  for (let i = 0; i < position.getCount(); i++) {
    position.getElement(i, p);
    let x = 0;
    let y = 0;
    let z = 0;
    for (const { joint, weight } of sets) {
      if (!joint || !weight) continue;
      joint.getElement(i, j4);
      weight.getElement(i, w4);
      for (let k = 0; k < 4; k++) {
        const w = w4[k];
        const m = joints[j4[k]];
        if (w === 0 || !m) continue;
        x += w * (m[0] * p[0] + m[4] * p[1] + m[8] * p[2] + m[12]);
        y += w * (m[1] * p[0] + m[5] * p[1] + m[9] * p[2] + m[13]);
        z += w * (m[2] * p[0] + m[6] * p[1] + m[10] * p[2] + m[14]);
      }
    }
    dst[i * 3] = x;
    dst[i * 3 + 1] = y;
    dst[i * 3 + 2] = z;
  }
  return dst;
}
