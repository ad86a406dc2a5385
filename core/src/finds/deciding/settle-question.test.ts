import { groupFinds } from '../grouping/group-finds';
import type { HeapFile } from '../heap-file';
import { settleQuestion } from './settle-question';

const heap = (...paths: string[]): HeapFile[] =>
  paths.map((path) => ({
    path,
    kind: path.endsWith('.png') ? 'picture' : 'model',
    format: path.split('.').pop()!,
    sizeBytes: 1,
  }));

const rolesOf = (paths: string[], choice: string) =>
  settleQuestion(groupFinds(heap(...paths)).finds[0], choice).map((find) => ({
    model: find.model,
    files: find.files.map(({ path, role }) => `${role} ${path}`),
  }));

test('variants apart: a find each, the maps with all of them', () => {
  expect(rolesOf(['flag_red.glb', 'flag_blue.glb', 'flag_n.png'], 'apart')).toEqual([
    { model: 'flag_red.glb', files: ['model flag_red.glb', 'map flag_n.png'] },
    { model: 'flag_blue.glb', files: ['model flag_blue.glb', 'map flag_n.png'] },
  ]);
});

test('variants together: one find, nothing open', () => {
  const find = groupFinds(heap('flag_red.glb', 'flag_blue.glb')).finds[0];
  expect(find.question?.choices.map(({ id }) => id)).toEqual(['together', 'apart']);
  expect(settleQuestion(find, 'together')).toEqual([{ ...find, question: null }]);
});

test('the other edition is read; the first is kept as an edition', () => {
  expect(rolesOf(['stand_Yup.obj', 'stand_Zup.obj'], 'read:stand_Zup.obj')).toEqual([
    { model: 'stand_Zup.obj', files: ['edition stand_Yup.obj', 'model stand_Zup.obj'] },
  ]);
});

test('the other set of maps is taken', () => {
  expect(rolesOf(['buoy.fbx', 'red/buoy_col.png', 'green/buoy_col.png'], 'maps:green')[0].files).toEqual([
    'model buoy.fbx',
    'variant-map red/buoy_col.png',
    'map green/buoy_col.png',
  ]);
});

test('maps nothing names are left out, and are excluded then', () => {
  expect(rolesOf(['lantern.stl', 'bollard.stl', 'wood_col.png'], 'without-maps')[0].files).toEqual([
    'model lantern.stl',
  ]);
});

test('a file of all pieces is not wanted beside them', () => {
  expect(rolesOf(['all_pieces.glb', 'a/ladder.glb', 'a/step.glb'], 'pieces')).toEqual([]);
});
