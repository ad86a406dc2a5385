import type { Allowance, Edition, SourceAbility, SourceItem } from '@haveld/contract/source';
import type { Page } from '@haveld/core/pages/read-page';
import type { FileWanted } from '../fetching/fetch-file';
import type { AskOptions } from '../fetching/request';

/** What an adapter is given for one question. */
export interface SourceContext extends AskOptions {
  now: Date;
  /** What lets the house in; empty where it has none. */
  token: string;
  /** The house accepted the terms as they are now. */
  termsAccepted: boolean;
  /** Reads a page that was fetched, shut in like every reader of bytes from outside. */
  readPage: (bytes: Uint8Array, address: string) => Promise<Page>;
}

/** Some models, and how to ask for more. */
export interface FoundItems {
  items: SourceItem[];
  /** Of all that was found; null where the source does not say. */
  total: number | null;
  /** To be given back for the next ones; null at the end. */
  next: string | null;
}

/**
 * A source of models behind one interface: how it is asked, what it gives, what it wants first. Everything throws `SourceFault`
 * where the source fails.
 */
export interface SourceAdapter {
  kind: string;
  name: string;
  /** Hosts whose pages are its own. */
  hosts: readonly string[];
  ability: SourceAbility;
  search: (words: string, from: string | null, context: SourceContext) => Promise<FoundItems>;
  /** @returns the model of a page, or null where the address is no page of a model here */
  open: (pageAddress: string, context: SourceContext) => Promise<SourceItem | null>;
  /** Words of its terms; null where it has none. */
  readTerms: (context: SourceContext) => Promise<string | null>;
  readAllowance: (context: SourceContext) => Promise<Allowance | null>;
  /** Where the file is and what lets one have it; asked right before it is fetched. */
  prepare: (item: SourceItem, edition: Edition, context: SourceContext) => Promise<FileWanted>;
}
