import { listTermSentences } from './describe-terms';
import { BUILT_IN, BUILT_IN_BOOK as book } from './licence-book';
import { strictestOf } from './strictest';

test('a term sheet says in plain sentences what is granted, then what is asked, each with its clause', () => {
  const sentences = listTermSentences(book.getTerms('CC-BY-NC-4.0'));
  expect(sentences[0]).toEqual({
    mark: 'blocks',
    text: 'May not be used to earn money.',
    clause: 'sections 2(a)(1) and 1(i)',
  });
  expect(sentences.map(({ text }) => text)).toContain('The author has to be named, with source and licence.');
  expect(
    listTermSentences(book.getTerms('CC-BY-ND-4.0')).find(({ text }) => text.includes('not shared')),
  ).toMatchObject({
    clause: 'section 2(a)(1)(B)',
  });
});

test('limits of a site stand in words', () => {
  const words = listTermSentences(book.getTerms('LicenseRef-tidewrack-editorial')).map(({ text }) => text);
  expect(words).toEqual(
    expect.arrayContaining(['For reports and comments only.', 'Ends after 24 months.', 'Has a price.']),
  );
  expect(listTermSentences(book.getTerms('LicenseRef-quayside-standard')).map(({ text }) => text)).toContain(
    'For 5 people at most.',
  );
});

test('every built-in licence has a sentence for each of its six grants, and none twice', () => {
  for (const terms of BUILT_IN) {
    const sentences = listTermSentences(terms).map(({ text }) => text);
    expect(sentences.length).toBeGreaterThanOrEqual(6);
    expect(new Set(sentences).size).toBe(sentences.length);
  }
});

test('of licences named for one thing the one that grants least is held to', () => {
  expect(strictestOf(book, ['CC-BY-4.0', 'CC-BY-NC-4.0'])).toBe('CC-BY-NC-4.0');
  expect(strictestOf(book, ['CC-BY-NC-ND-4.0', 'CC-BY-NC-4.0', 'CC0-1.0'])).toBe('CC-BY-NC-ND-4.0');
  expect(strictestOf(book, ['CC-BY-SA-4.0', 'CC-BY-4.0'])).toBe('CC-BY-SA-4.0');
  expect(strictestOf(book, ['LicenseRef-all-rights-reserved', 'CC-BY-NC-4.0'])).toBe('LicenseRef-all-rights-reserved');
  expect(strictestOf(book, [])).toBeNull();
});
