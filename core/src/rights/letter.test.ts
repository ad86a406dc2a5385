import { BUILT_IN_BOOK } from './licence-book';
import { writeLetter, type LetterInput } from './letter';
import { strictestOf } from './strictest';

const letter = (provenance: Partial<LetterInput['provenance']> = {}, more: Partial<LetterInput> = {}) =>
  writeLetter(BUILT_IN_BOOK, {
    provenance: {
      title: 'Bell buoy',
      author: 'Ines Falkenrot',
      pageUrl: 'https://saltmarsh-shapes.example/buoy',
      source: 'saltmarsh-shapes.example',
      licenceId: 'CC-BY-NC-4.0',
      ...provenance,
    },
    question: 'use it in a production that earns money',
    purpose: 'a harbour tour',
    house: 'Lampworks',
    writer: 'Maja Lindqvist',
    ...more,
  });

test('a letter names the model, where it was found, what it stands under and what is asked', () => {
  const { subject, body } = letter();
  expect(subject).toBe('“Bell buoy”: a question about its licence');
  for (const part of [
    'Dear Ines Falkenrot,',
    'which we found at https://saltmarsh-shapes.example/buoy,',
    'in our work: a harbour tour.',
    'it stands under: Creative Commons Attribution-NonCommercial 4.0 International.',
    'May we use it in a production that earns money?',
    'Maja Lindqvist\nLampworks',
  ])
    expect(body).toContain(part);
});

test.each([
  [{ author: '' }, 'Dear author,'],
  [{ title: '' }, 'we would like to use “your model”, which'],
  [{ pageUrl: '' }, 'which we found at saltmarsh-shapes.example,'],
  [{ pageUrl: '', source: '' }, 'use “Bell buoy” in our work'],
  [{ licenceId: 'LicenseRef-unknown' }, 'We found no licence with it.'],
] as const)('with %j it says: %s', (provenance, words) => {
  expect(letter(provenance).body).toContain(words);
});

test('where a person has to be told something, it asks to be told', () => {
  const { body } = letter({}, { question: 'tell us which licence it is under' });
  expect(body).toContain('Would you please tell us which licence it is under?');
  expect(body).not.toContain('May we');
});

test('a letter without a purpose has no empty place for one', () => {
  expect(letter({}, { purpose: '' }).body).toContain('in our work. As we read it');
});

describe('held to until somebody has asked is the one that grants least', () => {
  test.each([
    [['CC-BY-4.0', 'CC-BY-NC-4.0'], 'CC-BY-NC-4.0'],
    [['CC0-1.0', 'CC-BY-4.0'], 'CC-BY-4.0'],
    [['CC-BY-SA-4.0', 'CC-BY-4.0'], 'CC-BY-SA-4.0'],
    [['CC-BY-NC-4.0', 'CC-BY-NC-ND-4.0'], 'CC-BY-NC-ND-4.0'],
    [['CC0-1.0', 'CC-BY-NC-4.0 OR CC-BY-4.0'], 'CC-BY-NC-4.0 OR CC-BY-4.0'],
    [['CC-BY-4.0'], 'CC-BY-4.0'],
  ])('of %j: %s', (ids, strictest) => {
    expect(strictestOf(BUILT_IN_BOOK, ids)).toBe(strictest);
    expect(strictestOf(BUILT_IN_BOOK, [...ids].reverse())).toBe(strictest);
  });
  test('of none: none', () => {
    expect(strictestOf(BUILT_IN_BOOK, [])).toBeNull();
  });
});
