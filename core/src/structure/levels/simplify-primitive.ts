import type { Document, Primitive } from '@gltf-transform/core';
import type { MeshoptSimplifier } from 'meshoptimizer';
import { getPolygonData, HaveldPolygons } from '../../scene/document/polygon-data';
import { createScalars } from '../../scene/meshes/create-scalars';
import { listIndices } from '../../scene/meshes/list-indices';
import { pickVertices } from '../../scene/meshes/pick-vertices';
import { readNumbers } from '../../scene/meshes/read-numbers';

/** How far a primitive is to go: down to so many triangles, as long as it stays within an error. */
export interface SimplifyTarget {
  triangles: number;
  /** In the unit of the primitive's positions. */
  error: number;
  /** 1 for vertices that stay, such as those of creases and of borders with other materials. */
  locked: Uint8Array;
}

/** What keeps a surface as it is seen, beside where it lies: how much a difference in each counts against a difference in place, as shares of the size. */
const WEIGHTS: { semantic: RegExp; weight: number }[] = [
  { semantic: /^NORMAL$/, weight: 0.5 },
  { semantic: /^TEXCOORD_\d$/, weight: 1 },
  { semantic: /^COLOR_0$/, weight: 1 },
  { semantic: /^WEIGHTS_0$/, weight: 0.5 },
];
/** The simplifier takes no more numbers a vertex. */
const MOST_NUMBERS = 32;

/**
 * Takes triangles away where they are missed least, by the quadric error of place and attributes (Garland and Heckbert 1998, as
 * meshoptimizer computes it). Vertices are not moved: those that stay keep all they hold. Open borders stay, and so do seams.
 * @returns how far the surface lies from where it was at most, in the unit of its positions; null where nothing could be taken away
 */
export function simplifyPrimitive(
  document: Document,
  primitive: Primitive,
  { triangles, error, locked }: SimplifyTarget,
  simplifier: typeof MeshoptSimplifier,
): number | null {
  const indices = listIndices(primitive);
  const positions = Float32Array.from(readNumbers(primitive.getAttribute('POSITION')!));
  const { values, stride, weights } = gatherAttributes(primitive, positions.length / 3);
  const [kept, reached] = simplifier.simplifyWithAttributes(
    indices,
    positions,
    3,
    values,
    stride,
    weights,
    locked,
    Math.min(triangles * 3, indices.length),
    error,
    ['LockBorder', 'ErrorAbsolute'],
  );
  if (kept.length >= indices.length) return null;
  keepTriangles(document, primitive, kept);
  return reached;
}

function gatherAttributes(
  primitive: Primitive,
  count: number,
): { values: Float32Array; stride: number; weights: number[] } {
  const taken = WEIGHTS.flatMap(({ semantic, weight }) =>
    primitive
      .listSemantics()
      .filter((name) => semantic.test(name))
      .map((name) => ({ accessor: primitive.getAttribute(name)!, weight })),
  );
  const weights: number[] = [];
  const columns: { numbers: ArrayLike<number>; width: number; from: number }[] = [];
  for (const { accessor, weight } of taken) {
    const width = accessor.getElementSize();
    if (weights.length + width > MOST_NUMBERS) break;
    columns.push({ numbers: readNumbers(accessor), width, from: weights.length });
    weights.push(...new Array<number>(width).fill(weight));
  }
  const stride = Math.max(1, weights.length);
  const values = new Float32Array(count * stride);
  for (const { numbers, width, from } of columns)
    for (let v = 0; v < count; v++)
      for (let n = 0; n < width; n++) values[v * stride + from + n] = numbers[v * width + n];
  return { values, stride, weights: weights.length > 0 ? weights : [0] };
}

/** Leaves these triangles, with the vertices they use; creases between vertices that stay are kept. */
function keepTriangles(document: Document, primitive: Primitive, kept: Uint32Array): void {
  const old = primitive.getAttribute('POSITION')!.getCount();
  const newOf = new Int32Array(old).fill(-1);
  const sources = new Int32Array(Math.min(old, kept.length));
  let count = 0;
  const indices = kept.map((vertex) => {
    if (newOf[vertex] < 0) {
      newOf[vertex] = count;
      sources[count++] = vertex;
    }
    return newOf[vertex];
  });
  const used = sources.subarray(0, count);
  for (const semantic of primitive.listSemantics())
    primitive.setAttribute(semantic, pickVertices(primitive.getAttribute(semantic)!, used));
  primitive.setIndices(createScalars(document, count < 65535 ? new Uint16Array(indices) : indices));
  const data = getPolygonData(primitive);
  const edges = data?.getCreaseEdges()?.getArray();
  const weights = data?.getCreaseWeights()?.getArray();
  primitive.setExtension(HaveldPolygons.EXTENSION_NAME, null);
  if (!edges || !weights) return;
  const pairs: number[] = [];
  const values: number[] = [];
  for (let e = 0; e < weights.length; e++) {
    const [a, b] = [newOf[edges[e * 2]], newOf[edges[e * 2 + 1]]];
    if (a < 0 || b < 0) continue;
    pairs.push(a, b);
    values.push(weights[e]);
  }
  if (pairs.length === 0) return;
  primitive.setExtension(
    HaveldPolygons.EXTENSION_NAME,
    document
      .createExtension(HaveldPolygons)
      .createPolygonData()
      .setCreases(createScalars(document, Uint32Array.from(pairs)), createScalars(document, Float32Array.from(values))),
  );
}
