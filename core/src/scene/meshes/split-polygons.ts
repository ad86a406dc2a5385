import type { Document, Primitive } from '@gltf-transform/core';
import { getPolygonData, HaveldPolygons, type PolygonData } from '../document/polygon-data';
import { createScalars } from './create-scalars';
import { listIndices } from './list-indices';
import { pickVertices } from './pick-vertices';
import { setVertices } from './set-vertices';

/** @returns the first triangle of each polygon of a primitive, and after them how many triangles there are */
export function computePolygonStarts(primitive: Primitive, triangles: number): Uint32Array {
  const sizes = getPolygonData(primitive)?.getSizes()?.getArray();
  const starts = new Uint32Array((sizes?.length ?? triangles) + 1);
  if (!sizes) for (let k = 0; k <= triangles; k++) starts[k] = k;
  else for (let k = 0; k < sizes.length; k++) starts[k + 1] = starts[k] + sizes[k] - 2;
  return starts;
}

/**
 * Shares the polygons of a primitive out to several. Each keeps every attribute, blend shape, polygon, smoothing and crease of its
 * own; the given one stays as it is.
 * @param groupOf which each polygon goes to; below 0 to none
 * @returns one primitive a group; null for one without polygons
 */
export function splitPolygons(
  document: Document,
  primitive: Primitive,
  groupOf: Int32Array,
  groups: number,
): (Primitive | null)[] {
  const indices = listIndices(primitive);
  const starts = computePolygonStarts(primitive, indices.length / 3);
  const members = bucket(groupOf, groups);
  const vertices = primitive.getAttribute('POSITION')!.getCount();
  const numbering: Numbering = { newOf: new Uint32Array(vertices), stamps: new Int32Array(vertices), round: 0 };
  const creases = listCreases(getPolygonData(primitive), vertices);
  return members.map((polygons) =>
    polygons.length === 0 ? null : takePolygons(document, primitive, { polygons, indices, starts, numbering, creases }),
  );
}

/** Numbers of vertices in the primitive in the making, valid where `stamps` holds the present round. */
interface Numbering {
  newOf: Uint32Array;
  stamps: Int32Array;
  round: number;
}

/** Creased edges by their first vertex: those of vertex `v` are `edges[starts[v]]` up to `edges[starts[v + 1]]`. */
interface Creases {
  starts: Uint32Array;
  others: Uint32Array;
  weights: Float32Array;
}

interface Taken {
  polygons: Uint32Array;
  indices: Uint32Array;
  starts: Uint32Array;
  numbering: Numbering;
  creases: Creases | null;
}

/** @returns the polygons of each group, in their order */
function bucket(groupOf: Int32Array, groups: number): Uint32Array[] {
  const counts = new Uint32Array(groups);
  for (const group of groupOf) if (group >= 0) counts[group]++;
  const members = Array.from(counts, (count) => new Uint32Array(count));
  counts.fill(0);
  for (let k = 0; k < groupOf.length; k++) {
    const group = groupOf[k];
    if (group >= 0) members[group][counts[group]++] = k;
  }
  return members;
}

function takePolygons(document: Document, primitive: Primitive, taken: Taken): Primitive {
  const { polygons, indices, starts, numbering } = taken;
  let corners = 0;
  for (const k of polygons) corners += (starts[k + 1] - starts[k]) * 3;
  const dst = new Uint32Array(corners);
  const sources = new Int32Array(Math.min(corners, numbering.newOf.length));
  const { newOf, stamps } = numbering;
  const round = ++numbering.round;
  let [at, count] = [0, 0];
  for (const k of polygons)
    for (let c = starts[k] * 3; c < starts[k + 1] * 3; c++) {
      const vertex = indices[c];
      if (stamps[vertex] !== round) {
        stamps[vertex] = round;
        newOf[vertex] = count;
        sources[count++] = vertex;
      }
      dst[at++] = newOf[vertex];
    }
  const used = sources.subarray(0, count);
  const one = primitive.clone();
  setVertices(one, used);
  one.setIndices(createScalars(document, count < 65535 ? new Uint16Array(dst) : dst));
  keepPolygons(document, primitive, one, taken, used);
  return one;
}

function keepPolygons(
  document: Document,
  src: Primitive,
  dst: Primitive,
  { polygons, numbering, creases }: Taken,
  used: Int32Array,
): void {
  const data = getPolygonData(src);
  if (!data) return;
  const pick = (accessor: ReturnType<PolygonData['getSizes']>) =>
    accessor && pickVertices(accessor, Int32Array.from(polygons));
  const kept = document
    .createExtension(HaveldPolygons)
    .createPolygonData()
    .setSizes(pick(data.getSizes()))
    .setSmoothing(pick(data.getSmoothing()))
    .setSmoothingKind(data.getSmoothingKind());
  dst.setExtension(HaveldPolygons.EXTENSION_NAME, kept);
  if (!creases) return;
  const edges: number[] = [];
  const weights: number[] = [];
  for (const vertex of used) {
    const end: number = creases.starts[vertex + 1];
    for (let e: number = creases.starts[vertex]; e < end; e++) {
      const other = creases.others[e];
      if (numbering.stamps[other] !== numbering.round) continue;
      edges.push(numbering.newOf[vertex], numbering.newOf[other]);
      weights.push(creases.weights[e]);
    }
  }
  if (edges.length === 0) return;
  kept.setCreases(
    createScalars(document, Uint32Array.from(edges)),
    createScalars(document, Float32Array.from(weights)),
  );
}

function listCreases(data: PolygonData | null, vertices: number): Creases | null {
  const edges = data?.getCreaseEdges()?.getArray();
  const values = data?.getCreaseWeights()?.getArray();
  if (!edges || !values) return null;
  const starts = new Uint32Array(vertices + 1);
  for (let e = 0; e < edges.length; e += 2) starts[edges[e] + 1]++;
  for (let v = 0; v < vertices; v++) starts[v + 1] += starts[v];
  const next = starts.slice();
  const others = new Uint32Array(values.length);
  const weights = new Float32Array(values.length);
  for (let e = 0; e < values.length; e++) {
    const at = next[edges[e * 2]]++;
    others[at] = edges[e * 2 + 1];
    weights[at] = values[e];
  }
  return { starts, others, weights };
}
