import { Raycaster, Triangle, Vector2, Vector3, type Mesh, type Object3D, type PerspectiveCamera } from 'three';

/** Pixels within which a corner, then an edge, draws a pick to itself. */
const CORNER_PX = 14;
const EDGE_PX = 9;

export type PickedOn = 'corner' | 'edge' | 'face';

export interface Picked {
  point: Vector3;
  on: PickedOn;
}

/**
 * What of a model lies under a place in the view: the corner or the edge of the triangle hit, where one is near, else the face.
 * @param x,y pixels of the view from its upper left
 */
export function pickPoint(
  model: Object3D,
  camera: PerspectiveCamera,
  x: number,
  y: number,
  width: number,
  height: number,
): Picked | null {
  const raycaster = new Raycaster();
  raycaster.setFromCamera(new Vector2((x / width) * 2 - 1, 1 - (y / height) * 2), camera);
  const [hit] = raycaster.intersectObject(model, true).filter(({ face }) => face);
  if (!hit?.face) return null;
  const mesh = hit.object as Mesh;
  const corners = [hit.face.a, hit.face.b, hit.face.c].map((i) =>
    mesh.getVertexPosition(i, new Vector3()).applyMatrix4(mesh.matrixWorld),
  );
  const toPixels = (point: Vector3): Vector2 => {
    const { x: u, y: v } = point.clone().project(camera);
    return new Vector2(((u + 1) / 2) * width, ((1 - v) / 2) * height);
  };
  const at = new Vector2(x, y);
  const nearest = (points: readonly Vector3[], within: number): Vector3 | null => {
    const [best] = points
      .map((point) => ({ point, px: toPixels(point).distanceTo(at) }))
      .filter(({ px }) => px <= within)
      .sort((a, b) => a.px - b.px);
    return best?.point ?? null;
  };
  const corner = nearest(corners, CORNER_PX);
  if (corner) return { point: corner, on: 'corner' };
  const triangle = new Triangle(corners[0], corners[1], corners[2]);
  const edges = [0, 1, 2].map((k) => nearestOnEdge(triangle, k, hit.point));
  const edge = nearest(edges, EDGE_PX);
  return edge ? { point: edge, on: 'edge' } : { point: hit.point.clone(), on: 'face' };
}

function nearestOnEdge({ a, b, c }: Triangle, k: number, point: Vector3): Vector3 {
  const [from, to] = [
    [a, b],
    [b, c],
    [c, a],
  ][k];
  const along = to.clone().sub(from);
  const t = Math.max(0, Math.min(1, point.clone().sub(from).dot(along) / Math.max(along.lengthSq(), 1e-30)));
  return from.clone().addScaledVector(along, t);
}
