import type { Accessor, Mesh, Node, Primitive, mat4 } from '@gltf-transform/core';
import { inChunks } from '../../geometry/in-chunks';
import { multiplyMatrix } from '../matrix';
import type { MeshInstance } from '../traverse';

/**
 * Where a primitive's vertices stand.
 * @returns xyz per vertex, world space; blend shapes and skins in the pose the nodes have now. Empty where there is no position.
 */
export function computeWorldPositions({ node, mesh, world }: MeshInstance, primitive: Primitive): Float64Array {
  const src = getLocalPositions(node, mesh, primitive);
  const dst = new Float64Array(src.length);
  if (node.getSkin()) return computeSkinnedPositions(node, primitive, src, dst);
  inChunks(src.length / 3, (from, to) => placeVertices(src, dst, world, from, to));
  return dst;
}

function placeVertices(src: ArrayLike<number>, dst: Float64Array, m: mat4, from: number, to: number): void {
  for (let o = from * 3; o < to * 3; o += 3) {
    const x = src[o];
    const y = src[o + 1];
    const z = src[o + 2];
    dst[o] = m[0] * x + m[4] * y + m[8] * z + m[12];
    dst[o + 1] = m[1] * x + m[5] * y + m[9] * z + m[13];
    dst[o + 2] = m[2] * x + m[6] * y + m[10] * z + m[14];
  }
}

/** The vertices in the mesh's own space, with its blend shapes at their weights (glTF 2.0, 3.7.2.2). */
function getLocalPositions(node: Node, mesh: Mesh, primitive: Primitive): ArrayLike<number> {
  const position = primitive.getAttribute('POSITION');
  if (!position) return [];
  const weights = node.getWeights().length > 0 ? node.getWeights() : mesh.getWeights();
  const targets = primitive
    .listTargets()
    .map((target, i) => ({ offsets: target.getAttribute('POSITION'), weight: weights[i] ?? 0 }))
    .filter(({ offsets, weight }) => offsets !== null && weight !== 0);
  const plain = position.getArray();
  if (targets.length === 0 && plain && !position.getNormalized()) return plain;
  const dst = new Float64Array(position.getCount() * 3);
  addTo(dst, position, 1);
  for (const { offsets, weight } of targets) addTo(dst, offsets!, weight);
  return dst;
}

function addTo(dst: Float64Array, src: Accessor, weight: number): void {
  const element = [0, 0, 0];
  for (let i = 0; i < src.getCount(); i++) {
    src.getElement(i, element);
    for (let axis = 0; axis < 3; axis++) dst[i * 3 + axis] += element[axis] * weight;
  }
}

/** glTF 2.0, 3.7.3: each joint's world matrix times its inverse bind matrix, mixed by weight. */
function computeSkinnedPositions(
  node: Node,
  primitive: Primitive,
  src: ArrayLike<number>,
  dst: Float64Array,
): Float64Array {
  const skin = node.getSkin()!;
  const inverseBind = skin.getInverseBindMatrices();
  const element: number[] = new Array<number>(16).fill(0);
  const joints = skin.listJoints().map((joint, j): mat4 => {
    const world = joint.getWorldMatrix();
    return inverseBind ? multiplyMatrix(world, inverseBind.getElement(j, element) as mat4) : world;
  });
  const sets: { joint: ReturnType<Primitive['getAttribute']>; weight: ReturnType<Primitive['getAttribute']> }[] = [];
  for (let s = 0; primitive.getAttribute(`JOINTS_${s}`); s++) {
    sets.push({ joint: primitive.getAttribute(`JOINTS_${s}`), weight: primitive.getAttribute(`WEIGHTS_${s}`) });
  }
  const j4 = [0, 0, 0, 0];
  const w4 = [0, 0, 0, 0];
  for (let i = 0; i < src.length / 3; i++) {
    const [px, py, pz] = [src[i * 3], src[i * 3 + 1], src[i * 3 + 2]];
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
        x += w * (m[0] * px + m[4] * py + m[8] * pz + m[12]);
        y += w * (m[1] * px + m[5] * py + m[9] * pz + m[13]);
        z += w * (m[2] * px + m[6] * py + m[10] * pz + m[14]);
      }
    }
    dst[i * 3] = x;
    dst[i * 3 + 1] = y;
    dst[i * 3 + 2] = z;
  }
  return dst;
}
