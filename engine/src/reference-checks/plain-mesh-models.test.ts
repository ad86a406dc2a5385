import { dirname } from 'node:path';
import { createRequire } from 'node:module';
import { compareFormat } from '../testing/compare-format';
import { listFiles } from '../testing/read-files';

// Debian's assimp-testmodels and the npm package stl-models (MIT; its broken ones too), read by ours, three's loaders and assimp
const DEBIAN = '/usr/share/assimp/models';
const STL_MODELS = dirname(createRequire(import.meta.url).resolve('stl-models/package.json'));
const FOUR_CORNERS =
  'a facet of four corners: the others count corners and divide; ours cuts it into two triangles and says so';
const DAMAGED_PLY = 'a binary file that lost its carriage returns on the way; ours reads what is sound and says so';
const CAMERA = 'three leaves the camera out';
const MOTION = 'ours does not read the keys of 3DS, and says so';
const FRAME = 'assimp puts the parts where the first key has them, ours where the mesh has them, as three does';
const list = (folder: string, pattern: RegExp): string[] => listFiles(folder).filter((path) => pattern.test(path));

test('STL agrees with three and assimp, or the difference is explained', async () => {
  const differences = await compareFormat({
    label: 'STL of assimp-testmodels and stl-models',
    sets: [
      { folder: `${DEBIAN}/STL`, files: list(`${DEBIAN}/STL`, /\.stl$/i) },
      { folder: STL_MODELS, files: list(STL_MODELS, /\.stl$/i) },
    ],
    readers: ['three', 'assimp'],
    metresFor: () => 1,
    explained: {
      'triangle_with_empty_solid.stl assimp nodes': 'assimp makes a node of the empty solid',
      'triangle_with_two_solids.stl three nodes': 'three joins the solids',
      'fourVertices.ascii.stl three triangles': FOUR_CORNERS,
      'fourVertices.ascii.stl assimp triangles': FOUR_CORNERS,
      'quad.ascii.stl three triangles': FOUR_CORNERS,
      'quad.ascii.stl assimp triangles': FOUR_CORNERS,
      'incorrectFaceCounter.bin.stl three read':
        'the others refuse a count that is too high; ours reads what is there and says so',
      'incorrectFaceCounter.bin.stl assimp read':
        'the others refuse a count that is too high; ours reads what is there and says so',
      'missingEndsolid.ascii.stl three triangles': 'three finds no solid without its end',
      'missingNormal.ascii.stl assimp read': 'assimp refuses; the normals are not needed',
      'twoVertices.ascii.stl assimp read': 'assimp refuses; ours leaves the facet out and says so',
      'faceless.ascii.stl assimp read':
        'assimp gives a model without a triangle; ours says that there is nothing to show',
      'multiWordName.bin.stl assimp read': 'assimp cannot tell whether it is binary or ASCII',
    },
  });
  expect(differences).toBe('');
}, 120_000);

test('PLY agrees with three and assimp, or the difference is explained', async () => {
  const differences = await compareFormat({
    label: 'PLY of assimp-testmodels',
    sets: [{ folder: `${DEBIAN}/PLY`, files: list(`${DEBIAN}/PLY`, /\.ply$/i) }],
    readers: ['three', 'assimp'],
    metresFor: () => 1,
    notCompared: { 'assimp nodes': 'assimp hangs the mesh on its root' },
    explained: {
      'issue623.ply three size':
        'a list stands among the properties of the points; three takes it for three numbers more',
      'pond.0.ply three read': DAMAGED_PLY,
      'pond.0.ply assimp read': DAMAGED_PLY,
    },
  });
  expect(differences).toBe('');
}, 120_000);

test('3DS agrees with three and assimp, or the difference is explained', async () => {
  const differences = await compareFormat({
    label: '3DS of assimp-testmodels',
    sets: [{ folder: `${DEBIAN}/3DS`, files: list(`${DEBIAN}/3DS`, /\.3ds$/i) }],
    readers: ['three', 'assimp'],
    metresFor: () => 1,
    explained: {
      'CameraRollAnim.3ds three nodes': CAMERA,
      'CameraRollAnimWithChildObject.3ds three nodes': CAMERA,
      'TargetCameraAnim.3ds three nodes': CAMERA,
      'CameraRollAnim.3ds assimp clips': MOTION,
      'CameraRollAnimWithChildObject.3ds assimp clips': MOTION,
      'CameraRollAnimWithChildObject.3ds assimp size': FRAME,
      'RotatingCube.3DS assimp clips': MOTION,
      'RotatingCube.3DS assimp size': FRAME,
      'TargetCameraAnim.3ds assimp clips': MOTION,
    },
  });
  expect(differences).toBe('');
}, 120_000);

test('VRML agrees with three, or the difference is explained', async () => {
  const differences = await compareFormat({
    label: 'VRML of assimp-testmodels',
    sets: [{ folder: `${DEBIAN}/WRL`, files: list(`${DEBIAN}/WRL`, /\.wrl$/i) }],
    readers: ['three'],
    metresFor: () => 1,
    notCompared: { 'three materials': 'an appearance without a material has no name; three gives it none' },
    explained: { 'MotionCaptureROM.WRL three read': 'three refuses how its numbers are written' },
  });
  expect(differences).toBe('');
}, 120_000);
