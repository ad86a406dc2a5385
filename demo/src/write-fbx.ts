import type { Part } from './shape';

export interface FbxMaterialGiven {
  /** sRGB, 0 to 1. */
  colour: [number, number, number];
  /** Path of the base colour map as this file writes it. */
  map?: string;
}

/** A chain of bones along X under the root, and how it swings. */
export interface FbxChain {
  /** Name of the part that follows it. */
  part: string;
  /** Where each bone begins, metres. */
  places: [number, number, number][];
  clip: { name: string; seconds: number; degreesAt: (bone: number, share: number) => number };
}

export interface FbxOptions {
  materials: Record<string, FbxMaterialGiven>;
  /** Display layers and the parts that lie on them. */
  layers: Record<string, string[]>;
  chain: FbxChain;
}

const CENTIMETRES = 100;
const TICKS_PER_SECOND = 46186158000;
const KEYS_PER_SECOND = 24;

type Id = number;

/** Writes an ASCII FBX 7.4 of the workshop: centimetres, Y up, polygons, a material a part, one skinned part with one clip. */
export function writeDemoFbx(parts: readonly Part[], { materials, layers, chain }: FbxOptions): Buffer {
  const objects: string[] = [];
  const links: string[] = [];
  let last = 100000;
  const take = (): Id => ++last;
  const link = (from: Id, to: Id, property?: string): void =>
    void links.push(property ? `\tC: "OP",${from},${to}, "${property}"` : `\tC: "OO",${from},${to}`);
  const add = (kind: string, name: string, type: string, body: string): Id => {
    const id = take();
    const label = kind === 'NodeAttribute' || kind === 'AnimationCurve' ? '' : kind;
    objects.push(`\t${kind}: ${id}, "${CLASSES[kind] ?? label}::${name}", "${type}" {\n${body}\n\t}`);
    return id;
  };
  const model = (name: string, type: string, place: readonly number[] = [0, 0, 0]): Id =>
    add(
      'Model',
      name,
      type,
      `\t\tVersion: 232\n\t\tProperties70:  {\n\t\t\tP: "Lcl Translation", "Lcl Translation", "", "A",${list(place.map((v) => v * CENTIMETRES))}\n\t\t}`,
    );
  const materialIds = new Map(
    Object.entries(materials).map(([name, given]) => {
      const id = add(
        'Material',
        name,
        '',
        `\t\tShadingModel: "phong"\n\t\tProperties70:  {\n\t\t\tP: "DiffuseColor", "Color", "", "A",${list(given.colour)}\n\t\t}`,
      );
      if (given.map) {
        const file = given.map.split(/[\\/]/).pop();
        const texture = add('Texture', name, '', `\t\tFileName: "${given.map}"\n\t\tRelativeFilename: "${file}"`);
        link(texture, id, 'DiffuseColor');
      }
      return [name, id] as const;
    }),
  );
  const partIds = new Map<string, Id>();
  const geometryIds = new Map<string, Id>();
  for (const part of parts) {
    const id = model(part.name, 'Mesh');
    const geometry = add('Geometry', part.name, 'Mesh', describeGeometry(part));
    partIds.set(part.name, id);
    geometryIds.set(part.name, geometry);
    link(geometry, id);
    link(materialIds.get(part.material)!, id);
    link(id, 0);
  }
  for (const [name, members] of Object.entries(layers)) {
    const layer = add('CollectionExclusive', name, 'DisplayLayer', '');
    for (const member of members) link(partIds.get(member)!, layer);
  }
  const cloth = parts.find((part) => part.name === chain.part)!;
  addChain(cloth, geometryIds.get(cloth.name)!, chain, { add, model, link });
  return Buffer.from(
    [
      '; FBX 7.4.0 project file',
      'FBXHeaderExtension:  {\n\tFBXHeaderVersion: 1003\n\tFBXVersion: 7400\n\tCreator: "harbour workshop exporter 1.2"\n}',
      `GlobalSettings:  {\n\tVersion: 1000\n\tProperties70:  {\n${AXES.map(([name, value]) => `\t\tP: "${name}", "int", "Integer", "",${value}`).join('\n')}\n\t\tP: "UnitScaleFactor", "double", "Number", "",1\n\t}\n}`,
      `Objects:  {\n${objects.join('\n')}\n}`,
      `Connections:  {\n${links.join('\n')}\n}`,
      '',
    ].join('\n'),
  );
}

const AXES: [string, number][] = [
  ['UpAxis', 1],
  ['UpAxisSign', 1],
  ['FrontAxis', 2],
  ['FrontAxisSign', 1],
  ['CoordAxis', 0],
  ['CoordAxisSign', 1],
];

/** What stands before the two colons of a name, where it is not the record's own. */
const CLASSES: Record<string, string> = {
  NodeAttribute: 'NodeAttribute',
  AnimationStack: 'AnimStack',
  AnimationLayer: 'AnimLayer',
  AnimationCurveNode: 'AnimCurveNode',
  AnimationCurve: 'AnimCurve',
  CollectionExclusive: 'DisplayLayer',
};

const list = (values: readonly number[]): string => values.map((v) => Number(v.toFixed(6))).join(',');
const array = (name: string, values: readonly number[], indent = '\t\t'): string =>
  `${indent}${name}: *${values.length} {\n${indent}\ta: ${list(values)}\n${indent}}`;

function describeGeometry(part: Part): string {
  const corners = part.polygons.flatMap(({ corners: ring }) => ring);
  const ends = part.polygons.flatMap(({ corners: ring }) =>
    ring.map(([point], i) => (i === ring.length - 1 ? -point - 1 : point)),
  );
  return [
    array(
      'Vertices',
      part.points.flat().map((v) => v * CENTIMETRES),
    ),
    array('PolygonVertexIndex', ends),
    '\t\tLayerElementSmoothing: 0 {\n\t\t\tMappingInformationType: "ByPolygon"\n\t\t\tReferenceInformationType: "Direct"',
    array(
      'Smoothing',
      part.polygons.map(({ smoothing }) => smoothing),
      '\t\t\t',
    ),
    '\t\t}',
    '\t\tLayerElementUV: 0 {\n\t\t\tName: "map1"\n\t\t\tMappingInformationType: "ByPolygonVertex"\n\t\t\tReferenceInformationType: "IndexToDirect"',
    array('UV', part.layout.flat(), '\t\t\t'),
    array(
      'UVIndex',
      corners.map(([, layout]) => layout),
      '\t\t\t',
    ),
    '\t\t}',
  ].join('\n');
}

interface Writer {
  add: (kind: string, name: string, type: string, body: string) => Id;
  model: (name: string, type: string, place?: readonly number[]) => Id;
  link: (from: Id, to: Id, property?: string) => void;
}

function addChain(part: Part, geometry: Id, { places, clip }: FbxChain, { add, model, link }: Writer): void {
  const bones = places.map((place, i) => {
    const above = places[i - 1] ?? [0, 0, 0];
    return model(
      `bone ${i + 1}`,
      'LimbNode',
      place.map((v, axis) => v - above[axis]),
    );
  });
  const skin = add('Deformer', `${part.name} skin`, 'Skin', '\t\tVersion: 101');
  link(skin, geometry);
  bones.forEach((bone, i) => {
    link(bone, bones[i - 1] ?? 0);
    const influences = weigh(part, places, i);
    const [x, y, z] = places[i].map((v) => v * CENTIMETRES);
    const cluster = add(
      'Deformer',
      `bone ${i + 1}`,
      'Cluster',
      [
        array(
          'Indexes',
          influences.map(({ point }) => point),
        ),
        array(
          'Weights',
          influences.map(({ weight }) => weight),
        ),
        array('Transform', [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, -x, -y, -z, 1]),
        array('TransformLink', [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, x, y, z, 1]),
      ].join('\n'),
    );
    link(cluster, skin);
    link(bone, cluster);
  });
  const stack = add('AnimationStack', clip.name, '', '');
  const layer = add('AnimationLayer', 'base', '', '');
  link(layer, stack);
  const keys = Math.round(clip.seconds * KEYS_PER_SECOND);
  bones.forEach((bone, i) => {
    const node = add('AnimationCurveNode', 'R', '', '');
    link(node, layer);
    link(node, bone, 'Lcl Rotation');
    const times = Array.from({ length: keys + 1 }, (_, k) => Math.round((k / KEYS_PER_SECOND) * TICKS_PER_SECOND));
    const values = times.map((_, k) => clip.degreesAt(i, k / keys));
    const curve = add(
      'AnimationCurve',
      '',
      '',
      `\t\tDefault: 0\n\t\tKeyVer: 4008\n${array('KeyTime', times)}\n${array('KeyValueFloat', values)}\n${array('KeyAttrFlags', [4])}\n${array('KeyAttrRefCount', [times.length])}`,
    );
    link(curve, node, 'd|Y');
  });
}

/** A point follows the bone it lies on, and a little the next. */
function weigh(part: Part, places: FbxChain['places'], bone: number): { point: number; weight: number }[] {
  const step = places[1][0] - places[0][0];
  return part.points.flatMap(([x], point) => {
    const along = (x - places[0][0]) / step - 0.5;
    const weight = Math.max(0, 1 - Math.abs(Math.min(Math.max(along, 0), places.length - 1) - bone));
    return weight > 0 ? [{ point, weight }] : [];
  });
}
