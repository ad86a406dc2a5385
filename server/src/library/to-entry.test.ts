import { CATEGORY_TREE } from '@haveld/contract/category';
import { CategoryTree } from '@haveld/core/library/categories/category-tree';
import { createLicenceBook } from '@haveld/core/rights/licence-book';
import type { EntryRow } from './entry-queries';
import { toEntry } from './to-entry';

const ROW: EntryRow = {
  accession: 12,
  id: 'a',
  name: 'Chart table oak',
  category: 'furniture',
  state: 'catalogued',
  isTakenDown: 0,
  addedDay: 20_000,
  addedBy: 'maja',
  title: 'Chart table',
  author: 'Ines Falkenrot',
  licenceId: 'CC-BY-4.0',
  source: 'quayside-models.example',
  findName: 'chart_table_v2',
  modelPath: 'crate/models/chart_table_v2.FBX',
  triangles: 492,
  hasSize: 1,
  heightM: 0.78,
  figures: JSON.stringify({ box: { min: [-0.6, 0, -0.4], max: [0.6, 0.78, 0.4] }, triangles: 500 }),
  materials: 'brushed_brass\nvarnished oak',
  parts: 'drawer_L\nleg 1',
  colours: 'brown,black',
  traits: 'maps,quads',
};
const house = { book: createLicenceBook(), tree: new CategoryTree(CATEGORY_TREE) };
const NOTHING = { tags: [], uses: [], spellings: [] };
const entryOf = (row: Partial<EntryRow>, beside: Partial<Parameters<typeof toEntry>[2]> = {}) =>
  toEntry(house, { ...ROW, ...row }, { ...NOTHING, ...beside });

test('an asset is found by its name, number, title, file, parts and materials, and by other spellings of its author', () => {
  expect(entryOf({}, { tags: ['quay'], spellings: ['i_falkenrot'] }).words).toEqual({
    name: 'Chart table oak',
    number: '12',
    title: 'Chart table',
    tag: 'quay; furniture',
    author: 'Ines Falkenrot; i_falkenrot',
    file: 'chart_table_v2',
    material: 'brushed_brass; varnished oak',
    part: 'drawer_L; leg 1',
    source: 'quayside-models.example; CC BY 4.0',
  });
});

test('what it is of is told by its materials and its names; each use counts, each project once', () => {
  const { values, numbers } = entryOf({}, { uses: ['show', 'show', 'tour'] });
  expect(values.material).toEqual(['brass', 'oak']);
  expect(values.project).toEqual(['show', 'show', 'tour']);
  expect(numbers).toEqual({ triangles: 492, heightM: 0.78, longestM: 1.2, addedDay: 20_000, uses: 3 });
});

test('without a real size it has no height and no length; before its first version the triangles are those that came', () => {
  expect(entryOf({ hasSize: 0 }).numbers).toMatchObject({ heightM: null, longestM: null });
  expect(entryOf({ triangles: null, hasSize: null, heightM: null }).numbers).toMatchObject({
    triangles: 500,
    longestM: null,
  });
  expect(entryOf({ figures: null, triangles: null }).numbers.triangles).toBe(0);
});

test('what was taken down may be used under no licence, and keeps the one it has', () => {
  const { values } = entryOf({ isTakenDown: 1 });
  expect([values.grant, values.licence]).toEqual([[], ['CC-BY-4.0']]);
});

test('what nobody looked into yet is found by what is known', () => {
  const { values, words } = entryOf({
    materials: null,
    parts: null,
    colours: null,
    traits: null,
    category: null,
    author: '',
  });
  expect(values).toMatchObject({ colour: [], trait: [], category: [], author: [], material: ['oak'] });
  expect([words.part, words.material]).toEqual(['', '']);
});
