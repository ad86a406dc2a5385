import type { Surface } from './surface';

/** Tells how far places lie from surfaces, which are brought together and put into a tree of boxes; infinity where they have no face. */
export async function openDistance(surfaces: readonly Surface[]): Promise<(x: number, y: number, z: number) => number> {
  // large, and wanted by few
  const [{ Vector3 }, { MeshBVH }] = await Promise.all([import('three'), import('three-mesh-bvh')]);
  const geometry = await joinSurfaces(surfaces);
  if (geometry.index!.count === 0) return () => Infinity;
  const tree = new MeshBVH(geometry, { indirect: true });
  const point = new Vector3();
  return (x, y, z) => tree.closestPointToPoint(point.set(x, y, z))?.distance ?? Infinity;
}

/** A place on a surface. */
export interface SurfacePlace {
  /** Counted over all surfaces. */
  triangle: number;
  x: number;
  y: number;
  z: number;
}

/** Finds places on surfaces. */
export interface SurfaceFinder {
  /** The nearest one. */
  nearest(x: number, y: number, z: number): SurfacePlace | null;
  /** The first one along a way, from either side; null where none lies on it. @param way a unit vector */
  along(from: readonly number[], way: readonly number[]): SurfacePlace | null;
}

/** @returns null where the surfaces have no face */
export async function openFinder(surfaces: readonly Surface[]): Promise<SurfaceFinder | null> {
  const [{ Vector3, Ray, DoubleSide }, { MeshBVH }] = await Promise.all([import('three'), import('three-mesh-bvh')]);
  const geometry = await joinSurfaces(surfaces);
  if (geometry.index!.count === 0) return null;
  const tree = new MeshBVH(geometry, { indirect: true });
  const [point, ray] = [new Vector3(), new Ray()];
  return {
    nearest(x, y, z) {
      const found = tree.closestPointToPoint(point.set(x, y, z));
      return found && { triangle: found.faceIndex, ...pick(found.point) };
    },
    along([ox, oy, oz], [dx, dy, dz]) {
      ray.origin.set(ox, oy, oz);
      ray.direction.set(dx, dy, dz);
      const hit = tree.raycastFirst(ray, DoubleSide) as { faceIndex?: number | null; point: typeof point } | null;
      return hit?.faceIndex == null ? null : { triangle: hit.faceIndex, ...pick(hit.point) };
    },
  };
}

const pick = ({ x, y, z }: { x: number; y: number; z: number }): { x: number; y: number; z: number } => ({ x, y, z });

async function joinSurfaces(surfaces: readonly Surface[]) {
  const { BufferAttribute, BufferGeometry } = await import('three');
  const points = new Float32Array(surfaces.reduce((sum, { positions }) => sum + positions.length, 0));
  const corners = new Uint32Array(
    surfaces.reduce((sum, { positions, indices }) => sum + (indices?.length ?? positions.length / 3), 0),
  );
  let first = 0;
  let at = 0;
  for (const { positions, indices } of surfaces) {
    points.set(positions, first * 3);
    const count = indices?.length ?? positions.length / 3;
    for (let i = 0; i < count; i++) corners[at++] = first + (indices ? indices[i] : i);
    first += positions.length / 3;
  }
  return new BufferGeometry()
    .setAttribute('position', new BufferAttribute(points, 3))
    .setIndex(new BufferAttribute(corners, 1));
}
