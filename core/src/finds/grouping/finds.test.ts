import { createPng } from '../../testing/documents';
import type { HeapFile } from '../heap-file';
import { identifyFile } from '../identify';
import { readableName } from '../names/readable-name';
import { groupFinds } from './group-finds';

const bytes = (text: string): Uint8Array => Uint8Array.from(text, (c) => c.charCodeAt(0));

/** Files as they would be told apart by content. */
const heap = (...paths: string[]): HeapFile[] =>
  paths.map((path) => {
    const contents: Record<string, Uint8Array> = {
      obj: bytes('v 0 0 0\nf 1 1 1\n'),
      mtl: bytes('newmtl a\n'),
      glb: bytes('glTF\u0002'),
      gltf: bytes('{"asset":{"version":"2.0"}}'),
      png: createPng([0, 0, 0, 255]),
      txt: bytes('hello'),
      bin: bytes('\u0000\u0001'),
      exe: bytes('MZ'),
    };
    const { kind, format } = identifyFile(path, contents[path.split('.').pop()!] ?? new Uint8Array());
    return { path, kind, format, sizeBytes: 1 };
  });

const rolesOf = (paths: string[], find = 0): string[] =>
  groupFinds(heap(...paths)).finds[find].files.map(({ path, role }) => `${path}: ${role}`);

test('a file is what it holds, not what it is called', () => {
  expect(identifyFile('model.obj', createPng([0, 0, 0, 255])).kind).toBe('picture');
  expect(identifyFile('picture.png', bytes('glTF\u0002')).format).toBe('glb');
  expect(identifyFile('readme', bytes('v 1.0 0 0\nv 1 1 1\nf 1 2 3')).format).toBe('obj');
  expect(identifyFile('setup.png', bytes('MZ\u0090')).kind).toBe('program');
  expect(identifyFile('thing.zip.txt', bytes('PK\u0003\u0004')).kind).toBe('archive');
});

test.each([
  ['chair.fbx', 'Kaydara FBX Binary  \0\u001a\0', 'model', 'fbx'],
  ['chair.FBX', '; FBX 7.4.0 project file\n', 'model', 'fbx'],
  ['chair.dae', '<?xml version="1.0"?><COLLADA version="1.4.1">', 'model', 'dae'],
  ['chair.stl', 'solid chair\nfacet normal 0 0 1\n', 'model', 'stl'],
  ['chair.ply', 'ply\nformat ascii 1.0\n', 'model', 'ply'],
  ['chair.usda', '#usda 1.0\n', 'model', 'usd'],
  ['chair.usdc', 'PXR-USDC\0', 'model', 'usd'],
  ['chair.lwo', 'FORM\0\0\0\0LWO2', 'model', 'lwo'],
  ['chair.stp', 'ISO-10303-21;\nHEADER;', 'closed', 'cad'],
])('%s is known by what it begins with', (path, head, kind, format) => {
  expect(identifyFile(path, bytes(head))).toMatchObject({ kind, format });
});

test('a CAD file is excluded, with what to ask the source for', () => {
  const { excluded } = groupFinds([{ path: 'part.step', kind: 'closed', format: 'cad', sizeBytes: 9 }]);
  expect(excluded[0].reason).toContain('ask the source for a mesh');
});

test('TGA has no mark and is told by its fields, only under its own name', () => {
  const tga = Uint8Array.from([0, 0, 2, 0, 0, 0, 0, 0, 0, 0, 0, 0, 4, 0, 4, 0, 24, 0, 1, 2, 3]);
  expect(identifyFile('a.tga', tga).format).toBe('tga');
  expect(identifyFile('a.bin', tga).kind).toBe('buffer');
});

test('an empty file is no text and no model', () => {
  expect(identifyFile('a.obj', new Uint8Array()).kind).toBe('other');
});

test('one model takes the material file, maps and texts around it', () => {
  expect(rolesOf(['a/table.obj', 'a/table.mtl', 'a/maps/oak.png', 'readme.txt', 'a/preview.png'])).toEqual([
    'a/table.obj: model',
    'a/table.mtl: material',
    'readme.txt: text',
    'a/maps/oak.png: map',
    'a/preview.png: preview',
  ]);
});

test('the same model in two formats is one find, glTF first, the other kept beside it', () => {
  const { finds } = groupFinds(heap('obj/buoy.obj', 'gltf/buoy.gltf', 'gltf/buoy.bin'));
  expect(finds).toHaveLength(1);
  expect(finds[0].files.slice(0, 2)).toEqual([
    { path: 'gltf/buoy.gltf', role: 'model' },
    { path: 'obj/buoy.obj', role: 'other-format' },
  ]);
  expect(finds[0].reason).toContain('OBJ');
});

test('many models share the maps of one folder and the text at the top', () => {
  const { finds } = groupFinds(heap('kit/a.obj', 'kit/b.obj', 'kit/maps/wood.png', 'README.txt'));
  expect(finds.map((find) => find.model)).toEqual(['kit/a.obj', 'kit/b.obj']);
  for (const find of finds)
    expect(find.files.map((file) => file.path)).toEqual(expect.arrayContaining(['kit/maps/wood.png', 'README.txt']));
});

test('models in folders of their own do not share maps', () => {
  const { finds } = groupFinds(heap('a/a.obj', 'a/wood.png', 'b/b.obj', 'b/iron.png'));
  expect(finds[0].files.map((file) => file.path)).not.toContain('b/iron.png');
});

test('programs are excluded by name, and nothing is lost', () => {
  const paths = ['a.obj', 'setup.exe', 'odd.xyz'];
  const { finds, excluded } = groupFinds(heap(...paths));
  expect(
    [...finds.flatMap((find) => find.files.map((file) => file.path)), ...excluded.map((file) => file.path)].sort(),
  ).toEqual([...paths].sort());
  expect(excluded.find((file) => file.path === 'setup.exe')!.reason).toContain('program');
});

test('a heap without a model has no finds, and says so of each file', () => {
  expect(groupFinds(heap('a.png', 'b.txt'))).toEqual({
    finds: [],
    kits: [],
    excluded: [
      { path: 'a.png', reason: 'no model came with it' },
      { path: 'b.txt', reason: 'no model came with it' },
    ],
  });
});

test('a file name becomes a name to start from', () => {
  expect(readableName('x/bell_buoy-redV2.obj')).toBe('Bell buoy red V2');
  expect(readableName('___.obj')).toBe('Unnamed');
});
