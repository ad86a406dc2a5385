/** How long the way takes, milliseconds. */
const GOING_MS = 320;

/** The view's way from the whole model to a place on it and back, eased at both ends. */
export class GoingThere {
  #goes = false;
  #since = 0;
  #share = 0;

  /** How far it has come: 0 at the whole model, 1 there. */
  get share(): number {
    return this.#share * this.#share * (3 - 2 * this.#share);
  }

  /** @param now milliseconds */
  go(goes: boolean, now: number): void {
    if (goes !== this.#goes) this.#since = now;
    this.#goes = goes;
  }

  /** Back at once. */
  reset(): void {
    this.#goes = false;
    this.#share = 0;
  }

  /**
   * Goes on.
   * @param isThere false where there is no place to go to @param isStill true for who wants no motion: then it is there at once
   * @returns whether it is still on its way
   */
  step(now: number, isThere: boolean, isStill: boolean): boolean {
    const wanted = this.#goes && isThere ? 1 : 0;
    const by = isStill ? 1 : Math.max(0, now - this.#since) / GOING_MS;
    this.#since = now;
    this.#share = wanted > this.#share ? Math.min(1, this.#share + by) : Math.max(wanted, this.#share - by);
    return this.#share !== wanted;
  }
}
