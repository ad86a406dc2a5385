import { z } from 'zod';
import { PAGE_CHANGE_WORDS, PageDifferenceSchema } from '../page-change';
import { SourceTroubleSchema } from '../source-fault';
import { HashSchema } from '../step';
import { endpoint } from './endpoint';

export const PageChangeSchema = PageDifferenceSchema.extend({
  id: z.string(),
  seenAt: z.string(),
  /** The page as it was then; null where there was none. */
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
