/** A typed array that grows; doubling keeps the whole cost linear. */
export class GrowableFloats {
  data: Float64Array;
  length = 0;

  constructor(capacity = 1024) {
    this.data = new Float64Array(capacity);
  }

  push(value: number): void {
    if (this.length === this.data.length) {
      const grown = new Float64Array(this.data.length * 2);
      grown.set(this.data);
      this.data = grown;
    }
    this.data[this.length++] = value;
  }

  /** @returns the filled part, sharing its bytes */
  view(): Float64Array {
    return this.data.subarray(0, this.length);
  }
}

export class GrowableInts {
  data: Int32Array;
  length = 0;

  constructor(capacity = 1024) {
    this.data = new Int32Array(capacity);
  }

  push(value: number): void {
    if (this.length === this.data.length) {
      const grown = new Int32Array(this.data.length * 2);
      grown.set(this.data);
      this.data = grown;
    }
    this.data[this.length++] = value;
  }

  /** @returns the filled part, sharing its bytes */
  view(): Int32Array {
    return this.data.subarray(0, this.length);
  }
}
