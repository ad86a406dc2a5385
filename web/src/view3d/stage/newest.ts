/** Of several things that are on their way to one place only the newest arrives; what comes late, or after the end, is let go. */
export class Newest<P> {
  readonly #asked = new Map<P, number>();
  #hasEnded = false;

  get hasEnded(): boolean {
    return this.#hasEnded;
  }

  /**
   * @param letGo frees what came too late
   * @returns what came, or `late` where something newer was asked for meanwhile
   */
  async bring<T>(
    place: P,
    load: () => Promise<T>,
    letGo: (value: T) => void,
  ): Promise<{ late: false; value: T } | { late: true }> {
    const mine = (this.#asked.get(place) ?? 0) + 1;
    this.#asked.set(place, mine);
    const value = await load();
    if (!this.#hasEnded && this.#asked.get(place) === mine) return { late: false, value };
    letGo(value);
    return { late: true };
  }

  /** Nothing that is still on its way arrives any more. */
  end(): void {
    this.#hasEnded = true;
  }
}
