import { parsePath } from './parse-path';

const say = (path: string) => {
  const { subject, strong, weak, scope } = parsePath(path);
  return `${subject.join(' ')} | ${[...strong, ...weak].map(({ kind, word }) => `${kind} ${word}`).join(', ')} | ${scope.join('/')}`;
};

test.each([
  ['bush_LOD_0.fbx', 'bush | lod lod0 | '],
  ['BellTowerHigh.fbx', 'bell tower | lod high | '],
  ['lamp_v2_FINAL(1).obj', 'lamp | version v2, copy final | '],
  ['Textures/4K/quay_col.png', 'quay col | resolution 4k | '],
  ['gull/scene.gltf', 'gull |  | gull'],
  ['gull_fbx.zip/gull.fbx', 'gull | format fbx | gull'],
  ['GLTF format/pier-end.glb', 'pier end | format gltf, format format | '],
  ['red.obj', 'red |  | '],
  ['SM_Crate.fbx', 'crate |  | '],
  ['gull@glide.fbx', 'gull |  | '],
])('%s: %s', (path, said) => {
  expect(say(path)).toBe(said);
});

test('what a source says of a word comes first', () => {
  const { strong } = parsePath('crate_gm.fbx', [{ kind: 'lod', words: ['gm'], value: 1 }]);
  expect(strong).toMatchObject([{ kind: 'lod', word: 'gm', value: 1 }]);
});

test.each([
  ['handset/left.glb', ['handset', 'left'], true],
  ['handset/none.glb', ['handset'], true],
  ['handset/left_grip.glb', ['left', 'grip'], false],
  ['left.glb', ['left'], false],
])('%s is called %j', (path, subject, isSide) => {
  expect(parsePath(path)).toMatchObject({ subject, isSide });
});
