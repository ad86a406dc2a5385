import { KHRLightsPunctual } from '@gltf-transform/extensions';
import jsonld from 'jsonld';
import type { MapFile, HandOverFormat } from '@haveld/contract/hand-over-shape';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import type { Step } from '@haveld/contract/step';
import { composeCredit, listCredits } from '@haveld/core/rights/credits';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { LevelsOfDetail } from '@haveld/core/scene/document/detail-levels';
import { readGlb, writeGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { listMeshInstances, listShownNodes } from '@haveld/core/scene/traverse';
import { getLicenceTexts } from '../licence-texts';
import { sharpCodec } from '../pictures/sharp-codec';
import { createScratchStore } from '../testing/scratch-store';
import { unzip } from '../testing/unzip';
import { validateGlb } from '../validate-gltf';
import { assessFind } from './assess-find';
import { makeVersion } from './make-version';
import { packHandOver } from './pack-hand-over';
import { readFind } from './read-find';

const scratch = createScratchStore();
afterAll(() => scratch.remove());

/** A crate of six quads in centimetres with a map, a licence and a stated height. */
const CRATE = `# crate
mtllib crate.mtl
o crate
v 0 0 0
v 50 0 0
v 50 40 0
v 0 40 0
v 0 0 -30
v 50 0 -30
v 50 40 -30
v 0 40 -30
vt 0 0
vt 1 0
vt 1 1
vt 0 1
usemtl wood
s off
f 1/1 2/2 3/3 4/4
f 6/1 5/2 8/3 7/4
f 2/1 6/2 7/3 3/4
f 5/1 1/2 4/3 8/4
f 4/1 3/2 7/3 8/4
f 5/1 6/2 2/3 1/4
`;

async function bringCrate() {
  const map = await sharpCodec.encodePng({ width: 4, height: 4, data: new Uint8Array(64).fill(150) });
  const contents: Record<string, { bytes: Uint8Array; role: string }> = {
    'crate.obj': { bytes: Buffer.from(CRATE), role: 'model' },
    'crate.mtl': { bytes: Buffer.from('newmtl wood\nKd 1 1 1\nmap_Kd wood_col.png\n'), role: 'material' },
    'wood_col.png': { bytes: map, role: 'map' },
    'readme.txt': {
      bytes: Buffer.from('Crate by Ines Falkenrot, CC BY 4.0\nThe crate is 40 cm high.\n'),
      role: 'text',
    },
  };
  const files = [];
  for (const [path, { bytes, role }] of Object.entries(contents))
    files.push({ path, role, sha256: (await scratch.store.put(bytes)).sha256 });
  return files;
}

const STEPS: Step[] = [
  { kind: 'scale', schema: 1, factor: 0.01, label: '' },
  { kind: 'bake-transforms', schema: 1 },
  { kind: 'set-pivot', schema: 1, at: 'base-centre', onGround: true },
  { kind: 'name-root', schema: 1, name: 'crate' },
];

async function makeCrate(steps: Step[] = STEPS) {
  const files = await bringCrate();
  const read = await readFind({ model: 'crate.obj', files }, scratch.context);
  return {
    files,
    read,
    made: await makeVersion({ documentSha256: read.documentSha256, steps, hasSize: true }, scratch.context),
  };
}

test('a find is read with its rights, its stated size and a picture', async () => {
  const { read, files } = await makeCrate();
  expect(read.rights.licences[0]).toMatchObject({ id: 'CC-BY-4.0', evidence: { file: 'readme.txt', line: 1 } });
  expect(read.rights.authors[0].name).toBe('Ines Falkenrot');
  expect(read.stated).toMatchObject([{ along: 'height', metres: 0.4 }]);
  expect(await scratch.store.has(read.thumbnailSha256!)).toBe(true);
  const { findings, figures } = await assessFind(
    {
      documentSha256: read.documentSha256,
      name: 'Crate',
      log: read.log,
      pictures: files.filter((file) => file.role === 'map').map((file) => ({ ...file, width: 4, height: 4 })),
      belonging: [],
      stated: read.stated,
    },
    scratch.context,
  );
  expect(figures).toMatchObject({ triangles: 12, polygons: 6, maps: 1 });
  const size = findings.find((finding) => finding.key === 'size')!;
  expect([size.sure, size.choices[0].id]).toEqual([true, 'cm']);
});

test('a version stands at its real size, is valid, and is made again to the same bytes', async () => {
  const { made } = await makeCrate();
  expect(made.checks.every((check) => check.holds)).toBe(true);
  expect(made.checks[0].what).toBe('valid glTF 2.0');
  const { box } = made.after;
  [-0.25, 0, -0.15].forEach((v, i) => expect(box!.min[i]).toBeCloseTo(v, 6));
  [0.25, 0.4, 0.15].forEach((v, i) => expect(box!.max[i]).toBeCloseTo(v, 6));
  expect((await makeCrate()).made).toEqual(made);
  expect((await makeCrate(STEPS.slice(0, 2))).made.modelSha256).not.toBe(made.modelSha256);
});

test('the polygons of the original are in the version', async () => {
  const { made } = await makeCrate();
  expect(made.after).toMatchObject({ triangles: 12, polygons: 6 });
});

const CREDITS = listCredits(
  BUILT_IN_BOOK,
  {
    provenance: {
      title: 'Crate',
      author: 'Ines Falkenrot',
      authorUnknown: false,
      authorUrl: '',
      licenceId: 'CC-BY-4.0',
      source: '',
      pageUrl: 'https://quayside-models.example/crate',
    },
    further: [],
    name: 'crate',
  },
  ['set upright'],
);

async function pack(format: HandOverFormat, given?: string, maps: MapFile = 'as-they-are') {
  const modelSha256 = given ?? (await makeCrate()).made.modelSha256;
  const packed = await packHandOver(
    {
      modelSha256,
      name: 'crate',
      accession: 'HV-000001',
      versionNumber: 1,
      format,
      maps,
      credits: CREDITS,
      licences: [{ id: 'CC-BY-4.0', text: getLicenceTexts()['CC-BY-4.0'] }],
      rules: { ...HOUSE_RULES, houseName: 'Tide House' },
      intendedUse: 'commercial',
    },
    scratch.context,
  );
  return { packed, files: await unzip(Buffer.from(await scratch.store.get(packed.zipSha256))) };
}

test('a GLB is handed over valid, without anything of ours in it, with credits and the licence text', async () => {
  const { files, packed } = await pack('glb');
  expect([...files.keys()]).toEqual([
    'crate/crate.glb',
    'crate/crate.glb.license',
    'crate/CREDITS.txt',
    'crate/LICENSES/CC-BY-4.0.txt',
    'crate/READ-BACK.json',
  ]);
  const glb = new Uint8Array(files.get('crate/crate.glb')!);
  expect(await validateGlb(glb)).toMatchObject({ errors: 0, warnings: 0 });
  expect(Buffer.from(glb).includes('haveld')).toBe(false);
  expect(Buffer.from(glb).includes('HAVELD')).toBe(false);
  const document = await readGlb(glb);
  expect(computeFigures(document)).toMatchObject({ triangles: 12, maps: 1 });
  expect(document.getRoot().getAsset().copyright).toBe(composeCredit(CREDITS[0]));
  expect(files.get('crate/LICENSES/CC-BY-4.0.txt')!.toString()).toContain('Attribution 4.0 International');
  expect(packed.checks.every((check) => check.holds)).toBe(true);
});

test('maps go out at the size the house hands over, and that is said; the library keeps them as they came', async () => {
  const document = await readGlb(await scratch.store.get((await makeCrate()).made.modelSha256));
  const [texture] = document.getRoot().listTextures();
  const large = await sharpCodec.encodePng({ width: 4096, height: 8, data: new Uint8Array(4096 * 8 * 4).fill(255) });
  texture.setImage(large as Uint8Array<ArrayBuffer>);
  const { sha256 } = await scratch.store.put(await writeGlb(document));
  const { files } = await pack('glb', sha256);
  const handed = await readGlb(new Uint8Array(files.get('crate/crate.glb')!));
  expect(handed.getRoot().listTextures()[0].getSize()).toEqual([2048, 4]);
  expect(files.get('crate/READ-BACK.json')!.toString()).toContain('1 reduced to 2048 texels a side');
  const kept = await readGlb(await scratch.store.get(sha256));
  expect(kept.getRoot().listTextures()[0].getSize()).toEqual([4096, 8]);
});

test.each<[HandOverFormat, string, number]>([
  ['glb', '1 coarser beside the finest, by MSFT_lod', 1],
  ['gltf', '1 coarser beside the finest, by MSFT_lod', 1],
  ['obj', 'the finest of 2, for OBJ holds one', 0],
])('levels of detail go out in %s as far as it holds them, and what does not is said', async (format, words, kept) => {
  const document = await readGlb(await scratch.store.get((await makeCrate()).made.modelSha256));
  const [crate] = listShownNodes(document);
  // a coarser crate, of a material of its own
  const coarser = document
    .createNode('crate_LOD1')
    .setMesh(
      document
        .createMesh('crate_LOD1')
        .addPrimitive(
          listMeshInstances(document)[0].mesh.listPrimitives()[0].clone().setMaterial(document.createMaterial('far')),
        ),
    );
  const levels = document.createExtension(LevelsOfDetail).createDetailLevels().addLevel(coarser);
  crate.setExtension(LevelsOfDetail.EXTENSION_NAME, levels);
  const { sha256 } = await scratch.store.put(await writeGlb(document));
  const { files, packed } = await pack(format, sha256);
  expect(packed.checks.every((check) => check.holds)).toBe(true);
  expect(files.get('crate/READ-BACK.json')!.toString()).toContain(words);
  const model = files.get(`crate/crate.${format}`)!.toString('latin1');
  expect(model.split('MSFT_lod').length > 1 ? 1 : 0).toBe(kept);
  expect(model.includes('far')).toBe(kept === 1);
});

test('what OBJ cannot hold of names, lights and clips is listed, and nothing that is called alike becomes one', async () => {
  const document = await readGlb(await scratch.store.get((await makeCrate()).made.modelSha256));
  const [{ node, mesh }] = listMeshInstances(document);
  const above = node.getParentNode() ?? document.getRoot().listScenes()[0];
  for (const name of ['screw', 'screw', 'lid # upper', 'Ящик'])
    above.addChild(document.createNode(name).setMesh(mesh).setTranslation([1, 0, 0]));
  const light = document.createExtension(KHRLightsPunctual).createLight('flame').setType('point');
  above.addChild(document.createNode('flame').setExtension('KHR_lights_punctual', light));
  const { sha256 } = await scratch.store.put(await writeGlb(document));
  const { files, packed } = await pack('obj', sha256);
  expect(packed.checks.every((check) => check.holds)).toBe(true);
  const obj = files.get('crate/crate.obj')!.toString();
  expect(obj.match(/^o .*$/gm)!.slice(1)).toEqual(['o screw', 'o screw_2', 'o lid_upper', 'o Ящик']);
  const readBack = JSON.parse(files.get('crate/READ-BACK.json')!.toString()) as {
    names: string[];
    staysBehind: string;
  };
  expect(readBack.names).toEqual(['“screw” is written screw_2', '“lid # upper” is written lid_upper']);
  expect(readBack.staysBehind).toBe('1 light: OBJ holds shapes and materials alone');
  // glTF holds all of it
  const glb = await pack('glb', sha256);
  const said = JSON.parse(glb.files.get('crate/READ-BACK.json')!.toString()) as Record<string, unknown>;
  expect(Object.keys(said)).not.toEqual(expect.arrayContaining(['names']));
});

test('the XMP of a handed-over GLB is read by another reader of JSON-LD, by its full names', async () => {
  const { files } = await pack('glb');
  const glb = files.get('crate/crate.glb')!;
  const json = JSON.parse(glb.subarray(20, 20 + glb.readUInt32LE(12)).toString()) as {
    asset: { extensions: { KHR_xmp_json_ld: { packet: number } } };
    extensions: { KHR_xmp_json_ld: { packets: jsonld.JsonLdDocument[] } };
  };
  const packet = json.extensions.KHR_xmp_json_ld.packets[json.asset.extensions.KHR_xmp_json_ld.packet];
  // jsonld (npm): the reference processor of JSON-LD 1.1
  const [expanded] = (await jsonld.expand(packet)) as Record<string, unknown>[];
  expect(expanded['http://purl.org/dc/elements/1.1/creator']).toEqual([{ '@list': [{ '@value': 'Ines Falkenrot' }] }]);
  expect(expanded['http://ns.adobe.com/xap/1.0/rights/WebStatement']).toEqual([
    { '@value': 'https://creativecommons.org/licenses/by/4.0/' },
  ]);
  expect(JSON.stringify(expanded['http://purl.org/dc/elements/1.1/rights'])).toContain('Changed: set upright.');
});

test('an OBJ is handed over with its quads, its map loose beside it, and the result of reading it back', async () => {
  const { files } = await pack('obj');
  expect([...files.keys()]).toEqual([
    'crate/crate.obj',
    'crate/crate.mtl',
    'crate/maps/crate_wood_base_colour.png',
    'crate/crate.obj.license',
    'crate/crate.mtl.license',
    'crate/maps/crate_wood_base_colour.png.license',
    'crate/CREDITS.txt',
    'crate/LICENSES/CC-BY-4.0.txt',
    'crate/READ-BACK.json',
  ]);
  const obj = files.get('crate/crate.obj')!.toString();
  expect(obj.match(/^f( \S+){4}$/gm)).toHaveLength(6);
  expect(files.get('crate/crate.mtl')!.toString()).toContain('map_Kd maps/crate_wood_base_colour.png');
  const readBack = JSON.parse(files.get('crate/READ-BACK.json')!.toString()) as {
    intendedUse: string;
    checks: { what: string; holds: boolean }[];
  };
  expect(readBack.checks.map((check) => check.what)).toEqual(['box', 'triangles', 'polygons', 'materials', 'maps']);
  expect(readBack.intendedUse).toBe('commercial');
  expect(readBack.checks.every((check) => check.holds)).toBe(true);
});

test('glTF goes out with its maps beside it under the house’s names, by relative paths, valid and read back', async () => {
  const { files, packed } = await pack('gltf');
  expect([...files.keys()].slice(0, 3)).toEqual([
    'crate/crate.gltf',
    'crate/maps/crate_wood_base_colour.png',
    'crate/crate.bin',
  ]);
  const json = JSON.parse(files.get('crate/crate.gltf')!.toString()) as { images: { uri: string }[] };
  expect(json.images.map(({ uri }) => uri)).toEqual(['maps/crate_wood_base_colour.png']);
  expect(packed.checks.map(({ what }) => what)).toContain('valid glTF 2.0');
  expect(packed.checks.every((check) => check.holds)).toBe(true);
});

test.each([
  ['webp', 'image/webp', 'EXT_texture_webp'],
  ['ktx2', 'image/ktx2', 'KHR_texture_basisu'],
] as const)(
  'maps go out as %s under the extension of glTF, and show what they showed',
  async (file, type, extension) => {
    const document = await readGlb(await scratch.store.get((await makeCrate()).made.modelSha256));
    const side = 64;
    const picture = {
      width: side,
      height: side,
      data: Uint8Array.from({ length: side * side * 4 }, (_, i) => (i % 4 === 3 ? 255 : (i >> 3) % 200)),
    };
    const [texture] = document.getRoot().listTextures();
    texture.setImage((await sharpCodec.encodePng(picture)) as Uint8Array<ArrayBuffer>);
    const { sha256 } = await scratch.store.put(await writeGlb(document));
    const { files, packed } = await pack('glb', sha256, file);
    expect(packed.checks.every((check) => check.holds)).toBe(true);
    // beside a glTF they are read back by the reader of what arrives from outside
    const loose = await pack('gltf', sha256, file);
    expect(loose.packed.checks.every((check) => check.holds)).toBe(true);
    expect([...loose.files.keys()]).toContain(`crate/maps/crate_wood_base_colour.${file}`);
    const handed = await readGlb(new Uint8Array(files.get('crate/crate.glb')!));
    const [written] = handed.getRoot().listTextures();
    expect(written.getMimeType()).toBe(type);
    expect(
      handed
        .getRoot()
        .listExtensionsRequired()
        .map(({ extensionName }) => extensionName),
    ).toEqual([extension]);
    const back = await sharpCodec.decode(written.getImage()!);
    const furthest = picture.data.reduce((most, value, i) => Math.max(most, Math.abs(value - back.data[i])), 0);
    expect(furthest).toBeLessThan(24);
    expect(files.get('crate/READ-BACK.json')!.toString()).toContain(`1 written as ${file.toUpperCase()}`);
  },
);

test('what JPEG cannot hold stays PNG, and that is said', async () => {
  const document = await readGlb(await scratch.store.get((await makeCrate()).made.modelSha256));
  const [texture] = document.getRoot().listTextures();
  const glass = await sharpCodec.encodePng({ width: 8, height: 8, data: new Uint8Array(256).fill(100) });
  texture.setImage(glass as Uint8Array<ArrayBuffer>);
  const { sha256 } = await scratch.store.put(await writeGlb(document));
  const { files } = await pack('obj', sha256, 'jpeg');
  expect(files.has('crate/maps/crate_wood_base_colour.png')).toBe(true);
  expect(files.get('crate/READ-BACK.json')!.toString()).toContain('as PNG, for JPEG cannot hold what is in there');
});

test('the same version packs to the same bytes', async () => {
  expect((await pack('obj')).packed.zipSha256).toBe((await pack('obj')).packed.zipSha256);
});
