import type { Primitive } from '@gltf-transform/core';
import { getPolygonData } from '../document/polygon-data';

/**
 * Lets the creases of a primitive follow its vertices to new numbers.
 * @param before the vertex at each corner as it was
 * @param after as it is now
 */
export function moveCreases(primitive: Primitive, before: ArrayLike<number>, after: ArrayLike<number>): void {
  const data = getPolygonData(primitive);
  const edges = data?.getCreaseEdges();
  const array = edges?.getArray();
  if (!data || !edges || !array) return;
  const newOf = new Map<number, number>();
  for (let c = 0; c < before.length; c++) newOf.set(before[c], after[c]);
  const moved = Uint32Array.from([...(array as Uint32Array)], (vertex) => newOf.get(vertex) ?? 0);
  data.setCreases(edges.clone().setArray(moved), data.getCreaseWeights());
}
