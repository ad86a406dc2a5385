import type { NumberFacet, ValueFacet } from './library-entry';

/** A condition: one of these values, or a number in a range (both ends included but where it is to be below; null is open). */
export type Condition =
  | { kind: 'values'; facet: ValueFacet; anyOf: readonly string[] }
  | { kind: 'without'; facet: ValueFacet }
  | { kind: 'range'; facet: NumberFacet; from: number | null; to: number | null; isBelow?: true };

export const LIBRARY_ORDERS = ['best', 'height', 'newest', 'used', 'name', 'triangles'] as const;
export type LibraryOrder = (typeof LIBRARY_ORDERS)[number];

/** What a library is asked. */
export interface LibraryQuestion {
  words: string;
  /** By the name each has in the sentence: what is counted for one leaves that one's own condition out. */
  conditions: Readonly<Record<string, Condition>>;
}

/** Something to count, among what fits all conditions but the one of that name. */
export type Tally =
  | { kind: 'values'; facet: ValueFacet; most: number }
  | { kind: 'ranges'; facet: NumberFacet; ranges: readonly { from: number | null; to: number | null }[] }
  /** Each of several sets of values, as one. */
  | { kind: 'groups'; facet: ValueFacet; groups: Readonly<Record<string, readonly string[]>> }
  /** All of them, whatever they are. */
  | { kind: 'all' };

/** Values with how many assets fit, the most first; ranges and groups in the order they were asked in. */
export type Counts = { value: string; count: number }[];
