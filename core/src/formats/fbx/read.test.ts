import { inflateSync } from 'node:zlib';
import type { Document } from '@gltf-transform/core';
import type { Transform } from '@gltf-transform/extensions';
import type { Step } from '@haveld/contract/step';
import { HaveldPolygons, type PolygonData } from '../../scene/document/polygon-data';
import { getDocumentSource, getMaterialSource, getNodeSource } from '../../scene/document/source-data';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { clipSpan, computePosedPositions, poseAt } from '../../scene/pose';
import { listMeshInstances, listShownNodes } from '../../scene/traverse';
import { createFileSource, createMemoryCodec, createPng } from '../../testing/documents';
import { applyTreatment } from '../../treatment/apply-treatment';
import { properties, rec, writeFbxAscii, writeFbxBinary, type FbxRecord } from '../../testing/write-fbx';
import { readModel } from '../read-model';
import type { Reading } from '../reading';

const read = (bytes: Uint8Array, files: Record<string, Uint8Array> = {}): Promise<Reading> =>
  readModel('model.fbx', {
    files: createFileSource({ 'model.fbx': bytes, ...files }),
    codec: createMemoryCodec(),
    loadDecoders: () => Promise.resolve({}),
    inflate: (packed, sizeBytes) => inflateSync(packed, { maxOutputLength: Math.max(1, sizeBytes) }),
  });

const array = (name: string, ...values: number[]): FbxRecord => rec(name, [Float64Array.from(values)]);
const integers = (name: string, ...values: number[]): FbxRecord => rec(name, [Int32Array.from(values)]);
const layer = (kind: string, mapping: string, reference: string, ...data: FbxRecord[]): FbxRecord =>
  rec(kind, [0], [rec('MappingInformationType', [mapping]), rec('ReferenceInformationType', [reference]), ...data]);

/** A unit square in the XY plane as one quad, and a triangle over it. */
const house = (...layers: FbxRecord[]): FbxRecord =>
  rec(
    'Geometry',
    [10n, 'house\0\x01Geometry', 'Mesh'],
    [
      array('Vertices', 0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, 0, 0.5, 2, 0),
      integers('PolygonVertexIndex', 0, 1, 2, -4, 3, 2, -5),
      ...layers,
    ],
  );

const model = (id: bigint, name: string, given: Record<string, number | number[]> = {}, type = 'Mesh'): FbxRecord =>
  rec('Model', [id, `${name}\0\x01Model`, type], [rec('Version', [232]), properties(given)]);

const link = (from: bigint, to: bigint, property?: string): FbxRecord =>
  rec('C', property ? ['OP', from, to, property] : ['OO', from, to]);

function scene(objects: FbxRecord[], links: FbxRecord[], settings: Record<string, number> = {}): FbxRecord[] {
  return [
    rec('GlobalSettings', [], [properties({ UpAxis: 1, UnitScaleFactor: 1, ...settings })]),
    rec('Objects', [], objects),
    rec('Connections', [], links),
  ];
}

const HOUSE = scene([house(), model(11n, 'house')], [link(11n, 0n), link(10n, 11n)]);

const polygonsOf = (document: Document): PolygonData | null =>
  listMeshInstances(document)[0].mesh.listPrimitives()[0].getExtension<PolygonData>(HaveldPolygons.EXTENSION_NAME);

/** Where the single vertex at a place of a model's mesh stands in the world. */
async function placeOf(
  point: [number, number, number],
  given: Record<string, number | number[]>,
  parent: Record<string, number | number[]> = {},
): Promise<number[]> {
  const geometry = rec(
    'Geometry',
    [10n, 'g\0\x01Geometry', 'Mesh'],
    [array('Vertices', ...point, ...point, ...point), integers('PolygonVertexIndex', 0, 1, -3)],
  );
  const { document } = await read(
    writeFbxBinary(
      scene(
        [geometry, model(11n, 'child', given), model(12n, 'parent', parent, 'Null')],
        [link(12n, 0n), link(11n, 12n), link(10n, 11n)],
      ),
    ),
  );
  return [...computePosedPositions(document).subarray(0, 3)];
}

const expectPlace = (place: number[], x: number, y: number, z: number): void =>
  [x, y, z].forEach((v, axis) => expect(place[axis]).toBeCloseTo(v, 5));

test.each([
  ['binary 7.1', writeFbxBinary(HOUSE, 7100)],
  ['binary 7.4, unpacked arrays', writeFbxBinary(HOUSE, 7400, false)],
  ['binary 7.5, wide offsets', writeFbxBinary(HOUSE, 7500)],
  ['binary 7.7', writeFbxBinary(HOUSE, 7700)],
  ['ASCII 7.4', writeFbxAscii(HOUSE)],
])('%s: a quad and a triangle, in centimetres, Y up', async (words, bytes) => {
  const { document } = await read(bytes);
  expect(computeFigures(document)).toMatchObject({ triangles: 3, polygons: 2, nodes: 1 });
  expect(boxSize(computeBounds(document)!)).toEqual([1, 2, 0]);
  expect(listShownNodes(document)[0].getName()).toBe('house');
  expect([...polygonsOf(document)!.getSizes()!.getArray()!]).toEqual([4, 3]);
  const source = getDocumentSource(document);
  expect(source).toMatchObject({ format: 'FBX', declaredUnit: 'cm', declaredMetres: 0.01, declaredUp: 'y' });
  expect(source.version).toContain(words.startsWith('ASCII') ? 'ASCII' : 'binary');
});

test('another unit and another axis are declared, not applied', async () => {
  const bytes = writeFbxBinary(scene(HOUSE[1].children!, HOUSE[2].children!, { UpAxis: 2, UnitScaleFactor: 2.54 }));
  const { document } = await read(bytes);
  expect(getDocumentSource(document)).toMatchObject({ declaredUnit: 'in', declaredUp: 'z' });
  expect(boxSize(computeBounds(document)!)).toEqual([1, 2, 0]);
});

test('version 6.1 (a fixture by hand): models hold their mesh, connections go by name', async () => {
  const { document } = await read(
    new TextEncoder().encode(`; FBX 6.1.0 project file
FBXHeaderExtension:  {
	FBXHeaderVersion: 1003
	FBXVersion: 6100
}
Objects:  {
	Model: "Model::house", "Mesh" {
		Version: 232
		Properties60:  {
			Property: "Lcl Translation", "Lcl Translation", "A+",10,0,0
			Property: "Lcl Rotation", "Lcl Rotation", "A+",0,0,0
			Property: "Lcl Scaling", "Lcl Scaling", "A+",2,2,2
		}
		Vertices: 0,0,0,1,0,0,1,1,0,0,1,0
		PolygonVertexIndex: 0,1,2,-4
	}
}
Connections:  {
	Connect: "OO", "Model::house", "Model::Scene"
}
`),
  );
  expect(computeFigures(document)).toMatchObject({ triangles: 2, polygons: 1 });
  const box = computeBounds(document)!;
  expect(box.min).toEqual([10, 0, 0]);
  expect(box.max).toEqual([12, 2, 0]);
  expect(getDocumentSource(document).version).toBe('6.1 ASCII');
});

test('a rotation turns about X first, then Y, then Z', async () => {
  // (0,0,1) about X by 90° → (0,−1,0); about Z by 90° → (1,0,0)
  expectPlace(await placeOf([0, 0, 1], { 'Lcl Rotation': [90, 0, 90] }), 1, 0, 0);
});

test('another rotation order counts where rotation is active, and only there', async () => {
  // order zyx (5): about Z first: (0,0,1) stays, then about X by 90° → (0,−1,0)
  expectPlace(await placeOf([0, 0, 1], { RotationActive: 1, RotationOrder: 5, 'Lcl Rotation': [90, 0, 90] }), 0, -1, 0);
  expectPlace(await placeOf([0, 0, 1], { RotationActive: 0, RotationOrder: 5, 'Lcl Rotation': [90, 0, 90] }), 1, 0, 0);
});

test('a pre-rotation stands before the rotation, a post-rotation is undone after it', async () => {
  const pre = { RotationActive: 1, PreRotation: [0, 0, 90], 'Lcl Rotation': [90, 0, 0] };
  // (0,1,0) about X by 90° → (0,0,1); about Z by 90° stays
  expectPlace(await placeOf([0, 1, 0], pre), 0, 0, 1);
  // (1,0,0): X does nothing; Z by 90° → (0,1,0)
  expectPlace(await placeOf([1, 0, 0], pre), 0, 1, 0);
  // the inverse of a post-rotation of 90° about Z takes (0,1,0) to (1,0,0)
  expectPlace(await placeOf([0, 1, 0], { RotationActive: 1, PostRotation: [0, 0, 90] }), 1, 0, 0);
  expectPlace(await placeOf([0, 1, 0], { RotationActive: 0, PreRotation: [0, 0, 90] }), 0, 1, 0);
});

test('rotation and scaling turn about their pivots', async () => {
  // about (1,0,0) by 90°: (2,0,0) → (1,1,0)
  expectPlace(await placeOf([2, 0, 0], { RotationPivot: [1, 0, 0], 'Lcl Rotation': [0, 0, 90] }), 1, 1, 0);
  // scaled by 3 about (1,0,0): (2,0,0) → (4,0,0)
  expectPlace(await placeOf([2, 0, 0], { ScalingPivot: [1, 0, 0], 'Lcl Scaling': [3, 3, 3] }), 4, 0, 0);
  // offsets shift what follows them
  expectPlace(await placeOf([0, 0, 0], { RotationOffset: [0, 5, 0], ScalingOffset: [1, 0, 0] }), 1, 5, 0);
});

test('a geometric transform moves the mesh and not its children', async () => {
  expectPlace(await placeOf([1, 0, 0], { GeometricTranslation: [0, 7, 0], GeometricScaling: [2, 2, 2] }), 2, 7, 0);
  expectPlace(await placeOf([1, 0, 0], {}, { GeometricTranslation: [0, 7, 0] }), 1, 0, 0);
});

test('a child may leave its parent’s scale out', async () => {
  const scaled = { 'Lcl Scaling': [2, 2, 2] };
  expectPlace(await placeOf([1, 0, 0], { InheritType: 1 }, scaled), 2, 0, 0);
  expectPlace(await placeOf([1, 0, 0], { InheritType: 2 }, scaled), 1, 0, 0);
});

test('a mesh shared by two models stands twice, each with its own geometric transform', async () => {
  const { document } = await read(
    writeFbxBinary(
      scene(
        [house(), model(11n, 'left'), model(12n, 'right', { GeometricTranslation: [10, 0, 0] })],
        [link(11n, 0n), link(12n, 0n), link(10n, 11n), link(10n, 12n)],
      ),
    ),
  );
  expect(computeFigures(document).triangles).toBe(6);
  expect(boxSize(computeBounds(document)!)).toEqual([11, 2, 0]);
});

test('smoothing groups, UVs by index, colours by point and materials by polygon are kept', async () => {
  const layered = house(
    layer('LayerElementSmoothing', 'ByPolygon', 'Direct', integers('Smoothing', 1, 2)),
    layer(
      'LayerElementUV',
      'ByPolygonVertex',
      'IndexToDirect',
      rec('Name', ['map1']),
      array('UV', 0, 0, 1, 0, 1, 1, 0, 1),
      integers('UVIndex', 0, 1, 2, 3, 3, 2, 0),
    ),
    rec(
      'LayerElementUV',
      [1],
      [
        rec('Name', ['bake']),
        rec('MappingInformationType', ['ByVertice']),
        rec('ReferenceInformationType', ['Direct']),
        array('UV', 0, 0, 0.5, 0, 0.5, 0.5, 0, 0.5, 0.25, 1),
      ],
    ),
    layer(
      'LayerElementColor',
      'ByVertice',
      'Direct',
      array('Colors', ...Array.from({ length: 5 }, (_, i) => [i / 4, 0, 0, 1]).flat()),
    ),
    layer('LayerElementMaterial', 'ByPolygon', 'IndexToDirect', integers('Materials', 0, 1)),
  );
  const material = (id: bigint, name: string, colour: number[]): FbxRecord =>
    rec(
      'Material',
      [id, `${name}\0\x01Material`, ''],
      [rec('ShadingModel', ['lambert']), properties({ DiffuseColor: colour })],
    );
  const { document } = await read(
    writeFbxBinary(
      scene(
        [layered, model(11n, 'house'), material(20n, 'wall', [1, 1, 1]), material(21n, 'roof', [1, 0, 0])],
        [link(11n, 0n), link(10n, 11n), link(20n, 11n), link(21n, 11n)],
      ),
    ),
  );
  const [{ mesh }] = listMeshInstances(document);
  const [wall, roof] = mesh.listPrimitives();
  expect([wall, roof].map((primitive) => primitive.getMaterial()?.getName())).toEqual(['wall', 'roof']);
  expect(wall.listSemantics().sort()).toEqual(['COLOR_0', 'NORMAL', 'POSITION', 'TEXCOORD_0', 'TEXCOORD_1']);
  // glTF counts v downwards
  expect(wall.getAttribute('TEXCOORD_0')!.getElement(0, [])).toEqual([0, 1]);
  expect(roof.getAttribute('COLOR_0')!.getElement(2, [])[0]).toBeCloseTo(1);
  expect([...polygonsOf(document)!.getSmoothing()!.getArray()!]).toEqual([1]);
});

test.each([
  ['grey under its map is no tint', { DiffuseColor: [0.588, 0.588, 0.588] }, [1, 1, 1]],
  ['black under its map does not hide it', { DiffuseColor: [0, 0, 0], DiffuseFactor: [0] }, [1, 1, 1]],
  ['how much of the map shows stays', { DiffuseColor: [1, 0, 0], DiffuseFactor: [0.8] }, [0.8, 0.8, 0.8]],
])('a map takes the place of the colour: %s', async (_, given, factor) => {
  const { document } = await read(
    writeFbxBinary(
      scene(
        [
          house(),
          model(11n, 'house'),
          rec('Material', [20n, 'wall\0\x01Material', ''], [rec('ShadingModel', ['phong']), properties(given)]),
          rec('Texture', [30n, 'brick\0\x01Texture', ''], [rec('RelativeFilename', ['brick.png'])]),
        ],
        [link(11n, 0n), link(10n, 11n), link(20n, 11n), link(30n, 20n, 'DiffuseColor')],
      ),
    ),
    { 'brick.png': createPng([200, 100, 50, 255]) },
  );
  expect(document.getRoot().listMaterials()[0].getBaseColorFactor()).toEqual([...factor, 1]);
});

test('while its map is missing a material keeps its colour; relinked, the map takes its place', async () => {
  const { document } = await read(
    writeFbxBinary(
      scene(
        [
          house(),
          model(11n, 'house'),
          rec(
            'Material',
            [20n, 'wall\0\x01Material', ''],
            [rec('ShadingModel', ['phong']), properties({ DiffuseColor: [1, 0, 0], DiffuseFactor: [0.8] })],
          ),
          rec('Texture', [30n, 'brick\0\x01Texture', ''], [rec('RelativeFilename', ['brick.png'])]),
        ],
        [link(11n, 0n), link(10n, 11n), link(20n, 11n), link(30n, 20n, 'DiffuseColor')],
      ),
    ),
  );
  const [material] = document.getRoot().listMaterials();
  expect(material.getBaseColorFactor()[0]).toBeGreaterThan(0.5);
  expect(material.getBaseColorFactor().slice(1)).toEqual([0, 0, 1]);
  const step: Step = {
    kind: 'relink-map',
    schema: 1,
    material: 'wall',
    slot: 'baseColor',
    sha256: 'a'.repeat(64),
    path: 'found/brick.png',
  };
  await applyTreatment(document, [step], {
    codec: createMemoryCodec(),
    readBytes: () => Promise.resolve(createPng([200, 100, 50, 255])),
  });
  expect(material.getBaseColorFactor()).toEqual([0.8, 0.8, 0.8, 1]);
});

test('a map is found by its relative path, its absolute one is kept beside it', async () => {
  const png = createPng([200, 100, 50, 255]);
  const { document } = await read(
    writeFbxBinary(
      scene(
        [
          house(),
          model(11n, 'house'),
          rec('Material', [20n, 'wall\0\x01Material', ''], [rec('ShadingModel', ['phong'])]),
          rec(
            'Texture',
            [30n, 'brick\0\x01Texture', ''],
            [rec('FileName', ['C:\\work\\brick.png']), rec('RelativeFilename', ['maps\\brick.png'])],
          ),
        ],
        [link(11n, 0n), link(10n, 11n), link(20n, 11n), link(30n, 20n, 'DiffuseColor')],
      ),
    ),
    { 'maps/brick.png': png },
  );
  expect(getMaterialSource(document.getRoot().listMaterials()[0]).maps).toEqual([
    expect.objectContaining({
      slot: 'baseColor',
      status: 'found',
      path: 'maps/brick.png',
      reference: 'maps\\brick.png',
      alternatives: ['C:\\work\\brick.png'],
    }),
  ]);
});

const LAID_OUT = house(layer('LayerElementUV', 'ByVertice', 'Direct', array('UV', 0, 0, 1, 0, 1, 1, 0, 1, 0.5, 1)));

test.each([
  ['binary', writeFbxBinary],
  ['ASCII', writeFbxAscii],
])('embedded media (%s) is shown', async (_, write) => {
  const { document } = await read(
    write(
      scene(
        [
          LAID_OUT,
          model(11n, 'house'),
          rec('Material', [20n, 'wall\0\x01Material', ''], [rec('ShadingModel', ['phong'])]),
          rec('Texture', [30n, 'brick\0\x01Texture', ''], [rec('RelativeFilename', ['brick.png'])]),
          rec(
            'Video',
            [31n, 'brick\0\x01Video', 'Clip'],
            [rec('RelativeFilename', ['brick.png']), rec('Content', [createPng([1, 2, 3, 255])])],
          ),
        ],
        [link(11n, 0n), link(10n, 11n), link(20n, 11n), link(30n, 20n, 'DiffuseColor'), link(31n, 30n)],
      ),
    ),
  );
  const [material] = document.getRoot().listMaterials();
  expect(getMaterialSource(material).maps).toMatchObject([{ status: 'embedded', reference: 'brick.png' }]);
  expect(material.getBaseColorTexture()?.getSize()).toEqual([2, 2]);
});

test('how a map lies is kept: shift, scale and edges', async () => {
  const { document } = await read(
    writeFbxBinary(
      scene(
        [
          LAID_OUT,
          model(11n, 'house'),
          rec('Material', [20n, 'wall\0\x01Material', ''], [rec('ShadingModel', ['phong'])]),
          rec(
            'Texture',
            [30n, 'brick\0\x01Texture', ''],
            [
              rec('RelativeFilename', ['brick.png']),
              properties({ Translation: [0.25, 0, 0], Scaling: [2, 2, 1], WrapModeU: 1 }),
            ],
          ),
        ],
        [link(11n, 0n), link(10n, 11n), link(20n, 11n), link(30n, 20n, 'DiffuseColor')],
      ),
    ),
    { 'brick.png': createPng([9, 9, 9, 255]) },
  );
  const info = document.getRoot().listMaterials()[0].getBaseColorTextureInfo()!;
  // glTF 2.0, 5.26: 33071 is CLAMP_TO_EDGE, 10497 REPEAT
  expect([info.getWrapS(), info.getWrapT()]).toEqual([33071, 10497]);
  expect(info.getExtension<Transform>('KHR_texture_transform')?.getScale()).toEqual([2, 2]);
});

test('user properties, cameras and lights are kept', async () => {
  const crate = rec(
    'Model',
    [11n, 'house\0\x01Model', 'Mesh'],
    [rec('Properties70', [], [rec('P', ['shelf', 'KString', '', 'U', 'north wall'])])],
  );
  const attribute = (id: bigint, type: string): FbxRecord => rec('NodeAttribute', [id, `a\0\x01NodeAttribute`, type]);
  const { document } = await read(
    writeFbxBinary(
      scene(
        [
          house(),
          crate,
          model(12n, 'eye', {}, 'Camera'),
          attribute(90n, 'Camera'),
          model(13n, 'lamp', {}, 'Light'),
          attribute(91n, 'Light'),
        ],
        [link(11n, 0n), link(10n, 11n), link(12n, 0n), link(90n, 12n), link(13n, 0n), link(91n, 13n)],
      ),
    ),
  );
  expect(computeFigures(document)).toMatchObject({ cameras: 1, lights: 1 });
  const node = listShownNodes(document).find((one) => one.getName() === 'house')!;
  expect(JSON.stringify(node.getExtras())).toContain('north wall');
});

/** A strip of points on a chain of bones, each point with the influences given. */
function skinned(bones: number, weights: number[][]): { objects: FbxRecord[]; links: FbxRecord[] } {
  const identity = [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];
  const objects = [house(), model(11n, 'cloth'), rec('Deformer', [40n, 'skin\0\x01Deformer', 'Skin'])];
  const links = [link(11n, 0n), link(10n, 11n), link(40n, 10n)];
  for (let b = 0; b < bones; b++) {
    const [bone, cluster] = [BigInt(50 + b), BigInt(70 + b)];
    const points = weights.flatMap((of, point) => (of[b] > 0 ? [{ point, weight: of[b] }] : []));
    objects.push(
      model(bone, `bone ${b}`, {}, 'LimbNode'),
      rec(
        'Deformer',
        [cluster, `bone ${b}\0\x01SubDeformer`, 'Cluster'],
        [
          integers('Indexes', ...points.map(({ point }) => point)),
          array('Weights', ...points.map(({ weight }) => weight)),
          array('Transform', ...identity),
          array('TransformLink', ...identity),
        ],
      ),
    );
    links.push(link(bone, 0n), link(cluster, 40n), link(bone, cluster));
  }
  return { objects, links };
}

test('all influences of a vertex are kept, heaviest first, summing to 1', async () => {
  const six = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6];
  const { objects, links } = skinned(6, [six, six, six, six, [1, 0, 0, 0, 0, 0]]);
  const { document } = await read(writeFbxBinary(scene(objects, links)));
  expect(computeFigures(document).joints).toBe(6);
  const [primitive] = listMeshInstances(document)[0].mesh.listPrimitives();
  const weights = [0, 1].flatMap((set) => primitive.getAttribute(`WEIGHTS_${set}`)!.getElement(0, [] as number[]));
  // 2.1 in all
  [0.6, 0.5, 0.4, 0.3, 0.2, 0.1, 0, 0].forEach((w, i) => expect(weights[i]).toBeCloseTo(w / 2.1, 6));
  expect(primitive.getAttribute('JOINTS_0')!.getElement(0, [])).toEqual([5, 4, 3, 2]);
});

const TICKS = 46186158000;

/** A take that moves a property of an object along keys of [seconds, value]. */
function take(
  name: string,
  target: bigint,
  property: string,
  axis: string,
  keys: [number, number][],
): { objects: FbxRecord[]; links: FbxRecord[] } {
  return {
    objects: [
      rec('AnimationStack', [80n, `${name}\0\x01AnimStack`, '']),
      rec('AnimationLayer', [81n, 'base\0\x01AnimLayer', '']),
      rec('AnimationCurveNode', [82n, 'T\0\x01AnimCurveNode', '']),
      rec(
        'AnimationCurve',
        [83n, '\0\x01AnimCurve', ''],
        [
          array('KeyTime', ...keys.map(([seconds]) => Math.round(seconds * TICKS))),
          array('KeyValueFloat', ...keys.map(([, value]) => value)),
          integers('KeyAttrFlags', 4),
          integers('KeyAttrRefCount', keys.length),
        ],
      ),
    ],
    links: [link(81n, 80n), link(82n, 81n), link(82n, target, property), link(83n, 82n, axis)],
  };
}

test('a clip has its name and span, and is where its keys say', async () => {
  const { objects, links } = take('lift', 11n, 'Lcl Translation', 'd|Y', [
    [0, 0],
    [1, 10],
    [2, 4],
  ]);
  const { document } = await read(
    writeFbxBinary(scene([house(), model(11n, 'house'), ...objects], [link(11n, 0n), link(10n, 11n), ...links])),
  );
  const [clip] = document.getRoot().listAnimations();
  expect(clip.getName()).toBe('lift');
  expect(clipSpan(clip)).toEqual([0, 2]);
  for (const [seconds, y] of [
    [0, 0],
    [0.5, 5],
    [1, 10],
    [1.5, 7],
    [2, 4],
  ]) {
    poseAt(clip, seconds);
    expect(computeBounds(document)!.min[1]).toBeCloseTo(y, 4);
  }
});

test('a turn over more than half a circle goes the long way, as its curve does', async () => {
  const { objects, links } = take('spin', 11n, 'Lcl Rotation', 'd|Z', [
    [0, 0],
    [1, 270],
  ]);
  const { document } = await read(
    writeFbxBinary(scene([house(), model(11n, 'house'), ...objects], [link(11n, 0n), link(10n, 11n), ...links])),
  );
  const [clip] = document.getRoot().listAnimations();
  // at half time 135°: the point (1,0,0) stands at (cos 135°, sin 135°, 0)
  poseAt(clip, 0.5);
  const points = computePosedPositions(document);
  const turned = [...Array(points.length / 3).keys()].map((i) => [points[i * 3], points[i * 3 + 1]]);
  const half = Math.SQRT1_2;
  expect(Math.min(...turned.map(([x, y]) => Math.hypot(x + half, y - half)))).toBeLessThan(1e-3);
});

test('a blend shape is kept with its offsets, and shows by its percent', async () => {
  const shape = rec(
    'Geometry',
    [15n, 'open\0\x01Geometry', 'Shape'],
    [integers('Indexes', 4), array('Vertices', 0, 3, 0)],
  );
  const { document } = await read(
    writeFbxBinary(
      scene(
        [
          house(),
          model(11n, 'house'),
          shape,
          rec('Deformer', [41n, 'shapes\0\x01Deformer', 'BlendShape']),
          rec(
            'Deformer',
            [42n, 'open\0\x01SubDeformer', 'BlendShapeChannel'],
            [rec('DeformPercent', [{ double: 50 }]), array('FullWeights', 100)],
          ),
        ],
        [link(11n, 0n), link(10n, 11n), link(41n, 10n), link(42n, 41n), link(15n, 42n)],
      ),
    ),
  );
  const [{ mesh }] = listMeshInstances(document);
  expect(mesh.getWeights()).toEqual([0.5]);
  // the tip at 2 is lifted by half of 3
  expect(computeBounds(document)!.max[1]).toBeCloseTo(3.5, 5);
});

test('layers and hidden parts are kept', async () => {
  const { document } = await read(
    writeFbxBinary(
      scene(
        [
          house(),
          rec('Model', [11n, 'house\0\x01Model', 'Mesh'], [properties({ Visibility: 0 })]),
          rec('CollectionExclusive', [60n, 'walls\0\x01DisplayLayer', 'DisplayLayer']),
        ],
        [link(11n, 0n), link(10n, 11n), link(11n, 60n)],
      ),
    ),
  );
  expect(getNodeSource(listShownNodes(document)[0])).toMatchObject({ layers: ['walls'], hidden: true });
});

const edited = (edit: (text: string) => string): Promise<Reading> =>
  read(new TextEncoder().encode(edit(new TextDecoder().decode(writeFbxAscii(HOUSE)))));
const VERTICES = 'a: 0,0,0,1,0,0,1,1,0,0,1,0,0.5,2,0';

test.each([
  ['behind a comma', 'a: 0,0,0,1,0,0,\n\t\t\t1,1,0,0,1,0,\n0.5,2,0'],
  ['before a comma', 'a: 0,0,0,1,0,0\n\t\t\t,1,1,0,0,1,0\n,0.5,2,0'],
])('an array split over lines, %s, is one array', async (_, split) => {
  const { document } = await edited((text) => text.replace(VERTICES, split));
  expect(boxSize(computeBounds(document)!)).toEqual([1, 2, 0]);
});

test('decimal commas are understood, and said', async () => {
  const written = VERTICES.slice(3)
    .split(',')
    .map((v) => Number(v).toFixed(3).replace('.', ','));
  const { document, log } = await edited((text) => text.replace(VERTICES, `a: ${written.join(',')}`));
  expect(boxSize(computeBounds(document)!)).toEqual([1, 2, 0]);
  expect(log.map((entry) => entry.text).join()).toContain('decimal commas');
});

test('back-slashes in a path stay, whatever follows them', async () => {
  const text = new TextDecoder().decode(
    writeFbxAscii(
      scene(
        [
          house(),
          model(11n, 'house'),
          rec('Material', [20n, 'wall\0\x01Material', ''], [rec('ShadingModel', ['phong'])]),
          rec('Texture', [30n, 'n\0\x01Texture', ''], [rec('FileName', ['C:\\new\\table.png'])]),
        ],
        [link(11n, 0n), link(10n, 11n), link(20n, 11n), link(30n, 20n, 'DiffuseColor')],
      ),
    ),
  );
  const { document } = await read(new TextEncoder().encode(text));
  expect(getMaterialSource(document.getRoot().listMaterials()[0]).maps).toMatchObject([
    { reference: 'C:\\new\\table.png', status: 'missing' },
  ]);
});

test.each([
  ['binary', writeFbxBinary(HOUSE)],
  ['ASCII', writeFbxAscii(HOUSE)],
])('a file cut short (%s) gives what stands before the cut, or says where it broke', async (_, whole) => {
  for (const share of [0.3, 0.6, 0.9]) {
    const outcome = await read(whole.slice(0, Math.floor(whole.length * share))).catch(
      (error: unknown) => error as Error,
    );
    if (outcome instanceof Error || 'message' in outcome)
      expect((outcome as Error).message).toMatch(/“model\.fbx”.*\.$/s);
    else expect(outcome.log.some((entry) => entry.level === 'look' && entry.consequence)).toBe(true);
  }
});

test('what is no FBX is refused with a sentence', async () => {
  await expect(read(new TextEncoder().encode('; FBX nothing at all\n'))).rejects.toThrow('“model.fbx”');
});
