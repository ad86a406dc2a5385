/** A list of numbers from 0 to 2³² − 1 that grows, packed. */
export class GrowList {
  private held = new Uint32Array(4);
  length = 0;

  push(value: number): void {
    if (this.length === this.held.length) {
      const larger = new Uint32Array(this.held.length * 2);
      larger.set(this.held);
      this.held = larger;
    }
    this.held[this.length++] = value;
  }

  /** @returns -1 for an empty list */
  get last(): number {
    return this.length === 0 ? -1 : this.held[this.length - 1];
  }

  /** What is held, not a copy; good until the next push. */
  get values(): Uint32Array {
    return this.held.subarray(0, this.length);
  }
}
