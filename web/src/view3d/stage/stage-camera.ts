import { Spherical, Vector3, type PerspectiveCamera } from 'three';
import { FIELD_OF_VIEW } from './stage-side';

/** What the camera frames: a ball in world space, metres. */
export interface Framed {
  centre: Vector3;
  radius: number;
}

const YAW = 0.52;
const PITCH = 0.28;

/** Just short of straight up and straight down. */
const MOST_PITCH = 1.5;

/** Where the view looks from, the same for both sides: about what is framed, not about the world. */
export class StageCamera {
  #yaw = YAW;
  #pitch = PITCH;
  #zoom = 1;
  readonly #pan = new Vector3();

  /** About the vertical, radians. */
  get yaw(): number {
    return this.#yaw;
  }

  /** @param yaw,pitch radians */
  turn(yaw: number, pitch: number): void {
    this.#yaw += yaw;
    this.#pitch = Math.max(-MOST_PITCH, Math.min(MOST_PITCH, this.#pitch + pitch));
  }

  zoom(factor: number): void {
    this.#zoom = Math.max(0.05, Math.min(30, this.#zoom * factor));
  }

  /** @param x,y in shares of the view */
  pan(x: number, y: number): void {
    this.#pan.add(new Vector3(x, y, 0));
  }

  /** Back to where it began. */
  reset(): void {
    this.#yaw = YAW;
    this.#pitch = PITCH;
    this.#zoom = 1;
    this.#pan.set(0, 0, 0);
  }

  /** Points a camera. @param aspect width by height of the view. @returns metres the view is high at the middle of what is framed */
  aim(camera: PerspectiveCamera, { centre, radius }: Framed, aspect: number): number {
    const half = Math.tan((FIELD_OF_VIEW * Math.PI) / 360);
    const distance = (radius * 1.12 * this.#zoom) / Math.sin(Math.atan(half * Math.min(1, aspect)));
    const back = new Vector3().setFromSpherical(new Spherical(1, Math.PI / 2 - this.#pitch, this.#yaw));
    const seen = 2 * distance * half;
    const right = new Vector3(0, 1, 0).cross(back).normalize();
    const up = back.clone().cross(right);
    const target = centre
      .clone()
      .addScaledVector(right, -this.#pan.x * seen * aspect)
      .addScaledVector(up, this.#pan.y * seen);
    camera.aspect = aspect;
    camera.near = Math.max(distance - radius * 8, distance * 0.01);
    camera.far = distance + radius * 16;
    camera.position.copy(target).addScaledVector(back, distance);
    camera.lookAt(target);
    camera.updateProjectionMatrix();
    return seen;
  }
}
