import { z } from 'zod';
import { PAGE_CHANGE_WORDS, PageDifferenceSchema } from '../page-change';
import { SourceItemSchema } from '../source';
import { SourceTroubleSchema } from '../source-fault';
import { HashSchema } from '../step';
import { endpoint } from './endpoint';

export const PageChangeSchema = PageDifferenceSchema.extend({
  id: z.string(),
  seenAt: z.string(),
  /** Saved copy of the page; null where there was none. */
  pageSha256: HashSchema.nullable(),
  /** The house's word; null where nobody has said one. */
  settled: z
    .object({ as: z.enum(PAGE_CHANGE_WORDS), personName: z.string(), at: z.string(), why: z.string() })
    .nullable(),
});
export type PageChange = z.infer<typeof PageChangeSchema>;

/** The page an asset is from, as it stands. */
export const AssetPageOfSourceSchema = z.object({
  address: z.string(),
  /** When it last answered, and when it is asked again by itself; null for never. */
  answeredAt: z.string().nullable(),
  nextAt: z.string().nullable(),
  /** Why it did not answer the last time. */
  trouble: SourceTroubleSchema.nullable(),
  changes: z.array(PageChangeSchema),
  /** Assets that are from the same page, this one among them. */
  assets: z.number(),
});
export type AssetPageOfSource = z.infer<typeof AssetPageOfSourceSchema>;

const Id = z.object({ id: z.string() });

export const getPageOfAsset = endpoint({
  method: 'get',
  path: '/api/rights/assets/:id/page',
  may: 'artist',
  summary: 'The page an asset is from: when it was asked, and what has changed on it; null where it names none',
  params: Id,
  response: AssetPageOfSourceSchema.nullable(),
});

export const askPageOfAsset = endpoint({
  method: 'post',
  path: '/api/rights/assets/:id/page/ask',
  may: 'artist',
  summary: 'Asks the page an asset is from now, whether it has changed',
  params: Id,
  response: AssetPageOfSourceSchema,
});

export const settlePageChange = endpoint({
  method: 'post',
  path: '/api/page-changes/:id',
  may: 'artist',
  summary:
    'The house’s word on what a page says now: left as it was taken in, or taken over. A newer version is fetched beside the old',
  params: Id,
  body: z.object({ as: z.enum(PAGE_CHANGE_WORDS), why: z.string().trim().max(1000).default('') }),
  response: z.object({
    /** The newer version on its way in. */
    fetchingId: z.string().nullable(),
  }),
});

export const getKeptPage = endpoint({
  method: 'get',
  path: '/api/kept-pages/:sha256',
  may: 'artist',
  summary: 'A page that was kept as evidence, as words: nothing of its markup',
  params: z.object({ sha256: HashSchema }),
  response: z.object({ title: z.string(), address: z.string(), words: z.string() }),
});

const HANDED_BYTES = 16 * 1024 * 1024;

/** A page a person stands on in their browser, as it is there. */
export const HandedPageSchema = z.object({
  address: z.url({ protocol: /^https?$/ }).max(1000),
  html: z.string().min(1).max(8_000_000),
});
export type HandedPage = z.infer<typeof HandedPageSchema>;

export const readHandedPage = endpoint({
  method: 'post',
  path: '/api/handed-pages/read',
  may: 'artist',
  inPerson: true,
  maxBodyBytes: HANDED_BYTES,
  summary: 'What a page says that a browser hands over; nothing is kept',
  body: HandedPageSchema,
  response: z.object({
    title: z.string(),
    author: z.string(),
    licence: SourceItemSchema.shape.licence,
    price: SourceItemSchema.shape.price,
    tags: z.array(z.string()),
    /** Other things it says, each a line. */
    claims: z.array(z.string()),
    /** Assets that are from this page. */
    assets: z.array(z.object({ id: z.string(), accession: z.string(), name: z.string() })),
    /** Downloads it may belong to: the latest of which nothing lies on the bench. */
    arrivals: z.array(z.object({ id: z.string(), name: z.string() })),
    /** The house lets the server fetch from its host. */
    isFetched: z.boolean(),
  }),
});

export const keepHandedPage = endpoint({
  method: 'post',
  path: '/api/handed-pages',
  may: 'artist',
  inPerson: true,
  maxBodyBytes: HANDED_BYTES,
  summary:
    'Keeps a page that a browser hands over: as evidence of assets, with a download, or by itself until one comes',
  body: HandedPageSchema.extend({
    with: z.discriminatedUnion('kind', [
      z.object({ kind: z.literal('assets'), ids: z.array(z.string()).min(1).max(200) }),
      z.object({ kind: z.literal('arrival'), id: z.string() }),
      z.object({ kind: z.literal('nothing') }),
    ]),
  }),
  response: z.object({
    /** The arrival it lies in; null as evidence. */
    arrivalId: z.string().nullable(),
  }),
});
