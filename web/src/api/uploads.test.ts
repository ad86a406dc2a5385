import { groupDropped, type Dropped } from './uploads';

const drop = (...paths: string[]): Dropped[] =>
  paths.map((path) => ({ path, file: new File(['x'], path.split('/').pop()!) }));
const names = (...paths: string[]): string[] =>
  groupDropped(drop(...paths)).map(({ name, files }) => `${name}: ${files.length}`);

test('each archive is an arrival of its own', () => {
  expect(names('a.zip', 'b.7z')).toEqual(['a.zip: 1', 'b.7z: 1']);
});

test('loose files that came together are one arrival', () => {
  expect(names('table.obj', 'table.mtl', 'oak.png')).toEqual(['table.obj and 2 more: 3']);
});

test('a folder is one arrival by its name, archives inside it with it', () => {
  expect(names('pack/a.obj', 'pack/maps.zip')).toEqual(['pack: 2']);
});

test('archives and loose files in one drop are told apart', () => {
  expect(names('a.zip', 'b.obj')).toEqual(['a.zip: 1', 'b.obj: 1']);
});

test('nothing dropped is nothing', () => {
  expect(names()).toEqual([]);
});

test('an archive in several parts is one arrival, whichever part was picked first, called like what opens it', () => {
  expect(names('a.part2.rar', 'a.part1.rar', 'b.zip')).toEqual(['a.part1.rar: 2', 'b.zip: 1']);
  expect(names('c.zip', 'c.z01', 'c.z02')).toEqual(['c.zip: 3']);
  expect(names('d.7z.001', 'd.7z.002', 'e.obj')).toEqual(['d.7z.001: 2', 'e.obj: 1']);
});
