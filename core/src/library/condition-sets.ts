import { Bitset } from './bits/bitset';
import type { LibraryIndex } from './library-index';
import type { Condition } from './library-question';

const MOST_KEPT = 96;

interface KeptSet {
  bits: Bitset;
  /** Slots below this have been looked at. */
  upTo: number;
}

/** Which slots fulfil a condition; made when it is first asked for, and gone on with for slots that came since. */
export class ConditionSets {
  private readonly kept = new Map<string, KeptSet>();

  constructor(private readonly index: LibraryIndex) {}

  /** Slots of assets that are gone may be in it. Good until the library changes. */
  get(condition: Condition): Bitset {
    const key = JSON.stringify(condition);
    const known = this.kept.get(key) ?? { bits: new Bitset(this.index.room), upTo: 0 };
    this.kept.delete(key);
    this.kept.set(key, known);
    if (this.kept.size > MOST_KEPT) this.kept.delete(this.kept.keys().next().value!);
    known.bits.grow(this.index.room);
    this.goOn(known, condition);
    return known.bits;
  }

  private goOn(known: KeptSet, condition: Condition): void {
    const { bits, upTo } = known;
    const { size } = this.index;
    known.upTo = size;
    if (upTo === size) return;
    if (condition.kind === 'range') {
      const { values } = this.index.numbers[condition.facet];
      const from = condition.from ?? -Infinity;
      const to = condition.to ?? Infinity;
      const isBelow = condition.isBelow === true;
      for (let slot = upTo; slot < size; slot++)
        if (values[slot] >= from && (isBelow ? values[slot] < to : values[slot] <= to)) bits.add(slot);
      return;
    }
    const column = this.index.values[condition.facet];
    if (condition.kind === 'without') {
      for (let slot = upTo; slot < size; slot++) if (column.isEmpty(slot)) bits.add(slot);
      return;
    }
    for (const name of condition.anyOf) {
      const code = column.codeOf(name);
      if (code < 0) continue;
      const slots = column.values[code].slots.values;
      for (let i = slots.length - 1; i >= 0 && slots[i] >= upTo; i--) bits.add(slots[i]);
    }
  }
}
