import type { Document, Material } from '@gltf-transform/core';
import { KHRMaterialsPBRSpecularGlossiness, type Specular } from '@gltf-transform/extensions';
import type { Step } from '@haveld/contract/step';
import { createPartRef } from '../scene/part-ref';
import { listShownNodes } from '../scene/traverse';
import { addBox, createBoxDocument, createMemoryCodec } from '../testing/documents';
import { describeMaterials } from '../textures/materials/describe-materials';
import { placeHouseMaterial } from '../textures/materials/place-house-material';
import { shadeHouseMaterial } from '../textures/materials/shade-house-material';
import { applyTreatment } from './apply-treatment';

const codec = createMemoryCodec();
const store = new Map<string, Uint8Array>();
const HASH = { grey: 'a'.repeat(64), packed: 'b'.repeat(64), heights: 'c'.repeat(64) };
const apply = (document: Document, ...steps: Step[]) =>
  applyTreatment(document, steps, { codec, readBytes: (sha256) => Promise.resolve(store.get(sha256)!) });
const paint = (side: number, ...rgba: number[]): Promise<Uint8Array> =>
  codec.encodePng({
    width: side,
    height: side,
    data: Uint8Array.from({ length: side * side * 4 }, (_, i) => rgba[i % 4]),
  });
const texelOf = async (image: Uint8Array | null | undefined): Promise<number[]> => [
  ...(await codec.decode(image!)).data.slice(0, 4),
];

beforeAll(async () => {
  store.set(HASH.grey, await paint(2, 40, 40, 40, 255));
  store.set(HASH.packed, await paint(2, 200, 90, 30, 10));
  store.set(HASH.heights, await paint(4, 77, 77, 77, 255));
});

async function createPainted(): Promise<{ document: Document; material: Material }> {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'box');
  const material = document.createMaterial('oak').setMetallicFactor(0.5).setRoughnessFactor(0.5);
  document.getRoot().listMeshes()[0].listPrimitives()[0].setMaterial(material);
  const texture = async (name: string, ...rgba: number[]) =>
    document
      .createTexture(name)
      .setMimeType('image/png')
      .setImage((await paint(4, ...rgba)) as Uint8Array<ArrayBuffer>);
  material
    .setBaseColorTexture(await texture('colour', 188, 100, 50, 255))
    .setNormalTexture(await texture('normal', 100, 90, 240, 255))
    .setMetallicRoughnessTexture(await texture('surface', 255, 60, 200, 255));
  return { document, material };
}

test('a map is taken out, and what hung on it goes too', async () => {
  const { document, material } = await createPainted();
  await apply(document, { kind: 'unlink-map', schema: 1, material: 'oak', slot: 'metallicRoughness' });
  expect(material.getMetallicRoughnessTexture()).toBeNull();
  expect(material.getMetallicFactor()).toBe(0);
});

test('green is turned over alone, and twice is as it was', async () => {
  const { document, material } = await createPainted();
  const flip: Step = { kind: 'change-map', schema: 1, materials: ['oak'], slot: 'normal', change: 'flip-green' };
  await apply(document, flip);
  expect(await texelOf(material.getNormalTexture()?.getImage())).toEqual([100, 165, 240, 255]);
  await apply(document, flip);
  expect(await texelOf(material.getNormalTexture()?.getImage())).toEqual([100, 90, 240, 255]);
});

test('roughness is turned over in its own channel; metallic beside it stays', async () => {
  const { document, material } = await createPainted();
  await apply(document, { kind: 'change-map', schema: 1, materials: ['oak'], slot: 'roughness', change: 'invert' });
  expect(await texelOf(material.getMetallicRoughnessTexture()?.getImage())).toEqual([255, 195, 200, 255]);
});

test('a map two materials share is changed once and stays shared', async () => {
  const { document, material } = await createPainted();
  const other = document.createMaterial('pine').setNormalTexture(material.getNormalTexture());
  addBox(document, [0, 0, 0], [1, 1, 1], 'second').getMesh()!.listPrimitives()[0].setMaterial(other);
  await apply(document, {
    kind: 'change-map',
    schema: 1,
    materials: ['oak', 'pine'],
    slot: 'normal',
    change: 'flip-green',
  });
  expect(other.getNormalTexture()).toBe(material.getNormalTexture());
});

test('glossiness is bound as the roughness it is not', async () => {
  const { document, material } = await createPainted();
  await apply(document, {
    kind: 'relink-map',
    schema: 1,
    material: 'oak',
    slot: 'glossiness',
    sha256: HASH.grey,
    path: 'g.png',
  });
  expect((await texelOf(material.getMetallicRoughnessTexture()?.getImage()))[1]).toBe(215);
  expect(material.getRoughnessFactor()).toBe(1);
});

test.each([
  [{ r: 'occlusion', g: 'roughness', b: 'metallic', a: null }, [200, 90, 30]],
  [{ r: 'metallic', g: null, b: null, a: 'glossiness' }, [255, 245, 200]],
] as const)('a packed map of %j lies where glTF reads it', async (packing, [r, g, b]) => {
  const { document, material } = await createPainted();
  material.setMetallicRoughnessTexture(null);
  const step: Step = {
    kind: 'relink-map',
    schema: 1,
    material: 'oak',
    slot: 'metallicRoughness',
    sha256: HASH.packed,
    path: 'p.png',
    packing,
  };
  await apply(document, step);
  expect((await texelOf(material.getMetallicRoughnessTexture()?.getImage())).slice(0, 3)).toEqual([r, g, b]);
  if (packing.r === 'occlusion') expect(material.getOcclusionTexture()).toBe(material.getMetallicRoughnessTexture());
});

test('a specular map becomes the colour of reflections of KHR_materials_specular, whose factors stay 1', async () => {
  const { document, material } = await createPainted();
  await apply(document, {
    kind: 'relink-map',
    schema: 1,
    material: 'oak',
    slot: 'specular',
    sha256: HASH.grey,
    path: 's.png',
  });
  const specular = material.getExtension<Specular>('KHR_materials_specular')!;
  expect(await texelOf(specular.getSpecularColorTexture()?.getImage())).toEqual([40, 40, 40, 255]);
  expect([specular.getSpecularFactor(), ...specular.getSpecularColorFactor()]).toEqual([1, 1, 1, 1]);
});

test('normals are made of heights and bound', async () => {
  const { document, material } = await createPainted();
  const [outcome] = await apply(document, {
    kind: 'height-to-normal',
    schema: 1,
    material: 'oak',
    sha256: HASH.heights,
    path: 'maps/h.png',
    depthMm: 4,
    texelMm: 1,
  });
  expect(outcome).toMatchObject({ title: 'Normal map made from heights, 4 mm deep', changed: 'oak: h.png' });
  expect(await texelOf(material.getNormalTexture()?.getImage())).toEqual([128, 128, 255, 255]);
});

test('a map of one colour becomes factors that look the same: 188 on a screen is half of the light', async () => {
  const { document, material } = await createPainted();
  await apply(
    document,
    { kind: 'fold-constant', schema: 1, material: 'oak', slot: 'baseColor' },
    { kind: 'fold-constant', schema: 1, material: 'oak', slot: 'metallicRoughness' },
  );
  expect(material.getBaseColorTexture()).toBeNull();
  expect(material.getBaseColorFactor()[0]).toBeCloseTo(0.503, 3);
  expect(material.getRoughnessFactor()).toBeCloseTo((0.5 * 60) / 255, 6);
  expect(material.getMetallicFactor()).toBeCloseTo((0.5 * 200) / 255, 6);
});

test('specular and glossiness become metallic and roughness, and the extension goes', async () => {
  const { document, material } = await createPainted();
  const extension = document.createExtension(KHRMaterialsPBRSpecularGlossiness).createPBRSpecularGlossiness();
  extension.setDiffuseFactor([0, 0, 0, 0.5]).setSpecularFactor([1, 0.77, 0.34]).setGlossinessFactor(0.8);
  material.setBaseColorTexture(null).setExtension('KHR_materials_pbrSpecularGlossiness', extension);
  await apply(document, { kind: 'convert-specular', schema: 1, materials: ['oak'] });
  expect(material.getExtension('KHR_materials_pbrSpecularGlossiness')).toBeNull();
  expect(material.getMetallicFactor()).toBeCloseTo(1, 5);
  expect(material.getRoughnessFactor()).toBeCloseTo(0.2, 5);
  expect(material.getBaseColorFactor().map((value) => Number(value.toFixed(3)))).toEqual([1, 0.77, 0.34, 0.5]);
});

test('specular maps are converted texel by texel, of two sizes at the larger', async () => {
  const { document, material } = await createPainted();
  const extension = document.createExtension(KHRMaterialsPBRSpecularGlossiness).createPBRSpecularGlossiness();
  const shine = document
    .createTexture('s')
    .setMimeType('image/png')
    .setImage((await paint(2, 56, 56, 56, 255)) as Uint8Array<ArrayBuffer>);
  extension
    .setDiffuseTexture(material.getBaseColorTexture())
    .setSpecularGlossinessTexture(shine)
    .setGlossinessFactor(0.5);
  material.setExtension('KHR_materials_pbrSpecularGlossiness', extension);
  await apply(document, { kind: 'convert-specular', schema: 1, materials: ['oak'] });
  const base = await codec.decode(material.getBaseColorTexture()!.getImage()!);
  expect([base.width, base.height]).toEqual([4, 4]);
  expect(Math.abs(base.data[0] - 188)).toBeLessThan(3);
  expect((await texelOf(material.getMetallicRoughnessTexture()?.getImage()))[1]).toBe(127);
});

test('how strongly a normal map counts is set and read; without a map it says nothing', async () => {
  const { document, material } = await createPainted();
  const strength = (normalStrength: number) =>
    apply(document, {
      kind: 'set-material',
      schema: 1,
      materials: ['oak'],
      factors: { normalStrength },
      label: `normals ${normalStrength}`,
      without: [],
    });
  material.setNormalTexture(null);
  expect(describeMaterials(document).materials[0].factors.normalStrength).toBeUndefined();
  material.setNormalTexture(material.getBaseColorTexture());
  await strength(0.4);
  expect(material.getNormalScale()).toBe(0.4);
  expect(describeMaterials(document).materials[0].factors.normalStrength).toBe(0.4);
  // nothing else of it changes
  expect(material.getRoughnessFactor()).toBe((await createPainted()).material.getRoughnessFactor());
});

test('factors are set, what is not given stays, and maps that go are taken out', async () => {
  const { document, material } = await createPainted();
  await apply(document, {
    kind: 'set-material',
    schema: 1,
    materials: ['oak'],
    factors: {
      roughness: 0.05,
      transmission: 1,
      ior: 1.5,
      sheen: [0.1, 0.1, 0.1],
      alphaMode: 'MASK',
      doubleSided: true,
    },
    label: 'glass',
    without: ['baseColor'],
  });
  expect(material.getMetallicFactor()).toBe(0.5);
  expect(describeMaterials(document).materials[0]).toMatchObject({
    name: 'oak',
    factors: { roughness: 0.05, transmission: 1, ior: 1.5, alphaMode: 'MASK', doubleSided: true },
    triangles: 12,
    parts: [{ name: 'box' }],
  });
  expect(material.getBaseColorTexture()).toBeNull();
});

test('a house material brings its own maps, and those that were there go', async () => {
  const { document, material } = await createPainted();
  const house = {
    name: 'Tar',
    factors: { roughness: 0.6, metallic: 0 },
    maps: [{ slot: 'baseColor' as const, sha256: HASH.grey, path: 'tar.png' }],
  };
  await apply(document, ...placeHouseMaterial(house, describeMaterials(document).materials[0]));
  expect(await texelOf(material.getBaseColorTexture()?.getImage())).toEqual([40, 40, 40, 255]);
  expect([material.getNormalTexture(), material.getMetallicRoughnessTexture()]).toEqual([null, null]);
  expect(material.getRoughnessFactor()).toBe(0.6);
});

test('a map moved within the picture roughness and metallic share stays bound, and the other channel is let go', async () => {
  const { document, material } = await createPainted();
  await apply(
    document,
    { kind: 'unlink-map', schema: 1, material: 'oak', slot: 'metallic' },
    { kind: 'relink-map', schema: 1, material: 'oak', slot: 'roughness', sha256: HASH.grey, path: 'r.png' },
  );
  expect((await texelOf(material.getMetallicRoughnessTexture()?.getImage())).slice(1, 3)).toEqual([40, 255]);
  expect(material.getMetallicFactor()).toBe(0);
});

test('what is not one colour any more is not made a figure', async () => {
  const { document, material } = await createPainted();
  const halves = Uint8Array.from({ length: 16 * 4 }, (_, i) => (i < 32 ? 0 : 255));
  material
    .getBaseColorTexture()!
    .setImage((await codec.encodePng({ width: 4, height: 4, data: halves })) as Uint8Array<ArrayBuffer>);
  const [outcome] = await apply(document, { kind: 'fold-constant', schema: 1, material: 'oak', slot: 'baseColor' });
  expect(outcome.changed).toBe('oak: left, it is not one colour');
  expect(material.getBaseColorTexture()).not.toBeNull();
});

test('copies become one, and what is not there is said', async () => {
  const { document, material } = await createPainted();
  const twin = material.clone().setName('oak.001');
  addBox(document, [0, 0, 0], [1, 1, 1], 'second').getMesh()!.listPrimitives()[0].setMaterial(twin);
  const [outcome] = await apply(document, {
    kind: 'merge-materials',
    schema: 1,
    into: 'oak',
    from: ['oak.001', 'gone'],
  });
  expect(outcome.unmatched).toEqual(['gone']);
  expect(document.getRoot().listMaterials()).toEqual([material]);
});

test('one part gets a copy of its own; others of its mesh keep the first', async () => {
  const { document, material } = await createPainted();
  const [first] = listShownNodes(document);
  const second = document.createNode('twin').setMesh(first.getMesh());
  document.getRoot().listScenes()[0].addChild(second);
  const part = createPartRef(document, second);
  await apply(document, { kind: 'split-material', schema: 1, material: 'oak', part, name: 'oak twin' });
  expect(first.getMesh()!.listPrimitives()[0].getMaterial()).toBe(material);
  expect(second.getMesh()!.listPrimitives()[0].getMaterial()!.getName()).toBe('oak twin');
});

test('maps are reduced by what they are, and smaller ones stay', async () => {
  const { document, material } = await createPainted();
  const wide = await codec.encodePng({ width: 64, height: 32, data: new Uint8Array(64 * 32 * 4).fill(90) });
  material.getBaseColorTexture()!.setImage(wide as Uint8Array<ArrayBuffer>);
  const [outcome] = await apply(document, { kind: 'reduce-maps', schema: 1, side: 16 });
  expect(outcome.changed).toBe('1 map');
  const { width, height } = await codec.decode(material.getBaseColorTexture()!.getImage()!);
  expect([width, height]).toEqual([16, 8]);
});

test.each<Step>([
  { kind: 'unlink-map', schema: 1, material: 'gone', slot: 'normal' },
  { kind: 'change-map', schema: 1, materials: ['gone'], slot: 'normal', change: 'flip-green' },
  { kind: 'height-to-normal', schema: 1, material: 'gone', sha256: HASH.heights, path: 'h', depthMm: 1, texelMm: 1 },
  { kind: 'convert-specular', schema: 1, materials: ['gone'] },
  { kind: 'fold-constant', schema: 1, material: 'gone', slot: 'normal' },
  { kind: 'set-material', schema: 1, materials: ['gone'], factors: {}, label: '', without: [] },
  { kind: 'merge-materials', schema: 1, into: 'gone', from: ['oak'] },
])('$kind names a material that is not there and goes on', async (step) => {
  const { document } = await createPainted();
  const [outcome] = await apply(document, step);
  expect(outcome.unmatched).toEqual(['gone']);
});

test('a house material darker and tinted is multiplied in light and says so in its name', () => {
  const oak = {
    name: 'Oak',
    factors: { baseColor: [0.8, 0.4, 0.2, 1] as [number, number, number, number] },
    maps: [],
  };
  const shaded = shadeHouseMaterial(oak, { darker: 0.5, tint: '#ffff00' });
  expect(shaded.name).toBe('Oak, 50 % darker, tinted #ffff00');
  expect(shaded.factors.baseColor).toEqual([0.4, 0.2, 0, 1]);
  expect(shadeHouseMaterial(oak, { darker: 0, tint: '#FFFFFF' })).toEqual(oak);
  expect(() => shadeHouseMaterial(oak, { darker: 2, tint: 'red' })).toThrow('#rrggbb');
});
