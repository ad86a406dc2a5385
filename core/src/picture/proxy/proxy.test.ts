import type { Document } from '@gltf-transform/core';
import type { Level } from '@haveld/contract/step';
import { readGlb, writeGlb } from '../../scene/document/document-io';
import { computeFigures } from '../../scene/measures/figures';
import { describeMaterials } from '../../textures/materials/describe-materials';
import { computeBounds } from '../../scene/measures/bounds';
import { listMeshInstances } from '../../scene/traverse';
import { listLevelFacts } from '../../structure/levels/level-facts';
import { listAtLevel, showLevel } from '../../structure/levels/show-level';
import {
  addBox,
  addMesh,
  createBoxDocument,
  createMemoryCodec,
  createPng,
  createSphere,
} from '../../testing/documents';
import { createDocument } from '../../scene/document/document-io';
import { applyTreatment } from '../../treatment/apply-treatment';
import { toSrgb } from '../../textures/convert/srgb';
import { gatherDrawItems } from '../gather';
import { bakeColours } from './bake-colours';
import { shapeProxy } from './proxy-shape';
import { unwrap } from '../../textures/uv/unwrap';

const codec = createMemoryCodec();
const make = (document: Document, levels: Level[]) =>
  applyTreatment(document, [{ kind: 'set-levels', schema: 1, levels }], {
    codec,
    readBytes: () => Promise.reject(new Error('no maps here')),
  });

/** A tower of three colours, red below, green, blue above; each block a metre high. */
function createTower(): Document {
  const document = createBoxDocument([-1, 0, -1], [1, 1, 1], 'red');
  addBox(document, [-1, 1, -1], [1, 2, 1], 'green');
  addBox(document, [-1, 2, -1], [1, 3, 1], 'blue');
  for (const { node, mesh } of listMeshInstances(document)) {
    const at = ['red', 'green', 'blue'].indexOf(node.getName());
    const factor = [0, 1, 2].map((n) => (n === at ? 0.5 : 0));
    const material = document.createMaterial(node.getName()).setBaseColorFactor([...factor, 1] as never);
    mesh.listPrimitives()[0].setMaterial(material.setRoughnessFactor(0.4));
  }
  return document;
}

/** Where the colour of a place of a proxy is written on its map, and the height of that place. */
async function bake(document: Document, level: Extract<Level, { side: number }>) {
  const items = await gatherDrawItems(document, codec);
  const shape = (await shapeProxy(items, level))!;
  const { uvs } = await unwrap(shape.positions, shape.points, { side: level.side, margin: 4 });
  const picture = (await bakeColours(items, shape, uvs, { side: level.side, inwards: level.by !== 'baked' }))!;
  const colourOf = (corner: [number, number, number]): number[] => {
    // inside of a triangle, by the weights of its corners
    const [first, wa, wb, wc] = corner as unknown as number[];
    const at = (n: number) => wa * uvs[first * 2 + n] + wb * uvs[first * 2 + 2 + n] + wc * uvs[first * 2 + 4 + n];
    const o = (Math.floor(at(1) * level.side) * level.side + Math.floor(at(0) * level.side)) * 4;
    return [...picture.data.subarray(o, o + 4)];
  };
  const placeAt = (first: number, w: number[]): number[] =>
    [0, 1, 2].map((n) =>
      w.reduce((sum, weight, k) => sum + weight * shape.positions[shape.points[first + k] * 3 + n], 0),
    );
  return { shape, colourOf, placeAt };
}

test.each<Extract<Level, { side: number }>>([
  { by: 'box', side: 128 },
  { by: 'hull', side: 128 },
  { by: 'baked', triangles: 24, side: 128 },
])('%p shows at each place the colour of what lies there', async (level) => {
  const { shape, colourOf, placeAt } = await bake(createTower(), level);
  const bright = Math.round(toSrgb(0.5) * 255);
  let looked = 0;
  for (let first = 0; first < shape.points.length; first += 3)
    for (const w of [
      [1 / 3, 1 / 3, 1 / 3],
      [0.7, 0.2, 0.1],
      [0.1, 0.7, 0.2],
      [0.2, 0.1, 0.7],
    ]) {
      const [x, height, z] = placeAt(first, w);
      // not where two colours meet, nor within the tower, where blocks stand on one another
      if (Math.abs(height - Math.round(height)) < 0.08 || Math.max(Math.abs(x), Math.abs(z)) < 0.999) continue;
      looked++;
      const wanted = [0, 1, 2].map((n) => (n === Math.floor(height) ? bright : 0));
      expect(colourOf([first, ...w] as never)).toEqual([...wanted, 255]);
    }
  expect(looked).toBeGreaterThan(12);
});

test('levels of proxies are written, read and shown; each says how light and how far off it is', async () => {
  const document = createDocument();
  const ball = addMesh(document, createSphere(1, 32), 'ball').setTranslation([0, 1, 0]);
  ball
    .getMesh()!
    .listPrimitives()[0]
    .setMaterial(document.createMaterial('paint').setBaseColorFactor([1, 0, 0, 1]));
  const [outcome] = await make(document, [
    { by: 'share', share: 0.5 },
    { by: 'baked', triangles: 120, side: 64 },
    { by: 'box', side: 32 },
  ]);
  expect(outcome).toMatchObject({ unmatched: [], worse: [] });
  const again = await readGlb(await writeGlb(document));
  const facts = listLevelFacts(again);
  expect(facts).toHaveLength(4);
  expect(facts[2].triangles).toBeLessThanOrEqual(120);
  expect(facts[2].triangles).toBeGreaterThan(60);
  expect(facts[3].triangles).toBe(12);
  // a box lies farthest off at the middle of its faces' corners: nowhere of the ball farther than it is wide
  expect(facts[2].error).toBeLessThan(0.2);
  expect(facts[3].error).toBeLessThan(0.5);
  const { instances } = listAtLevel(again, 3);
  expect(instances).toHaveLength(1);
  expect(instances[0].mesh.listPrimitives()).toHaveLength(1);
  showLevel(again, 3);
  const box = computeBounds(again)!;
  [-1, 0, -1].forEach((v, i) => expect(box.min[i]).toBeCloseTo(v, 5));
  const shown = listMeshInstances(again)[0].mesh.listPrimitives()[0];
  expect(shown.listSemantics().sort()).toEqual(['NORMAL', 'POSITION', 'TEXCOORD_0']);
  expect(shown.getMaterial()!.getBaseColorTexture()!.getImage()!.byteLength).toBeGreaterThan(60);
});

test('figures and materials are those of the model, not of what stands for it', async () => {
  const document = createTower();
  const before = computeFigures(document);
  await make(document, [
    { by: 'hull', side: 64 },
    { by: 'box', side: 32 },
  ]);
  const again = await readGlb(await writeGlb(document));
  expect(again.getRoot().listMaterials().length).toBeGreaterThan(3);
  expect(computeFigures(again)).toMatchObject({
    materials: 3,
    maps: 0,
    cardMemoryBytes: 0,
    triangles: before.triangles,
  });
  expect(describeMaterials(again).materials.map(({ name }) => name)).toEqual(['red', 'green', 'blue']);
});

test('a map is baked as it lies, and a thing of many pieces comes down to what is asked', async () => {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'crate');
  const image = createPng([200, 100, 50, 255]) as Uint8Array<ArrayBuffer>;
  const texture = document.createTexture('wood').setImage(image).setMimeType('image/png');
  for (let i = 0; i < 30; i++) addBox(document, [i * 2, 0, 4], [i * 2 + 1, 1, 5], `block ${i}`);
  const material = document.createMaterial('wood').setBaseColorTexture(texture);
  for (const { mesh } of listMeshInstances(document)) mesh.listPrimitives()[0].setMaterial(material);
  const { shape, colourOf } = await bake(document, { by: 'baked', triangles: 60, side: 256 });
  expect(shape.points.length / 3).toBeLessThanOrEqual(60);
  // the memory codec knows pictures it wrote; others are of one grey
  const [grey] = colourOf([0, 1 / 3, 1 / 3, 1 / 3] as never);
  expect(grey).toBe(128);
});

test('a sheet has no box and no hull: it is told, and no level is made', async () => {
  const document = createDocument();
  addMesh(document, { points: [0, 0, 0, 1, 0, 0, 1, 0, 1, 0, 0, 1], corners: [0, 2, 1, 0, 3, 2] }, 'sheet');
  const [outcome] = await make(document, [{ by: 'box', side: 64 }]);
  expect(outcome.changed).toBe('nothing could be taken away');
  expect(listLevelFacts(document)).toHaveLength(1);
});
