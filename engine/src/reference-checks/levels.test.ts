import { statSync } from 'node:fs';
import { join } from 'node:path';
import type { Document } from '@gltf-transform/core';
import type { Step } from '@haveld/contract/step';
import { readGlb, writeGlb } from '@haveld/core/scene/document/document-io';
import { boundParts, boxSize } from '@haveld/core/scene/measures/bounds';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { listLevelFacts } from '@haveld/core/structure/levels/level-facts';
import { measureApart } from '@haveld/core/structure/levels/measure-apart';
import { countLevels, listAtLevel } from '@haveld/core/structure/levels/show-level';
import { createSphereDocument } from '@haveld/core/testing/documents';
import { takeCensus } from '@haveld/core/treatment/census';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { sharpCodec } from '../pictures/sharp-codec';
import { readFurniture, readFurnitureTable } from '../testing/open-furniture';
import { listFiles, readFromFolder } from '../testing/read-files';
import { validateGlb } from '../validate-gltf';

// Levels of detail measured by three-mesh-bvh (MIT): on a ball, whose chords geometry gives, and on the models of Debian's
// assimp-testmodels and the open furniture, whose levels hold before the Khronos glTF validator.
const FOLDERS = [
  { folder: '/usr/share/assimp/models/FBX', wanted: /\.fbx$/i },
  { folder: '/usr/share/assimp/models/glTF2', wanted: /\.(gltf|glb)$/ },
];
/** The validator takes seconds for the largest. */
const LARGEST = 80_000;
const MADE: Step = {
  kind: 'set-levels',
  schema: 1,
  levels: [
    { by: 'share', share: 0.5 },
    { by: 'share', share: 0.2 },
    { by: 'baked', triangles: 60, side: 128 },
    { by: 'hull', side: 64 },
    { by: 'box', side: 32 },
  ],
};
/** Kinds of faults the validator finds. */
const listFaults = async (bytes: Uint8Array): Promise<string[]> =>
  [...new Set((await validateGlb(bytes)).messages.map((message) => message.split(' ')[0]))].sort();
const models = FOLDERS.flatMap(({ folder, wanted }) =>
  listFiles(folder)
    .filter((path) => wanted.test(path) && statSync(join(folder, path)).size <= LARGEST)
    .map((path) => ({ folder, path })),
);

test('a ball of n rings lies a chord inside of its ball: r (1 - cos(α / 2)), twice where chords cross', async () => {
  const fine = listPlacedParts(createSphereDocument(1, 96));
  for (const rings of [8, 16, 24]) {
    const chord = 1 - Math.cos(Math.PI / rings / 2);
    const apart = await measureApart(fine, listPlacedParts(createSphereDocument(1, rings)));
    expect(apart).toBeGreaterThan(chord);
    expect(apart).toBeLessThan(chord * 2.2);
  }
});

/** Every thirtieth of the open furniture of testdata, by its id. */
const furniture = readFurnitureTable().filter((_, i) => i % 30 === 0);

async function* readModels(): AsyncGenerator<{ path: string; document: Document }> {
  for (const { folder, path } of models) {
    const document = await readFromFolder(folder, path).catch(() => null);
    if (document) yield { path, document };
  }
  for (const row of furniture) yield { path: row.id, document: await readFurniture(row) };
}

test('levels of real models are lighter, as far off as they say, and the finest stays as it was', async () => {
  let looked = 0;
  for await (const { path, document } of readModels()) {
    const { triangles: all } = takeCensus(document);
    if (all < 200 || all > 20_000) continue;
    const before = takeCensus(document);
    const faults = await listFaults(await writeGlb(document));
    const box = boundParts(listPlacedParts(document));
    const [outcome] = await applyTreatment(document, [MADE], {
      codec: sharpCodec,
      readBytes: () => Promise.reject(new Error('no maps here')),
    });
    expect({ path, worse: outcome.worse }).toEqual({ path, worse: [] });
    // what is shown is as it came; tracks of the levels come besides, and one node has levels
    expect({ path, ...takeCensus(document), tracks: 0, marks: 0 }).toEqual({ path, ...before, tracks: 0, marks: 0 });
    const bytes = await writeGlb(document);
    // a level repeats a fault its finest came with, and has none of its own
    expect({ path, faults: await listFaults(bytes) }).toEqual({ path, faults });
    const again = await readGlb(bytes);
    const facts = listLevelFacts(again);
    const finest = listPlacedParts(again);
    for (const { level, triangles, error } of facts.slice(1)) {
      looked++;
      expect(triangles).toBeLessThan(facts[level - 1].triangles);
      const parts = listPlacedParts(again, listAtLevel(again, level).instances);
      // what is written is of single precision
      const most = Math.max(...boxSize(box!));
      expect(Math.abs((await measureApart(finest, parts)) - error!)).toBeLessThan(most * 1e-4);
      // vertices are not moved, so that none lies outside, of a proxy neither
      const its = boundParts(parts)!;
      its.min.forEach((v, i) => expect(v).toBeGreaterThanOrEqual(box!.min[i] - most * 1e-5));
      its.max.forEach((v, i) => expect(v).toBeLessThanOrEqual(box!.max[i] + most * 1e-5));
    }
    expect(countLevels(again)).toBe(facts.length - 1);
  }
  expect(looked).toBeGreaterThan(20);
});
