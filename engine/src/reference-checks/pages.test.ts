import jsonld from 'jsonld';
import { toJson } from 'microdata-node';
import type { PageFact, PageField } from '@haveld/contract/page';
import { readPage } from '@haveld/core/pages/read-page';
import { createSites } from '../../../demo/src/sites/serve-sites';

const AT = 'https://quayside-models.example/models/bell-buoy';
const SCHEMA = 'http://schema.org/';
const values = (facts: readonly PageFact[], field: PageField): string[] =>
  facts.filter((fact) => fact.field === field).map(({ value }) => value);

/** The same thing, written in the ways JSON-LD 1.1 allows. */
const WRITTEN: [string, unknown][] = [
  [
    'a context by address',
    {
      '@context': 'https://schema.org',
      '@type': '3DModel',
      name: 'Buoy',
      author: { name: 'Ines' },
      license: 'https://l.example/by',
    },
  ],
  [
    'a context by address, with a slash',
    {
      '@context': 'http://schema.org/',
      '@type': ['Thing', '3DModel'],
      name: ['Buoy'],
      author: [{ '@type': 'Person', name: 'Ines' }],
      license: 'https://l.example/by',
    },
  ],
  [
    'a vocabulary',
    {
      '@context': { '@vocab': SCHEMA },
      '@type': '3DModel',
      name: 'Buoy',
      author: { name: 'Ines' },
      license: 'https://l.example/by',
    },
  ],
  [
    'a prefix',
    {
      '@context': { s: SCHEMA },
      '@type': 's:3DModel',
      's:name': 'Buoy',
      's:author': { 's:name': 'Ines' },
      's:license': { '@id': 'https://l.example/by' },
    },
  ],
  [
    'names of one’s own',
    {
      '@context': {
        called: `${SCHEMA}name`,
        by: `${SCHEMA}author`,
        under: { '@id': `${SCHEMA}license`, '@type': '@id' },
      },
      '@type': `${SCHEMA}3DModel`,
      called: 'Buoy',
      by: { called: 'Ines' },
      under: 'https://l.example/by',
    },
  ],
  [
    'whole addresses',
    {
      '@type': `${SCHEMA}3DModel`,
      [`${SCHEMA}name`]: 'Buoy',
      [`${SCHEMA}author`]: { [`${SCHEMA}name`]: 'Ines' },
      [`${SCHEMA}license`]: { '@id': 'https://l.example/by' },
    },
  ],
  [
    'a graph with references',
    {
      '@context': { '@vocab': SCHEMA },
      '@graph': [
        { '@id': '#m', '@type': '3DModel', name: 'Buoy', author: { '@id': '#p' }, license: 'https://l.example/by' },
        { '@id': '#p', '@type': 'Person', name: 'Ines' },
      ],
    },
  ],
  [
    'a value with a language',
    {
      '@context': { '@vocab': SCHEMA },
      '@type': '3DModel',
      name: { '@value': 'Buoy', '@language': 'en' },
      author: { name: 'Ines' },
      license: 'https://l.example/by',
    },
  ],
];

interface Expanded {
  '@id'?: string;
  '@value'?: string;
  '@type'?: string[];
  [property: string]: unknown;
}

/** What the reference implementation (`jsonld`) makes of it: name, author and licence of the model, by whole addresses. */
async function readByReference(data: unknown): Promise<{ title: string; author: string; licence: string }> {
  const loader = () =>
    Promise.resolve({ contextUrl: undefined, documentUrl: '', document: { '@context': { '@vocab': SCHEMA } } });
  const options = { base: AT, documentLoader: loader } as unknown as Parameters<typeof jsonld.expand>[1];
  const expanded = (await jsonld.flatten(data as object, undefined, options)) as unknown as Expanded[];
  const byId = new Map(expanded.map((node) => [node['@id'], node]));
  const model = expanded.find((node) => node['@type']?.includes(`${SCHEMA}3DModel`))!;
  const firstOf = (node: Expanded, property: string): Expanded => (node[SCHEMA + property] as Expanded[])[0];
  const author = firstOf(model, 'author');
  const licence = firstOf(model, 'license');
  return {
    title: firstOf(model, 'name')['@value']!,
    author: firstOf(byId.get(author['@id']) ?? author, 'name')['@value']!,
    licence: (licence['@id'] ?? licence['@value'])!,
  };
}

test.each(WRITTEN)('JSON-LD with %s says what the reference implementation says', async (_how, data) => {
  const html = `<html><script type="application/ld+json">${JSON.stringify(data)}</script></html>`;
  const { facts } = await readPage(html, AT);
  const reference = await readByReference(data);
  expect({
    title: values(facts, 'title')[0],
    author: values(facts, 'author')[0],
    licence: values(facts, 'licence')[0],
  }).toEqual(reference);
});

describe('microdata, against another reader of it', () => {
  interface Item {
    type?: string[];
    properties: Record<string, (string | Item)[]>;
  }
  const plain = (value: string | Item): string => (typeof value === 'string' ? value.replace(/\s+/g, ' ').trim() : '');

  test('every page of the exchange', async () => {
    const { sites } = createSites();
    const exchange = sites.find(({ host }) => host.startsWith('tidewrack'))!;
    for (const { slug } of exchange.models) {
      const address = `https://${exchange.host}/m/${slug}`;
      const { body } = await exchange.answer(
        { method: 'GET', path: `/m/${slug}`, query: new URLSearchParams(), headers: {}, body: '' },
        () => null,
      );
      const html = body.toString();
      const { items } = toJson(html, { base: address }) as { items: Item[] };
      const [item] = items.filter(({ type }) => type?.includes('https://schema.org/3DModel'));
      const { facts } = await readPage(html, address);
      expect(values(facts, 'title')).toEqual(item.properties.name.map(plain));
      expect(values(facts, 'licence')).toEqual(item.properties.license.map(plain));
      expect(values(facts, 'description')).toEqual(item.properties.description.map(plain));
      expect(values(facts, 'tag')).toEqual(plain(item.properties.keywords[0]).split(', '));
      expect(values(facts, 'height')).toEqual(item.properties.height.map(plain));
      expect(values(facts, 'published')).toEqual(item.properties.datePublished.map(plain));
      expect(values(facts, 'author')).toEqual((item.properties.author[0] as Item).properties.name.map(plain));
    }
  });

  // HTML Living Standard, "Examples" of microdata: items within items, and properties that stand elsewhere by `itemref`
  test('an item whose properties stand elsewhere', async () => {
    const html = `<body><div itemscope itemtype="https://schema.org/3DModel" itemref="a b"></div>
<p id="a">Name: <span itemprop="name">Amanda’s buoy</span></p>
<div id="b" itemprop="author" itemscope itemtype="https://schema.org/Person"><span itemprop="name">Jazz Band</span></div></body>`;
    const { facts } = await readPage(html, AT);
    expect(values(facts, 'title')).toEqual(['Amanda’s buoy']);
    expect(values(facts, 'author')).toEqual(['Jazz Band']);
  });
});
