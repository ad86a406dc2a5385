import type { Document, Primitive } from '@gltf-transform/core';
import { getBuffer } from '../scene/meshes/build-primitive';

export interface Influence {
  bone: number;
  weight: number;
}

/**
 * Binds the vertices of a primitive to bones. All influences are kept, in as many sets of four as the fullest vertex needs,
 * heaviest first and summing to 1, so that a player of four loses least; a vertex without any follows the first bone.
 * @param sources control point of each vertex
 * @param influences per control point
 */
export function setSkinAttributes(
  document: Document,
  primitive: Primitive,
  sources: Int32Array,
  influences: readonly (readonly Influence[])[],
): void {
  const ordered = influences.map((list) => [...list].sort((a, b) => b.weight - a.weight));
  let most = 1;
  for (const point of sources) most = Math.max(most, ordered[point]?.length ?? 0);
  for (let set = 0; set * 4 < most; set++) {
    const joints = new Uint16Array(sources.length * 4);
    const weights = new Float32Array(sources.length * 4);
    sources.forEach((point, vertex) => {
      const list = ordered[point] ?? [];
      const sum = list.reduce((total, { weight }) => total + weight, 0);
      if (list.length === 0 && set === 0) weights[vertex * 4] = 1;
      for (let i = 0; i < 4 && set * 4 + i < list.length; i++) {
        joints[vertex * 4 + i] = list[set * 4 + i].bone;
        weights[vertex * 4 + i] = list[set * 4 + i].weight / sum;
      }
    });
    for (const [semantic, array] of [
      [`JOINTS_${set}`, joints],
      [`WEIGHTS_${set}`, weights],
    ] as const) {
      const accessor = document.createAccessor().setType('VEC4').setArray(array).setBuffer(getBuffer(document));
      primitive.setAttribute(semantic, accessor);
    }
  }
}
