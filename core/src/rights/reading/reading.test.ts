import { parseCreditList, parseCreditTable } from './credit-table';
import { fitsGlob } from './glob';
import { joinHeaders } from './join-headers';
import { createLicenceTextIndex } from './licence-text-index';
import { readXmpJson, readXmpPacket } from './metadata';
import { readPage } from '../../pages/read-page';

describe('comment lines', () => {
  const line = (at: number, text: string, file = 'a.obj') => ({ file, line: at, text });
  test('lines that stand together are one text, lines keep their numbers', () => {
    expect(joinHeaders([line(1, 'one'), line(2, 'two'), line(4, 'four')])).toEqual([
      { file: 'a.obj', text: 'one\ntwo\n\nfour', firstLine: 1, isMetadata: true },
    ]);
  });
  test('far apart, backwards or in another file they are others; none are none', () => {
    expect(
      joinHeaders([line(1, 'one'), line(90, 'ninety'), line(3, 'three'), line(4, 'four', 'a.mtl')]).map(
        ({ firstLine }) => firstLine,
      ),
    ).toEqual([1, 90, 3, 4]);
    expect(joinHeaders([])).toEqual([]);
  });
});

// Debian machine-readable format 1.0, "Files field": * is any run of characters, slashes too, ? is one
test.each([
  ['heap/props/post.obj', '*', true],
  ['heap/props/post.obj', 'props/*', true],
  ['heap/props/post.obj', 'props/post.???', true],
  ['heap/props/post.obj', './props/post.obj', true],
  ['heap/props/post.obj', 'other/*', false],
  ['heap/props/post.obj', 'post', false],
  ['heap/props/p+s(t).obj', 'props/p+s(t).obj', true],
  ['heap/xprops/post.obj', 'props/*', false],
])('%s under %s: %s', (path, pattern, fits) => {
  expect(fitsGlob(path, pattern)).toBe(fits);
});

describe('tables of credits', () => {
  test('heads in four languages, marks of four kinds, quotes keep theirs', () => {
    for (const text of [
      'file,author\na.obj,"Fall, Ines"',
      'Datei;Autor\na.obj;Ines',
      'fichier\tauteur\na.obj\tInes',
      '| archivo | licencia |\n|---|---|\n| a.obj | CC0 |',
    ])
      expect(parseCreditTable(text)).toHaveLength(1);
    expect(parseCreditTable('file,author\na.obj,"Fall, Ines"')![0]).toMatchObject({
      name: 'a.obj',
      author: 'Fall, Ines',
      line: 2,
    });
  });
  test('prose with commas is none, one line of a list is none', () => {
    expect(parseCreditTable('I made this file, the author is me, have fun')).toBeNull();
    expect(parseCreditList('post.obj: CC0')).toBeNull();
    expect(parseCreditList('post.obj: CC0\ngull.obj: CC BY 4.0')).toHaveLength(2);
    expect(parseCreditList('License: CC0\nAuthor: CC0 fan')).toBeNull();
  });
});

describe('texts in full', () => {
  const words = (from: number, count: number): string =>
    Array.from({ length: count }, (_, i) => `word${from + i}`).join(' ');
  const index = createLicenceTextIndex({
    'A-1.0-only': words(0, 100),
    'A-1.0-or-later': words(0, 100),
    'B-1.0': words(500, 120),
  });
  test('texts that read the same stand under the name that grants least', () => {
    expect(index.find(words(0, 100)).map(({ id, share }) => [id, share])).toEqual([['A-1.0-only', 1]]);
  });
  test('two in one file are both found, in their order, with their places', () => {
    const text = `head\n${words(500, 120)}\n\n${words(0, 100)}`;
    const found = index.find(text);
    expect(found.map(({ id }) => id)).toEqual(['B-1.0', 'A-1.0-only']);
    expect(text.slice(found[0].start, found[0].start + 7)).toBe('word500');
  });
  test('words that are added are told, case and marks do not count, a short text is none', () => {
    const [match] = index.find(
      `${words(0, 50)} for non-commercial use only ${words(50, 50)}`.toUpperCase().replaceAll(' ', ', '),
    );
    expect(match).toMatchObject({ id: 'A-1.0-only' });
    expect(match.added.join(' ')).toMatch(/NON-COMMERCIAL/);
    expect(index.find(words(0, 20))).toEqual([]);
    expect(createLicenceTextIndex({}).find(words(0, 100))).toEqual([]);
  });
});

describe('fields and pages', () => {
  test('XMP as JSON-LD: plain, by language, in lists; strange values say nothing', () => {
    expect(
      readXmpJson({
        'dc:creator': { '@list': ['A', 'B'] },
        'dc:title': { '@type': 'rdf:Alt', 'rdf:_1': { '@value': 'T' } },
        'dc:rights': 7,
      }),
    ).toEqual({
      titles: ['T'],
      creators: ['A', 'B'],
      rights: [],
      addresses: [],
    });
    expect(readXmpJson(null).titles).toEqual([]);
    expect(readXmpPacket('<rdf:RDF><broken').creators).toEqual([]);
  });
  test('a page: cells of one row are one line, scripts and footers are left out, a broken JSON-LD says nothing', async () => {
    const { words, facts } = await readPage(
      '<html><script type="application/ld+json">{broken</script><table><tr><th>Author</th><td>Ines</td></tr></table><footer>© Site</footer><style>a{}</style></html>',
    );
    expect(words).toContain('Author : Ines');
    expect(words).not.toMatch(/Site|broken|a\{/);
    expect(facts).toEqual([]);
  });
});
