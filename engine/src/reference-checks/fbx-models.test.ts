import { reduceInfluences } from '@haveld/core/scene/meshes/reduce-influences';
import { askThree } from '../testing/ask-three';
import { compareFormat } from '../testing/compare-format';
import { computeDistance, longestSide } from '../testing/point-sets';
import { listFiles, readFromFolder } from '../testing/read-files';
import { summariseOurs } from '../testing/summary';
import { getMaterialSource } from '@haveld/core/scene/document/source-data';

// Debian's assimp-testmodels, read by ours, three's FBXLoader and assimp
const FOLDER = '/usr/share/assimp/models/FBX';
const SIX_INFLUENCES = 'animation_with_skeleton.fbx';

const AXES =
  'ours gives each camera and light a node of its own below, because FBX has them look along other axes than glTF';
const DROPS_WEIGHTS = 'three keeps 4 of the 6 influences of a vertex; the test below shows that this is all of it';

test('FBX agrees with three and assimp, or the difference is explained', async () => {
  const differences = await compareFormat({
    label: 'FBX of assimp-testmodels',
    sets: [{ folder: FOLDER, files: listFiles(FOLDER).filter((path) => /\.fbx$/i.test(path)) }],
    readers: ['three', 'assimp'],
    metresFor: (reader, declared) => (reader === 'assimp' ? (declared ?? 0.01) : 1),
    explained: {
      'animation_with_skeleton.fbx three nodes': AXES,
      'animation_with_skeleton.fbx assimp nodes': AXES,
      'global_settings.fbx three nodes': AXES,
      'global_settings.fbx assimp nodes': AXES,
      'huesitos.fbx three nodes': AXES,
      'huesitos.fbx assimp nodes': AXES,
      'spider.fbx three nodes': AXES,
      'spider.fbx assimp nodes': AXES,
      'animation_with_skeleton.fbx three size': DROPS_WEIGHTS,
      'animation_with_skeleton.fbx three poses': DROPS_WEIGHTS,
      'animation_with_skeleton.fbx assimp size': 'assimp measures the mesh unposed',
      'box.fbx three read': 'three fails on a layout without values, which ours passes over',
      'boxWithCompressedCTypeArray.FBX three materials': 'three adds a material of its own where the file has none',
      'boxWithUncompressedCTypeArray.FBX three materials': 'three adds a material of its own where the file has none',
      'global_settings.fbx three materials': 'three adds a material of its own where the file has none',
    },
  });
  expect(differences).toBe('');
}, 120_000);

test('with only the four heaviest of six influences, every pose is the one three shows', async () => {
  const document = await readFromFolder(FOLDER, SIX_INFLUENCES);
  expect(reduceInfluences(document)).toBe(6);
  const ours = summariseOurs(document);
  const theirs = (await askThree(`${FOLDER}/${SIX_INFLUENCES}`))!;
  for (const seconds of theirs.keyTimes[0]) {
    const [a, b] = [ours.pose!(0, seconds), theirs.pose!(0, seconds)];
    expect(computeDistance(a, b, longestSide(b) * 0.01) / longestSide(b)).toBeLessThan(1e-6);
  }
});

// an exporter's grey of 0.588 under every map: to multiply by it would show them at a third of their brightness
test('a map that came takes the place of its material’s colour; one that did not leaves it', async () => {
  const [withMap] = (await readFromFolder(`${FOLDER}/embedded_ascii`, 'box.FBX')).getRoot().listMaterials();
  expect(getMaterialSource(withMap).statements?.DiffuseColor).toMatch(/^0\.588/);
  expect(withMap.getBaseColorTexture()).not.toBeNull();
  expect(withMap.getBaseColorFactor()).toEqual([1, 1, 1, 1]);
  const skin = (await readFromFolder(FOLDER, 'spider.fbx'))
    .getRoot()
    .listMaterials()
    .find((material) => material.getName() === 'Skin')!;
  expect(skin.getBaseColorTexture()).toBeNull();
  expect(skin.getBaseColorFactor()[0]).toBeLessThan(0.9);
}, 30_000);
