import { parseTemplate } from 'url-template';
import { z } from 'zod';
import type { SourceItem } from '@haveld/contract/source';
import { fetchText } from '../fetching/fetch-text';
import { SourceFault } from '../fetching/source-fault';
import { askApi, describeLicence, findNext } from './read-answer';
import type { SourceAdapter, SourceContext } from './source-adapter';

const HOST = 'tidewrack-exchange.example';
const ROOT = `https://${HOST}`;

/** Address templates (RFC 6570) of everything it does. */
const DirectorySchema = z.object({
  search: z.string(),
  item: z.string(),
  terms: z.string(),
  me: z.string(),
  take: z.string(),
});

const ItemSchema = z.object({
  name: z.string(),
  called: z.string(),
  by: z.string(),
  grant: z.string(),
  kind: z.string(),
  words: z.string(),
  picture: z.string(),
  since: z.string(),
  ways: z.array(
    z.object({
      way: z.string(),
      file: z.string(),
      type: z.string(),
      texels: z.number(),
      weight: z.number(),
      holds: z.array(z.string()),
    }),
  ),
});

const toItem = (item: z.infer<typeof ItemSchema>): SourceItem => ({
  pageAddress: `${ROOT}/m/${item.name}`,
  title: item.called,
  author: item.by,
  authorAddress: '',
  licence: describeLicence(item.grant, ''),
  category: item.kind,
  tags: item.words.split(/\s+/).filter(Boolean),
  price: { amount: 0, currency: '' },
  previewAddress: new URL(item.picture, ROOT).href,
  published: item.since,
  editions: item.ways.map((way) => ({
    id: way.way,
    name: way.file,
    format: way.type,
    mapSide: way.texels,
    sizeBytes: way.weight,
    sha256: null,
    carries: way.holds,
  })),
});

const keyOf = ({ token }: SourceContext): Record<string, string> => (token ? { 'x-exchange-key': token } : {});

async function expand(
  name: keyof z.infer<typeof DirectorySchema>,
  values: Record<string, string>,
  context: SourceContext,
): Promise<string> {
  const { data } = await askApi(`${ROOT}/exchange`, {}, DirectorySchema, context);
  return new URL(parseTemplate(data[name]).expand(values), ROOT).href;
}

/** Address templates, results that lead to more by a link, a key for taking, terms, so many a day; no checksums. */
export const tidewrack: SourceAdapter = {
  kind: 'tidewrack',
  name: 'Tidewrack Exchange',
  hosts: [HOST],
  ability: { searches: true, token: 'for-taking', hasTerms: true, hasAllowance: true },
  async search(words, from, context) {
    const address = from ?? (await expand('search', { words }, context));
    const { data, answer } = await askApi(address, {}, z.object({ items: z.array(ItemSchema) }), context);
    return { items: data.items.map(toItem), total: null, next: findNext(answer.link, answer.address) };
  },
  async open(pageAddress, context) {
    const name = /^\/m\/([\w-]+)\/?$/.exec(new URL(pageAddress).pathname)?.[1];
    if (!name) return null;
    const { data } = await askApi(await expand('item', { name }, context), {}, ItemSchema, context);
    return toItem(data);
  },
  async readTerms(context) {
    return (await fetchText(await expand('terms', {}, context), {}, context)).text;
  },
  async readAllowance(context) {
    if (context.token === '') return null;
    const Shape = z.object({ left: z.number(), of: z.number(), back: z.string() });
    const { data } = await askApi(await expand('me', {}, context), { headers: keyOf(context) }, Shape, context);
    return { left: data.left, of: data.of, backAt: data.back };
  },
  async prepare(item, edition, context) {
    if (context.token === '') throw new SourceFault('sign-in', `${HOST} wants a key.`);
    if (!context.termsAccepted) throw new SourceFault('terms', `${HOST} gives nothing before its terms are accepted.`);
    const name = new URL(item.pageAddress).pathname.split('/').at(-1)!;
    return {
      address: await expand('take', { name, way: edition.id }, context),
      headers: { ...keyOf(context), 'x-terms-accepted': 'yes' },
      sizeBytes: edition.sizeBytes,
      sha256: null,
    };
  },
};
