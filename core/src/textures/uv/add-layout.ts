import type { Document, Mesh } from '@gltf-transform/core';
import { mergePoints } from '../../geometry/merge-points';
import { computeWorldPositions } from '../../scene/measures/world-positions';
import { listIndices } from '../../scene/meshes/list-indices';
import { setLayout } from '../../scene/meshes/set-layout';
import { isTriangles, listMeshInstances, type MeshInstance } from '../../scene/traverse';
import { unwrap } from './unwrap';

/** Texels between pieces: enough for a picture to be looked at linearly, and for one smaller copy of it. */
const MARGIN = 2;

export interface AddedLayout {
  /** Which one it is: 1 is the second. */
  set: number;
  triangles: number;
  charts: number;
  /** How much of the picture the pieces' boxes cover. */
  filled: number;
  /** Parts that show the geometry of another: light that is baked on one shows on all. */
  shared: number;
}

/**
 * Gives everything a model shows one more layout, in which no two places share one of the picture; the whole model lies on one, at one
 * scale. What stands several times is laid out once.
 * @returns null where there are no triangles
 */
export async function addLayout(document: Document, side: number): Promise<AddedLayout | null> {
  const first = new Map<Mesh, MeshInstance>();
  const instances = listMeshInstances(document);
  for (const instance of instances) if (!first.has(instance.mesh)) first.set(instance.mesh, instance);
  const parts = [...first.values()].flatMap((instance) =>
    instance.mesh
      .listPrimitives()
      .filter(isTriangles)
      .map((primitive) => ({ instance, primitive, indices: listIndices(primitive) })),
  );
  const corners = parts.reduce((sum, { indices }) => sum + indices.length, 0);
  if (corners === 0) return null;
  let set = 1;
  while (parts.some(({ primitive }) => primitive.getAttribute(`TEXCOORD_${set}`))) set++;
  const { positions, points } = gather(parts, corners);
  const { uvs, charts, filled } = await unwrap(positions, points, { side, margin: MARGIN });
  let at = 0;
  for (const { primitive, indices } of parts) {
    setLayout(document, primitive, set, indices, uvs.subarray(at * 2, (at + indices.length) * 2));
    at += indices.length;
  }
  return { set, triangles: corners / 3, charts, filled, shared: instances.length - first.size };
}

type Part = Parameters<typeof computeWorldPositions>[1];

/** Each mesh is a surface of its own, over the borders of its materials. */
function gather(
  parts: readonly { instance: MeshInstance; primitive: Part; indices: Uint32Array }[],
  corners: number,
): { positions: Float32Array; points: Uint32Array } {
  const points = new Uint32Array(corners);
  const surfaces: Float32Array[] = [];
  let [at, held] = [0, 0];
  for (const mesh of new Set(parts.map(({ instance }) => instance.mesh))) {
    const own = parts.filter(({ instance }) => instance.mesh === mesh);
    const places = new Float32Array(own.reduce((sum, { indices }) => sum + indices.length * 3, 0));
    let o = 0;
    for (const { instance, primitive, indices } of own) {
      const world = computeWorldPositions(instance, primitive);
      for (const vertex of indices) for (let n = 0; n < 3; n++) places[o++] = world[vertex * 3 + n];
    }
    const merged = mergePoints(places);
    for (const point of merged.corners) points[at++] = held + point;
    surfaces.push(merged.positions);
    held += merged.positions.length / 3;
  }
  const positions = new Float32Array(held * 3);
  surfaces.reduce((from, surface) => (positions.set(surface, from), from + surface.length), 0);
  return { positions, points };
}
