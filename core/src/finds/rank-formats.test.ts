import { NOTHING_INSIDE, type Inside } from '../formats/inside';
import { describeExcluded } from './describe-excluded';
import type { HeapFile } from './heap-file';
import { describeChoice, formatName, rankFormat } from './rank-formats';

const file = (format: string, inside: Partial<Inside> = {}, more: Partial<HeapFile> = {}): HeapFile => ({
  path: `heap/buoy.${format}`,
  kind: 'model',
  format,
  sizeBytes: 1,
  inside: { ...NOTHING_INSIDE, ...inside },
  ...more,
});
/** Formats in the order they would be read. */
const order = (...files: HeapFile[]): string[] =>
  [...files].sort((a, b) => rankFormat(a, files) - rankFormat(b, files)).map(({ format }) => format);

describe('of one model in several formats', () => {
  test('what can carry most is read first', () => {
    expect(order(file('obj'), file('stl'), file('gltf'), file('fbx'), file('glb'))).toEqual([
      'glb',
      'gltf',
      'fbx',
      'obj',
      'stl',
    ]);
  });
  test('what moves goes before what does not, whatever its format', () => {
    expect(order(file('glb'), file('fbx', { clips: 2 }))).toEqual(['fbx', 'glb']);
    expect(order(file('glb', { clips: 1 }), file('fbx', { clips: 2 }))).toEqual(['glb', 'fbx']);
  });
  test('a format nobody knows is last', () => {
    expect(order(file('foo'), file('stl'))).toEqual(['stl', 'foo']);
  });
});

describe('why it was read is said from what is inside', () => {
  test.each([
    [
      file('glb', { clips: 2, materials: 'physical' }),
      [file('obj')],
      'GLB carries 2 clips and physically based materials; the OBJ of the same model has neither',
    ],
    [file('fbx', { clips: 1 }), [file('obj')], 'FBX carries a clip; the OBJ of the same model has none'],
    [
      file('fbx', { clips: 1, hasSkin: true, materials: 'physical' }),
      [file('obj'), file('stl')],
      'FBX carries a clip, joints and physically based materials; the OBJ and STL of the same model has none of it',
    ],
    [file('glb', { clips: 1 }), [file('fbx', { clips: 1 })], 'GLB carries a clip; kept beside it: FBX'],
  ])('%#', (chosen, others, words) => {
    expect(describeChoice(chosen, [chosen, ...others])).toBe(words);
  });
  test('of one format alone there is nothing to say', () => {
    expect(describeChoice(file('obj'), [file('obj'), file('obj')])).toBe('');
  });
  test('a format is called as people call it', () => {
    expect([formatName('glb'), formatName('dae'), formatName('xyz')]).toEqual(['GLB', 'COLLADA', 'XYZ']);
  });
});

describe('why a file belongs to no model', () => {
  test.each([
    [file('exe', {}, { kind: 'program' }), 1, 'program, not part of a model'],
    [file('working-file', {}, { kind: 'closed' }), 1, 'ask the source for glTF, FBX or OBJ made from it'],
    [file('cad', {}, { kind: 'closed' }), 1, 'a CAD file; ask the source for a mesh'],
    [file('zip', {}, { kind: 'archive' }), 1, 'opened; its files are listed on their own'],
    [file('png', {}, { kind: 'picture' }), 1, 'a picture no model names'],
    [file('png', {}, { kind: 'picture' }), 0, 'no model came with it'],
    [file('foo', {}, { kind: 'other' }), 1, 'belongs to no model'],
    [file('foo', {}, { kind: 'other', path: '__MACOSX/._buoy.obj' }), 1, 'left by a system'],
    [file('foo', {}, { kind: 'other', path: 'heap/Thumbs.db' }), 1, 'left by a system'],
  ])('%#', (one, finds, words) => {
    expect(describeExcluded(one, finds)).toContain(words);
  });
  test('the same bytes as another say which, before anything else', () => {
    expect(describeExcluded(file('exe', {}, { kind: 'program' }), 1, 'heap/deep/setup.exe')).toBe(
      'the same bytes as “setup.exe”',
    );
  });
});
