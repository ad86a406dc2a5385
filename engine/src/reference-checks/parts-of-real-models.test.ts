import { statSync } from 'node:fs';
import { join } from 'node:path';
import type { Document } from '@gltf-transform/core';
import type { PartRef, Step, StepKind } from '@haveld/contract/step';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { PartIndex } from '@haveld/core/scene/part-ref';
import { clipSpan, poseAt } from '@haveld/core/scene/pose';
import { listShownNodes } from '@haveld/core/scene/traverse';
import { listEqualParts } from '@haveld/core/structure/parts/equal-parts';
import { findMover } from '@haveld/core/structure/parts/movers';
import { listReferredNodes } from '@haveld/core/structure/referred-nodes';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { sharpCodec } from '../pictures/sharp-codec';
import { computeDistance, longestSide } from '../testing/point-sets';
import { listFiles, readFromFolder } from '../testing/read-files';
import { validateGlb } from '../validate-gltf';

// Debian's assimp-testmodels: whatever is done to their parts, every triangle stays where it was, at rest
// and in the middle of each clip, nothing is lost, and what is written holds before the Khronos glTF validator.
const FOLDERS = [
  { folder: '/usr/share/assimp/models/FBX', wanted: /\.fbx$/i },
  { folder: '/usr/share/assimp/models/glTF2', wanted: /\.(gltf|glb)$/ },
  { folder: '/usr/share/assimp/models/Collada', wanted: /\.dae$/i },
];
/** The validator takes seconds for the largest. */
const LARGEST = 80_000;
const context = { codec: sharpCodec, readBytes: () => Promise.reject(new Error('no maps here')) };

/** Middles of all triangles, world space, as the nodes stand now. */
function listMiddles(document: Document): Float64Array {
  const middles: number[] = [];
  for (const { positions: p, indices, corners } of listPlacedParts(document))
    for (let i = 0; i + 2 < corners; i += 3) {
      const [a, b, c] = [0, 1, 2].map((k) => (indices ? indices[i + k] : i + k) * 3);
      for (let axis = 0; axis < 3; axis++) middles.push((p[a + axis] + p[b + axis] + p[c + axis]) / 3);
    }
  return Float64Array.from(middles);
}

/** At rest, and in the middle of each clip. The document is left in the last pose. */
function listPoses(document: Document): Float64Array[] {
  const poses = [listMiddles(document)];
  for (const clip of document.getRoot().listAnimations()) {
    const span = clipSpan(clip);
    if (!span) continue;
    poseAt(clip, (span[0] + span[1]) / 2);
    poses.push(listMiddles(document));
  }
  return poses;
}

/** What can be done to this model, a step a kind; parts a step does not take are no matter: they stay as they are. */
function listSteps(document: Document): Step[] {
  const index = new PartIndex(document);
  const nodes = listShownNodes(document);
  const referred = listReferredNodes(document);
  const refs = (test: (node: (typeof nodes)[number]) => boolean): PartRef[] =>
    nodes.filter(test).map((node) => index.refer(node));
  const shapes = refs((node) => node.getMesh() !== null);
  const groups = refs((node) => node.getMesh() === null && node.listChildren().length > 0);
  const equal = listEqualParts(document).map(({ first, others }) =>
    [first, ...others.map(({ node }) => node)].map((node) => index.refer(node)),
  );
  const steps: Step[] = [];
  if (groups.length > 0) steps.push({ kind: 'dissolve-groups', schema: 1, parts: groups });
  if (equal.length > 0) steps.push({ kind: 'share-geometry', schema: 1, groups: equal });
  if (shapes.length > 0) {
    steps.push(
      { kind: 'group-parts', schema: 1, parts: shapes.slice(0, 3), name: 'some' },
      { kind: 'split-part', schema: 1, part: shapes[0], by: 'islands', tolerance: 0 },
      { kind: 'split-part', schema: 1, part: shapes[0], by: 'materials', tolerance: 0 },
      { kind: 'own-geometry', schema: 1, parts: shapes },
      { kind: 'turn-faces', schema: 1, parts: shapes },
      // of the smallest tolerance, so that no place goes farther than what is looked for
      { kind: 'merge-vertices', schema: 1, parts: shapes, tolerance: 1e-6, of: 'borders' },
      { kind: 'shade-parts', schema: 1, parts: shapes, degrees: 40, atMaterials: true },
    );
  }
  // what hangs under something that moves would move no more: that is asked for, and no loss
  const still = refs((node) => node.getMesh() !== null && findMover(node, referred) === null);
  if (still.length > 0) steps.push({ kind: 'hang-parts', schema: 1, parts: still, under: null });
  if (shapes.length > 1) steps.push({ kind: 'join-parts', schema: 1, parts: shapes, name: 'all' });
  return steps;
}

test('nothing of a real model moves or is lost by what is done to its parts', async () => {
  const done = new Map<StepKind, number>();
  const wrong: string[] = [];
  for (const { folder, wanted } of FOLDERS)
    for (const path of listFiles(folder).filter((name) => wanted.test(name))) {
      if (statSync(join(folder, path)).size > LARGEST) continue;
      const read = (): Promise<Document | null> => readFromFolder(folder, path).catch(() => null);
      const untouched = await read();
      if (!untouched) continue;
      const steps = listSteps(untouched);
      const { errors: faults } = await validateGlb(await writeGlb(untouched));
      const before = listPoses(untouched);
      const limit = Math.max(1e-9, longestSide(before[0])) * 1e-4;
      for (const step of steps) {
        const document = (await read())!;
        const [outcome] = await applyTreatment(document, [step], context);
        const words = `${path} ${step.kind}`;
        wrong.push(...outcome.worse.map((sentence) => `${words}: ${sentence}`));
        const { errors } = await validateGlb(await writeGlb(document));
        if (errors > faults) wrong.push(`${words}: ${errors} errors of the validator`);
        listPoses(document).forEach((pose, i) => {
          if (pose.length !== before[i].length)
            wrong.push(`${words}: ${pose.length / 3} faces of ${before[i].length / 3}`);
          const distance = computeDistance(pose, before[i], limit);
          if (!(distance <= limit / 10)) wrong.push(`${words}: pose ${i} ${distance / limit} of its limit`);
        });
        if (outcome.unmatched.length === 0) done.set(step.kind, (done.get(step.kind) ?? 0) + 1);
      }
    }
  expect(wrong).toEqual([]);
  // every kind was done to many, with nothing left over
  for (const [kind, few] of [
    ['join-parts', 3],
    ['split-part', 10],
    ['group-parts', 10],
    ['own-geometry', 10],
  ] as const)
    expect([kind, done.get(kind)! >= few]).toEqual([kind, true]);
}, 240_000);
