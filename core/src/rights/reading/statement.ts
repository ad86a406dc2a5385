import type { Evidence } from '@haveld/contract/finding';
import type { Nearness, RightsFinding } from '@haveld/contract/licence';
import type { Page } from '../../pages/read-page';

/** A text that may say whose a model is: a file, or lines taken from one. */
export interface RightsText {
  file: string;
  text: string;
  /** Line of the text's first line in its file, 1-based. */
  firstLine: number;
  /** Said by the model file itself, such as glTF's `asset.copyright`. */
  isMetadata?: boolean;
  /** What it says as a page of the web (`openPages`). */
  page?: Page;
}

/** What a model is called and made of: a text about several models is read for this one alone. */
export interface RightsSubject {
  /** Path of the model file. */
  model: string;
  /** Every file of the find. */
  files: readonly string[];
}

export type LicenceStatement = RightsFinding['licences'][number];

/** What a text says, before it is weighed against others. */
export interface Statements {
  licences: LicenceStatement[];
  authors: RightsFinding['authors'];
  sources: RightsFinding['sources'];
  titles: RightsFinding['titles'];
  basedOn: RightsFinding['basedOn'];
  notGrants: Evidence[];
  ownWords: RightsFinding['ownWords'];
  claims: RightsFinding['claims'];
}

export const createStatements = (): Statements => ({
  licences: [],
  authors: [],
  sources: [],
  titles: [],
  basedOn: [],
  notGrants: [],
  ownWords: [],
  claims: [],
});

export function addStatements(to: Statements, from: Statements): void {
  to.licences.push(...from.licences);
  to.authors.push(...from.authors);
  for (const source of from.sources) if (!to.sources.some(({ url }) => url === source.url)) to.sources.push(source);
  to.titles.push(...from.titles);
  to.basedOn.push(...from.basedOn);
  to.notGrants.push(...from.notGrants);
  to.ownWords.push(...from.ownWords);
  to.claims.push(...from.claims);
}

/** Says the same of everything in a document: how near it stands, and of what part it speaks. */
export function placeStatements(statements: Statements, nearness: Nearness, part?: string): Statements {
  for (const licence of statements.licences) {
    licence.nearness = nearness;
    licence.part ??= part;
  }
  for (const author of statements.authors) {
    author.nearness = nearness;
    author.part ??= part;
  }
  return statements;
}
