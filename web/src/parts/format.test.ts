import { fieldWords } from '@haveld/core/rights/provenance-fields';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { formatBytes, formatCount, formatMapSide, formatThousands } from './format';
import { valueWords } from './provenance-words';

test.each([
  [0, '0 B'],
  [999, '999 B'],
  [1000, '1.0 kB'],
  [435_000, '435 kB'],
  [2_147_483_648, '2.1 GB'],
])('%s bytes are %s', (bytes, words) => {
  expect(formatBytes(bytes)).toBe(words);
});

test.each([
  [0, '0'],
  [840, '840'],
  [11_900, '11.9 k'],
  [120_000, '120 k'],
  [1_500_000, '1.5 M'],
])('%s triangles are %s', (count, words) => {
  expect(formatThousands(count)).toBe(words);
});

test.each([
  [0, 'no maps'],
  [512, '512 px'],
  [1024, '1K'],
  [2048, '2K'],
  [1536, '1.5K'],
])('a side of %s is %s', (side, words) => {
  expect(formatMapSide(side)).toBe(words);
});

test('one is one and the rest is many', () => {
  expect([formatCount(0, 'map'), formatCount(1, 'map'), formatCount(2, 'try', 'tries')]).toEqual([
    '0 maps',
    '1 map',
    '2 tries',
  ]);
});

test('provenance is told in words a person uses', () => {
  expect(fieldWords('licenceId')).toBe('licence');
  expect(valueWords(BUILT_IN_BOOK, 'licenceId', 'CC-BY-NC-4.0')).toBe('CC BY-NC 4.0');
  expect(valueWords(BUILT_IN_BOOK, 'author', 'MIT')).toBe('MIT');
  expect(valueWords(BUILT_IN_BOOK, 'author', '')).toBe('nothing');
  expect(valueWords(BUILT_IN_BOOK, 'authorUnknown', 'true')).toBe('yes');
});
