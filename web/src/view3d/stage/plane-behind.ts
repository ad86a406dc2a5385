import { Vector3, type PerspectiveCamera, type Vector2 } from 'three';

/**
 * The plane a line on the view stands for: the eye and both ends lie in it.
 * @param from and @param to pixels of the view from its upper left
 * @returns a unit normal and how far the plane lies from the origin along it; null where the ends are one
 */
export function planeBehind(
  camera: PerspectiveCamera,
  from: Vector2,
  to: Vector2,
  width: number,
  height: number,
): [number, number, number, number] | null {
  camera.updateMatrixWorld();
  const eye = new Vector3().setFromMatrixPosition(camera.matrixWorld);
  const [a, b] = [from, to].map(({ x, y }) =>
    new Vector3((x / width) * 2 - 1, 1 - (y / height) * 2, 0.5).unproject(camera).sub(eye),
  );
  const normal = a.cross(b);
  if (normal.lengthSq() === 0) return null;
  normal.normalize();
  return [normal.x, normal.y, normal.z, normal.dot(eye)];
}
