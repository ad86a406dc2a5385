import type { PageFact } from '@haveld/contract/page';

/** A thing a page speaks of, in whichever syntax: its types and properties by the last word of their names. */
export interface PageThing {
  /** Its address or a name within the page. */
  id: string;
  by: PageFact['by'];
  types: string[];
  properties: Map<string, PageValue[]>;
}

export type PageValue = string | PageThing;

/** @returns every value of the properties, those named first before the others */
export const listValues = (thing: PageThing, ...names: string[]): PageValue[] =>
  names.flatMap((name) => thing.properties.get(name) ?? []);

/** @returns the values that are words, without their margins and never empty */
export const listWords = (thing: PageThing, ...names: string[]): string[] =>
  listValues(thing, ...names)
    .filter((value) => typeof value === 'string')
    .map((value) => value.replace(/\s+/g, ' ').trim())
    .filter((value) => value !== '');
