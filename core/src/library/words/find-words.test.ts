import { LibrarySearch } from '../ask-library';
import type { LibraryEntry, WordField } from '../library-entry';
import { LibraryIndex } from '../library-index';

type Said = Partial<Record<WordField, string>> & { name: string };

function makeLibrary(...all: Said[]) {
  const index = new LibraryIndex();
  const toEntry = (words: Said, i: number): LibraryEntry => ({
    accession: i + 1,
    name: words.name,
    words,
    values: {},
    numbers: { triangles: null, heightM: null, longestM: null, addedDay: null, uses: 0 },
  });
  all.forEach((words, i) => index.put(toEntry(words, i)));
  const search = new LibrarySearch(index);
  const ask = (words: string) => ({ words, conditions: {} });
  return {
    find: (words: string): string[] =>
      search.page(search.find(ask(words)), 'best', 0, 100).map((accession) => all[accession - 1].name),
    explain: (words: string, name: string) =>
      search.explain(search.find(ask(words)), all.findIndex((one) => one.name === name) + 1),
    isLoose: (words: string) => search.find(ask(words)).isLoose,
  };
}

const LIBRARY = makeLibrary(
  { name: 'Dining chair', tag: 'oak', author: 'Ines Falkenrot', number: '12' },
  { name: 'Harbour bench', material: 'weathered_oak', part: 'armrest; chair_leg' },
  { name: 'Bookshelf' },
  { name: 'Couch' },
  { name: 'Gartenstuhl' },
  { name: 'Rowing boat', file: 'dinghy_v3.blend' },
  { name: 'Shelf for Books' },
);

test('a name comes before a tag, a tag before a part, another word for it after the word itself', () => {
  expect(LIBRARY.find('chair').slice(0, 3)).toEqual(['Dining chair', 'Harbour bench', 'Gartenstuhl']);
  expect(LIBRARY.find('oak')).toEqual(['Dining chair', 'Harbour bench']);
});

test.each([
  ['chairs', 'Dining chair', 'its plural'],
  ['sofa', 'Couch', 'another word for it'],
  ['settees', 'Couch', 'the plural of another word for it'],
  ['stuhl', 'Dining chair', 'German'],
  ['chaise', 'Dining chair', 'French'],
  ['book shelf', 'Bookshelf', 'a compound written apart'],
  ['bookshelves', 'Bookshelf', 'a plural no rule makes'],
  ['shelf', 'Bookshelf', 'the end of a compound'],
  ['coutch', 'Couch', 'a letter too many'],
  ['cuoch', 'Couch', 'two letters swapped'],
  ['cuochs', 'Couch', 'the plural of a word with two letters swapped'],
  ['falkenrot', 'Dining chair', 'its author'],
  ['HV-000012', 'Dining chair', 'its number'],
  ['armrest', 'Harbour bench', 'a part'],
  ['din', 'Dining chair', 'the beginning of a word'],
  ['vessel', 'Rowing boat', 'a wider word'],
  ['dinghy', 'Rowing boat', 'its file'],
  ['the chair of ines', 'Dining chair', 'words that mean nothing beside others'],
])('“%s” finds %s: %s', (words, name) => {
  expect(LIBRARY.find(words)).toContain(name);
});

test('what is not there is not found; signs alone ask for nothing', () => {
  for (const words of ['xylophone', 'abc)', 'zz++']) expect(LIBRARY.find(words)).toEqual([]);
  for (const words of ['+*', '@', '<', '~', '%', '"', "'", '*', '()'])
    expect(LIBRARY.find(words)).toEqual(LIBRARY.find(''));
});

test('all words have to be there; where none has all, those with the most come and that is said', () => {
  expect(LIBRARY.find('oak chair')).toEqual(['Dining chair', 'Harbour bench']);
  expect(LIBRARY.isLoose('oak chair')).toBe(false);
  expect(LIBRARY.find('oak chair xylophone')).toEqual(['Dining chair', 'Harbour bench']);
  expect(LIBRARY.isLoose('oak chair xylophone')).toBe(true);
});

test('a person or a site is found by what they are called, and by no word that means the same or is within it', () => {
  const library = makeLibrary(
    { name: 'Crate', author: 'Tom Baker', source: 'quayside-models.example' },
    { name: 'Pier' },
    { name: 'Fish stall', tag: 'wharf' },
  );
  expect(library.find('baker')).toEqual(['Crate']);
  expect(library.find('models')).toEqual(['Crate']);
  expect(library.find('side')).toEqual([]);
  expect(library.find('quayside')).toEqual(['Crate']);
  expect(library.find('pier')).toEqual(['Pier', 'Fish stall']);
});

test('a number is asked for in any of its writings, and finds that asset alone', () => {
  for (const words of ['HV-000012', 'hv12', 'HV-12', '000012', '12'])
    expect([words, LIBRARY.find(words), LIBRARY.isLoose(words)]).toEqual([words, ['Dining chair'], false]);
});

test('why an asset is found is told by the cheapest way', () => {
  expect(LIBRARY.explain('sofas', 'Couch')).toEqual([
    { asked: 'sofas', found: 'couch', likeness: 'same-meaning', field: 'name' },
  ]);
  expect(LIBRARY.explain('armrest oak', 'Harbour bench')).toEqual([
    { asked: 'armrest', found: 'armrest', likeness: 'same', field: 'part' },
    { asked: 'oak', found: 'oak', likeness: 'same', field: 'material' },
  ]);
  expect(LIBRARY.explain('cuoch', 'Couch')).toEqual([
    { asked: 'cuoch', found: 'couch', likeness: 'spelt-nearly', field: 'name' },
  ]);
  expect(LIBRARY.explain('sofa', 'Bookshelf')).toEqual([]);
});
