import { BUILT_IN_BOOK } from '../licence-book';
import { matchLicences } from './match-licences';

const LICENCES = BUILT_IN_BOOK.list().map(({ id, name }) => ({ id, name }));
const first = (typed: string): string | undefined => matchLicences(LICENCES, typed)[0]?.id;

test.each([
  ['by 3.0 us', 'CC-BY-3.0-US'],
  ['CC Attribution 3.0 United States', 'CC-BY-3.0-US'],
  ['by 4.0', 'CC-BY-4.0'],
  ['by-nc 4', 'CC-BY-NC-4.0'],
  ['cc0', 'CC0-1.0'],
  ['mit', 'MIT'],
  ['free art', 'LAL-1.3'],
])('“%s” means %s first', (typed, id) => {
  expect(first(typed)).toBe(id);
});

test('every licence of the book is first where it is called by its name or its number', () => {
  const wrong = LICENCES.filter(({ id, name }) => first(name) !== id || first(id.replace(/^LicenseRef-/, '')) !== id);
  expect(wrong).toEqual([]);
});

test('a word in the middle of another is no match, and nothing typed is all of them', () => {
  expect(matchLicences(LICENCES, 'by 3.0 us').map(({ id }) => id)).not.toContain('CC-BY-3.0-AU');
  expect(matchLicences(LICENCES, '')).toHaveLength(LICENCES.length);
  expect(matchLicences(LICENCES, 'no such licence')).toEqual([]);
});
