import type { Document, Mesh, Primitive } from '@gltf-transform/core';
import type { Reduction } from '@haveld/contract/step';
import { mergePoints } from '../../geometry/merge-points';
import { linearDeterminant } from '../../scene/matrix';
import { getPolygonData } from '../../scene/document/polygon-data';
import { readNumbers } from '../../scene/meshes/read-numbers';
import { countTriangles, isTriangles, listMeshInstances, type MeshInstance } from '../../scene/traverse';
import { simplifyPrimitive } from './simplify-primitive';

export interface Reduced {
  before: number;
  after: number;
  /** How far the surface lies from where it was at most, metres. */
  error: number;
  /** Parts that stay as they are: they blend into other shapes, which lie on the same triangles. */
  left: string[];
}

/** Takes triangles of a whole model away: as `simplifyInstances`, all of it. */
export const simplifyModel = (document: Document, reduction: Reduction): Promise<Reduced> =>
  simplifyInstances(document, listMeshInstances(document), reduction);

/**
 * Takes triangles away, as evenly over the meshes as their triangles lie. What hangs together over the borders of materials goes on
 * hanging together; borders, seams, creases and skins are kept.
 * @param document in metres
 */
export async function simplifyInstances(
  document: Document,
  instances: readonly MeshInstance[],
  reduction: Reduction,
): Promise<Reduced> {
  // half a megabyte that most models never need
  const { MeshoptSimplifier: simplifier } = await import('meshoptimizer');
  await simplifier.ready;
  const before = countInstances(instances);
  const share =
    reduction.by === 'share' ? reduction.share : reduction.by === 'triangles' ? reduction.triangles / before : 0;
  const left = new Set<string>();
  const done = new Set<Mesh>();
  let error = 0;
  for (const { node, mesh, world } of instances) {
    if (done.has(mesh)) continue;
    done.add(mesh);
    if (mesh.listPrimitives().some((primitive) => primitive.listTargets().length > 0)) {
      left.add(node.getName() || 'unnamed');
      continue;
    }
    const scale = Math.cbrt(Math.abs(linearDeterminant(world))) || 1;
    const most = reduction.by === 'error' ? reduction.mm / 1000 / scale : UNBOUNDED;
    const locks = listLocks(mesh);
    for (const [i, primitive] of mesh.listPrimitives().entries()) {
      if (!isTriangles(primitive)) continue;
      const target = { triangles: Math.max(MIN_TRIANGLES, Math.floor(countTriangles(primitive) * share)), error: most };
      const reached = simplifyPrimitive(document, primitive, { ...target, locked: locks[i] }, simplifier);
      if (reached !== null) error = Math.max(error, reached * scale);
    }
  }
  return { before, after: countInstances(instances), error, left: [...left] };
}

/** A share or a number of triangles is asked for whatever it costs. */
const UNBOUNDED = 1e30;
/** Less than this is nothing to be seen. */
const MIN_TRIANGLES = 2;

/** @returns the triangles of all of them: of an instanced mesh once for each place it stands */
export const countInstances = (instances: readonly MeshInstance[]): number =>
  instances.reduce(
    (sum, { mesh }) => sum + mesh.listPrimitives().reduce((all, primitive) => all + countTriangles(primitive), 0),
    0,
  );

/** Vertices that stay: those of creases, and those where two primitives of a mesh meet. */
function listLocks(mesh: Mesh): Uint8Array[] {
  const primitives = mesh.listPrimitives();
  const locks = primitives.map((primitive) => new Uint8Array(primitive.getAttribute('POSITION')?.getCount() ?? 0));
  primitives.forEach((primitive, p) => {
    for (const vertex of getPolygonData(primitive)?.getCreaseEdges()?.getArray() ?? []) locks[p][vertex] = 1;
  });
  if (primitives.length > 1) lockMeetings(primitives, locks);
  return locks;
}

function lockMeetings(primitives: readonly Primitive[], locks: readonly Uint8Array[]): void {
  const points = new Float32Array(locks.reduce((sum, { length }) => sum + length, 0) * 3);
  let at = 0;
  primitives.forEach((primitive, p) => {
    if (locks[p].length > 0) points.set(readNumbers(primitive.getAttribute('POSITION')!), at * 3);
    at += locks[p].length;
  });
  const { corners: pointOf, positions } = mergePoints(points);
  const owner = new Int32Array(positions.length / 3).fill(-1);
  const isShared = new Uint8Array(owner.length);
  at = 0;
  locks.forEach((lock, p) => {
    for (let v = 0; v < lock.length; v++) {
      const point = pointOf[at + v];
      if (owner[point] >= 0 && owner[point] !== p) isShared[point] = 1;
      owner[point] = p;
    }
    at += lock.length;
  });
  at = 0;
  for (const lock of locks) {
    for (let v = 0; v < lock.length; v++) if (isShared[pointOf[at + v]]) lock[v] = 1;
    at += lock.length;
  }
}
