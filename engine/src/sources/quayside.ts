import { z } from 'zod';
import type { SourceItem } from '@haveld/contract/source';
import { askApi, describeLicence } from './read-answer';
import type { SourceAdapter } from './source-adapter';

const HOST = 'quayside-models.example';

const ModelSchema = z.object({
  slug: z.string(),
  title: z.string(),
  page: z.string(),
  author: z.object({ name: z.string(), profile: z.string() }),
  licence: z.object({ name: z.string(), url: z.string() }),
  category: z.string(),
  tags: z.array(z.string()),
  published: z.string(),
  preview: z.string(),
  files: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      format: z.string(),
      map_size: z.number(),
      bytes: z.number(),
      sha256: z.string(),
      contains: z.array(z.string()),
      href: z.string(),
    }),
  ),
});

const PageSchema = z.object({ total: z.number(), page: z.number(), pages: z.number(), models: z.array(ModelSchema) });

const toItem = (model: z.infer<typeof ModelSchema>): SourceItem => ({
  pageAddress: model.page,
  title: model.title,
  author: model.author.name,
  authorAddress: model.author.profile,
  licence: describeLicence(model.licence.name, model.licence.url),
  category: model.category,
  tags: model.tags,
  price: { amount: 0, currency: '' },
  previewAddress: model.preview,
  published: model.published,
  editions: model.files.map((file) => ({
    id: file.id,
    name: file.name,
    format: file.format,
    mapSide: file.map_size,
    sizeBytes: file.bytes,
    sha256: file.sha256,
    carries: file.contains,
  })),
});

/** Numbered pages of results, a checksum for each file, nothing to sign in to. */
export const quayside: SourceAdapter = {
  kind: 'quayside',
  name: 'Quayside Models',
  hosts: [HOST],
  ability: { searches: true, token: 'none', hasTerms: false, hasAllowance: false },
  async search(words, from, context) {
    const page = Number(from ?? 1);
    const asked = new URLSearchParams({ q: words, page: String(page) });
    const { data } = await askApi(`https://${HOST}/api/v1/models?${asked.toString()}`, {}, PageSchema, context);
    return { items: data.models.map(toItem), total: data.total, next: page < data.pages ? String(page + 1) : null };
  },
  async open(pageAddress, context) {
    const slug = /^\/models\/([\w-]+)\/?$/.exec(new URL(pageAddress).pathname)?.[1];
    if (!slug) return null;
    const { data } = await askApi(`https://${HOST}/api/v1/models/${slug}`, {}, ModelSchema, context);
    return toItem(data);
  },
  readTerms: () => Promise.resolve(null),
  readAllowance: () => Promise.resolve(null),
  prepare(item, edition) {
    const slug = new URL(item.pageAddress).pathname.split('/').at(-1);
    return Promise.resolve({
      address: `https://${HOST}/files/${slug}/${edition.id}`,
      sizeBytes: edition.sizeBytes,
      sha256: edition.sha256,
    });
  },
};
