import { existsSync } from 'node:fs';
import type { Document } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import { computeBounds } from '@haveld/core/scene/measures/bounds';
import { clipSpan, computePosedPositions, poseAt } from '@haveld/core/scene/pose';
import { getShownScene } from '@haveld/core/scene/traverse';
import { createMemoryCodec } from '@haveld/core/testing/documents';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { readFromFolder } from '../testing/read-files';

// Debian's assimp-testmodels: skinned, animated and morphing models by other programs. Size, stance and pivot are taken as steps, and
// every vertex is compared, through every clip, with where the same turn and scale would carry it.
const FOLDER = '/usr/share/assimp/models';
const MODELS = [
  'FBX/animation_with_skeleton.fbx',
  'Collada/box_nested_animation.dae',
  'Collada/anims_with_full_rotations_between_keys.DAE',
  'glTF2/glTF-Sample-Models/AnimatedMorphCube-glTF/AnimatedMorphCube.gltf',
  'glTF2/simple_skin/simple_skin.gltf',
];
const STEPS: Step[] = [
  { kind: 'scale', schema: 1, factor: 0.01, label: '' },
  { kind: 'rotate', schema: 1, axis: 'x', degrees: -90 },
  { kind: 'bake-transforms', schema: 1 },
  { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
];
const SAMPLES = 9;

/** Where Z-up to Y-up at a hundredth carries a point. */
const carry = ([x, y, z]: number[]): number[] => [x * 0.01, z * 0.01, -y * 0.01];

function sampleClips(document: Document): Float64Array[] {
  return document
    .getRoot()
    .listAnimations()
    .flatMap((clip) => {
      const [from, to] = clipSpan(clip) ?? [0, 0];
      return Array.from({ length: SAMPLES }, (_, i) => {
        poseAt(clip, from + ((to - from) * i) / (SAMPLES - 1));
        return computePosedPositions(document);
      });
    });
}

test.each(MODELS)('%s moves as it did after size, stance, baking and pivot, to 1e-5 of its size', async (path) => {
  expect(existsSync(FOLDER)).toBe(true);
  const before = sampleClips(await readFromFolder(FOLDER, path));
  const document = await readFromFolder(FOLDER, path);
  const outcomes = await applyTreatment(document, STEPS, {
    codec: createMemoryCodec(),
    readBytes: () => Promise.reject(new Error('no map is read')),
  });
  expect(outcomes[2].changed).toBe('size and stance, through joints and clips');
  const [root] = getShownScene(document).listChildren();
  expect(root.getScale()).toEqual([1, 1, 1]);
  expect(root.getRotation()).toEqual([0, 0, 0, 1]);
  const box = computeBounds(document)!;
  expect(Math.abs(box.min[1])).toBeLessThan(1e-5 * Math.max(...box.max.map((v, axis) => v - box.min[axis])));
  const pivot = root.getTranslation();
  const after = sampleClips(document);
  expect(after.length).toBe(before.length);
  expect(before.length).toBeGreaterThan(0);
  expect(before[0].length).toBeGreaterThan(0);
  let [furthest, reach] = [0, 0];
  before.forEach((positions, k) => {
    for (let o = 0; o < positions.length; o += 3) {
      const wanted = carry([positions[o], positions[o + 1], positions[o + 2]]);
      for (let axis = 0; axis < 3; axis++) {
        furthest = Math.max(furthest, Math.abs(after[k][o + axis] - wanted[axis] - pivot[axis]));
        reach = Math.max(reach, Math.abs(wanted[axis]));
      }
    }
  });
  expect(furthest).toBeLessThan(reach * 1e-5);
});
