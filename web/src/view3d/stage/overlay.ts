import { Box3, Vector3, type Camera, type Object3D } from 'three';

export type Side = 'received' | 'treated';

/** A place on the view, CSS pixels from its upper left. */
interface Place {
  x: number;
  y: number;
}

/** What is written over the picture. */
export interface Overlay {
  /** False where both sides are one picture under a wipe, or one stands alone. */
  isBeside: boolean;
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
  /** Of the picture it is drawn in, CSS pixels of the view. */
  left: number;
  width: number;
  height: number;
  yaw: number;
  isBeside: boolean;
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
  const { box, person, beside, front, picked, camera, left, width, height } = subject;
  const toPixels = (point: Vector3): Place => {
    const projected = point.clone().project(camera);
    return { x: left + ((projected.x + 1) / 2) * width, y: ((1 - projected.y) / 2) * height };
  };
  const isThere = !box.isEmpty();
  return {
    bars,
    isBeside: subject.isBeside,
    measures: subject.isShown && isThere ? listMeasures(box, subject.yaw, beside !== null, toPixels) : [],
    person: person.visible && isThere ? toPixels(person.position) : null,
    beside: beside && toPixels(lowerFront(new Box3().setFromObject(beside))),
    front: front && isThere ? toPixels(front.getWorldPosition(new Vector3())) : null,
    picked: describePicked(picked, toPixels),
  };
}

const lowerFront = ({ min, max }: Box3): Vector3 => new Vector3((min.x + max.x) / 2, min.y, max.z);

/** A measure stands this far outside the edge it is of, CSS pixels. */
const OFF = 15;

/** Beside the edges that bound what is seen: width and depth below, the height where nothing else stands. */
function listMeasures(
  { min, max }: Box3,
  yaw: number,
  isLeftTaken: boolean,
  toPixels: (point: Vector3) => Place,
): Overlay['measures'] {
  const front = Math.cos(yaw) >= 0 ? max.z : min.z;
  const side = Math.sin(yaw) >= 0 ? max.x : min.x;
  const middle = { x: (min.x + max.x) / 2, y: (min.y + max.y) / 2, z: (min.z + max.z) / 2 };
  // of the upright edges two bound the picture: where the far side meets the front, and the near side the back
  const [left] = [
    toPixels(new Vector3(min.x + max.x - side, middle.y, front)),
    toPixels(new Vector3(side, middle.y, min.z + max.z - front)),
  ].sort((one, other) => one.x - other.x);
  // where something stands on its left it is told above it: on its right the person stands
  const above = toPixels(new Vector3(middle.x, max.y, middle.z));
  const height = isLeftTaken ? { x: above.x, y: above.y - OFF } : { x: left.x - OFF * 2, y: left.y };
  const width = toPixels(new Vector3(middle.x, min.y, front));
  const depth = toPixels(new Vector3(side, min.y, middle.z));
  return [
    { x: width.x, y: width.y + OFF, size: max.x - min.x, axis: 'width' },
    { ...height, size: max.y - min.y, axis: 'height' },
    { x: depth.x, y: depth.y + OFF, size: max.z - min.z, axis: 'depth' },
  ];
}

function describePicked([a, b]: readonly Vector3[], toPixels: (point: Vector3) => Place): Overlay['picked'] {
  if (!a) return null;
  return { ...toPixels(b ? a.clone().add(b).multiplyScalar(0.5) : a), distance: b ? a.distanceTo(b) : null };
}
