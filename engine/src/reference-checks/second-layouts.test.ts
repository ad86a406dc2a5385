import { statSync } from 'node:fs';
import { join } from 'node:path';
import type { Document } from '@gltf-transform/core';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { computeWorldPositions } from '@haveld/core/scene/measures/world-positions';
import { listIndices } from '@haveld/core/scene/meshes/list-indices';
import { isTriangles, listMeshInstances } from '@haveld/core/scene/traverse';
import { coverTriangle, createCover } from '@haveld/core/textures/uv/uv-cover';
import { takeCensus } from '@haveld/core/treatment/census';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { sharpCodec } from '../pictures/sharp-codec';
import { readFurniture, readFurnitureTable } from '../testing/open-furniture';
import { listFiles, readFromFolder } from '../testing/read-files';
import { validateGlb } from '../validate-gltf';

// Layouts for baking of the models of Debian's assimp-testmodels and the open furniture: no place twice, nothing moved, and no fault
// before the Khronos glTF validator that was not there before.
const FOLDERS = [
  { folder: '/usr/share/assimp/models/FBX', wanted: /\.fbx$/i },
  { folder: '/usr/share/assimp/models/glTF2', wanted: /\.(gltf|glb)$/ },
  { folder: '/usr/share/assimp/models/Collada', wanted: /\.dae$/i },
];
const LARGEST = 80_000;
const SIDE = 512;

async function* readModels(): AsyncGenerator<{ path: string; document: Document }> {
  for (const { folder, wanted } of FOLDERS)
    for (const path of listFiles(folder)) {
      if (!wanted.test(path) || statSync(join(folder, path)).size > LARGEST) continue;
      const document = await readFromFolder(folder, path).catch(() => null);
      if (document) yield { path, document };
    }
  for (const row of readFurnitureTable().filter((_, i) => i % 40 === 0))
    yield { path: row.id, document: await readFurniture(row) };
}

const faultsOf = async (document: Document): Promise<string[]> =>
  [...new Set((await validateGlb(await writeGlb(document))).messages.map((message) => message.split(' ')[0]))].sort();

/** Cells that two triangles of meshes cover, each mesh once, against all that are covered. */
function shareTwice(document: Document, set: number): { share: number; outside: number } {
  const cover = createCover(SIDE);
  const done = new Set<unknown>();
  let outside = 0;
  for (const { mesh } of listMeshInstances(document)) {
    if (done.has(mesh)) continue;
    done.add(mesh);
    for (const primitive of mesh.listPrimitives().filter(isTriangles)) {
      const uv = primitive.getAttribute(`TEXCOORD_${set}`)!.getArray() as Float32Array;
      outside += uv.filter((v) => v < 0 || v > 1).length;
      const indices = listIndices(primitive);
      for (let c = 0; c < indices.length; c += 3) coverTriangle(cover, uv, indices[c], indices[c + 1], indices[c + 2]);
    }
  }
  const covered = cover.times.filter((n) => n > 0).length;
  return { share: cover.times.filter((n) => n > 1).length / Math.max(1, covered), outside };
}

/** Where every corner of every triangle stands, in order. */
const cornersOf = (document: Document): number[] =>
  listMeshInstances(document).flatMap((instance) =>
    instance.mesh.listPrimitives().flatMap((primitive) => {
      const at = computeWorldPositions(instance, primitive);
      return [...listIndices(primitive)].flatMap((vertex) => [...at.subarray(vertex * 3, vertex * 3 + 3)]);
    }),
  );

test('a second layout of real models has no place twice, and all else is as it was', async () => {
  let looked = 0;
  for await (const { path, document } of readModels()) {
    const before = takeCensus(document);
    if (before.triangles === 0 || before.triangles > 30_000) continue;
    const corners = cornersOf(document);
    const faults = await faultsOf(document);
    const [outcome] = await applyTreatment(document, [{ kind: 'second-layout', schema: 1, side: SIDE }], {
      codec: sharpCodec,
      readBytes: () => Promise.reject(new Error('no maps here')),
    });
    const set = Number(/TEXCOORD_(\d)/.exec(outcome.changed)![1]);
    expect({ path, worse: outcome.worse, ...takeCensus(document), layouts: 0 }).toEqual({
      path,
      worse: [],
      ...before,
      layouts: 0,
    });
    expect({ path, isMoved: cornersOf(document).some((v, i) => v !== corners[i]) }).toEqual({ path, isMoved: false });
    const { share, outside } = shareTwice(document, set);
    expect({ path, outside, isTwice: share > 0.01 }).toEqual({ path, outside: 0, isTwice: false });
    expect({ path, faults: await faultsOf(document) }).toEqual({ path, faults });
    looked++;
  }
  expect(looked).toBeGreaterThan(20);
});
