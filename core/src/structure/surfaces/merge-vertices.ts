import type { Document, Primitive } from '@gltf-transform/core';
import { weldPrimitive } from '@gltf-transform/functions';
import { buildEdgeTable } from '../../geometry/edge-table';
import { longestSide } from '../../geometry/longest-side';
import { mergePointsWithin } from '../../geometry/merge-points-within';
import { getPolygonData, HaveldPolygons } from '../../scene/document/polygon-data';
import { createScalars } from '../../scene/meshes/create-scalars';
import { computePolygonStarts } from '../../scene/meshes/split-polygons';
import { gatherSurface, type PartSurface } from './gather-surface';
import { countEdges } from './judge-surface';

/** Which vertices are brought together: those at open borders, or all. */
export type Merged = 'borders' | 'all';

/** What bringing vertices together would do. */
export interface Merge {
  /** Each place's new one. */
  placeOf: Uint32Array;
  /** Places that move. */
  moved: number;
  /** Open edges there are fewer of afterwards. */
  closed: number;
  /** Triangles that would have no extent any more. */
  collapsed: number;
}

/**
 * Places within a distance of the first of them become one.
 * @param tolerance share of the part's longest side, above 0
 */
export function planMerge(surface: PartSurface, tolerance: number, of: Merged): Merge {
  const { positions, points, table } = surface;
  const count = positions.length / 3;
  const isMeant = new Uint8Array(count).fill(of === 'all' ? 1 : 0);
  for (let edge = 0; edge < table.edges; edge++)
    if (table.uses[edge] === 1) isMeant[table.ends[edge * 2]] = isMeant[table.ends[edge * 2 + 1]] = 1;
  const meant: number[] = [];
  for (let place = 0; place < count; place++) if (isMeant[place]) meant.push(place);
  const chosen = new Float32Array(meant.length * 3);
  meant.forEach((place, i) => chosen.set(positions.subarray(place * 3, place * 3 + 3), i * 3));
  const { corners } = mergePointsWithin(chosen, tolerance * longestSide(positions));
  const firstOf: number[] = [];
  const placeOf = Uint32Array.from({ length: count }, (_, place) => place);
  let moved = 0;
  meant.forEach((place, i) => {
    firstOf[corners[i]] ??= place;
    placeOf[place] = firstOf[corners[i]];
    if (placeOf[place] !== place) moved++;
  });
  if (moved === 0) return { placeOf, moved, closed: 0, collapsed: 0 };
  const merged = points.map((place) => placeOf[place]);
  let collapsed = 0;
  for (let c = 0; c < merged.length; c += 3)
    if (isFlat(merged[c], merged[c + 1], merged[c + 2]) && !isFlat(points[c], points[c + 1], points[c + 2]))
      collapsed++;
  const after = countEdges({ table: buildEdgeTable(merged, count) });
  return { placeOf, moved, closed: countEdges({ table }).open - after.open, collapsed };
}

const isFlat = (a: number, b: number, c: number): boolean => a === b || b === c || c === a;

/**
 * Brings vertices of a part together that lie within a distance of one another, in place. Layouts, colours and normals stay with each;
 * polygons without extent go.
 * @returns places that moved
 */
export function mergeVertices(
  document: Document,
  primitives: readonly Primitive[],
  tolerance: number,
  of: Merged,
): number {
  const surface = gatherSurface(primitives);
  if (!surface) return 0;
  const { placeOf, moved } = planMerge(surface, tolerance, of);
  if (moved === 0) return 0;
  const { positions, points } = surface;
  for (const { primitive, indices, firstTriangle } of surface.members) {
    const position = primitive.getAttribute('POSITION')!.clone();
    const array = position.getArray()!.slice();
    position.setArray(array);
    for (let c = 0; c < indices.length; c++) {
      const place = placeOf[points[firstTriangle * 3 + c]];
      if (place !== points[firstTriangle * 3 + c])
        position.setElement(indices[c], [...positions.subarray(place * 3, place * 3 + 3)]);
    }
    primitive.setAttribute('POSITION', position);
    const merged = points
      .subarray(firstTriangle * 3, firstTriangle * 3 + indices.length)
      .map((place) => placeOf[place]);
    dropCollapsed(document, primitive, indices, merged);
    // creases name vertices by number, so such a primitive is not joined further
    if (!getPolygonData(primitive)?.getCreaseEdges()) weldPrimitive(primitive);
  }
  return moved;
}

/** A polygon loses each triangle whose corners came together, and a corner with it; without any it goes. */
function dropCollapsed(document: Document, primitive: Primitive, indices: Uint32Array, merged: Uint32Array): void {
  const starts = computePolygonStarts(primitive, indices.length / 3);
  const kept: number[] = [];
  const [sizes, polygons]: number[][] = [[], []];
  for (let k = 0; k + 1 < starts.length; k++) {
    const before = kept.length;
    for (let c = starts[k] * 3; c < starts[k + 1] * 3; c += 3)
      if (!isFlat(merged[c], merged[c + 1], merged[c + 2])) kept.push(indices[c], indices[c + 1], indices[c + 2]);
    if (kept.length === before) continue;
    sizes.push((kept.length - before) / 3 + 2);
    polygons.push(k);
  }
  if (kept.length === indices.length) return;
  primitive.setIndices(createScalars(document, Uint32Array.from(kept)));
  const data = getPolygonData(primitive);
  if (!data) return;
  const next = data.clone();
  if (data.getSizes()) next.setSizes(createScalars(document, Uint32Array.from(sizes)));
  const smoothing = data.getSmoothing()?.getArray();
  if (smoothing)
    next.setSmoothing(
      createScalars(
        document,
        Uint32Array.from(polygons, (k) => smoothing[k]),
      ),
    );
  primitive.setExtension(HaveldPolygons.EXTENSION_NAME, next);
}
