/** Gives equal corners one vertex: an open-addressing table over four integers, so a million corners need no strings. */
export class CornerTable {
  #slots: Int32Array;
  #keys: Int32Array;
  #mask: number;
  count = 0;

  constructor(expected: number) {
    const capacity = 2 ** Math.ceil(Math.log2(Math.max(16, expected * 2)));
    this.#slots = new Int32Array(capacity).fill(-1);
    this.#mask = capacity - 1;
    this.#keys = new Int32Array(Math.max(16, expected) * 4);
  }

  /** @returns the vertex of this corner; equal to `count - 1` after the call where it is new */
  find(a: number, b: number, c: number, d: number): number {
    let hash =
      Math.imul(a, 0x9e3779b1) ^ Math.imul(b, 0x85ebca6b) ^ Math.imul(c, 0xc2b2ae35) ^ Math.imul(d, 0x27d4eb2f);
    hash ^= hash >>> 15;
    for (let slot = hash & this.#mask; ; slot = (slot + 1) & this.#mask) {
      const vertex = this.#slots[slot];
      if (vertex < 0) {
        this.#slots[slot] = this.count;
        this.#keys.set([a, b, c, d], this.count * 4);
        return this.count++;
      }
      const k = vertex * 4;
      const keys = this.#keys;
      if (keys[k] === a && keys[k + 1] === b && keys[k + 2] === c && keys[k + 3] === d) return vertex;
    }
  }
}
