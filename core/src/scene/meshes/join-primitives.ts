import type { Accessor, Document, Primitive } from '@gltf-transform/core';
import { getPolygonData, HaveldPolygons, type PolygonData } from '../document/polygon-data';
import { countTriangles } from '../traverse';
import { inChunks } from '../../geometry/in-chunks';
import { createScalars } from './create-scalars';

/**
 * Joins primitives of one mesh where nothing is lost by it: those of one material that hold the same attributes in the same way. What
 * differs in any of that stays a primitive of its own.
 * @param primitives in one space; they are not changed
 * @returns as many as there are kinds, each where the first of its kind stood
 */
export function joinPrimitives(document: Document, primitives: readonly Primitive[]): Primitive[] {
  const kinds = new Map<string, Primitive[]>();
  const idOf = new Ids();
  for (const primitive of primitives) {
    const key = describeKind(primitive, idOf);
    const members = kinds.get(key);
    if (members) members.push(primitive);
    else kinds.set(key, [primitive]);
  }
  return [...kinds.values()].map((members) => (members.length === 1 ? members[0] : joinAlike(document, members)));
}

/** What has to be the same of two primitives that become one. */
function describeKind(primitive: Primitive, idOf: Ids): string {
  const describe = (accessor: Accessor): string =>
    `${accessor.getType()}${accessor.getComponentType()}${accessor.getNormalized() ? 'n' : ''}`;
  const attributes = primitive
    .listSemantics()
    .map((semantic) => `${semantic}=${describe(primitive.getAttribute(semantic)!)}`);
  const targets = primitive
    .listTargets()
    .map((target) =>
      target.listSemantics().map((semantic) => `${semantic}=${describe(target.getAttribute(semantic)!)}`),
    );
  const data = getPolygonData(primitive);
  const others = primitive
    .listExtensions()
    .filter((extension) => extension !== data)
    .map((extension) => idOf.get(extension));
  return JSON.stringify([
    primitive.getMode(),
    idOf.get(primitive.getMaterial()),
    attributes.sort(),
    targets,
    others,
    data?.getSmoothing() ? data.getSmoothingKind() : null,
    primitive.getExtras(),
    primitive.getIndices() !== null || primitive.getMode() === 4,
  ]);
}

class Ids {
  readonly #ids = new Map<unknown, number>();

  get(property: unknown): number {
    const id = this.#ids.get(property) ?? this.#ids.size;
    this.#ids.set(property, id);
    return id;
  }
}

function joinAlike(document: Document, members: readonly Primitive[]): Primitive {
  const [first] = members;
  const counts = members.map((one) => one.getAttribute('POSITION')!.getCount());
  const starts = counts.map((_, i) => counts.slice(0, i).reduce((sum, count) => sum + count, 0));
  const total = counts.reduce((sum, count) => sum + count, 0);
  const joined = first.clone();
  for (const semantic of first.listSemantics())
    joined.setAttribute(semantic, concatenate(members.map((one) => one.getAttribute(semantic)!)));
  first.listTargets().forEach((target, t) => {
    const moved = target.clone();
    for (const semantic of target.listSemantics())
      moved.setAttribute(semantic, concatenate(members.map((one) => one.listTargets()[t].getAttribute(semantic)!)));
    joined.removeTarget(target).addTarget(moved);
  });
  if (first.getIndices() !== null || first.getMode() === 4)
    joined.setIndices(joinIndices(document, members, starts, total));
  joinPolygons(document, members, starts, joined);
  return joined;
}

function concatenate(accessors: readonly Accessor[]): Accessor {
  const arrays = accessors.map((accessor) => accessor.getArray()!);
  const array = arrays[0].slice(0, 0).constructor as new (length: number) => Float32Array<ArrayBuffer>;
  const dst = new array(arrays.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const one of arrays) {
    dst.set(one, at);
    at += one.length;
  }
  return accessors[0].clone().setArray(dst);
}

function joinIndices(
  document: Document,
  members: readonly Primitive[],
  starts: readonly number[],
  total: number,
): Accessor {
  const counts = members.map((one, i) => one.getIndices()?.getCount() ?? (starts[i + 1] ?? total) - starts[i]);
  const length = counts.reduce((sum, count) => sum + count, 0);
  const dst = total < 65535 ? new Uint16Array(length) : new Uint32Array(length);
  let at = 0;
  members.forEach((one, i) => {
    const indices = one.getIndices()?.getArray() ?? null;
    const [first, start] = [at, starts[i]];
    if (indices && start === 0) dst.set(indices, first);
    else inChunks(counts[i], (from, to) => shift(indices, dst, first, start, from, to));
    at += counts[i];
  });
  return createScalars(document, dst);
}

/** Corners from one place of a list on, their vertices counted on. @param indices null where the vertices come in their order */
function shift(
  indices: ArrayLike<number> | null,
  dst: Uint16Array | Uint32Array,
  first: number,
  start: number,
  from: number,
  to: number,
): void {
  if (indices) for (let c = from; c < to; c++) dst[first + c] = start + indices[c];
  else for (let c = from; c < to; c++) dst[first + c] = start + c;
}

function joinPolygons(
  document: Document,
  members: readonly Primitive[],
  starts: readonly number[],
  joined: Primitive,
): void {
  const all = members.map(getPolygonData);
  joined.setExtension(HaveldPolygons.EXTENSION_NAME, null);
  if (all.every((data) => data === null)) return;
  const data = document.createExtension(HaveldPolygons).createPolygonData();
  const polygons = members.map((one, i) => all[i]?.getSizes()?.getCount() ?? countTriangles(one));
  const total = polygons.reduce((sum, count) => sum + count, 0);
  if (all.some((one) => one?.getSizes())) {
    const sizes = new Uint32Array(total).fill(3);
    fillEach(sizes, polygons, (i) => all[i]?.getSizes()?.getArray());
    data.setSizes(createScalars(document, sizes));
  }
  if (all.some((one) => one?.getSmoothing())) {
    const kind = all.find((one) => one?.getSmoothing())!.getSmoothingKind();
    data.setSmoothing(createScalars(document, joinSmoothing(all, polygons, total, kind))).setSmoothingKind(kind);
  }
  joinCreases(document, all, starts, data);
  joined.setExtension(HaveldPolygons.EXTENSION_NAME, data);
}

function fillEach(
  dst: Uint32Array,
  counts: readonly number[],
  valuesOf: (i: number) => ArrayLike<number> | null | undefined,
): void {
  let at = 0;
  counts.forEach((count, i) => {
    const values = valuesOf(i);
    if (values) dst.set(values, at);
    at += count;
  });
}

/** Groups of one part are not those of another: their numbers follow on. Bits are as many as there are, and stay. */
function joinSmoothing(
  all: readonly (PolygonData | null)[],
  polygons: readonly number[],
  total: number,
  kind: ReturnType<PolygonData['getSmoothingKind']>,
): Uint32Array {
  const dst = new Uint32Array(total);
  let used = 0;
  fillEach(dst, polygons, (i) => {
    const values = all[i]?.getSmoothing()?.getArray();
    if (!values || kind === 'bits') return values;
    const from = used;
    return Uint32Array.from(values as Uint32Array, (group) => {
      used = Math.max(used, group + from);
      return group === 0 ? 0 : group + from;
    });
  });
  return dst;
}

function joinCreases(
  document: Document,
  all: readonly (PolygonData | null)[],
  starts: readonly number[],
  data: PolygonData,
): void {
  const edges: number[] = [];
  const weights: number[] = [];
  all.forEach((one, i) => {
    for (const vertex of one?.getCreaseEdges()?.getArray() ?? []) edges.push(vertex + starts[i]);
    for (const weight of one?.getCreaseWeights()?.getArray() ?? []) weights.push(weight);
  });
  if (edges.length > 0)
    data.setCreases(
      createScalars(document, Uint32Array.from(edges)),
      createScalars(document, Float32Array.from(weights)),
    );
}
