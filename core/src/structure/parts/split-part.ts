import type { Document, Node, Primitive } from '@gltf-transform/core';
import { findIslands } from '../../geometry/find-islands';
import { longestSide } from '../../geometry/longest-side';
import { makeFreshIds } from '../../scene/document/fresh-id';
import { getNodeSource, setNodeSource } from '../../scene/document/source-data';
import { listIndices } from '../../scene/meshes/list-indices';
import { computePolygonStarts, splitPolygons } from '../../scene/meshes/split-polygons';
import { isTriangles } from '../../scene/traverse';

/** More than these are no parts but crumbs. Ours. */
export const MOST_PIECES = 2000;

export type SplitBy = 'islands' | 'materials';

/** Which group each polygon of each primitive belongs to. */
export interface Sharing {
  /** By primitive, then polygon; below 0 where it goes to none. */
  groupOf: Int32Array[];
  groups: number;
}

/**
 * Decides what a part falls into.
 * @param tolerance share of its longest side within which corners hang together
 */
export function shareOut(primitives: readonly Primitive[], by: SplitBy, tolerance: number): Sharing {
  return by === 'materials' ? shareByMaterial(primitives) : shareByIsland(primitives, tolerance);
}

function shareByMaterial(primitives: readonly Primitive[]): Sharing {
  const materials = [...new Set(primitives.map((primitive) => primitive.getMaterial()))];
  return {
    groupOf: primitives.map((primitive) =>
      new Int32Array(countOf(primitive)).fill(materials.indexOf(primitive.getMaterial())),
    ),
    groups: materials.length,
  };
}

/** Lines and points count as one polygon: they are not taken apart. */
const countOf = (primitive: Primitive): number =>
  isTriangles(primitive) ? computePolygonStarts(primitive, listIndices(primitive).length / 3).length - 1 : 1;

function shareByIsland(primitives: readonly Primitive[], tolerance: number): Sharing {
  const faces = primitives.map((primitive) => (isTriangles(primitive) ? listIndices(primitive) : new Uint32Array()));
  const { positions, starts } = gatherPositions(primitives);
  const indices = new Uint32Array(faces.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  faces.forEach((own, p) => {
    for (const vertex of own) indices[at++] = starts[p] + vertex;
  });
  const { islandOf, islands } = findIslands(positions, indices, tolerance * longestSide(positions));
  let triangle = 0;
  const groupOf = primitives.map((primitive, p) => {
    if (!isTriangles(primitive)) return new Int32Array(1);
    const first = computePolygonStarts(primitive, faces[p].length / 3);
    const groups = new Int32Array(first.length - 1);
    // the triangles of a polygon share its corners
    for (let k = 0; k < groups.length; k++) groups[k] = islandOf[triangle + first[k]];
    triangle += faces[p].length / 3;
    return groups;
  });
  return { groupOf, groups: Math.max(1, islands) };
}

/** xyz of the vertices of several primitives, in one row. */
function gatherPositions(primitives: readonly Primitive[]): { positions: Float32Array; starts: number[] } {
  const starts: number[] = [];
  let count = 0;
  for (const primitive of primitives) {
    starts.push(count);
    count += primitive.getAttribute('POSITION')!.getCount();
  }
  const positions = new Float32Array(count * 3);
  primitives.forEach((primitive, p) => {
    const position = primitive.getAttribute('POSITION')!;
    const plain = position.getArray();
    if (plain instanceof Float32Array) positions.set(plain, starts[p] * 3);
    else {
      const element = [0, 0, 0];
      for (let v = 0; v < position.getCount(); v++) positions.set(position.getElement(v, element), (starts[p] + v) * 3);
    }
  });
  return { positions, starts };
}

/**
 * Takes a part apart: it becomes a group of its name and place, under which the pieces hang, in its space. A skin goes with each.
 * @param names one a group; one that gets no faces makes no piece
 * @returns the pieces
 */
export function takeApart(document: Document, part: Node, sharing: Sharing, names: readonly string[]): Node[] {
  const mesh = part.getMesh()!;
  const pieces = names.map(() => [] as Primitive[]);
  mesh.listPrimitives().forEach((primitive, p) => {
    const groups = sharing.groupOf[p];
    const whole = isWholly(groups);
    if (whole !== null || !isTriangles(primitive)) {
      if ((whole ?? 0) >= 0) pieces[whole ?? 0].push(primitive.clone());
      return;
    }
    splitPolygons(document, primitive, groups, sharing.groups).forEach((one, group) => one && pieces[group].push(one));
  });
  const { id = '' } = getNodeSource(part);
  const ids = makeFreshIds(
    document,
    names.map((_, group) => `${id}/${group + 1}`),
  );
  const made = pieces.flatMap((primitives, group): Node[] => {
    if (primitives.length === 0) return [];
    const own = mesh.clone().setName(names[group]);
    for (const primitive of own.listPrimitives()) own.removePrimitive(primitive);
    for (const primitive of primitives) own.addPrimitive(primitive);
    const node = document.createNode(names[group]).setMesh(own).setSkin(part.getSkin());
    setNodeSource(node, { id: ids[group] });
    return [node];
  });
  part.setMesh(null).setSkin(null);
  for (const node of made) part.addChild(node);
  return made;
}

/** @returns the one group all polygons go to; null where there are several */
function isWholly(groups: Int32Array): number | null {
  for (const group of groups) if (group !== groups[0]) return null;
  return groups.length === 0 ? -1 : groups[0];
}
