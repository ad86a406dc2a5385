import { type Box3, Group, Matrix4, Quaternion, Vector3, type Object3D } from 'three';
import type { DropResult } from '@haveld/core/placement/tumble/drop-test';

/** A test that moves or repeats the treated model; nothing of it stays. */
export type Trial =
  { kind: 'turn' } | { kind: 'drop'; result: DropResult } | { kind: 'row'; count: number; pitch: number };

/** Radians a second. */
const TURN_SPEED = 0.9;

/** Moves a model, and copies of it, as a trial has them. */
export class TrialPlayer {
  readonly #holder: Group;
  /** Copies stand in the scene, not in the holder, which moves itself. */
  readonly #copies = new Group();
  #trial: Trial | null = null;
  #since = 0;

  constructor(holder: Group) {
    this.#holder = holder;
  }

  get copies(): Object3D {
    return this.#copies;
  }

  start(trial: Trial | null, nowMs: number): void {
    this.#trial = trial;
    this.#since = nowMs;
    // copies share what they show with the model: nothing of them is freed
    this.#copies.clear();
    const count = trial?.kind === 'drop' ? trial.result.count : trial?.kind === 'row' ? trial.count : 1;
    const [model] = this.#holder.children;
    if (model) for (let i = 1; i < count; i++) this.#copies.add(model.clone());
    this.#pose(this.#holder, new Vector3(), new Quaternion());
  }

  /** Puts everything where it is at a time. @returns true while something moves */
  pose(nowMs: number): boolean {
    const trial = this.#trial;
    if (!trial) return false;
    const seconds = (nowMs - this.#since) / 1000;
    if (trial.kind === 'turn') {
      this.#holder.rotation.y = seconds * TURN_SPEED;
      return true;
    }
    if (trial.kind === 'row') {
      this.#copies.children.forEach((copy, i) =>
        this.#pose(copy, new Vector3((i + 1) * trial.pitch, 0, 0), new Quaternion()),
      );
      return false;
    }
    const { poses, frames, framesPerSecond, count } = trial.result;
    const frame = Math.min(frames - 1, Math.floor(seconds * framesPerSecond));
    [this.#holder, ...this.#copies.children].forEach((object, i) => {
      const o = (frame * count + i) * 7;
      this.#pose(
        object,
        new Vector3(poses[o], poses[o + 1], poses[o + 2]),
        new Quaternion(poses[o + 3], poses[o + 4], poses[o + 5], poses[o + 6]),
      );
    });
    return frame < frames - 1;
  }

  /** @returns the room a trial takes, of a model in this box */
  reach(box: Box3): Box3 {
    const room = box.clone();
    if (this.#trial?.kind === 'row') room.max.x += (this.#trial.count - 1) * this.#trial.pitch;
    if (this.#trial?.kind === 'drop') {
      const { poses, frames, count } = this.#trial.result;
      // from where they were let go to where they come to rest
      for (const frame of [0, frames - 1])
        for (let i = 0; i < count; i++) {
          const o = (frame * count + i) * 7;
          const turn = new Quaternion(poses[o + 3], poses[o + 4], poses[o + 5], poses[o + 6]);
          const place = new Vector3(poses[o], poses[o + 1], poses[o + 2]);
          room.union(box.clone().applyMatrix4(new Matrix4().compose(place, turn, new Vector3(1, 1, 1))));
        }
    }
    return room;
  }

  #pose(object: Object3D, place: Vector3, turn: Quaternion): void {
    object.position.copy(place);
    object.quaternion.copy(turn);
  }
}
