import type { Document, Node } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { fitAffine, listAsked } from '../../geometry/fit-affine';
import type { Plane } from '../../scene/meshes/cut-polygons';
import { readNumbers } from '../../scene/meshes/read-numbers';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { computeBounds } from '../../scene/measures/bounds';
import { PartIndex } from '../../scene/part-ref';
import { listMeshInstances } from '../../scene/traverse';

/**
 * Where a plane through the model as it stands lies in the space each part has when the next step on parts comes. Placing moves all of a
 * part alike, so that distances from the plane tell it.
 * @param placed the same parts by their ids, where they will stand
 * @param before as the next step on parts finds them
 * @param ids the parts that may be cut; all where left out
 * @returns those the plane goes through; what a skin moves is left out
 */
export function planCut(
  placed: Document,
  before: Document,
  plane: Plane,
  ids?: readonly string[],
): { part: PartRef; plane: [number, number, number, number] }[] {
  const index = new PartIndex(before);
  const wanted = ids && new Set(ids);
  const there = new PartIndex(placed);
  const byNode = new Map<Node, PlacedPart[]>();
  for (const one of listPlacedParts(placed))
    byNode.set(one.instance.node, [...(byNode.get(one.instance.node) ?? []), one]);
  return listPlacedParts(before).flatMap(({ instance: { node, mesh }, primitive }) => {
    // by its first primitive: the others are in the same space
    if (mesh.listPrimitives()[0] !== primitive || node.getSkin()) return [];
    const part = index.refer(node);
    const standing = part.id === undefined || (wanted && !wanted.has(part.id)) ? null : there.get(part.id);
    const parts = (standing && byNode.get(standing)) ?? [];
    if (parts.length !== mesh.listPrimitives().length) return [];
    const reach = parts.flatMap(({ positions: p }) => {
      const far = new Float64Array(p.length / 3);
      for (let v = 0; v < far.length; v++)
        far[v] = plane[0] * p[v * 3] + plane[1] * p[v * 3 + 1] + plane[2] * p[v * 3 + 2] - plane[3];
      return [far];
    });
    if (!reach.some((far) => far.some((v) => v > 0)) || !reach.some((far) => far.some((v) => v < 0))) return [];
    const own = fitPlane(
      mesh.listPrimitives().map((one) => readNumbers(one.getAttribute('POSITION')!)),
      reach,
    );
    return own ? [{ part, plane: own }] : [];
  });
}

/** @returns the plane through the middle of some parts, across one of their sides; null where they show nothing */
export function planeAcross(placed: Document, axis: 0 | 1 | 2, ids?: readonly string[]): Plane | null {
  const index = new PartIndex(placed);
  const wanted = ids && new Set(ids.map((id) => index.get(id)));
  const box = computeBounds(
    placed,
    listMeshInstances(placed).filter(({ node }) => !wanted || wanted.has(node)),
  );
  return box && [axis === 0 ? 1 : 0, axis === 1 ? 1 : 0, axis === 2 ? 1 : 0, (box.min[axis] + box.max[axis]) / 2];
}

/** @returns the plane from which vertices have these distances, up to one scale; null where none has */
function fitPlane(
  positions: readonly ArrayLike<number>[],
  reach: readonly Float64Array[],
): [number, number, number, number] | null {
  if (positions.some((points, k) => points.length / 3 !== reach[k].length)) return null;
  const asked = listAsked(reach.map(({ length }) => length));
  const points = asked.map(([k, v]) => [0, 1, 2].map((axis) => positions[k][v * 3 + axis]));
  const fit = fitAffine(points, [asked.map(([k, v]) => reach[k][v])]);
  if (!fit || fit.off > 1e-4) return null;
  const [[x, y, z, shift]] = fit.rows;
  const length = Math.hypot(x, y, z);
  return length > 0 ? [x / length, y / length, z / length, -shift / length] : null;
}
