/**
 * Where the sum of weights, from the least value on, reaches shares of the whole. Values are told apart by their bytes, the highest first,
 * among those that are left: a few walks over them instead of putting a million in order.
 * @param values 0 or more each, finite @param weights above 0 each @param count how many of both there are, 1 at least
 * @returns a value for each share
 */
export function findWeightedQuantiles(
  values: Float64Array,
  weights: Float64Array,
  count: number,
  shares: readonly number[],
): number[] {
  let total = 0;
  for (let i = 0; i < count; i++) total += weights[i];
  const bytes = new Uint8Array(values.buffer, values.byteOffset, count * 8);
  const reaches = shares.map((share) => total * share);
  const found = new Map<number, number>();
  findPlaces({ bytes, weights, found }, { places: null, left: count, below: 0, byte: 7 }, reaches);
  return reaches.map((reach) => values[found.get(reach)!]);
}

interface Search {
  /** Eight a value, the lowest first. */
  bytes: Uint8Array;
  weights: Float64Array;
  /** Which value reaches a sum. */
  found: Map<number, number>;
}

/** Values alike in all bytes above one. */
interface Alike {
  /** Null for all. */
  places: Uint32Array | null;
  left: number;
  /** Weight of all that are less. */
  below: number;
  byte: number;
}

function findPlaces(search: Search, { places, left, below, byte }: Alike, reaches: readonly number[]): void {
  const { bytes, weights, found } = search;
  if (byte < 0 || left === 1) {
    for (const reach of reaches) found.set(reach, places ? places[0] : 0);
    return;
  }
  const sums = new Float64Array(256);
  const counts = new Uint32Array(256);
  for (let k = 0; k < left; k++) {
    const place = places ? places[k] : k;
    const digit = bytes[place * 8 + byte];
    sums[digit] += weights[place];
    counts[digit]++;
  }
  let sum = below;
  let open = reaches;
  const last = counts.findLastIndex((n) => n > 0);
  for (let digit = 0; digit <= last && open.length > 0; digit++) {
    if (counts[digit] === 0) continue;
    const before = sum;
    sum += sums[digit];
    // sums of parts may miss the sum of all by a rounding
    const here = digit === last ? open : open.filter((reach) => reach <= sum);
    if (here.length === 0) continue;
    open = open.filter((reach) => !here.includes(reach));
    const kept = counts[digit] === left && places ? places : new Uint32Array(counts[digit]);
    if (kept !== places)
      for (let k = 0, n = 0; k < left; k++) {
        const place = places ? places[k] : k;
        if (bytes[place * 8 + byte] === digit) kept[n++] = place;
      }
    findPlaces(search, { places: kept, left: counts[digit], below: before, byte: byte - 1 }, here);
  }
}
