import { groupFinds } from '../finds/grouping/group-finds';
import { peekInside } from './peek-inside';
import { resolveSceneReferences } from './scene-references';

const LWS =
  'LWSC\r\n3\r\n\r\nLoadObjectLayer 1 10000000 C:\\Jobs\\pier\\Crate.lwo\r\nLoadObject ../lamp.lwo\r\nNumChannels 0\r\n';

test('models of a scene are found beside it, whatever folder its author had them in', () => {
  const found = resolveSceneReferences('pier/scene.lws', LWS, [
    'pier/scene.lws',
    'pier/parts/crate.lwo',
    'pier/lamp.lwo',
  ]);
  expect(found).toEqual({
    text: LWS.replace('C:\\Jobs\\pier\\Crate.lwo', 'parts/crate.lwo').replace('../lamp.lwo', 'lamp.lwo'),
    wanted: ['pier/parts/crate.lwo', 'pier/lamp.lwo'],
  });
});

test('where it says comes before another of its name', () => {
  const text = '<string name="Mesh" value="b/crate.obj"/>';
  const found = resolveSceneReferences('scene.irr', text, ['a/crate.obj', 'b/crate.obj']);
  expect(found).toEqual({ text, wanted: ['b/crate.obj'] });
});

test.each(['/etc/passwd', '../../secret.obj', 'C:\\secret.obj', '\\\\host\\share\\secret.obj'])(
  'what did not come with it is named and not read: %s',
  (name) => {
    const text = `<string name="Mesh" value="${name}"/>`;
    expect(() => resolveSceneReferences('in/scene.irr', text, ['in/scene.irr', 'secret.obj'])).toThrow(
      `“in/scene.irr” is made of models that did not come with it: “${name}”. Add them, with their files.`,
    );
  },
);

test('a node without a mesh, and what is no scene, are left alone', () => {
  const text = '<string name="Mesh" value=""/>';
  expect(resolveSceneReferences('scene.irr', text, [])).toEqual({ text, wanted: [] });
  expect(resolveSceneReferences('crate.lwo', 'FORM', [])).toBeNull();
});

test('in a heap a scene has the models it names among its files, and they stay finds of their own', () => {
  const inside = peekInside('lws', new TextEncoder().encode(LWS));
  expect(inside.mentions).toEqual(['C:\\Jobs\\pier\\Crate.lwo', '../lamp.lwo']);
  const { finds } = groupFinds([
    { path: 'pier/scene.lws', kind: 'model', format: 'lws', sizeBytes: 9, inside },
    { path: 'pier/crate.lwo', kind: 'model', format: 'lwo', sizeBytes: 9 },
    { path: 'pier/stone.lwo', kind: 'model', format: 'lwo', sizeBytes: 9 },
  ]);
  expect(finds.map(({ model }) => model).sort()).toEqual(['pier/crate.lwo', 'pier/scene.lws', 'pier/stone.lwo']);
  const scene = finds.find(({ model }) => model === 'pier/scene.lws')!;
  expect(scene.files.map(({ path }) => path)).toEqual(['pier/scene.lws', 'pier/crate.lwo']);
});
