import { createDocument, writeGlb } from '../scene/document/document-io';
import { addBox } from '../testing/documents';
import { properties, rec, writeFbxAscii, writeFbxBinary } from '../testing/write-fbx';
import { peekInside } from './peek-inside';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

test('a glTF names its buffers and pictures; what lies inside is not named', () => {
  const json = {
    asset: { version: '2.0' },
    buffers: [{ uri: 'a.bin' }, { uri: 'data:application/octet-stream;base64,AA==' }],
    images: [{ uri: 'maps/col.png' }, { bufferView: 0 }],
    animations: [{}, {}],
    materials: [{}],
  };
  expect(peekInside('gltf', bytes(JSON.stringify(json)))).toEqual({
    mentions: ['a.bin', 'maps/col.png'],
    clips: 2,
    hasSkin: false,
    materials: 'physical',
    isText: true,
  });
});

test.each([
  ['nothing at all', 'null'],
  ['a number', '7'],
  ['a list', '[]'],
  ['lists that are none', '{"buffers": 3, "images": "x", "animations": true, "skins": null, "materials": 0}'],
  ['items that are none', '{"buffers": [null, 4, "a", {"uri": 5}], "images": [[]]}'],
])('a glTF of %s names nothing, and fails nobody', (_, json) => {
  expect(peekInside('gltf', bytes(json)).mentions).toEqual([]);
});

test('glTF 1.0 keeps its lists as objects, by id: what it names is seen', () => {
  const json = { asset: { version: '1.0' }, buffers: { b: { uri: 'a.bin' } }, animations: { walk: {} } };
  expect(peekInside('gltf', bytes(JSON.stringify(json)))).toMatchObject({ mentions: ['a.bin'], clips: 1 });
});

test('a GLB is looked into by its first chunk', async () => {
  const document = createDocument();
  addBox(document, [0, 0, 0], [1, 1, 1], 'box')
    .getMesh()!
    .listPrimitives()[0]
    .setMaterial(document.createMaterial('m'));
  expect(peekInside('glb', await writeGlb(document))).toMatchObject({
    mentions: [],
    clips: 0,
    materials: 'physical',
    isText: false,
  });
});

test('an OBJ names its material files, an MTL its maps, options passed over', () => {
  expect(peekInside('obj', bytes('# x\nmtllib my crate.mtl\r\nv 0 0 0\n')).mentions).toEqual(['my crate.mtl']);
  const mtl = 'newmtl a\nmap_Kd -s 1 1 1 -clamp on tex/wood a.png\nmap_Bump -bm 0.4 n.png\nKd 1 1 1\n';
  expect(peekInside('mtl', bytes(mtl)).mentions).toEqual(['tex/wood a.png', 'n.png']);
});

describe.each([
  ['binary', writeFbxBinary],
  ['ASCII', writeFbxAscii],
] as const)('FBX, %s', (_, write) => {
  const texture = rec('Texture', [7, 'Texture::wood', ''], [rec('RelativeFilename', ['..\\maps\\wood.png'])]);
  test('names its maps', () => {
    expect(peekInside('fbx', write([rec('Objects', [], [texture])])).mentions).toEqual(['..\\maps\\wood.png']);
  });

  test('without curves it has no clips, whatever else it holds', () => {
    const settings = rec('GlobalSettings', [], [properties({})]);
    expect(peekInside('fbx', write([settings]))).toMatchObject({ clips: 0, mentions: [] });
  });
});

test('COLLADA names its pictures and not its samplers', () => {
  const text =
    '<COLLADA><image><init_from>./a%20b.png</init_from></image><surface><init_from>img0</init_from></surface><phong></phong><animation id="a"/></COLLADA>';
  expect(peekInside('dae', bytes(text))).toMatchObject({ mentions: ['./a%20b.png'], clips: 1, materials: 'shaded' });
});

test.each(['gltf', 'glb', 'obj', 'mtl', 'fbx', 'dae', 'stl'])('nothing at all in a %s says nothing', (format) => {
  for (const content of [new Uint8Array(), bytes('{"asset"'), Uint8Array.from({ length: 40 }, (_, i) => i * 7)])
    expect(peekInside(format, content)).toMatchObject({ mentions: [], clips: 0 });
});
