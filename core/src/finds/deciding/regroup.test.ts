import type { ProposedFind } from '../heap-file';
import { regroup } from './regroup';

const find = (model: string, ...files: string[]): ProposedFind => ({
  name: model,
  model,
  reason: '',
  question: null,
  files: [
    { path: model, role: 'model' },
    ...files.map((path) => ({ path, role: path.endsWith('.png') ? ('map' as const) : ('lod' as const) })),
  ],
});
const FINDS = [find('a.fbx', 'a_low.fbx', 'wood.png'), find('b.fbx', 'iron.png')];
const picture = { path: 'iron.png', kind: 'picture', format: 'png' } as const;
const model = (path: string) => ({ path, kind: 'model', format: 'fbx' }) as const;
const rolesOf = (one: ProposedFind | null) => one && one.files.map(({ path, role }) => `${role} ${path}`);

test('a picture goes to another find as a map', () => {
  const [a, b] = regroup(FINDS, picture, { path: 'iron.png', to: 0 });
  expect(rolesOf(a)).toEqual(['model a.fbx', 'lod a_low.fbx', 'map wood.png', 'map iron.png']);
  expect(rolesOf(b)).toEqual(['model b.fbx']);
});

test('excluded it belongs to none', () => {
  expect(regroup(FINDS, picture, { path: 'iron.png', to: 'excluded' }).flatMap((one) => rolesOf(one))).not.toContain(
    'map iron.png',
  );
});

test('a level of detail becomes a find of its own, with the maps', () => {
  const after = regroup(FINDS, model('a_low.fbx'), { path: 'a_low.fbx', to: 'new' });
  expect(after.map(rolesOf)).toEqual([
    ['model a.fbx', 'map wood.png'],
    ['model b.fbx', 'map iron.png'],
    ['model a_low.fbx', 'map wood.png'],
  ]);
});

test('a find whose model moves goes with it', () => {
  const [a, b] = regroup(FINDS, model('b.fbx'), { path: 'b.fbx', to: 0, role: 'variant' });
  expect(b).toBeNull();
  expect(rolesOf(a)).toEqual(['model a.fbx', 'lod a_low.fbx', 'map wood.png', 'variant b.fbx', 'map iron.png']);
});

test('named the model, it is read and the one before is an edition', () => {
  const [a] = regroup(FINDS, model('a_low.fbx'), { path: 'a_low.fbx', to: 0, role: 'model' });
  expect(a).toMatchObject({ model: 'a_low.fbx' });
  expect(rolesOf(a)).toEqual(['edition a.fbx', 'map wood.png', 'model a_low.fbx']);
});

test('a picture is no find', () => {
  expect(() => regroup(FINDS, picture, { path: 'iron.png', to: 'new' })).toThrow(RangeError);
});

test('moved to where it is: nothing changes', () => {
  const [a, b] = regroup(FINDS, picture, { path: 'iron.png', to: 1 });
  expect([rolesOf(a), rolesOf(b)]).toEqual([
    ['model a.fbx', 'lod a_low.fbx', 'map wood.png'],
    ['model b.fbx', 'map iron.png'],
  ]);
});

test('a map that several share is shared with one more; excluded it leaves them all', () => {
  const three = [find('a.fbx', 'atlas.png'), find('b.fbx', 'atlas.png'), find('c.fbx')];
  const atlas = { path: 'atlas.png', kind: 'picture', format: 'png' } as const;
  expect(regroup(three, atlas, { path: 'atlas.png', to: 2 }).map((one) => one!.files.length)).toEqual([2, 2, 2]);
  expect(regroup(three, atlas, { path: 'atlas.png', to: 'excluded' }).map((one) => one!.files.length)).toEqual([
    1, 1, 1,
  ]);
});

test('what is a find of its own already stays as it is', () => {
  expect(regroup(FINDS, model('a.fbx'), { path: 'a.fbx', to: 'new' })).toEqual(FINDS);
});
