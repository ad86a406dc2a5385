import type { Document, Primitive } from '@gltf-transform/core';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { listIndices } from '../../scene/meshes/list-indices';
import { computePolygonStarts } from '../../scene/meshes/split-polygons';
import { PartIndex } from '../../scene/part-ref';
import { isTriangles } from '../../scene/traverse';
import { chooseFaces, listRuns, type Runs } from './separate-faces';
import { shareOut } from './split-part';

/** Faces of one part that a person chose. */
export interface ChosenFaces {
  /** By primitive. */
  faces: Runs[];
  polygons: number;
  /** True where they are all the part has. */
  isWhole: boolean;
}

/**
 * @param also chosen before; what was chosen already is given up again
 * @returns the polygons that hang together with a triangle; null where the part has no such triangle
 */
export function chooseIslandOf(
  primitives: readonly Primitive[],
  primitive: number,
  triangle: number,
  also: readonly Runs[] = [],
): ChosenFaces | null {
  const meant = primitives.at(primitive);
  if (!meant || !isTriangles(meant) || triangle >= listIndices(meant).length / 3) return null;
  const starts = computePolygonStarts(meant, listIndices(meant).length / 3);
  let polygon = 0;
  while (starts[polygon + 1] <= triangle) polygon++;
  const { groupOf } = shareOut(primitives, 'islands', 0);
  const island = groupOf[primitive][polygon];
  const chosen = chooseFaces(primitives, also);
  if (!chosen) return null;
  const isGivenUp = chosen[primitive][polygon] === 1;
  groupOf.forEach((groups, p) => {
    for (let k = 0; k < chosen[p].length; k++) if (groups[k] === island) chosen[p][k] = isGivenUp ? 0 : 1;
  });
  return describeChosen(chosen);
}

/**
 * @param triangles by primitive, each once
 * @param also chosen before; they stay chosen
 * @returns those polygons all of whose triangles are meant; null where the part has no such triangles
 */
export function chooseTriangles(
  primitives: readonly Primitive[],
  triangles: readonly (readonly number[])[],
  also: readonly Runs[] = [],
): ChosenFaces | null {
  const chosen = chooseFaces(primitives, also);
  if (!chosen) return null;
  for (const [p, primitive] of primitives.entries()) {
    if (!isTriangles(primitive)) continue;
    const count = listIndices(primitive).length / 3;
    const isMeant = new Uint8Array(count);
    for (const triangle of triangles[p] ?? []) {
      if (triangle >= count) return null;
      isMeant[triangle] = 1;
    }
    const starts = computePolygonStarts(primitive, count);
    for (let k = 0; k + 1 < starts.length; k++)
      if (isMeant.subarray(starts[k], starts[k + 1]).every((flag) => flag === 1)) chosen[p][k] = 1;
  }
  return describeChosen(chosen);
}

function describeChosen(chosen: readonly Uint8Array[]): ChosenFaces {
  const polygons = chosen.reduce((sum, flags) => sum + flags.reduce((n, flag) => n + flag, 0), 0);
  return {
    faces: chosen.map(listRuns),
    polygons,
    isWhole: polygons === chosen.reduce((sum, { length }) => sum + length, 0),
  };
}

/** Faces of a part, by primitive. */
export interface MeantFaces {
  id: string;
  faces: Runs[];
}

/** @returns xyz of the corners of the triangles of faces of several parts, world space; of what is not here nothing */
export function placeAllFaces(document: Document, meant: readonly MeantFaces[]): Float32Array<ArrayBuffer> {
  const placed = meant.flatMap(({ id, faces }) => placeFacesOf(document, id, faces) ?? []);
  const all = new Float32Array(placed.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const corners of placed) {
    all.set(corners, at);
    at += corners.length;
  }
  return all;
}

/** @returns xyz of the corners of the triangles of chosen faces, world space; null where the part is not here, or has no such faces */
export function placeFacesOf(document: Document, id: string, faces: readonly Runs[]): Float32Array<ArrayBuffer> | null {
  const node = new PartIndex(document).get(id);
  const placed = listPlacedParts(document).filter(({ instance }) => instance.node === node);
  const primitives = placed.map(({ primitive }) => primitive);
  const chosen = node && chooseFaces(primitives, faces);
  if (!chosen) return null;
  const corners: number[] = [];
  placed.forEach(({ positions, primitive }, p) => {
    if (!isTriangles(primitive)) return;
    const indices = listIndices(primitive);
    const starts = computePolygonStarts(primitive, indices.length / 3);
    chosen[p].forEach((flag, k) => {
      if (!flag) return;
      for (let c = starts[k] * 3; c < starts[k + 1] * 3; c++)
        corners.push(positions[indices[c] * 3], positions[indices[c] * 3 + 1], positions[indices[c] * 3 + 2]);
    });
  });
  return Float32Array.from(corners);
}
