import type { Document, Node, Primitive } from '@gltf-transform/core';
import { makeFreshIds } from '../../scene/document/fresh-id';
import { getNodeSource, setNodeSource } from '../../scene/document/source-data';
import { listIndices } from '../../scene/meshes/list-indices';
import { computePolygonStarts, splitPolygons } from '../../scene/meshes/split-polygons';
import { isTriangles } from '../../scene/traverse';

/** Polygons as runs: the first of each and how many. */
export type Runs = [number, number][];

/** @returns for each primitive 1 where a polygon is meant; null where the part has no such polygons */
export function chooseFaces(primitives: readonly Primitive[], faces: readonly Runs[]): Uint8Array[] | null {
  if (faces.length > primitives.length) return null;
  const chosen = primitives.map((primitive) =>
    isTriangles(primitive)
      ? new Uint8Array(computePolygonStarts(primitive, listIndices(primitive).length / 3).length - 1)
      : new Uint8Array(),
  );
  for (const [p, runs] of faces.entries())
    for (const [first, count] of runs) {
      if (first + count > chosen[p].length) return null;
      chosen[p].fill(1, first, first + count);
    }
  return chosen;
}

/** @returns runs of what is chosen */
export function listRuns(chosen: Uint8Array): Runs {
  const runs: Runs = [];
  for (let k = 0; k < chosen.length; k++) {
    if (!chosen[k]) continue;
    const first = k;
    while (k < chosen.length && chosen[k]) k++;
    runs.push([first, k - first]);
  }
  return runs;
}

/**
 * Takes faces out of a part: into a part of their own that hangs under it, in its space, or away.
 * @param name null takes them away
 * @returns how many polygons they were
 */
export function separate(
  document: Document,
  part: Node,
  chosen: readonly Uint8Array[],
  name: string | null,
): { faces: number } {
  const mesh = part.getMesh()!;
  const [kept, taken]: Primitive[][] = [[], []];
  let faces = 0;
  mesh.listPrimitives().forEach((primitive, p) => {
    const count = chosen[p].reduce((sum, flag) => sum + flag, 0);
    faces += count;
    if (count === 0) kept.push(primitive);
    else if (count === chosen[p].length) taken.push(primitive);
    else {
      const [stays, goes] = splitPolygons(document, primitive, Int32Array.from(chosen[p]), 2);
      kept.push(stays!);
      taken.push(goes!);
    }
  });
  const holding = (primitives: readonly Primitive[], called: string) => {
    const own = mesh.clone().setName(called);
    for (const primitive of own.listPrimitives()) own.removePrimitive(primitive);
    // a primitive stands in one mesh alone
    for (const primitive of primitives)
      own.addPrimitive(mesh.listPrimitives().includes(primitive) ? primitive.clone() : primitive);
    return own;
  };
  const skin = part.getSkin();
  if (name !== null && taken.length > 0) {
    const node = document.createNode(name).setMesh(holding(taken, name)).setSkin(skin);
    setNodeSource(node, { id: makeFreshIds(document, [`${getNodeSource(part).id ?? ''}/0`])[0] });
    part.addChild(node);
  }
  if (kept.length > 0) part.setMesh(holding(kept, mesh.getName()));
  else part.setMesh(null).setSkin(null);
  return { faces };
}
