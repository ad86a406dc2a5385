/** A list of numbers from 0 to 2³² − 1 that grows, packed. */
export class GrowList {
  /** Longer than what is held; for loops that know how far to go. Good until the next push. */
  array = new Uint32Array(4);
  length = 0;

  push(value: number): void {
    if (this.length === this.array.length) {
      const larger = new Uint32Array(this.array.length * 2);
      larger.set(this.array);
      this.array = larger;
    }
    this.array[this.length++] = value;
  }

  /** @returns -1 for an empty list */
  get last(): number {
    return this.length === 0 ? -1 : this.array[this.length - 1];
  }

  /** What is held, not a copy; good until the next push. */
  get values(): Uint32Array {
    return this.array.subarray(0, this.length);
  }
}
