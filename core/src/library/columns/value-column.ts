import type { Bitset } from '../bits/bitset';
import type { CountedSets } from '../bits/counted-sets';
import { GrowList } from '../grow-list';
import { codeOf, facetOf, toCell, type FacetTable } from './facet-table';

/** Values with fewer assets than one in so many are looked up one by one instead of keeping a bit an asset. */
const SPARSE = 64;

interface Value {
  name: string;
  /** Slots that have it, ascending; those that are gone too. */
  slots: GrowList;
  /** Its number among the counted sets; null while it is rare. */
  counted: number | null;
}

/** Which values of one kind each asset has: none, one or several. */
export class ValueColumn {
  private readonly codes = new Map<string, number>();
  readonly values: Value[] = [];
  /** Zeros, between two counts. */
  private tally = new Uint32Array(0);

  /** @param facet its number in the table */
  constructor(
    private readonly sets: CountedSets,
    private readonly table: FacetTable,
    private readonly facet: number,
  ) {}

  /** Adds the values of the table's next slot. */
  add(slot: number, names: readonly string[]): void {
    for (const name of names.length > 1 ? new Set(names) : names) {
      const code = this.codes.get(name) ?? this.begin(name);
      const value = this.values[code];
      this.table.cells.push(toCell(this.facet, code));
      value.slots.push(slot);
      if (value.counted !== null) this.sets.put(value.counted, slot);
    }
  }

  /** @returns -1 for a value nobody has */
  codeOf(name: string): number {
    return this.codes.get(name) ?? -1;
  }

  has(slot: number, code: number): boolean {
    const cells = this.table.cells.array;
    const starts = this.table.starts.array;
    const cell = toCell(this.facet, code);
    for (let i = starts[slot]; i < starts[slot + 1]; i++) if (cells[i] === cell) return true;
    return false;
  }

  isEmpty(slot: number): boolean {
    const cells = this.table.cells.array;
    const starts = this.table.starts.array;
    for (let i = starts[slot]; i < starts[slot + 1]; i++) if (facetOf(cells[i]) === this.facet) return false;
    return true;
  }

  /** The values that listed slots have, with how many each; the most frequent first. */
  countOver(slots: Uint32Array, most: number): { code: number; count: number }[] {
    if (this.tally.length < this.values.length) this.tally = new Uint32Array(2 * this.values.length);
    const { tally, facet } = this;
    const cells = this.table.cells.array;
    const starts = this.table.starts.array;
    const met: number[] = [];
    for (let s = 0; s < slots.length; s++)
      for (let i = starts[slots[s]]; i < starts[slots[s] + 1]; i++) {
        if (facetOf(cells[i]) !== facet) continue;
        const code = codeOf(cells[i]);
        if (tally[code]++ === 0) met.push(code);
      }
    const counted = met.map((code) => ({ code, count: tally[code] }));
    for (const code of met) tally[code] = 0;
    return takeMost(counted, most);
  }

  /** How many slots of a set have a value. @param set the counted sets were asked about it @param size of sets of slots */
  countIn(set: Bitset, code: number, size: number): number {
    const value = this.values[code];
    const slots = value.slots.values;
    if (slots.length * SPARSE > size) {
      if (value.counted === null) {
        value.counted = this.sets.add();
        for (let i = 0; i < slots.length; i++) this.sets.put(value.counted, slots[i]);
      }
      return this.sets.countIn(value.counted);
    }
    let count = 0;
    for (let i = 0; i < slots.length; i++) if (set.has(slots[i])) count++;
    return count;
  }

  private begin(name: string): number {
    const code = this.values.length;
    this.codes.set(name, code);
    this.values.push({ name, slots: new GrowList(), counted: null });
    return code;
  }
}

/** @returns those that count most, the most first; of equals the one that came first */
export function takeMost<T extends { code: number; count: number }>(counted: readonly T[], most: number): T[] {
  const comesFirst = (a: T, b: T): number => b.count - a.count || a.code - b.code;
  // far more values are met than are told: only those that may be among them are sorted
  let kept: T[] = [];
  let least = 1;
  for (const one of counted) {
    if (one.count < least) continue;
    kept.push(one);
    if (kept.length < 4 * most) continue;
    kept = kept.sort(comesFirst).slice(0, most);
    least = kept.at(-1)!.count;
  }
  return kept.sort(comesFirst).slice(0, most);
}
