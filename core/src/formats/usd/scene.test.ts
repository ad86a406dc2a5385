import type { Primitive } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { getDocumentSource, getNodeSource } from '../../scene/document/source-data';
import { computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { getShownScene, listMeshInstances, listShownNodes } from '../../scene/traverse';
import { readFiles } from '../../testing/read-files';
import type { Reading } from '../reading';

// What OpenUSD says of UsdGeom ("Mesh", "Imageable", "Xformable", "interpolation"), on scenes written for it

const read = (body: string, head = 'metersPerUnit = 1\n    upAxis = "Y"'): Promise<Reading> =>
  readFiles({ 'scene.usda': `#usda 1.0\n(\n    ${head}\n)\n\n${body}\n` });
const textsOf = (log: readonly LogEntry[]): string => log.map(({ text }) => text).join('\n');
const primitiveOf = ({ document }: Reading): Primitive => listMeshInstances(document)[0].mesh.listPrimitives()[0];

/** Two squares side by side in the plane z = 0. */
const MESH = `
        int[] faceVertexCounts = [4, 4]
        int[] faceVertexIndices = [0, 1, 4, 3, 1, 2, 5, 4]
        point3f[] points = [(0, 0, 0), (1, 0, 0), (2, 0, 0), (0, 1, 0), (1, 1, 0), (2, 1, 0)]
        uniform token subdivisionScheme = "none"`;
const mesh = (more = '', name = 'sheet'): string => `def Mesh "${name}"\n    {${MESH}\n        ${more}\n    }`;

/** The way the first triangle looks along z. */
function facingOf(reading: Reading): number {
  const primitive = primitiveOf(reading);
  const [a, b, c] = [0, 1, 2].map((k) =>
    primitive.getAttribute('POSITION')!.getElement(primitive.getIndices()!.getScalar(k), []),
  );
  return Math.sign((b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]));
}

test('corners go round to the right by default, and to the left where the mesh says so', async () => {
  expect(facingOf(await read(mesh()))).toBe(1);
  expect(facingOf(await read(mesh('uniform token orientation = "leftHanded"')))).toBe(-1);
});

test.each([
  ['a value a corner', '[(0, 0), (1, 0), (1, 1), (0, 1), (0, 0), (1, 0), (1, 1), (0, 1)]', 'faceVarying', 8],
  ['a value a vertex', '[(0, 0), (0.5, 0), (1, 0), (0, 1), (0.5, 1), (1, 1)]', 'vertex', 6],
] as const)('a layout of %s is laid at its corners, and v goes down', async (_, values, interpolation, vertices) => {
  const primitive = primitiveOf(
    await read(mesh(`texCoord2f[] primvars:st = ${values} (interpolation = "${interpolation}")`)),
  );
  expect(primitive.getAttribute('TEXCOORD_0')!.getCount()).toBe(vertices);
  // the corner at the origin has v 0 in USD, 1 in glTF
  const at = [...Array(vertices).keys()].find((i) =>
    primitive
      .getAttribute('POSITION')!
      .getElement(i, [])
      .every((v) => v === 0),
  )!;
  expect(primitive.getAttribute('TEXCOORD_0')!.getElement(at, [])).toEqual([0, 1]);
});

test('a layout by indices is looked up; an index that leads nowhere is left at zero', async () => {
  const primitive = primitiveOf(
    await read(
      mesh(
        'texCoord2f[] primvars:st = [(0.25, 0.75), (0.5, 0.5)] (interpolation = "faceVarying")\n        int[] primvars:st:indices = [0, 0, 0, 0, 1, 1, 1, 99]',
      ),
    ),
  );
  const layout = primitive.getAttribute('TEXCOORD_0')!;
  const seen = new Set([...Array(layout.getCount()).keys()].map((i) => layout.getElement(i, []).join()));
  expect(seen).toEqual(new Set(['0.25,0.25', '0.5,0.5', '0,0']));
});

test('a colour a face lies on all its corners; one colour for all is no vertex colour', async () => {
  const colours = primitiveOf(
    await read(mesh('color3f[] primvars:displayColor = [(1, 0, 0), (0, 0, 1)] (interpolation = "uniform")')),
  ).getAttribute('COLOR_0')!;
  const seen = new Set([...Array(colours.getCount()).keys()].map((i) => colours.getElement(i, []).slice(0, 3).join()));
  expect(seen).toEqual(new Set(['1,0,0', '0,0,1']));
  expect(
    primitiveOf(await read(mesh('color3f[] primvars:displayColor = [(1, 0, 0)]'))).getAttribute('COLOR_0'),
  ).toBeNull();
});

test('faces that name a point that is not there, or have two corners, are left out and counted', async () => {
  const reading = await read(
    mesh()
      .replace('[4, 4]', '[4, 4, 2, 3]')
      .replace('[0, 1, 4, 3, 1, 2, 5, 4]', '[0, 1, 4, 3, 1, 2, 5, 4, 0, 1, 0, 1, 77]'),
  );
  expect(computeFigures(reading.document).polygons).toBe(2);
  expect(textsOf(reading.log)).toContain('2 faces name a point that is not there');
});

test('where a count goes beyond the corners there are, what comes before it stays', async () => {
  const reading = await read(mesh().replace('[4, 4]', '[4, 40]'));
  expect(computeFigures(reading.document).polygons).toBe(1);
  expect(textsOf(reading.log)).toContain('1 faces');
});

test('operations apply in their stated order, and an inverted one takes back', async () => {
  const placed = (order: string): Promise<Reading> =>
    read(
      `def Xform "place"\n{\n    double3 xformOp:translate = (5, 0, 0)\n    double3 xformOp:translate:pivot = (1, 0, 0)\n    float xformOp:rotateZ = 90\n    uniform token[] xformOpOrder = [${order}]\n    ${mesh()}\n}`,
    );
  const turned = computeBounds((await placed('"xformOp:translate", "xformOp:rotateZ"')).document)!;
  expect(turned.min[0]).toBeCloseTo(4);
  expect(turned.max[1]).toBeCloseTo(2);
  const about = computeBounds(
    (await placed('"xformOp:translate:pivot", "xformOp:rotateZ", "!invert!xformOp:translate:pivot"')).document,
  )!;
  // a quarter turn about x = 1: what lay from 0 to 2 along x lies from −1 to 1 along y
  [about.min[0], about.max[0], about.min[1], about.max[1]].forEach((value, i) =>
    expect(value).toBeCloseTo([0, 1, -1, 1][i]),
  );
});

test('a prim that resets its transform stands in the world', async () => {
  const { document } = await read(
    `def Xform "place"\n{\n    double3 xformOp:translate = (5, 0, 0)\n    uniform token[] xformOpOrder = ["xformOp:translate"]\n    ${mesh('uniform token[] xformOpOrder = ["!resetXformStack!"]')}\n}`,
  );
  expect(computeBounds(document)!.min[0]).toBe(0);
  expect(
    getShownScene(document)
      .listChildren()
      .map((node) => node.getName()),
  ).toContain('sheet');
});

test('what is switched off is left out; what is invisible is kept, and known to be hidden', async () => {
  const { document } = await read(
    `${mesh()}\n${mesh('token visibility = "invisible"', 'guard')}\n${mesh('', 'old').replace('def Mesh "old"', 'def Mesh "old" (\n    active = false\n)')}`,
  );
  const names = listMeshInstances(document).map(({ node }) => node.getName());
  expect(names).not.toContain('old');
  const guard = document
    .getRoot()
    .listNodes()
    .find((node) => node.getName() === 'guard')!;
  expect(getNodeSource(guard).hidden).toBe(true);
});

test('a binding holds for all below it until another is stated', async () => {
  const { document } = await read(
    `def Material "wood"\n{\n}\ndef Material "iron"\n{\n}\ndef Xform "chest" (\n    prepend apiSchemas = ["MaterialBindingAPI"]\n)\n{\n    rel material:binding = </wood>\n    ${mesh('', 'body')}\n    ${mesh('rel material:binding = </iron>', 'lock')}\n}`,
  );
  const bound = Object.fromEntries(
    listMeshInstances(document).map(({ node, mesh: own }) => [
      node.getName(),
      own.listPrimitives()[0].getMaterial()?.getName(),
    ]),
  );
  expect(bound).toEqual({ body: 'wood', lock: 'iron' });
});

test('what cannot be read is named with what it means', async () => {
  const { log } = await read(
    `${mesh()}\ndef Sphere "ball"\n{\n}\ndef Skeleton "bones"\n{\n}\ndef Xform "gate"\n{\n    double3 xformOp:translate.timeSamples = {\n        0: (0, 0, 0),\n        1: (0, 1, 0),\n    }\n    uniform token[] xformOpOrder = ["xformOp:translate"]\n}`,
  );
  const texts = textsOf(log);
  for (const said of ['1 × spheres by formula cannot be read', 'has a skeleton, which is not read', '1 parts move'])
    expect(texts).toContain(said);
  expect(log.every(({ level, consequence }) => level !== 'look' || consequence)).toBe(true);
});

test('a cloud of points is kept as points', async () => {
  const { document } = await read(
    `${mesh()}\ndef Points "spray"\n{\n    point3f[] points = [(0, 0, 9), (1, 1, 9), (2, 2, 9)]\n}`,
  );
  const modes = listMeshInstances(document).flatMap(({ mesh: own }) => own.listPrimitives().map((p) => p.getMode()));
  expect(modes.sort()).toEqual([0, 4]);
  expect(computeBounds(document)!.max[2]).toBe(9);
});

test.each([
  ['metersPerUnit = 0.0254\n    upAxis = "Z"', 0.0254, 'z'],
  ['upAxis = "Y"', null, 'y'],
  ['metersPerUnit = -3', null, 'y'],
] as const)('of the layer’s “%s” the unit and the axis are kept as declared', async (head, metres, up) => {
  const { document } = await read(mesh(), head);
  expect(getDocumentSource(document)).toMatchObject({ declaredMetres: metres, declaredUp: up });
});

test('a layer without a mesh is refused with a sentence', async () => {
  await expect(read('def Xform "empty"\n{\n}')).rejects.toThrow(
    '“scene.usda” holds no meshes: there is nothing to show.',
  );
});

test('nodes keep their names and their places below one another', async () => {
  const { document } = await read(`def Xform "quay"\n{\n    def Scope "props"\n    {\n        ${mesh()}\n    }\n}`);
  const sheet = listShownNodes(document).find((node) => node.getName() === 'sheet')!;
  expect(sheet.getParentNode()!.getName()).toBe('props');
  expect(sheet.getParentNode()!.getParentNode()!.getName()).toBe('quay');
});
