import type { Edition, SourceItem } from '@haveld/contract/source';
import { findFormatByExtension } from '@haveld/core/formats/model-formats';
import type { Page } from '@haveld/core/pages/read-page';
import { nameFetched } from '../fetching/file-name';
import { fetchText } from '../fetching/fetch-text';
import { requireAnswered } from '../fetching/read-status';
import { ask } from '../fetching/request';
import { describeLicence } from './read-answer';
import type { SourceAdapter } from './source-adapter';

/** Archives that models come in. */
const ARCHIVE = /\.(?:zip|7z|rar|tar|tgz|tar\.(?:gz|xz|bz2))$/i;

/** A page that leads to more files is a list. */
const MOST_EDITIONS = 40;

const endingOf = (name: string): string => name.slice(name.lastIndexOf('.') + 1).toLowerCase();

const isFileName = (name: string): boolean => ARCHIVE.test(name) || findFormatByExtension(endingOf(name)) !== undefined;

/** Any page or file of a host the house allows: what it says is read from the page alone, and nothing is searched. */
export const plain: SourceAdapter = {
  kind: 'plain',
  name: 'An address of the web',
  hosts: [],
  ability: { searches: false, token: 'none', hasTerms: false, hasAllowance: false },
  search: () => Promise.resolve({ items: [], total: 0, next: null }),
  async open(address, context) {
    const answer = await ask(address, { method: 'HEAD' }, context);
    answer.body.destroy();
    // what knows no HEAD is asked as a page
    if (answer.status !== 405 && answer.status !== 501) requireAnswered(answer, context.now);
    const isPage = /^(?:text\/html|application\/xhtml)/i.test(answer.headers['content-type'] ?? 'text/html');
    if (!isPage) return describeFile(answer.address, answer.headers);
    const fetched = await fetchText(address, {}, context);
    return describePage(fetched.address, await context.readPage(fetched.bytes, fetched.address));
  },
  readTerms: () => Promise.resolve(null),
  readAllowance: () => Promise.resolve(null),
  prepare: (_item, edition) => Promise.resolve({ address: edition.id, sizeBytes: edition.sizeBytes, sha256: null }),
};

const EMPTY = {
  author: '',
  authorAddress: '',
  licence: { words: '', address: '', id: '' },
  category: '',
  tags: [],
  price: null,
  previewAddress: '',
  published: '',
};

function describeFile(address: string, headers: Record<string, string | string[] | undefined>): SourceItem {
  const name = nameFetched(headers['content-disposition'] as string | undefined, address);
  const length = Number(headers['content-length'] ?? NaN);
  const edition = {
    ...editionOf(address),
    name,
    format: endingOf(name),
    sizeBytes: Number.isFinite(length) ? length : null,
  };
  return { ...EMPTY, pageAddress: address, title: name, editions: [edition] };
}

/** @returns what a page says of one model, and the files it leads to */
export function describePage(address: string, page: Page): SourceItem {
  const first = (field: Page['facts'][number]['field']): Page['facts'][number] | undefined =>
    page.facts.find((fact) => fact.field === field);
  const [licence, price] = [first('licence'), first('price')];
  return {
    ...EMPTY,
    pageAddress: page.addresses[0] ?? address,
    title: first('title')?.value ?? new URL(address).pathname.split('/').filter(Boolean).at(-1) ?? address,
    author: first('author')?.value ?? '',
    authorAddress: first('author')?.address ?? '',
    licence: describeLicence(licence?.value ?? '', licence?.address ?? ''),
    category: first('category')?.value ?? '',
    tags: page.facts.filter(({ field }) => field === 'tag').map(({ value }) => value),
    price: price?.amount === undefined ? null : { amount: price.amount, currency: price.currency ?? '' },
    previewAddress: first('picture')?.address ?? '',
    published: first('published')?.value ?? '',
    editions: page.links
      .filter((link) => isFileName(new URL(link).pathname))
      .slice(0, MOST_EDITIONS)
      .map(editionOf),
  };
}

function editionOf(address: string): Edition {
  const name = nameFetched(undefined, address);
  return {
    id: address,
    name,
    format: endingOf(name),
    mapSide: null,
    sizeBytes: null,
    sha256: null,
    carries: [],
  };
}
