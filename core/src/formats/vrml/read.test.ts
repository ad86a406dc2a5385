import type { Document } from '@gltf-transform/core';
import { computeFigures } from '../../scene/measures/figures';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { computeMoments } from '../../placement/pivot/moments';
import { getDocumentSource, getMaterialSource } from '../../scene/document/source-data';
import { isUnshaded } from '../../scene/meshes/faceted-edges';
import { listMeshInstances } from '../../scene/traverse';
import { createPng } from '../../testing/documents';
import { readFiles } from '../../testing/read-files';
import { examine } from '../../condition/examination';
import { isSizeSettled } from '../../condition/is-settled';
import { readableName } from '../../finds/names/readable-name';
import { peekVrml } from './peek';

const HEAD = '#VRML V2.0 utf8\n';
/** Its volume, where it is closed and every face looks outwards. */
function measureVolume(document: Document): number {
  const { volume, invertedFaces } = computeMoments(listPlacedParts(document))!;
  return invertedFaces.length > 0 ? -volume : volume;
}

const read = (text: string, name = 'thing.wrl') => readFiles({ [name]: HEAD + text });
const shape = (geometry: string, appearance = ''): string =>
  `Shape { ${appearance ? `appearance Appearance { ${appearance} }` : ''} geometry ${geometry} }`;
const SQUARE = 'coord Coordinate { point [ 0 0 0, 2 0 0, 2 1 0, 0 1 0 ] } coordIndex [ 0 1 2 3 -1 ]';

test('a face of four corners stays one, in metres and Y up as the format has them', async () => {
  const { document, log } = await read(shape(`IndexedFaceSet { ${SQUARE} }`));
  expect(computeFigures(document)).toMatchObject({ triangles: 2, polygons: 1, vertices: 4 });
  expect(boxSize(computeBounds(document)!)).toEqual([2, 1, 0]);
  expect(getDocumentSource(document)).toMatchObject({ format: 'VRML', declaredUnit: 'm', declaredUp: 'y' });
  expect(log.map(({ text }) => text)).toEqual(['No normals and no smoothing in the file.']);
});

// Volumes by handbook formulas; a turned polygon of 32 corners has 32/2π · sin(2π/32) of its circle's area
const CIRCLE = (16 * Math.sin(Math.PI / 16)) / Math.PI;
test.each([
  ['Box { size 2 3 4 }', 24, [2, 3, 4]],
  ['Box { }', 8, [2, 2, 2]],
  ['Cylinder { radius 2 height 5 }', Math.PI * 4 * 5 * CIRCLE, [4, 5, 4]],
  ['Cone { bottomRadius 3 height 6 }', (Math.PI * 9 * 6 * CIRCLE) / 3, [6, 6, 6]],
] as const)('%s is closed, faces outwards and has its volume', async (geometry, volume, size) => {
  const { document } = await read(shape(geometry));
  expect(measureVolume(document)).toBeCloseTo(volume, 4);
  boxSize(computeBounds(document)!).forEach((side, axis) => expect(side).toBeCloseTo(size[axis], 5));
});

test('a ball is round to a hundredth', async () => {
  const { document } = await read(shape('Sphere { radius 2 }'));
  expect(measureVolume(document) / ((4 / 3) * Math.PI * 8)).toBeGreaterThan(0.98);
});

test('what a cylinder does not show is not there', async () => {
  const tube = await read(shape('Cylinder { top FALSE bottom FALSE }'));
  expect(computeFigures(tube.document).polygons).toBe(32);
  const discs = await read(shape('Cylinder { side FALSE }'));
  expect(computeFigures(discs.document).polygons).toBe(64);
});

test('a transform turns and scales about its centre, along the axes it says', async () => {
  // clause 6.52: a point p becomes T C R SR S −SR −C p; worked by hand: the box's corner 1 1 1, centre 1 0 0, scale 2 1 1 along x,
  // a quarter turn about z, moved by 10: (1 1) − (1 0) = (0 1) → (0 1) → (−1 0) + (1 0) + (10 0) = (10 0)
  const { document } = await read(
    `Transform { translation 10 0 0 center 1 0 0 rotation 0 0 1 1.5707963 scale 2 1 1 children ${shape('Box { }')} }`,
  );
  const { min, max } = computeBounds(document)!;
  [10, -4, -1].forEach((value, axis) => expect(min[axis]).toBeCloseTo(value, 5));
  [12, 0, 1].forEach((value, axis) => expect(max[axis]).toBeCloseTo(value, 5));
});

test('what is used again stands there again, as one mesh', async () => {
  const { document } = await read(
    `DEF LEG Transform { translation 1 0 0 children DEF PART ${shape('Box { size 0.1 1 0.1 }')} }
     Transform { translation -1 0 0 children [ USE PART, USE PART ] }`,
  );
  expect(listMeshInstances(document)).toHaveLength(3);
  expect(document.getRoot().listMeshes()).toHaveLength(1);
  expect(listMeshInstances(document).map(({ node }) => node.getName())).toContain('PART');
});

test('of what is shown by turns, the first level and the chosen one', async () => {
  const { document } = await read(
    `LOD { level [ ${shape('Box { size 1 1 1 }')} ${shape('Box { size 9 9 9 }')} ] }
     Switch { whichChoice 1 choice [ ${shape('Box { size 8 8 8 }')} ${shape('Box { size 2 2 2 }')} ] }
     Switch { choice ${shape('Box { size 7 7 7 }')} }`,
  );
  expect(boxSize(computeBounds(document)!)).toEqual([2, 2, 2]);
  expect(listMeshInstances(document)).toHaveLength(2);
});

test('materials: colours as they look, shine, transparency, both sides, and the map where the file says', async () => {
  const { document } = await readFiles({
    'a.wrl': `${HEAD}${shape(
      `IndexedFaceSet { solid FALSE ${SQUARE} texCoord TextureCoordinate { point [ 0 0, 1 0, 1 1, 0 1 ] } }`,
      'material DEF Lack Material { diffuseColor 0.5 0 1 transparency 0.25 shininess 0.5 } texture ImageTexture { url [ "maps/lack.png" ] repeatS FALSE }',
    )}`,
    'maps/lack.png': createPng([255, 0, 0, 255]),
  });
  const [material] = document.getRoot().listMaterials();
  expect(material.getName()).toBe('Lack');
  // IEC 61966-2-1: 0.5 as it looks is 0.2140 of the light; a picture takes the colour's place
  expect(material.getBaseColorFactor()[3]).toBeCloseTo(0.75, 6);
  expect(material.getAlphaMode()).toBe('BLEND');
  expect(material.getDoubleSided()).toBe(true);
  expect(material.getBaseColorTexture()).not.toBeNull();
  expect(material.getBaseColorTextureInfo()!.getWrapS()).toBe(33071);
  expect(getMaterialSource(material).statements).toMatchObject({ shininess: '0.5' });
  const uv = listMeshInstances(document)[0].mesh.listPrimitives()[0].getAttribute('TEXCOORD_0')!;
  const values = Array.from({ length: 4 }, (_, i) => uv.getElement(i, [0, 0]));
  expect(values).toEqual(
    expect.arrayContaining([
      [0, 1],
      [1, 0],
    ]),
  ); // v downwards, as glTF has it
});

test('smoothing: none where it says nothing, by its crease angle where it does, its own normals where it has them', async () => {
  const isBare = async (more: string): Promise<boolean> => {
    const { document } = await read(shape(`IndexedFaceSet { ${SQUARE} ${more} }`));
    return isUnshaded(listMeshInstances(document)[0].mesh.listPrimitives()[0]);
  };
  expect(await isBare('')).toBe(true);
  expect(await isBare('creaseAngle 0.5')).toBe(false);
  expect(await isBare('normal Normal { vector [ 0 0 1 ] } normalPerVertex FALSE normalIndex [ 0 ]')).toBe(false);
});

test('faces written clockwise face the other way', async () => {
  const normalOf = async (more: string): Promise<number[]> => {
    const { document } = await read(shape(`IndexedFaceSet { ${SQUARE} ${more} }`));
    return listMeshInstances(document)[0].mesh.listPrimitives()[0].getAttribute('NORMAL')!.getElement(0, []);
  };
  expect(await normalOf('')).toEqual([0, 0, 1]);
  expect((await normalOf('ccw FALSE')).map((v) => v + 0)).toEqual([0, 0, -1]);
});

test('colours by face, by corner and by point', async () => {
  const two = 'coord Coordinate { point [ 0 0 0, 1 0 0, 1 1 0, 0 1 0 ] } coordIndex [ 0 1 2 -1 0 2 3 -1 ]';
  const coloursOf = async (more: string): Promise<number[][]> => {
    const { document } = await read(shape(`IndexedFaceSet { ${two} color Color { color [ 1 0 0, 0 0 1 ] } ${more} }`));
    const primitive = listMeshInstances(document)[0].mesh.listPrimitives()[0];
    const colour = primitive.getAttribute('COLOR_0')!;
    return [...primitive.getIndices()!.getArray()!].map((i) => colour.getElement(i, [] as number[]).slice(0, 3));
  };
  const [red, blue] = [
    [1, 0, 0],
    [0, 0, 1],
  ];
  expect(await coloursOf('colorPerVertex FALSE')).toEqual([red, red, red, blue, blue, blue]);
  expect(await coloursOf('colorIndex [ 0 1 0 -1 1 1 1 -1 ]')).toEqual([red, blue, red, blue, blue, blue]);
});

test('a field of heights has its spacing', async () => {
  const { document } = await read(
    shape('ElevationGrid { xDimension 3 zDimension 2 xSpacing 2 zSpacing 5 height [ 0 1 0, 0 0 3 ] }'),
  );
  expect(boxSize(computeBounds(document)!)).toEqual([4, 3, 5]);
});

test('whose it is stands at its head and in its info; what is left out is said', async () => {
  const { document, log } = await readFiles({
    'a.wrl': `${HEAD}# Copyright 2021 Tor Aldersund\n# Licence: CC0\nWorldInfo { title "Stool" info [ "made by Tor Aldersund" ] }
      PROTO Extra [ field SFFloat a 1 ] { Shape { geometry Box { } } }
      PointLight { intensity 0.5 } ${shape('IndexedLineSet { coord Coordinate { point [ 0 0 0 1 1 1 ] } coordIndex [ 0 1 -1 ] }')}
      ${shape('Box { }')} ROUTE A.b TO C.d`,
  });
  const texts = getDocumentSource(document).headers!.map(({ text, line }) => `${line} ${text}`);
  expect(texts).toEqual(['2 Copyright 2021 Tor Aldersund', '3 Licence: CC0', '1 Stool', '1 made by Tor Aldersund']);
  expect(log.map(({ text }) => text).join()).toMatch(/prototypes \(1\), routes \(1\), lights \(1\), lines \(1\)/);
});

test.each([
  ['lib.3dshapes/thing.wrl', ''],
  ['DIP-8_W7.62mm.wrl', ''],
  ['Buck_P5.08mm.wrl', ''],
  ['Choke_L18.0mm_W9.0mm.wrl', ''],
  ['thing.wrl', '# written by KiCad\n'],
])('%s, a part of a circuit board, is in tenths of an inch and lies with Z up', async (name, head) => {
  const { document } = await read(head + shape('Box { size 3 1 4 }'), name);
  expect(getDocumentSource(document)).toMatchObject({
    declaredUnit: '0.1 in',
    declaredMetres: 0.00254,
    declaredUp: 'z',
  });
});

// what is called sure by a mistaken sign would be four hundred times too small
test.each([
  ['how_to-2.wrl', ''],
  ['to-3 tables/desk.wrl', ''],
  ['do-2.wrl', ''],
  ['plank_L2000mm.wrl', ''],
  ['perch.wrl', '# A bald eagle on its perch\n'],
  ['bracket.wrl', '# exported from a CAD program\n'],
])('%s is no part of a circuit board: metres, Y up', async (name, head) => {
  const { document } = await read(head + shape('Box { size 3 1 4 }'), name);
  expect(getDocumentSource(document)).toMatchObject({ declaredUnit: 'm', declaredUp: 'y' });
});

test('a file cut off gives what came before, and says from which line on it cannot be understood', async () => {
  const whole = `${shape('Box { }')}\nTransform { children [\n ${shape('Sphere { }')}\n ${shape(`IndexedFaceSet { ${SQUARE} }`)} ] }`;
  for (let end = HEAD.length + shape('Box { }').length; end < whole.length - 1; end += 7) {
    const { document, log } = await read(whole.slice(0, end));
    expect(listMeshInstances(document).length).toBeGreaterThan(0);
    expect(log.map(({ text }) => text).join()).toMatch(/cannot be understood from line \d/);
  }
});

test.each([
  ['#VRML V1.0 ascii\nSeparator { }', 'is of VRML 1.0'],
  ['solid x', 'does not begin with “#VRML V2.0”'],
  [`${HEAD}Shape [`, 'is damaged at line 2'],
  [`${HEAD}USE nothing`, '“nothing” is used and nowhere defined'],
  [`${HEAD}Group { }`, 'holds no surface'],
  [`${HEAD}${'Group { children '.repeat(300)}`, 'holds no surface'],
])('%j is refused with a sentence', async (text, words) => {
  await expect(readFiles({ 'a.wrl': text })).rejects.toThrow(words);
});

test('the pictures it names are known before it is read', () => {
  const text = `${HEAD}Shape { appearance Appearance { material Material { } texture ImageTexture { url [ "a.png", "maps/b c.jpg" ] } } } Anchor { url "https://thing.invalid/x.wrl" }`;
  expect(peekVrml(new TextEncoder().encode(text))).toMatchObject({
    mentions: ['a.png', 'maps/b c.jpg'],
    materials: 'shaded',
  });
});

// EIA-481 and JEDEC name bodies and pitch so; a part drawn in tenths of an inch with a side its name states is that large
test('a part of a circuit board is as large as its name states', async () => {
  const name = 'Choke_L18.0mm_W9.0mm_P5.00mm.wrl';
  const { document, log } = await read(shape('Box { size 7.0866 3.5433 2 }'), name);
  const seen = examine({
    document,
    name: readableName(name),
    log,
    pictures: [],
    belonging: new Set(),
    stated: [],
  });
  expect(seen.size[0]).toMatchObject({ id: '0.1 in', factor: 0.00254 });
  expect(isSizeSettled(seen)).toBe(true);
});
