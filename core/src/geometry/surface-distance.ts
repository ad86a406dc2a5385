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
