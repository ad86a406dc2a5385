import { listVolumeSets } from './volumes';

test.each<[string, string[], string[][]]>([
  ['rar by parts', ['a.part2.rar', 'a.part1.rar'], [['a.part1.rar', 'a.part2.rar']]],
  ['rar by parts with noughts', ['a.part01.rar', 'a.part02.rar'], [['a.part01.rar', 'a.part02.rar']]],
  ['rar in its older way', ['a.rar', 'a.r00', 'a.r01'], [['a.rar', 'a.r00', 'a.r01']]],
  ['a split zip, its directory last', ['c.zip', 'c.z02', 'C.z01'], [['C.z01', 'c.z02', 'c.zip']]],
  ['7z cut in pieces', ['b.7z.001', 'b.7z.002'], [['b.7z.001', 'b.7z.002']]],
  ['two sets', ['a.7z.001', 'b.7z.001', 'a.7z.002'], [['a.7z.001', 'a.7z.002'], ['b.7z.001']]],
  ['nothing of the kind', ['a.rar', 'b.zip', 'c.obj'], []],
])('%s', (_, paths, sets) => {
  expect(listVolumeSets(paths).map((set) => set.paths)).toEqual(sets);
});

test('a part that did not come is named by its number', () => {
  expect(listVolumeSets(['a.part1.rar', 'a.part4.rar'])[0].missing).toEqual([2, 3]);
  expect(listVolumeSets(['a.r00', 'a.r01'])[0].missing).toEqual([1]);
});

test('a number no archive comes in is no part, and whole is what bears it', () => {
  expect(listVolumeSets(['a.part99999999999.rar', 'a.part1.rar']).map(({ paths }) => paths)).toEqual([['a.part1.rar']]);
});

test('what says what the whole is: the first part, of a split zip the last', () => {
  expect(listVolumeSets(['a.rar', 'a.r00'])[0].opens).toBe('a.rar');
  expect(listVolumeSets(['c.z01', 'c.zip'])[0]).toMatchObject({ opens: 'c.zip', missing: [] });
  expect(listVolumeSets(['c.z01', 'c.z02'])[0]).toMatchObject({ opens: null, missing: [3] });
  expect(listVolumeSets(['c.z02', 'c.zip'])[0]).toMatchObject({ opens: 'c.zip', missing: [1] });
});
