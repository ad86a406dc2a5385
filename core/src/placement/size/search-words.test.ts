import { listLookedFor, listSearchWords } from './search-words';

test.each([
  ['cafe_chair', 'chair'],
  ['CafeChair02', 'chair'],
  ['Kitchen chairs', 'chair'],
  ['armchair', 'chair'],
  ['Gartenstuhl', 'stuhl'],
  ['bookshelves', 'shelf'],
  ['old-lantern (final)', 'lantern'],
])('“%s” is found by %s', (name, word) => {
  expect(listSearchWords(name)).toContain(word);
});

test('what only sounds alike is another word', () => {
  expect(listSearchWords('chair')).not.toContain('hair');
  expect(listSearchWords('stable')).not.toContain('table');
});

test('a plural that is looked for means one as well', () => {
  expect(listLookedFor('Chairs')).toEqual(['chairs', 'chair']);
  expect(listLookedFor('shelves')).toContain('shelf');
  expect(listLookedFor('lamp')).toEqual(['lamp']);
  expect(listLookedFor('s')).toEqual(['s']);
  expect(listLookedFor('bus')).toEqual(['bus']);
});
