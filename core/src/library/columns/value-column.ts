import { Bitset } from '../bits/bitset';
import { GrowList } from '../grow-list';

/** Values with fewer assets than one in so many are looked up one by one instead of keeping a bit an asset. */
const SPARSE = 64;

interface Value {
  name: string;
  /** Slots that have it, ascending; those that are gone too. */
  slots: GrowList;
  bits: Bitset | null;
}

/** Which values of one kind each asset has: none, one or several. */
export class ValueColumn {
  private readonly codes = new Map<string, number>();
  readonly values: Value[] = [];
  /** Codes of all slots one after the other, and where each slot's begin. */
  private readonly held = new GrowList();
  private readonly starts = new GrowList();

  constructor() {
    this.starts.push(0);
  }

  /** Adds the next slot. @param size of sets of slots */
  add(slot: number, names: readonly string[], size: number): void {
    for (const name of new Set(names)) {
      const code = this.codes.get(name) ?? this.begin(name);
      const value = this.values[code];
      this.held.push(code);
      value.slots.push(slot);
      if (value.bits) {
        value.bits.grow(size);
        value.bits.add(slot);
      }
    }
    this.starts.push(this.held.length);
  }

  /** @returns -1 for a value nobody has */
  codeOf(name: string): number {
    return this.codes.get(name) ?? -1;
  }

  has(slot: number, code: number): boolean {
    const { values: held } = this.held;
    const { values: starts } = this.starts;
    for (let i = starts[slot]; i < starts[slot + 1]; i++) if (held[i] === code) return true;
    return false;
  }

  isEmpty(slot: number): boolean {
    const { values: starts } = this.starts;
    return starts[slot] === starts[slot + 1];
  }

  namesOf(slot: number): string[] {
    const { values: starts } = this.starts;
    return [...this.held.values.subarray(starts[slot], starts[slot + 1])].map((code) => this.values[code].name);
  }

  /** Counts values over slots that are listed. @param counts a place a value */
  countOver(slots: Uint32Array, counts: Uint32Array): void {
    const { values: held } = this.held;
    const { values: starts } = this.starts;
    for (let s = 0; s < slots.length; s++)
      for (let i = starts[slots[s]]; i < starts[slots[s] + 1]; i++) counts[held[i]]++;
  }

  /** How many slots of a set have a value. @param size of sets of slots */
  countIn(set: Bitset, code: number, size: number): number {
    const value = this.values[code];
    if (value.slots.length * SPARSE > size) {
      value.bits ??= toBits(value.slots.values, size);
      value.bits.grow(size);
      return set.countIn(value.bits);
    }
    const slots = value.slots.values;
    let count = 0;
    for (let i = 0; i < slots.length; i++) if (set.has(slots[i])) count++;
    return count;
  }

  private begin(name: string): number {
    const code = this.values.length;
    this.codes.set(name, code);
    this.values.push({ name, slots: new GrowList(), bits: null });
    return code;
  }
}

function toBits(slots: Uint32Array, size: number): Bitset {
  const bits = new Bitset(size);
  for (let i = 0; i < slots.length; i++) bits.add(slots[i]);
  return bits;
}
