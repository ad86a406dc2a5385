import type { Document, Material, Mesh } from '@gltf-transform/core';
import { mergePoints } from '../../geometry/merge-points';
import { isTriangles, listMeshInstances } from '../../scene/traverse';

/** A box without a lid has one edge in five open; a leaf of two triangles has four. */
const OPEN_FROM = 0.3;

/** From this share of its faces on, a sheet with another material's faces behind it has a back of its own. */
const BACKED_FROM = 0.9;

/** Faces one side of which nobody sees: how many edges of a material's surfaces have one face only. */
export interface OpenSheet {
  material: Material;
  /** Share of its edges that belong to one face. */
  open: number;
  edges: number;
  /** The material of the faces that lie behind it, turned the other way; null where nothing does. */
  back: Material | null;
}

interface Sum {
  open: number;
  edges: number;
  faces: number;
  backs: Map<Material, number>;
}

/** @returns single-sided materials whose surfaces are thin open sheets */
export function listOpenSheets(document: Document): OpenSheet[] {
  const sums = new Map<Material, Sum>();
  for (const mesh of new Set(listMeshInstances(document).map((instance) => instance.mesh))) addMesh(mesh, sums);
  return [...sums]
    .map(([material, { open, edges, faces, backs }]): OpenSheet => {
      const [back] = [...backs].sort((a, b) => b[1] - a[1]);
      return {
        material,
        edges,
        open: edges > 0 ? open / edges : 0,
        back: back && back[1] >= faces * BACKED_FROM ? back[0] : null,
      };
    })
    .filter(({ open }) => open >= OPEN_FROM);
}

interface Part {
  material: Material;
  /** Points of the mesh, three a face. */
  corners: Int32Array;
}

function addMesh(mesh: Mesh, sums: Map<Material, Sum>): void {
  const { parts, points } = listParts(mesh);
  const materials = new Map<string, Material>();
  // a mesh of one material has nothing of another behind it
  const mayBack = new Set(parts.map(({ material }) => material)).size > 1;
  for (const { material, corners } of mayBack ? parts : [])
    for (let c = 0; c < corners.length; c += 3)
      materials.set(faceKey(corners[c], corners[c + 1], corners[c + 2]), material);
  for (const { material, corners } of parts) {
    if (material.getDoubleSided()) continue;
    const sum = sums.get(material) ?? { open: 0, edges: 0, faces: 0, backs: new Map<Material, number>() };
    sums.set(material, sum);
    const { open, edges } = countOpenEdges(corners, points);
    sum.open += open;
    sum.edges += edges;
    sum.faces += corners.length / 3;
    for (let c = 0; mayBack && c < corners.length; c += 3) {
      const back = materials.get(faceKey(corners[c], corners[c + 2], corners[c + 1]));
      if (back && back !== material) sum.backs.set(back, (sum.backs.get(back) ?? 0) + 1);
    }
  }
}

/** Surfaces with a material, on points that are the same for the whole mesh. */
function listParts(mesh: Mesh): { parts: Part[]; points: number } {
  const used = mesh.listPrimitives().flatMap((primitive) => {
    const material = primitive.getMaterial();
    const positions = primitive.getAttribute('POSITION')?.getArray();
    return material && positions && isTriangles(primitive) ? [{ primitive, material, positions }] : [];
  });
  const all = new Float32Array(used.reduce((sum, { positions }) => sum + positions.length, 0));
  let length = 0;
  const starts = used.map(({ positions }) => {
    all.set(positions, length);
    length += positions.length;
    return (length - positions.length) / 3;
  });
  const { corners: merged } = mergePoints(all);
  const parts = used.map(({ primitive, material, positions }, i): Part => {
    const indices = primitive.getIndices()?.getArray();
    const count = indices?.length ?? positions.length / 3;
    return {
      material,
      corners: Int32Array.from(
        { length: count - (count % 3) },
        (_, c) => merged[starts[i] + (indices ? indices[c] : c)],
      ),
    };
  });
  return { parts, points: merged.length };
}

/** One for a face, whichever corner it begins with; another for the same face seen from behind. */
function faceKey(a: number, b: number, c: number): string {
  if (a < b && a < c) return `${a},${b},${c}`;
  return b < c ? `${b},${c},${a}` : `${c},${a},${b}`;
}

function countOpenEdges(corners: Int32Array, points: number): { open: number; edges: number } {
  const faces = new Map<number, number>();
  for (let c = 0; c < corners.length; c += 3)
    for (let k = 0; k < 3; k++) {
      const from = corners[c + k];
      const to = corners[c + ((k + 1) % 3)];
      if (from === to) continue;
      const key = from < to ? from * points + to : to * points + from;
      faces.set(key, (faces.get(key) ?? 0) + 1);
    }
  let open = 0;
  for (const times of faces.values()) if (times === 1) open++;
  return { open, edges: faces.size };
}
