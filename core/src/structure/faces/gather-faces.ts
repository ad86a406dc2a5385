import type { Document, Node, Primitive } from '@gltf-transform/core';
import { mergePoints } from '../../geometry/merge-points';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { listIndices } from '../../scene/meshes/list-indices';

/** The triangles of one primitive where it stands. */
export interface PlacedFaces {
  node: Node;
  primitive: Primitive;
  /** Place of the primitive in its mesh. */
  place: number;
  /** Of its triangles among all. */
  first: number;
  count: number;
  /** Seen from both sides. */
  isDoubleSided: boolean;
  /** It hides nothing: it is seen through, or has holes. */
  isSeenThrough: boolean;
}

/** All faces of a model in one space, corners at one place being one. */
export interface AllFaces {
  parts: PlacedFaces[];
  /** The part of each triangle, by its place among them. */
  partOf: Uint16Array | Uint32Array;
  /** xyz a place, about the middle of the model. */
  positions: Float32Array;
  /** Three places a triangle. */
  indices: Uint32Array;
  /** Of the longest side. */
  size: number;
}

/** @returns null where the model has no triangle */
export function gatherFaces(document: Document): AllFaces | null {
  const placed = listPlacedParts(document).filter(({ corners, box }) => corners > 0 && box);
  if (placed.length === 0) return null;
  const low = [0, 1, 2].map((axis) => Math.min(...placed.map(({ box }) => box!.min[axis])));
  const high = [0, 1, 2].map((axis) => Math.max(...placed.map(({ box }) => box!.max[axis])));
  const middle = low.map((v, axis) => (v + high[axis]) / 2);
  const corners = placed.reduce((sum, part) => sum + part.corners, 0);
  const points = new Float32Array(placed.reduce((sum, { positions }) => sum + positions.length, 0));
  const raw = new Uint32Array(corners);
  const partOf = placed.length < 65_536 ? new Uint16Array(corners / 3) : new Uint32Array(corners / 3);
  const parts: PlacedFaces[] = [];
  let [point, corner] = [0, 0];
  placed.forEach(({ instance, primitive, positions }, i) => {
    for (let o = 0; o < positions.length; o++) points[point * 3 + o] = positions[o] - middle[o % 3];
    const indices = listIndices(primitive);
    for (let c = 0; c < indices.length; c++) raw[corner + c] = indices[c] + point;
    partOf.fill(i, corner / 3, (corner + indices.length) / 3);
    const material = primitive.getMaterial();
    parts.push({
      node: instance.node,
      primitive,
      place: instance.mesh.listPrimitives().indexOf(primitive),
      first: corner / 3,
      count: indices.length / 3,
      isDoubleSided: material?.getDoubleSided() ?? false,
      isSeenThrough:
        (material !== null && material.getAlphaMode() !== 'OPAQUE') ||
        (material?.getExtension('KHR_materials_transmission') ?? null) !== null,
    });
    point += positions.length / 3;
    corner += indices.length;
  });
  const { positions, corners: pointOf } = mergePoints(points);
  return {
    parts,
    partOf,
    positions,
    indices: raw.map((index) => pointOf[index]),
    size: Math.max(...high.map((v, axis) => v - low[axis])),
  };
}
