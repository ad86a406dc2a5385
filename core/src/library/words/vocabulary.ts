import { isNear } from './is-near';

/** Words that came since the list was sorted: looked through one by one until there are so many. */
const MOST_FRESH = 512;

/** Words in their order, forwards and backwards: found by how they begin, and with one letter wrong. */
export class Vocabulary {
  private forwards: string[] = [];
  /** Each word turned round, in the order of these. */
  private backwards: string[] = [];
  private fresh: string[] = [];

  /** @param word that is not in it yet */
  add(word: string): void {
    this.fresh.push(word);
  }

  /** @returns words that begin so and are longer, at most so many */
  listLonger(prefix: string, most: number): string[] {
    this.settle();
    const found: string[] = [];
    for (let i = firstFrom(this.forwards, prefix); this.forwards[i]?.startsWith(prefix); i++) {
      if (this.forwards[i] !== prefix) found.push(this.forwards[i]);
      if (found.length === most) return found;
    }
    for (const word of this.fresh) if (word.startsWith(prefix) && word !== prefix) found.push(word);
    return found.slice(0, most);
  }

  /**
   * Words that are this one with one letter left out, put in, exchanged or swapped with the next. Such a word begins as this one does up to its
   * middle, or ends as it does from there: only those that share a half are compared.
   */
  listNear(word: string): string[] {
    this.settle();
    const found = new Set<string>();
    const half = word.length >> 1;
    // a step at or after the letter before the middle leaves what stands before it, an earlier one all from the middle on
    for (const one of listFrom(this.forwards, word.slice(0, half - 1))) if (isNear(word, one)) found.add(one);
    for (const one of listFrom(this.backwards, turn(word.slice(half)))) {
      const forwards = turn(one);
      if (isNear(word, forwards)) found.add(forwards);
    }
    for (const one of this.fresh) if (isNear(word, one)) found.add(one);
    return [...found];
  }

  /** Puts what came lately in its place, where it has become much. */
  private settle(): void {
    if (this.fresh.length >= MOST_FRESH) this.sort();
  }

  /** Puts everything in its place. */
  sort(): void {
    this.forwards = merge(this.forwards, [...this.fresh].sort(byCode));
    this.backwards = merge(this.backwards, this.fresh.map(turn).sort(byCode));
    this.fresh = [];
  }
}

/** @returns both, in their order */
function merge(one: readonly string[], other: readonly string[]): string[] {
  const all: string[] = [];
  let at = 0;
  for (const word of other) {
    while (at < one.length && one[at] < word) all.push(one[at++]);
    all.push(word);
  }
  while (at < one.length) all.push(one[at++]);
  return all;
}

const byCode = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);
const turn = (word: string): string => [...word].reverse().join('');

/** @returns where the words from this one on begin */
function firstFrom(sorted: readonly string[], word: string): number {
  let [low, high] = [0, sorted.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sorted[middle] < word) low = middle + 1;
    else high = middle;
  }
  return low;
}

function* listFrom(sorted: readonly string[], prefix: string): Generator<string> {
  for (let i = firstFrom(sorted, prefix); sorted[i]?.startsWith(prefix); i++) yield sorted[i];
}
