import type { NamingHabit } from '@haveld/contract/api/habits';
import { fitsArrival, mergeHabits, proposeHabits, sortNames, toWordRules } from './habits';

const habit = (change: Partial<NamingHabit> = {}): NamingHabit => ({
  appliesBy: 'archive',
  pattern: 'quay_*.zip',
  words: [],
  unit: null,
  up: null,
  front: null,
  twoSidedFoliage: null,
  houseTreatmentId: null,
  ...change,
});

test.each<[Partial<NamingHabit>, string, string, boolean]>([
  [{}, 'quay_crate.zip', '', true],
  [{}, 'QUAY_crate.zip', '', true],
  [{}, 'pier_crate.zip', '', false],
  [{ pattern: 'a+b*.zip' }, 'a+b c.zip', '', true],
  [{ appliesBy: 'site', pattern: 'tidewater.example' }, 'x.zip', 'From https://Tidewater.example/42', true],
  [{ appliesBy: 'source', pattern: 'Ines Falkenrot' }, 'x.zip', 'by ines falkenrot', true],
  [{ appliesBy: 'source', pattern: 'Ines Falkenrot' }, 'Ines Falkenrot.zip', '', false],
])('%j fits %s with “%s”: %s', (change, name, texts, fits) => {
  expect(fitsArrival(habit(change), name, texts)).toBe(fits);
});

test('a source’s word for a coarser model sorts its next download', () => {
  const words = toWordRules([habit({ words: [{ word: 'gm', means: 'coarser detail' }] })]);
  const paths = ['crate.fbx', 'crate_gm.fbx'];
  expect(sortNames(paths, []).finds).toHaveLength(2);
  expect(sortNames(paths, words).finds.map((find) => find.files)).toEqual([
    [
      { path: 'crate.fbx', role: 'model' },
      { path: 'crate_gm.fbx', role: 'lod' },
    ],
  ]);
});

test('words for map roles, unit and up are gathered; the first habit counts', () => {
  const merged = mergeHabits([
    habit({ unit: 'cm', words: [{ word: 'WH', means: 'map:roughness' }] }),
    habit({ unit: 'm', up: 'z', front: '-z', words: [{ word: 'wh', means: 'map:normal' }] }),
  ]);
  expect(merged).toEqual({ unit: 'cm', up: 'z', front: '-z', roles: { wh: 'roughness' }, hidden: [] });
});

test('a source’s words for maps and previews count when its files are sorted', () => {
  const paths = ['crate.obj', 'barrel.obj', 'crate_zz.png', 'crate_turn.png'];
  const words = toWordRules([
    habit({
      words: [
        { word: 'zz', means: 'map:roughness' },
        { word: 'turn', means: 'preview' },
      ],
    }),
  ]);
  expect(sortNames(paths, words).finds[0].files).toEqual([
    { path: 'crate.obj', role: 'model' },
    { path: 'crate_zz.png', role: 'map' },
    { path: 'crate_turn.png', role: 'preview' },
  ]);
});

test('words for hidden parts are gathered for the sheet', () => {
  expect(mergeHabits([habit({ words: [{ word: 'Rigbox', means: 'hidden part' }] })]).hidden).toEqual(['rigbox']);
});

test('what people decided becomes a proposal, with the evidence; what is known already does not', () => {
  const decided = [
    {
      arrivalName: 'quay_crate.zip',
      path: 'quay_crate.zip/crate_gm.fbx',
      role: 'lod',
      modelPath: 'quay_crate.zip/crate.fbx',
    },
    {
      arrivalName: 'quay_barrel.zip',
      path: 'quay_barrel.zip/barrel_gm.fbx',
      role: 'lod',
      modelPath: 'quay_barrel.zip/barrel.fbx',
    },
    { arrivalName: 'gull.zip', path: 'gull.zip/wing.png', role: 'map', modelPath: 'gull.zip/gull.fbx' },
  ];
  const [first, ...rest] = proposeHabits(decided, []);
  expect(first).toMatchObject({ appliesBy: 'archive', pattern: 'quay_*.zip', word: 'gm', means: 'coarser detail' });
  expect(first.evidence).toHaveLength(2);
  expect(rest).toEqual([]);
  expect(proposeHabits(decided, [habit({ words: [{ word: 'gm', means: 'coarser detail' }] })])).toEqual([]);
});

test('a file that differs by several words teaches nothing', () => {
  expect(
    proposeHabits(
      [{ arrivalName: 'a_b.zip', path: 'old_red_crate.fbx', role: 'variant', modelPath: 'barrel.fbx' }],
      [],
    ),
  ).toEqual([]);
});
