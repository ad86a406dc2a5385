import { describePrice } from './graph/read-subject';
import type { PageFact, PageField } from '@haveld/contract/page';

/** Sources: ogp.me ("basic metadata", "structured properties", `article`, `product`), DCMI Metadata Terms in HTML, HTML Living Standard ("standard metadata names"). */
const METAS: readonly (readonly [field: PageField, key: RegExp])[] = [
  ['title', /^(?:og:title|twitter:title|dc\.title|dcterms\.title)$/],
  ['author', /^(?:author|dc\.creator|dcterms\.creator|article:author)$/],
  ['licence', /^(?:dc\.rights|dcterms\.rights|dcterms\.license|dc\.license|copyright|rights|license)$/],
  ['description', /^(?:og:description|description|twitter:description|dc\.description)$/],
  ['picture', /^(?:og:image|og:image:url|og:image:secure_url|twitter:image)$/],
  ['address', /^og:url$/],
  ['published', /^(?:article:published_time|dc\.date|dcterms\.created|dcterms\.issued|date)$/],
  ['changed', /^(?:article:modified_time|og:updated_time|dcterms\.modified)$/],
  ['category', /^(?:article:section|product:category)$/],
  ['tag', /^(?:keywords|article:tag|og:article:tag|product:tag)$/],
];

/** @returns what the `meta` elements of a page say; an address is never taken for a name */
export function readMetas(metas: readonly (readonly [key: string, content: string])[]): PageFact[] {
  const facts: PageFact[] = [];
  for (const [key, content] of metas) {
    const field = METAS.find(([, pattern]) => pattern.test(key))?.[0];
    const value = content.replace(/\s+/g, ' ').trim();
    if (!field || value === '') continue;
    const isAddress = /^https?:\/\//i.test(value);
    if (isAddress && field === 'author') continue;
    const parts = field === 'tag' ? value.split(/[,;]/).map((tag) => tag.trim()) : [value];
    for (const part of parts.filter((each) => each !== ''))
      facts.push({
        field,
        value: part,
        by: 'meta',
        passage: `${key}: ${part}`.slice(0, 300),
        ...(isAddress ? { address: part } : {}),
      });
  }
  const amount = Number(findMeta(metas, /^(?:product|og):price:amount$/)?.replace(',', '.') ?? NaN);
  if (Number.isFinite(amount)) {
    const currency = findMeta(metas, /^(?:product|og):price:currency$/) ?? '';
    facts.push({
      field: 'price',
      value: describePrice(amount, currency),
      amount,
      currency,
      by: 'meta',
      passage: `product:price:amount: ${amount} ${currency}`.trim(),
    });
  }
  return facts;
}

const findMeta = (metas: readonly (readonly [string, string])[], key: RegExp): string | undefined =>
  metas.find(([name]) => key.test(name))?.[1];
