import { Vector3, type Box3 } from 'three';
import type { Framed } from './stage-camera';

/** What is gone to fills this share of the view, at most. */
const FILLS = 0.55;

/** Nearer than this share of the whole nobody knows where they are. */
const NEAREST = 0.08;

/** A ball about a place that holds a box. */
export function frameAbout(centre: Vector3, { min, max }: Box3): Framed {
  return { centre, radius: Math.max(min.distanceTo(centre), max.distanceTo(centre), 1e-9) };
}

/**
 * A frame on its way to a place of the model.
 * @param place box of it @param moved how far the model stands from where the place was measured @param share 0 at the whole, 1 there
 */
export function frameOnTheWay(whole: Framed, place: Box3, moved: Vector3, share: number): Framed {
  const there = place.getCenter(new Vector3()).add(moved);
  const reach = place.getSize(new Vector3()).length() / 2 / FILLS;
  const near = Math.min(whole.radius, Math.max(reach, whole.radius * NEAREST));
  return { centre: whole.centre.clone().lerp(there, share), radius: whole.radius + (near - whole.radius) * share };
}
