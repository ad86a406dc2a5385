import type { Bitset } from '../bits/bitset';

/** Which of two slots comes first: below 0 for the one. */
export type Compare = (a: number, b: number) => number;

const MOST_HALVINGS = 10;

/**
 * Assets in one order. A rank between those of its neighbours stands for the place of each, so that one more moves nobody else's; where there
 * is no room between two all are counted anew.
 */
export class RankOrder {
  private sorted: Uint32Array;
  private length: number;
  /** By slot: the smaller comes first. */
  ranks: Float64Array;

  /** @param sorted slots in this order @param compare of two slots; never 0 for different ones */
  constructor(
    sorted: Uint32Array,
    private readonly compare: Compare,
  ) {
    this.sorted = Uint32Array.from(sorted);
    this.length = sorted.length;
    this.ranks = new Float64Array(Math.max(16, sorted.length * 2));
    this.rankAnew();
  }

  insert(slot: number): void {
    if (this.length === this.sorted.length) {
      const larger = new Uint32Array(Math.max(16, this.length * 2));
      larger.set(this.sorted);
      this.sorted = larger;
    }
    if (slot >= this.ranks.length) {
      const larger = new Float64Array(Math.max(slot + 1, this.ranks.length * 2));
      larger.set(this.ranks);
      this.ranks = larger;
    }
    let [low, high] = [0, this.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.compare(this.sorted[middle], slot) < 0) low = middle + 1;
      else high = middle;
    }
    this.sorted.copyWithin(low + 1, low, this.length++);
    this.sorted[low] = slot;
    const before = low > 0 ? this.ranks[this.sorted[low - 1]] : -1;
    const after = low + 1 < this.length ? this.ranks[this.sorted[low + 1]] : before + 2;
    this.ranks[slot] = (before + after) / 2;
    if (after - before < 2 ** -MOST_HALVINGS) this.rankAnew();
  }

  /**
   * A page of a set in this order, walked from its beginning.
   * @param isCounted may leave some of the set out
   */
  page(set: Bitset, offset: number, length: number, isCounted: ((slot: number) => boolean) | null = null): number[] {
    const found: number[] = [];
    const { sorted } = this;
    const { words } = set;
    let left = offset;
    for (let i = 0; i < this.length && found.length < length; i++) {
      const slot = sorted[i];
      if ((words[slot >>> 5] & (1 << (slot & 31))) === 0 || (isCounted !== null && !isCounted(slot))) continue;
      if (left > 0) left--;
      else found.push(slot);
    }
    return found;
  }

  private rankAnew(): void {
    for (let i = 0; i < this.length; i++) this.ranks[this.sorted[i]] = i;
  }
}
