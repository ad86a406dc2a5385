/** A set of small numbers, a bit each. */
export class Bitset {
  words: Uint32Array;

  /** @param size one more than the largest number it can hold */
  constructor(size: number) {
    this.words = new Uint32Array((size + 31) >>> 5);
  }

  has(value: number): boolean {
    return (this.words[value >>> 5] & (1 << (value & 31))) !== 0;
  }

  add(value: number): void {
    this.words[value >>> 5] |= 1 << (value & 31);
  }

  delete(value: number): void {
    this.words[value >>> 5] &= ~(1 << (value & 31));
  }

  /** Makes room for larger numbers. */
  grow(size: number): void {
    const length = (size + 31) >>> 5;
    if (length <= this.words.length) return;
    const larger = new Uint32Array(length);
    larger.set(this.words);
    this.words = larger;
  }

  /** Takes what is not in the other out. @param other of the same size */
  keepOnly(other: Bitset): this {
    const { words } = this;
    for (let i = 0; i < words.length; i++) words[i] &= other.words[i];
    return this;
  }

  copy(): Bitset {
    const same = new Bitset(0);
    same.words = this.words.slice();
    return same;
  }

  count(): number {
    let count = 0;
    for (const word of this.words) count += bitsOf(word);
    return count;
  }

  /** Calls for each number held, the smallest first. */
  forEach(visit: (value: number) => void): void {
    for (let i = 0; i < this.words.length; i++)
      for (let word = this.words[i]; word !== 0; word &= word - 1) visit((i << 5) + (31 - Math.clz32(word & -word)));
  }
}

/** How many bits of a word of 32 are set (Warren, Hacker's Delight, 2nd edition, figure 5-2). */
function bitsOf(word: number): number {
  word -= (word >>> 1) & 0x55555555;
  word = (word & 0x33333333) + ((word >>> 2) & 0x33333333);
  return Math.imul((word + (word >>> 4)) & 0x0f0f0f0f, 0x01010101) >>> 24;
}
