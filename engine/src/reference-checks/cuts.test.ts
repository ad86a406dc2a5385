import { statSync } from 'node:fs';
import { join } from 'node:path';
import type { Document } from '@gltf-transform/core';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { planCut, planeAcross } from '@haveld/core/structure/parts/plan-cut';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { takeCensus } from '@haveld/core/treatment/census';
import { sharpCodec } from '../pictures/sharp-codec';
import { readFurniture, readFurnitureTable } from '../testing/open-furniture';
import { listFiles, readFromFolder } from '../testing/read-files';
import { validateGlb } from '../validate-gltf';

// Real models cut through their middle: no area of them is lost, each half lies on its side, and what is written holds before the Khronos
// glTF validator as it did before. Debian's assimp-testmodels and every thirtieth of the open furniture.
const FOLDER = '/usr/share/assimp/models/FBX';
const LARGEST = 80_000;
/** Heavier ones show nothing more. */
const MOST = 6000;
const context = { codec: sharpCodec, readBytes: () => Promise.reject(new Error('no maps here')) };

/** Twice the area of all triangles, world space. */
function measureArea(document: Document): number {
  let area = 0;
  for (const { positions: p, indices, corners } of listPlacedParts(document))
    for (let i = 0; i + 2 < corners; i += 3) {
      const [a, b, c] = [0, 1, 2].map((k) => (indices ? indices[i + k] : i + k) * 3);
      const [u, v] = [b, c].map((q) => [p[q] - p[a], p[q + 1] - p[a + 1], p[q + 2] - p[a + 2]]);
      area += Math.hypot(u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]);
    }
  return area;
}

async function* readModels(): AsyncGenerator<{ path: string; document: Document }> {
  for (const path of listFiles(FOLDER).filter((one) => /\.fbx$/i.test(one))) {
    if (statSync(join(FOLDER, path)).size > LARGEST) continue;
    const document = await readFromFolder(FOLDER, path).catch(() => null);
    if (document) yield { path, document };
  }
  for (const row of readFurnitureTable().filter((_, i) => i % 30 === 0))
    yield { path: row.id, document: await readFurniture(row) };
}

const listFaults = async (document: Document): Promise<string[]> =>
  [...new Set((await validateGlb(await writeGlb(document))).messages.map((message) => message.split(' ')[0]))].sort();

test('a model cut through its middle loses no area, and each half lies on its side', async () => {
  let cut = 0;
  for await (const { path, document } of readModels()) {
    if (takeCensus(document).triangles > MOST) continue;
    const plane = planeAcross(document, 0);
    const cuts = plane ? planCut(document, document, plane) : [];
    if (!plane || cuts.length === 0) continue;
    const [area, faults, before] = [measureArea(document), await listFaults(document), takeCensus(document)];
    const [outcome] = await applyTreatment(document, [{ kind: 'cut-parts', schema: 1, cuts }], context);
    // open edges are what a cut brings; nothing else may get worse
    expect({ path, worse: outcome.worse, unmatched: outcome.unmatched }).toEqual({ path, worse: [], unmatched: [] });
    expect(Math.abs(measureArea(document) / area - 1)).toBeLessThan(1e-5);
    const size = Math.max(
      ...listPlacedParts(document).map(({ positions: p }) => p.reduce((m, v) => Math.max(m, Math.abs(v)), 0)),
    );
    for (const { instance, positions: p } of listPlacedParts(document)) {
      if (!instance.node.getName().endsWith('_cut') || instance.node.getSkin()) continue;
      cut++;
      let least = Infinity;
      for (let v = 0; v < p.length; v += 3)
        least = Math.min(least, plane[0] * p[v] + plane[1] * p[v + 1] + plane[2] * p[v + 2] - plane[3]);
      expect(least).toBeGreaterThan(-size * 1e-4);
    }
    const after = takeCensus(document);
    expect({ path, maps: after.maps, tracks: after.tracks, skinned: after.skinned }).toEqual({
      path,
      maps: before.maps,
      tracks: before.tracks,
      skinned: before.skinned,
    });
    expect({ path, faults: await listFaults(document) }).toEqual({ path, faults });
  }
  expect(cut).toBeGreaterThan(8);
});
