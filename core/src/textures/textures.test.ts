import { KHRMaterialsClearcoat } from '@gltf-transform/extensions';
import { createDocument } from '../scene/document/document-io';
import { computeTexelDensity } from '../scene/measures/texel-density';
import { createMemoryCodec, createPng } from '../testing/documents';
import { bindMap } from './bind-map';
import { locateReference } from './locate';
import { chooseAlphaMode } from './materials/choose-alpha-mode';
import { nameMaps } from './name-maps';
import { identifyPicture } from './pictures/identify-picture';
import { readPictureSize } from './pictures/picture-size';
import { detectRoleByName } from './role-by-name';

test('a full-tile 2048 px texture over 4 m² gives 1024 texels per metre', () => {
  expect(computeTexelDensity(1, 4, [2048, 2048])).toBe(1024);
});

test('no surface and no layout have no texel density; a negative area is a mistake', () => {
  expect(computeTexelDensity(1, 0, [8, 8])).toBeNull();
  expect(computeTexelDensity(0, 1, [8, 8])).toBeNull();
  expect(() => computeTexelDensity(-1, 1, [8, 8])).toThrow(RangeError);
});

const PATHS = [
  'm/table.obj',
  'm/table.mtl',
  'm/maps/Oak_Top.png',
  'other/oak_top.png',
  'm/sea chart.png',
  'm/flags.jpg',
];
const first = (reference: string) => {
  const [found] = locateReference(reference, 'm/table.mtl', PATHS);
  return found && `${found.where} ${found.path}`;
};

test.each([
  ['maps/Oak_Top.png', 'here m/maps/Oak_Top.png'],
  ['maps\\Oak_Top.png', 'here m/maps/Oak_Top.png'],
  ['.\\MAPS\\oak_top.PNG', 'here m/maps/Oak_Top.png'],
  ['../other/oak_top.png', 'here other/oak_top.png'],
  ['sea%20chart.png', 'here m/sea chart.png'],
  ['"sea chart.png"', 'here m/sea chart.png'],
  ['D:\\work\\maps\\flags.jpg', 'elsewhere m/flags.jpg'],
  ['/home/x/flags.jpg', 'elsewhere m/flags.jpg'],
  ['flags.tga', 'elsewhere m/flags.jpg'],
  ['100%.png', undefined],
  ['nowhere.png', undefined],
])('%s is %s', (reference, expected) => {
  expect(first(reference)).toBe(expected);
});

test('two files of the same name are both offered, neither surely', () => {
  const found = locateReference('C:\\x\\wood.png', 'a.obj', ['one/wood.png', 'two/wood.png']);
  expect(found).toHaveLength(2);
  expect(found[0].confidence).toBeLessThan(0.6);
  expect(found[0].reasons).toContain('2 files have this name');
});

test.each([
  ['oak_top_nrm.tga', 'normal'],
  ['lamp_dif.png', 'baseColor'],
  ['WoodBaseColor.png', 'baseColor'],
  ['rusty-metal_roughness_2k.jpg', 'roughness'],
  ['metal_base_color.png', 'baseColor'],
  ['wall_AO.png', 'occlusion'],
  ['lamp_n.png', 'normal'],
  ['n_lamp.png', null],
  ['oak.png', null],
  ['brick_4k.png', null],
])('%s says %s', (path, slot) => {
  expect(detectRoleByName(path)?.slot ?? null).toBe(slot);
});

test('the subject of a name is what is left of it', () => {
  expect(detectRoleByName('oak_top_nrm_2k.tga')?.subject).toEqual(['oak', 'top']);
});

test('pictures are told by their first bytes and sized by their header', () => {
  const png = createPng([1, 2, 3, 255], 5);
  expect(identifyPicture(png)).toBe('png');
  expect(readPictureSize(png)).toEqual([5, 5]);
  expect(identifyPicture(Uint8Array.from([0xff, 0xd8, 0xff, 0xe0]))).toBe('jpeg');
  expect(identifyPicture(new Uint8Array(4))).toBeNull();
});

test('roughness goes into green and metallic into blue of one map (glTF 2.0, 3.9.2)', async () => {
  const codec = createMemoryCodec();
  const document = createDocument();
  const material = document.createMaterial('m');
  const rough = await codec.encodePng({ width: 1, height: 1, data: new Uint8Array([40, 40, 40, 255]) });
  const metal = await codec.encodePng({ width: 1, height: 1, data: new Uint8Array([200, 200, 200, 255]) });
  await bindMap(document, material, 'roughness', rough, 'r', codec);
  await bindMap(document, material, 'metallic', metal, 'm', codec);
  const packed = await codec.decode(material.getMetallicRoughnessTexture()!.getImage()!);
  expect([packed.data[1], packed.data[2]]).toEqual([40, 200]);
  expect([material.getRoughnessFactor(), material.getMetallicFactor()]).toEqual([1, 1]);
});

test('opacity becomes the alpha of the base colour, cut out where it is black and white, blended where it is grey', async () => {
  const codec = createMemoryCodec();
  const document = createDocument();
  const material = document.createMaterial('leaf');
  await bindMap(
    document,
    material,
    'baseColor',
    await codec.encodePng({ width: 1, height: 1, data: new Uint8Array([9, 99, 9, 255]) }),
    'c',
    codec,
  );
  const opacity = async (...values: number[]) => {
    const data = Uint8Array.from(values.flatMap((value) => [value, value, value, 255]));
    await bindMap(
      document,
      material,
      'opacity',
      await codec.encodePng({ width: values.length, height: 1, data }),
      'o',
      codec,
    );
    return (await codec.decode(material.getBaseColorTexture()!.getImage()!)).data;
  };
  expect([...(await opacity(70))]).toEqual([9, 99, 9, 70]);
  expect(material.getAlphaMode()).toBe('BLEND');
});

test.each([
  [[0, 0, 255, 255, 255, 128], 'MASK'],
  [[0, 255, 128, 128, 128, 100], 'BLEND'],
  [[128, 128], 'BLEND'],
  [[255, 255], 'OPAQUE'],
  [[0, 0], 'OPAQUE'],
])('alphas of %j are shown %s', (alphas, mode) => {
  const data = Uint8Array.from(alphas.flatMap((alpha) => [0, 0, 0, alpha]));
  expect(chooseAlphaMode({ data }).alphaMode).toBe(mode);
});

test('a height map has no place and is not bound', async () => {
  const document = createDocument();
  expect(
    await bindMap(document, document.createMaterial('m'), 'bump', createPng([0, 0, 0, 255]), 'b', createMemoryCodec()),
  ).toBe(false);
  expect(document.getRoot().listTextures()).toHaveLength(0);
});

test('maps are named by the house’s pattern, each once; what several share, and what has no place with a name, too', () => {
  const document = createDocument();
  const texture = () =>
    document
      .createTexture('x/y')
      .setMimeType('image/png')
      .setImage(createPng([1, 2, 3, 255]) as Uint8Array<ArrayBuffer>);
  const [colour, shared, coat, rough] = [texture(), texture(), texture(), texture()];
  document.createMaterial('Old Oak').setBaseColorTexture(colour).setNormalTexture(shared);
  const extension = document.createExtension(KHRMaterialsClearcoat).createClearcoat();
  extension.setClearcoatNormalTexture(coat).setClearcoatRoughnessTexture(rough);
  document.createMaterial('pine').setNormalTexture(shared).setExtension('KHR_materials_clearcoat', extension);
  expect(nameMaps(document, 'Net shed')).toBe(4);
  expect([colour, shared, coat, rough].map((one) => one.getName())).toEqual([
    'net_shed_old_oak_base_colour',
    'net_shed_normal',
    'net_shed_map',
    'net_shed_map_2',
  ]);
});
