/** A number an asset; NaN where it is not known. */
export class NumberColumn {
  values = new Float32Array(16);

  set(slot: number, value: number | null): void {
    if (slot >= this.values.length) {
      const larger = new Float32Array(this.values.length * 2);
      larger.set(this.values);
      this.values = larger;
    }
    this.values[slot] = value ?? NaN;
  }
}
