import { readableName } from './readable-name';

test.each([
  ['heap/lamp_v2_FINAL(1).obj', 'Lamp v2 FINAL(1)'],
  ['bellBuoy.glb', 'Bell Buoy'],
  ['mooring-post.scan.fbx', 'Mooring post scan'],
  ['Möwe.obj', 'Möwe'],
  ['  spaced   out .obj', 'Spaced out'],
  ['___.obj', 'Unnamed'],
  ['heap/deep/gull', 'Gull'],
])('%s is called %s to begin with', (path, name) => {
  expect(readableName(path)).toBe(name);
});

test('a name is never empty, and begins as names begin', () => {
  for (const path of ['.obj', '-', 'a/b/c/-.glb', 'ß.obj']) expect(readableName(path)).not.toBe('');
  expect(readableName('élan.obj')[0]).toBe('É');
});
