/**
 * Where words about an asset stand, and how much less a hit there is worth than one in its name (ours). What says what a thing is may be meant by
 * another word; a person, a site or a number is called as it is called.
 */
export const WORD_FIELDS = {
  name: { cost: 0, saysWhat: true },
  number: { cost: 0, saysWhat: false },
  title: { cost: 1, saysWhat: true },
  tag: { cost: 2, saysWhat: true },
  author: { cost: 2, saysWhat: false },
  file: { cost: 3, saysWhat: true },
  material: { cost: 3, saysWhat: true },
  part: { cost: 3, saysWhat: true },
  source: { cost: 4, saysWhat: false },
} as const satisfies Record<string, { cost: number; saysWhat: boolean }>;
export type WordField = keyof typeof WORD_FIELDS;

/** What assets are told apart by: one value of each has an asset, or several, or none. */
export const VALUE_FACETS = [
  'category',
  'state',
  'licence',
  'grant',
  'author',
  'source',
  'tag',
  'colour',
  'material',
  'trait',
  'addedBy',
  'project',
] as const;
export type ValueFacet = (typeof VALUE_FACETS)[number];

/** What is measured of them. */
export const NUMBER_FACETS = ['triangles', 'heightM', 'longestM', 'addedDay', 'uses'] as const;
export type NumberFacet = (typeof NUMBER_FACETS)[number];

/** What a library knows an asset by. */
export interface LibraryEntry {
  accession: number;
  name: string;
  words: Partial<Record<WordField, string>>;
  values: Partial<Record<ValueFacet, readonly string[]>>;
  /** Null where it is not known: a thing without a real size has no height. */
  numbers: Record<NumberFacet, number | null>;
}
