import { z } from 'zod';
import type { SourceItem } from '@haveld/contract/source';
import { SourceFault } from '../fetching/source-fault';
import { askApi, describeLicence } from './read-answer';
import type { SourceAdapter, SourceContext } from './source-adapter';

const HOST = 'saltmarsh-library.example';
const ROOT = `https://${HOST}`;

/** So many are asked for at once. */
const LIMIT = 4;

const ThingSchema = z.object({
  id: z.string(),
  heading: z.string(),
  makers: z.array(z.string()),
  terms: z.string(),
  terms_page: z.string(),
  shelf: z.string(),
  subjects: z.array(z.string()),
  price: z.object({ amount: z.number(), currency: z.string() }),
  plate: z.string(),
  page: z.string(),
  packages: z.array(
    z.object({
      package: z.string(),
      label: z.string(),
      kind: z.string(),
      map_side: z.number(),
      size: z.number(),
      digest: z.string(),
      notes: z.array(z.string()),
    }),
  ),
});

const toItem = (thing: z.infer<typeof ThingSchema>): SourceItem => ({
  pageAddress: thing.page,
  title: thing.heading,
  author: thing.makers.join(' and '),
  authorAddress: '',
  licence: describeLicence(thing.terms, thing.terms_page),
  category: thing.shelf,
  tags: thing.subjects,
  price: thing.price,
  previewAddress: thing.plate,
  published: '',
  editions: thing.packages.map((one) => ({
    id: one.package,
    name: one.label,
    format: one.kind,
    mapSide: one.map_side,
    sizeBytes: one.size,
    sha256: /^sha256:([0-9a-f]{64})$/.exec(one.digest)?.[1] ?? null,
    carries: one.notes,
  })),
});

function lettingIn({ token }: SourceContext): Record<string, string> {
  if (token === '') throw new SourceFault('sign-in', `${HOST} answers nobody without a token.`);
  return { authorization: `Bearer ${token}`, 'content-type': 'application/json' };
}

/** A form for questions, an offset for more, a token for everything, a ticket for each file. */
export const saltmarsh: SourceAdapter = {
  kind: 'saltmarsh',
  name: 'Saltmarsh Library',
  hosts: [HOST],
  ability: { searches: true, token: 'for-all', hasTerms: false, hasAllowance: false },
  async search(words, from, context) {
    const offset = Number(from ?? 0);
    const { data } = await askApi(
      `${ROOT}/query`,
      { method: 'POST', headers: lettingIn(context), body: JSON.stringify({ text: words, offset, limit: LIMIT }) },
      z.object({ count: z.number(), things: z.array(ThingSchema) }),
      context,
    );
    const end = offset + data.things.length;
    return { items: data.things.map(toItem), total: data.count, next: end < data.count ? String(end) : null };
  },
  async open(pageAddress, context) {
    const id = /^\/shelf\/([\w-]+)\/?$/.exec(new URL(pageAddress).pathname)?.[1];
    if (!id) return null;
    const { data } = await askApi(`${ROOT}/things/${id}`, { headers: lettingIn(context) }, ThingSchema, context);
    return toItem(data);
  },
  readTerms: () => Promise.resolve(null),
  readAllowance: () => Promise.resolve(null),
  async prepare(item, edition, context) {
    const thing = new URL(item.pageAddress).pathname.split('/').at(-1);
    const { data } = await askApi(
      `${ROOT}/tickets`,
      { method: 'POST', headers: lettingIn(context), body: JSON.stringify({ thing, package: edition.id }) },
      z.object({ href: z.string() }),
      context,
    );
    return { address: data.href, sizeBytes: edition.sizeBytes, sha256: edition.sha256 };
  },
};
