import type { Document, Primitive } from '@gltf-transform/core';
import { countTriangles, listMeshInstances } from '../scene/traverse';
import { gatherSurface } from '../structure/surfaces/gather-surface';
import {
  countEdges,
  countTrouble,
  EDGE_TROUBLES,
  type EdgeCounts,
  type EdgeTrouble,
} from '../structure/surfaces/judge-surface';

/** Heavier primitives are not looked through after every step. */
const HEAVY = 1_500_000;

/** What was counted of a primitive, by the arrays it is made of: what no step touched is counted once. */
const known = new WeakMap<object, WeakMap<object, EdgeCounts>>();

/** Counts how faces meet wrongly in all a document shows, each material of a part by itself: where they border is no opening. */
export function takeSurfaceCensus(document: Document): EdgeCounts {
  const sum: EdgeCounts = { open: 0, crowded: 0, against: 0 };
  for (const { mesh } of listMeshInstances(document))
    for (const primitive of mesh.listPrimitives()) {
      const counts = countOf(primitive);
      for (const trouble of Object.keys(sum) as EdgeTrouble[]) sum[trouble] += counts?.[trouble] ?? 0;
    }
  return sum;
}

function countOf(primitive: Primitive): EdgeCounts | null {
  const places = primitive.getAttribute('POSITION')?.getArray();
  if (!places || countTriangles(primitive) > HEAVY) return null;
  const byIndices = known.get(places) ?? new WeakMap<object, EdgeCounts>();
  known.set(places, byIndices);
  const indices = primitive.getIndices()?.getArray() ?? places;
  const counted = byIndices.get(indices);
  if (counted) return counted;
  const surface = gatherSurface([primitive]);
  const counts = surface ? countEdges(surface) : { open: 0, crowded: 0, against: 0 };
  byIndices.set(indices, counts);
  return counts;
}

/**
 * What got more, in sentences.
 * @param asked what comes with the step
 */
export function describeTroubles(before: EdgeCounts, after: EdgeCounts, asked: readonly EdgeTrouble[]): string[] {
  return (Object.keys(EDGE_TROUBLES) as EdgeTrouble[])
    .filter((trouble) => after[trouble] > before[trouble] && !asked.includes(trouble))
    .map((trouble) => `${countTrouble(trouble, after[trouble] - before[trouble])} more than before`);
}
