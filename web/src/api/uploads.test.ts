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
