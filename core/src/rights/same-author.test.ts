import { isSameAuthor, listSameAuthors } from './same-author';

test.each([
  ['Tor Aldersund', 'tor.aldersund', true],
  ['Maëlle  Orsund', 'MAELLE ORSUND', true],
  ['Tor Aldersund', 'Tor Alderson', false],
  ['Tor', 'Tor Aldersund', false],
])('“%s” and “%s”: %s', (a, b, same) => {
  expect(isSameAuthor(a, b)).toBe(same);
});

test('the same letters written otherwise are proposed once, the name before the handle', () => {
  expect(listSameAuthors(['tor_aldersund', 'Tor Aldersund', 'TorAldersund'])).toEqual([
    { a: 'Tor Aldersund', b: 'TorAldersund', reason: 'the same letters, written otherwise' },
    { a: 'Tor Aldersund', b: 'tor_aldersund', reason: 'the same letters, written otherwise' },
  ]);
});

test('an initial and a family name may be a name that is known in full', () => {
  expect(listSameAuthors(['t_vestermoor', 'Tor Vestermoor', 'Runa Vestermoor'])).toEqual(
    [{ a: expect.stringMatching(/Vestermoor$/), b: 't_vestermoor', reason: 'an initial and the same family name' }]
      .filter(({ a }) => a !== undefined)
      .map((pair) => ({ ...pair, a: 'Tor Vestermoor' })),
  );
});

test('short names, and names that only share a family name, are two people', () => {
  expect(listSameAuthors(['Bo', 'bo', 'B.O', 'Runa Vestermoor', 'Tor Vestermoor'])).toEqual([]);
  expect(listSameAuthors([])).toEqual([]);
});
