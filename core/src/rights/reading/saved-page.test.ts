import { isPage, readMarkup } from '../../pages/page-markup';
import { readPage } from '../../pages/read-page';
import { readSavedPage } from './saved-page';
import type { Statements } from './statement';

const read = async (html: string): Promise<Statements> => readSavedPage(await readPage(html), 'page.html');

const BY = 'https://creativecommons.org/licenses/by/4.0/';
const page = (head: string, body: string): string =>
  `<!DOCTYPE html>\n<html><head>${head}</head><body>${body}</body></html>`;

test('a page is told from a text that shows a tag', async () => {
  expect(isPage(page('', ''))).toBe(true);
  expect(isPage('<div class="x"><p>Bell buoy</p></div>')).toBe(true);
  expect(isPage('Put the file into <folder> and write a < b.')).toBe(false);
});

test('words stand in lines as one reads them, the address of a link behind its words', () => {
  const { words } = readMarkup(
    page(
      '<title>not this</title><style>p{}</style>',
      '<h1>Bell  buoy</h1><p>See <a href="https://saltmarsh.example/x">its page</a>.</p><nav>Home</nav><script>var a</script>',
    ),
  );
  expect(words.trim()).toBe('Bell buoy\n\nSee its page (https://saltmarsh.example/x).');
});

test('a head and its cell are one line', () => {
  const { words } = readMarkup(
    page(
      '',
      '<table><tr><th>Author</th><td>Ines Falkenrot</td></tr></table><dl><dt>Licence</dt><dd>CC BY 4.0</dd></dl>',
    ),
  );
  expect(words).toMatch(/Author : Ines Falkenrot/);
  expect(words).toMatch(/Licence : CC BY 4\.0/);
});

describe('what is said to machines', () => {
  // HTML Living Standard, link type "license"
  test.each([
    ['a link with rel=license', page('', `<a rel="license" href="${BY}">terms</a>`)],
    ['a head with rel=license', page(`<link rel="license" href="${BY}">`, '')],
    // schema.org, property "license" of CreativeWork
    [
      'linked data',
      page(
        `<script type="application/ld+json">{"@graph":[{"@type":"3DModel","name":"Bell buoy","license":"${BY}"}]}</script>`,
        '',
      ),
    ],
    // DCMI Metadata Terms, "rights" and "license"
    ['a term of Dublin Core', page(`<meta name="dcterms.license" content="${BY}">`, '')],
  ])('%s gives the licence, surely', async (_what, html) => {
    const [licence] = (await read(html)).licences;
    expect(licence).toMatchObject({ id: 'CC-BY-4.0', evidence: { file: 'page.html' } });
    expect(licence.confidence).toBeGreaterThanOrEqual(0.95);
  });

  test('author, title and address of the page', async () => {
    const found = await read(
      page(
        '<meta name="author" content="Ines Falkenrot"><meta property="og:title" content="Bell buoy"><meta property="og:url" content="https://saltmarsh.example/buoy">',
        '',
      ),
    );
    expect(found.authors.map(({ name }) => name)).toEqual(['Ines Falkenrot']);
    expect(found.titles.map(({ title }) => title)).toContain('Bell buoy');
    expect(found.sources.map(({ url }) => url)).toEqual(['https://saltmarsh.example/buoy']);
  });

  test('an author of linked data may be a name, a thing with one, or several', async () => {
    const authors = async (author: unknown): Promise<string[]> => {
      const data = JSON.stringify({ '@type': '3DModel', author });
      return (await read(page(`<script type="application/ld+json">${data}</script>`, ''))).authors.map(
        ({ name }) => name,
      );
    };
    expect(await authors('Ines Falkenrot')).toEqual(['Ines Falkenrot']);
    expect(await authors({ '@type': 'Person', name: 'Ines Falkenrot' })).toEqual(['Ines Falkenrot']);
    expect(await authors([{ name: 'Ines Falkenrot' }, { name: 'Tor Aldersund' }])).toEqual([
      'Ines Falkenrot',
      'Tor Aldersund',
    ]);
    expect(await authors({ url: 'https://saltmarsh.example' })).toEqual([]);
  });
});

test('a browser writes where it saved a page from', async () => {
  const html = `<!-- saved from url=(0035)https://saltmarsh.example/buoy -->\n${page('', '<p>Bell buoy</p>')}`;
  expect((await readPage(html)).addresses).toEqual(['https://saltmarsh.example/buoy']);
});

test('words are read too, without lines that would be no lines of the file', async () => {
  const found = await read(page('', '<p>Model by Ines Falkenrot</p><p>You may use it under CC BY 4.0.</p>'));
  expect(found.licences.map(({ id }) => id)).toEqual(['CC-BY-4.0']);
  expect(found.authors.map(({ name }) => name)).toEqual(['Ines Falkenrot']);
  for (const { evidence } of [...found.licences, ...found.authors]) expect(evidence.line).toBeUndefined();
});

test('scripts that are no JSON, and a page cut off, say what they can', async () => {
  const html =
    '<html><body><script type="application/ld+json">{"license": oh</script><p>By Ines Falkenrot, CC BY 4.0<p';
  const found = await read(html);
  expect(found.licences.map(({ id }) => id)).toEqual(['CC-BY-4.0']);
});

test('words of the site itself are none of the model', async () => {
  const found = await read(
    page(
      '',
      '<p>Bell buoy, CC0</p><footer>All pages are under CC BY-SA 4.0. © Some Site</footer><aside>Author: Somebody Else</aside>',
    ),
  );
  expect(found.licences.map(({ id }) => id)).toEqual(['CC0-1.0']);
  expect(found.authors).toEqual([]);
});
