import { Box3, Vector3, type Camera, type Object3D } from 'three';

export type Side = 'received' | 'treated';

/** A place on the view, CSS pixels from its upper left. */
interface Place {
  x: number;
  y: number;
}

/** What is written over the picture. */
export interface Overlay {
  /** Pixels a metre of each side takes at its middle; null where it is not shown. */
  bars: Record<Side, { px: number } | null>;
  /** Middles of the treated box's edges, each with its length in metres. */
  measures: (Place & { size: number; axis: 'width' | 'height' | 'depth' })[];
  person: Place | null;
  /** Below what it stands beside, and where its front is. */
  beside: Place | null;
  front: Place | null;
  /** Middle of what was picked, and how far apart two points are in metres. */
  picked: (Place & { distance: number | null }) | null;
}

/** What of the treated side the overlay is worked out from, world space. */
export interface OverlaySubject {
  camera: Camera;
  /** Of the view, CSS pixels. */
  width: number;
  height: number;
  yaw: number;
  box: Box3;
  /** False where the treated side is wiped away. */
  isShown: boolean;
  person: Object3D;
  beside: Object3D | null;
  front: Object3D | undefined;
  picked: readonly Vector3[];
}

/** Works out where on the picture everything stands. */
export function projectOverlay(bars: Overlay['bars'], subject: OverlaySubject): Overlay {
  const { box, person, beside, front, picked, camera, width, height } = subject;
  const toPixels = (point: Vector3): Place => {
    const projected = point.clone().project(camera);
    return { x: ((projected.x + 1) / 2) * width, y: ((1 - projected.y) / 2) * height };
  };
  const isThere = !box.isEmpty();
  return {
    bars,
    measures: subject.isShown && isThere ? listMeasures(box, subject.yaw, toPixels) : [],
    person: person.visible && isThere ? toPixels(person.position) : null,
    beside: beside && toPixels(lowerFront(new Box3().setFromObject(beside))),
    front: front && isThere ? toPixels(front.getWorldPosition(new Vector3())) : null,
    picked: describePicked(picked, toPixels),
  };
}

const lowerFront = ({ min, max }: Box3): Vector3 => new Vector3((min.x + max.x) / 2, min.y, max.z);

/** On the edges that look at the camera. */
function listMeasures({ min, max }: Box3, yaw: number, toPixels: (point: Vector3) => Place): Overlay['measures'] {
  const front = Math.cos(yaw) >= 0 ? max.z : min.z;
  const side = Math.sin(yaw) >= 0 ? max.x : min.x;
  return [
    { ...toPixels(new Vector3((min.x + max.x) / 2, min.y, front)), size: max.x - min.x, axis: 'width' },
    { ...toPixels(new Vector3(side, (min.y + max.y) / 2, front)), size: max.y - min.y, axis: 'height' },
    { ...toPixels(new Vector3(side, min.y, (min.z + max.z) / 2)), size: max.z - min.z, axis: 'depth' },
  ];
}

function describePicked([a, b]: readonly Vector3[], toPixels: (point: Vector3) => Place): Overlay['picked'] {
  if (!a) return null;
  return { ...toPixels(b ? a.clone().add(b).multiplyScalar(0.5) : a), distance: b ? a.distanceTo(b) : null };
}
