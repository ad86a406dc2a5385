import type { PageSaid } from '@haveld/contract/page-change';
import { compareSaid } from './compare-said';

const edition = (change: Partial<PageSaid['editions'][number]> = {}): PageSaid['editions'][number] => ({
  id: 'glb',
  name: 'crate.glb',
  format: 'glb',
  mapSide: null,
  sizeBytes: 100,
  sha256: null,
  carries: [],
  ...change,
});
const said = (change: Partial<PageSaid> = {}): PageSaid => ({
  title: 'Crate',
  author: 'Ines Falkenrot',
  licence: { words: 'CC BY 4.0', address: '', id: 'CC-BY-4.0' },
  editions: [edition()],
  ...change,
});
const differ = (now: Partial<PageSaid>, before: Partial<PageSaid> = {}) => compareSaid(said(before), said(now));
const licence = (words: string, id = ''): PageSaid['licence'] => ({ words, address: '', id });

test('the same page says nothing new, however it writes its licence and its author', () => {
  expect(differ({})).toEqual([]);
  expect(differ({ licence: licence('Creative Commons Attribution 4.0 International', 'CC-BY-4.0') })).toEqual([]);
  expect(differ({ author: 'ines  falkenrot' })).toEqual([]);
  expect(differ({ title: 'Crate, oak' })).toEqual([]);
});

test('another licence is told, and one that is not named any more', () => {
  expect(differ({ licence: licence('CC BY-NC 4.0', 'CC-BY-NC-4.0') })).toEqual([
    { what: 'licence', was: 'CC-BY-4.0', now: 'CC-BY-NC-4.0' },
  ]);
  expect(differ({ licence: licence('') })).toEqual([{ what: 'licence', was: 'CC-BY-4.0', now: '' }]);
});

test('words that are no licence we know are compared as words', () => {
  const own = { licence: licence('Harbour House Licence') };
  expect(differ({ licence: licence('harbour house  licence') }, own)).toEqual([]);
  expect(differ({ licence: licence('Harbour House Licence 2') }, own)).toMatchObject([{ what: 'licence' }]);
  expect(differ({ licence: licence('CC0', 'CC0-1.0') }, { licence: licence('') })).toEqual([]);
});

test('another author is told; a page that names none any more says nothing about who made it', () => {
  expect(differ({ author: 'Ines Aldersund' })).toEqual([
    { what: 'author', was: 'Ines Falkenrot', now: 'Ines Aldersund' },
  ]);
  expect(differ({ author: '' })).toEqual([]);
});

test('an edition is newer by its checksum, its length or its name, in this order', () => {
  const sum = (sha256: string, change = {}) => ({ editions: [edition({ sha256, ...change })] });
  expect(differ(sum('b'), sum('a'))).toEqual([{ what: 'newer', was: 'crate.glb', now: 'crate.glb' }]);
  expect(differ(sum('a', { name: 'renamed.glb' }), sum('a'))).toEqual([]);
  expect(differ({ editions: [edition({ sizeBytes: 101 })] })).toMatchObject([{ what: 'newer' }]);
  expect(differ({ editions: [edition({ id: 'https://a/crate_v2.glb', name: 'crate_v2.glb' })] })).toMatchObject([
    { now: 'crate_v2.glb' },
  ]);
});

test('a length or a checksum that is told for the first time, or a file at another address, is no newer version', () => {
  expect(differ({ editions: [edition({ sha256: 'a' })] }, { editions: [edition({ sizeBytes: null })] })).toEqual([]);
  expect(differ({ editions: [edition({ id: 'other' })] })).toEqual([]);
  expect(differ({ editions: [] })).toEqual([]);
  expect(differ({}, { editions: [] })).toEqual([]);
});

test('of many files a few are named and the others counted', () => {
  const many = ['a', 'b', 'c', 'd', 'e'].map((id) => edition({ id, name: `${id}.glb`, sizeBytes: 7 }));
  expect(differ({ editions: many })[0].now).toBe('a.glb, b.glb, c.glb, 2 more');
});
