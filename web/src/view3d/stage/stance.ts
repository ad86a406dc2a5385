import { Triangle, Vector3, type Box3, type Mesh, type Object3D } from 'three';

/** How large a model is and where in its box its surface lies: what tells one stance from another. */
export interface Stance {
  /** Of its box, metres. */
  size: Vector3;
  /** Middle of its surface, in shares of its box. */
  middle: Vector3;
}

/** Triangles looked at of one model. */
const MOST_TRIANGLES = 20_000;

/** Sizes this close, and middles this close in shares of the box, are one stance. Ours: less than is seen. */
const CLOSE_SIZE = 0.01;
const CLOSE_MIDDLE = 0.02;

/** @returns null where it has no extent */
export function describeStance(model: Object3D, box: Box3): Stance | null {
  if (box.isEmpty()) return null;
  const meshes: Mesh[] = [];
  model.traverse((object) => (object as Mesh).isMesh && meshes.push(object as Mesh));
  const corners = (mesh: Mesh): number => mesh.geometry.index?.count ?? mesh.geometry.attributes.position?.count ?? 0;
  const triangles = meshes.reduce((sum, mesh) => sum + corners(mesh) / 3, 0);
  const stride = Math.max(1, Math.ceil(triangles / MOST_TRIANGLES)) * 3;
  const triangle = new Triangle();
  const [middle, weighed, at] = [new Vector3(), new Vector3(), new Vector3()];
  let area = 0;
  for (const mesh of meshes) {
    const { index } = mesh.geometry;
    for (let c = 0; c + 2 < corners(mesh); c += stride) {
      [triangle.a, triangle.b, triangle.c].forEach((corner, k) =>
        mesh.getVertexPosition(index ? index.getX(c + k) : c + k, corner).applyMatrix4(mesh.matrixWorld),
      );
      const own = triangle.getArea();
      weighed.addScaledVector(triangle.getMidpoint(at), own);
      area += own;
    }
  }
  const size = box.getSize(new Vector3());
  if (area > 0) middle.copy(weighed).divideScalar(area).sub(box.min);
  return { size, middle: middle.divide(new Vector3(size.x || 1, size.y || 1, size.z || 1)) };
}

/** @returns whether two models are of one size and stand the same way, so that one camera shows both */
export function areAlike(one: Stance | null, other: Stance | null): boolean {
  if (!one || !other) return false;
  const reach = Math.max(one.size.length(), other.size.length());
  return (
    one.size.clone().sub(other.size).length() <= reach * CLOSE_SIZE &&
    one.middle.clone().sub(other.middle).length() <= CLOSE_MIDDLE
  );
}
