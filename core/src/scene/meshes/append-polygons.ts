import type { Document, Primitive } from '@gltf-transform/core';
import { triangulatePolygon } from '../../geometry/triangulate';
import { getPolygonData, HaveldPolygons } from '../document/polygon-data';
import { createScalars } from './create-scalars';
import { listIndices } from './list-indices';
import { setVertices } from './set-vertices';

/** A polygon that is to be. */
export interface NewPolygon {
  /** xyz a corner, in the primitive's space, counter-clockwise seen from outside. */
  places: Float64Array;
  /** The vertex each corner has everything but its place and its normal from. */
  sources: readonly number[];
  /** A unit vector. */
  normal: readonly [number, number, number];
}

/** Adds flat polygons to a primitive, each with vertices of its own, in place. They shade with nobody. */
export function appendPolygons(document: Document, primitive: Primitive, added: readonly NewPolygon[]): void {
  const vertices = primitive.getAttribute('POSITION')!.getCount();
  const indices = listIndices(primitive);
  const grown = added.reduce((sum, { sources }) => sum + sources.length, 0);
  const dst = new Uint32Array(indices.length + added.reduce((sum, { sources }) => sum + (sources.length - 2) * 3, 0));
  dst.set(indices);
  const picked = new Int32Array(vertices + grown);
  for (let v = 0; v < vertices; v++) picked[v] = v;
  let [at, vertex] = [indices.length, vertices];
  for (const { places, sources } of added) {
    const cut = new Int32Array((sources.length - 2) * 3);
    triangulatePolygon(places, sources.length, cut, 0);
    for (const corner of cut) dst[at++] = vertex + corner;
    for (const source of sources) picked[vertex++] = source;
  }
  setVertices(primitive, picked);
  primitive.setIndices(createScalars(document, picked.length < 65535 ? new Uint16Array(dst) : dst));
  const [position, normal] = [primitive.getAttribute('POSITION')!, primitive.getAttribute('NORMAL')];
  vertex = vertices;
  for (const { places, sources, normal: out } of added)
    for (let i = 0; i < sources.length; i++, vertex++) {
      position.setElement(vertex, [...places.subarray(i * 3, i * 3 + 3)]);
      normal?.setElement(vertex, [...out]);
    }
  keepSizes(document, primitive, indices.length / 3, added);
}

function keepSizes(document: Document, primitive: Primitive, triangles: number, added: readonly NewPolygon[]): void {
  const data = getPolygonData(primitive);
  const isPlain = !data?.getSizes() && added.every(({ sources }) => sources.length === 3);
  if (isPlain && !data?.getSmoothing()) return;
  const old = data?.getSizes()?.getArray();
  const count = old?.length ?? triangles;
  const kept = data?.clone() ?? document.createExtension(HaveldPolygons).createPolygonData();
  if (!isPlain) {
    const sizes = new Uint32Array(count + added.length).fill(3);
    if (old) sizes.set(old);
    added.forEach(({ sources }, i) => (sizes[count + i] = sources.length));
    kept.setSizes(createScalars(document, sizes));
  }
  const smoothing = data?.getSmoothing()?.getArray();
  if (smoothing) {
    const groups = new Uint32Array(count + added.length);
    groups.set(smoothing);
    kept.setSmoothing(createScalars(document, groups));
  }
  primitive.setExtension(HaveldPolygons.EXTENSION_NAME, kept);
}
