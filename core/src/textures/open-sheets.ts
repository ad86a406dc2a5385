import type { Document, Material } from '@gltf-transform/core';
import { mergePoints } from '../geometry/merge-points';
import { isTriangles, listMeshInstances } from '../scene/traverse';

/** A box without a lid has one edge in five open; a leaf of two triangles has four. */
const OPEN_FROM = 0.3;

/** Faces one side of which nobody sees: how many edges of a material's surfaces have one face only. */
export interface OpenSheet {
  material: Material;
  /** Share of its edges that belong to one face. */
  open: number;
  edges: number;
}

/** @returns single-sided materials whose surfaces are thin open sheets */
export function listOpenSheets(document: Document): OpenSheet[] {
  const counts = new Map<Material, { open: number; edges: number }>();
  for (const mesh of new Set(listMeshInstances(document).map((instance) => instance.mesh)))
    for (const primitive of mesh.listPrimitives()) {
      const material = primitive.getMaterial();
      const positions = primitive.getAttribute('POSITION');
      if (!material || material.getDoubleSided() || !positions || !isTriangles(primitive)) continue;
      const { corners: points } = mergePoints(Float32Array.from(positions.getArray()!));
      const indices = primitive.getIndices()?.getArray();
      const corners = indices?.length ?? positions.getCount();
      const sum = counts.get(material) ?? { open: 0, edges: 0 };
      const { open, edges } = countOpenEdges(points, indices ?? null, corners);
      counts.set(material, { open: sum.open + open, edges: sum.edges + edges });
    }
  return [...counts]
    .map(([material, { open, edges }]) => ({ material, edges, open: edges > 0 ? open / edges : 0 }))
    .filter(({ open }) => open >= OPEN_FROM);
}

function countOpenEdges(
  points: Int32Array,
  indices: ArrayLike<number> | null,
  corners: number,
): { open: number; edges: number } {
  const faces = new Map<number, number>();
  const count = points.length;
  for (let c = 0; c + 2 < corners; c += 3)
    for (let k = 0; k < 3; k++) {
      const from = points[indices ? indices[c + k] : c + k];
      const to = points[indices ? indices[c + ((k + 1) % 3)] : c + ((k + 1) % 3)];
      if (from === to) continue;
      const key = from < to ? from * count + to : to * count + from;
      faces.set(key, (faces.get(key) ?? 0) + 1);
    }
  let open = 0;
  for (const times of faces.values()) if (times === 1) open++;
  return { open, edges: faces.size };
}
