import type { PageFact, PageField } from '@haveld/contract/page';
import { readPage } from './read-page';

const AT = 'https://quayside-models.example/models/bell-buoy';
const BY = 'https://creativecommons.org/licenses/by/4.0/';
const page = (head: string, body: string): string =>
  `<!DOCTYPE html>\n<html><head>${head}</head><body>${body}</body></html>`;
const linked = (data: unknown): string =>
  page(`<script type="application/ld+json">${JSON.stringify(data)}</script>`, '');
const read = async (html: string, address = AT): Promise<PageFact[]> => (await readPage(html, address)).facts;
const values = (facts: readonly PageFact[], field: PageField): string[] =>
  facts.filter((fact) => fact.field === field).map(({ value }) => value);

const BUOY = {
  '@context': 'https://schema.org',
  '@type': '3DModel',
  name: 'Bell buoy',
  url: AT,
  license: BY,
  author: { '@type': 'Person', name: 'Tor Aldersund', url: '/people/tor' },
  keywords: ['buoy', 'harbour, brass'],
  height: { '@type': 'QuantitativeValue', value: 210, unitCode: 'CMT' },
  width: '1.2 m',
  offers: { '@type': 'Offer', price: '4.50', priceCurrency: 'XTS' },
  encoding: [{ '@type': 'MediaObject', encodingFormat: 'model/gltf-binary' }],
  additionalProperty: [{ '@type': 'PropertyValue', name: 'Triangles', value: '4,812' }],
  datePublished: '2026-03-04',
};

test('JSON-LD says everything at once: sides in metres, the price as a number, addresses told against the page', async () => {
  const facts = await read(linked(BUOY));
  expect(values(facts, 'title')).toEqual(['Bell buoy']);
  expect(facts.find(({ field }) => field === 'author')).toMatchObject({
    value: 'Tor Aldersund',
    address: 'https://quayside-models.example/people/tor',
    by: 'json-ld',
  });
  expect(values(facts, 'licence')).toEqual([BY]);
  expect(values(facts, 'tag')).toEqual(['buoy', 'harbour', 'brass']);
  expect(facts.find(({ field }) => field === 'height')?.amount).toBeCloseTo(2.1);
  expect(facts.find(({ field }) => field === 'width')?.amount).toBeCloseTo(1.2);
  expect(facts.find(({ field }) => field === 'price')).toMatchObject({ amount: 4.5, currency: 'XTS' });
  expect(facts.find(({ field }) => field === 'triangles')?.amount).toBe(4812);
  expect(values(facts, 'format')).toEqual(['model/gltf-binary']);
  expect(values(facts, 'published')).toEqual(['2026-03-04']);
});

test('of a graph of many things the one the page is about is taken, never its neighbours', async () => {
  const other = {
    '@type': '3DModel',
    name: 'Mooring post',
    license: 'https://creativecommons.org/publicdomain/zero/1.0/',
  };
  const facts = await read(
    linked({
      '@context': 'https://schema.org',
      '@graph': [{ '@type': 'ItemList', itemListElement: [other] }, other, BUOY],
    }),
  );
  expect(values(facts, 'title')).toEqual(['Bell buoy']);
  expect(values(facts, 'licence')).toEqual([BY]);
});

test('a page names its main thing, wherever else it leads', async () => {
  const facts = await read(
    linked([
      { '@context': 'https://schema.org', '@type': 'ItemPage', mainEntity: { '@type': 'Product', name: 'Lamp' } },
      { '@context': 'https://schema.org', '@type': '3DModel', name: 'Another' },
    ]),
  );
  expect(values(facts, 'title')).toEqual(['Lamp']);
});

test('a page about a person or a topic is about no model', async () => {
  const person = { '@type': 'Person', name: 'Ines Falkenrot' };
  for (const said of [{ mainEntity: person }, { about: { '@type': 'Thing', name: 'Lighthouses' } }])
    expect(await read(linked({ '@context': 'https://schema.org', '@type': 'ProfilePage', ...said }))).toEqual([]);
});

test('a list of models is about none of them', async () => {
  const facts = await read(
    linked({
      '@context': 'https://schema.org',
      '@graph': ['A', 'B'].map((name) => ({ '@type': '3DModel', name, license: BY })),
    }),
  );
  expect(facts).toEqual([]);
});

test('what the same page says in two syntaxes is said once', async () => {
  const microdata = `<div itemscope itemtype="https://schema.org/3DModel"><h1 itemprop="name">Bell buoy</h1><a itemprop="license" href="${BY}">terms</a></div>`;
  const facts = await read(page(`<script type="application/ld+json">${JSON.stringify(BUOY)}</script>`, microdata));
  expect(values(facts, 'title')).toEqual(['Bell buoy']);
  expect(values(facts, 'licence')).toEqual([BY]);
});

test('no context is fetched, whatever a page names; a block that is no JSON says nothing', async () => {
  const facts = await read(
    page(
      '<script type="application/ld+json">{"name": oh</script>' +
        '<script type="application/ld+json">{"@context":"http://169.254.169.254/latest","@type":"3DModel","name":"Buoy"}</script>',
      '',
    ),
  );
  expect(values(facts, 'title')).toEqual(['Buoy']);
});

describe('published examples', () => {
  test('HTML Living Standard, "Licensing works": microdata of its own vocabulary', async () => {
    const facts = await read(
      page(
        '',
        `<figure itemscope itemtype="http://n.whatwg.org/work">
 <img itemprop="work" src="images/house.jpeg" alt="A white house, boarded up, sits in a forest.">
 <figcaption>
  <p><cite itemprop="title">The house I found.</cite></p>
  <p><small>Licensed under the <a itemprop="license" href="http://www.opensource.org/licenses/mit-license.php">MIT license</a>.</small></p>
 </figcaption>
</figure>`,
      ),
    );
    expect(values(facts, 'title')).toEqual(['The house I found.']);
    expect(values(facts, 'licence')).toEqual(['http://www.opensource.org/licenses/mit-license.php']);
  });

  // the words Creative Commons' chooser gives to be put on a page, from memory
  test('ccREL in RDFa: licence, and who is to be credited', async () => {
    const facts = await read(
      page(
        '',
        `<a rel="license" href="http://creativecommons.org/licenses/by-sa/4.0/">terms</a>
<span xmlns:dct="http://purl.org/dc/terms/" property="dct:title">Bell buoy</span> by
<a xmlns:cc="http://creativecommons.org/ns#" href="https://quayside-models.example/tor" property="cc:attributionName" rel="cc:attributionURL">Tor Aldersund</a>
is licensed under a <a rel="license" href="http://creativecommons.org/licenses/by-sa/4.0/">licence</a>.`,
      ),
    );
    expect(values(facts, 'licence')).toEqual(['http://creativecommons.org/licenses/by-sa/4.0/']);
    expect(values(facts, 'author')).toEqual(['Tor Aldersund']);
  });

  // ogp.me, "Basic Metadata" and "Optional Metadata", from memory
  test('Open Graph: title, address, picture, description', async () => {
    const facts = await read(
      page(
        `<meta property="og:title" content="The Rock" /><meta property="og:type" content="video.movie" />
<meta property="og:url" content="https://rocks.example/title/tt0117500/" />
<meta property="og:image" content="https://rocks.example/rock.jpg" />
<meta property="og:description" content="Sean Connery found fame and fortune." />`,
        '',
      ),
      '',
    );
    expect(values(facts, 'title')).toEqual(['The Rock']);
    expect(values(facts, 'address')).toEqual(['https://rocks.example/title/tt0117500/']);
    expect(values(facts, 'picture')).toEqual(['https://rocks.example/rock.jpg']);
    expect(values(facts, 'description')).toEqual(['Sean Connery found fame and fortune.']);
  });
});

describe('lines people see', () => {
  const line = async (words: string): Promise<PageFact[]> => read(page('', `<p>${words}</p>`));
  test.each([
    ['Triangles: 12.4k', 'triangles', 12_400],
    ['4 200 triangles', 'triangles', 4200],
    ['Polygons: 1,234', 'polygons', 1234],
    ['Vertices = 0.5M', 'vertices', 500_000],
    ['Price: €12.50', 'price', 12.5],
    ['Price: free', 'price', 0],
    ['Price 30 shells', 'price', 30],
  ] as const)('%s', async (words, field, amount) => {
    expect((await line(words)).find((fact) => fact.field === field)).toMatchObject({ amount, by: 'words' });
  });

  test.each(['a polygonal tower', 'low-poly style', 'The price of freedom', 'Vertices matter'])(
    'no figure: %s',
    async (words) => {
      expect(await line(words)).toEqual([]);
    },
  );

  test('formats are those of models', async () => {
    expect(values(await line('Formats: FBX, OBJ + MTL, PDF'), 'format')).toEqual(['FBX', 'OBJ']);
  });

  test('that it was taken down is heard; that others might be is not', async () => {
    expect(values(await line('This model has been removed by its author.'), 'gone')).toHaveLength(1);
    expect(values(await line('Models that break the rules are removed.'), 'gone')).toEqual([]);
  });
});

test('a licence in the footer is that of the site’s words, never of the model', async () => {
  const footer = `<footer>Pages: <a rel="license" href="${BY}">CC BY</a></footer>`;
  expect(values(await read(page('', `<h1>Buoy</h1>${footer}`)), 'licence')).toEqual([]);
  expect(
    values(await read(page('', `<p><a rel="license" href="${BY}">its terms</a></p>${footer}`)), 'licence'),
  ).toEqual([BY]);
  expect(values(await read(page(`<link rel="license" href="${BY}">`, footer)), 'licence')).toEqual([BY]);
});

test('nothing at all says nothing', async () => {
  expect(await readPage('')).toEqual({ addresses: [], facts: [], words: '', ownWords: '', links: [] });
});

test('a list of others on the page says nothing of this one: neither their licence nor their author nor their price', async () => {
  const html = `<!doctype html><html><head><link rel="canonical" href="https://a.example/models/bench"></head><body><article>
    <h1>Bench</h1><p>Author: Ines Falkenrot</p><p>Licence: CC BY 4.0</p>
    <h2>Others also took</h2><ul><li><a href="/models/bollard">Bollard</a><p>Author: Tor Aldersund</p><p>Licence: CC0</p></li>
    <li><a href="/models/crate">Crate</a><p>Price: 12 EUR</p></li></ul></article></body></html>`;
  const { facts, words, ownWords } = await readPage(html);
  const of = (field: string): string[] => facts.filter((fact) => fact.field === field).map(({ value }) => value);
  expect(of('price')).toEqual([]);
  expect(ownWords).toMatch(/Ines Falkenrot/);
  expect(ownWords).toMatch(/Licence: CC BY 4\.0/);
  expect(ownWords).not.toMatch(/CC0|Bollard|Tor/);
  expect(words).toMatch(/CC0/);
});

test('a card that leads to its author, its licence or itself is about this one', async () => {
  const html = `<!doctype html><html><head><link rel="canonical" href="https://a.example/models/bench"></head><body>
    <ul><li>by <a href="/people/ines">Ines Falkenrot</a></li><li><a href="/models/bench/">CC BY 4.0</a></li>
    <li><a href="https://b.example/models/x">CC0</a></li></ul></body></html>`;
  const { ownWords } = await readPage(html);
  expect(ownWords).toMatch(/Ines Falkenrot/);
  expect(ownWords).toMatch(/CC BY 4\.0/);
  expect(ownWords).toMatch(/CC0/);
});

test('a long article is the page itself, whatever it leads to', async () => {
  const html = `<!doctype html><html><head><link rel="canonical" href="https://a.example/models/bench"></head><body>
    <article><p>${'A bench of oak. '.repeat(60)}</p><a href="/models/crate">See the crate too</a><p>Licence: CC BY 4.0</p></article></body></html>`;
  expect((await readPage(html)).ownWords).toMatch(/Licence: CC BY 4\.0/);
});

test('a short article under the heading of the page is the page itself, though it leads to the next one', async () => {
  const html = `<!doctype html><html><head><link rel="canonical" href="https://a.example/models/bench"></head><body>
    <article><h1>Bench</h1><p>For non-commercial use only.</p><a href="/models/crate">Next</a></article></body></html>`;
  expect((await readPage(html)).ownWords).toMatch(/non-commercial use only/);
});
