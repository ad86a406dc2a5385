import { AnimationMixer, LoopOnce, type AnimationClip, type Object3D } from 'three';

/** A place in one of a model's clips. */
export interface Moment {
  /** Place of the clip among the model's. */
  clip: number;
  seconds: number;
}

/** Puts a model into the poses of its clips. */
export class ClipPlayer {
  readonly #mixer: AnimationMixer;
  readonly #clips: readonly AnimationClip[];

  constructor(model: Object3D, clips: readonly AnimationClip[]) {
    this.#mixer = new AnimationMixer(model);
    this.#clips = clips;
  }

  /** @param moment null, or a clip it does not have, puts it to rest */
  pose(moment: Moment | null): void {
    this.#mixer.stopAllAction();
    const clip = moment && this.#clips[moment.clip];
    if (!clip) return;
    const action = this.#mixer.clipAction(clip).setLoop(LoopOnce, 1);
    // at its very end the last pose holds
    action.clampWhenFinished = true;
    action.reset().play();
    this.#mixer.setTime(moment.seconds);
  }
}
