import { deflateSync } from 'node:zlib';
import { Document, NodeIO } from '@gltf-transform/core';

/** A waved sheet of `side` × `side` quads with a layout and smooth normals, as every format says it. */
export class Sheet {
  readonly side: number;
  /** xyz per point. */
  readonly points: Float32Array<ArrayBuffer>;
  /** uv per point. */
  readonly layout: Float32Array<ArrayBuffer>;
  /** Four points a quad, counter-clockwise from above. */
  readonly quads: Int32Array;

  constructor(side: number) {
    this.side = side;
    const row = side + 1;
    this.points = new Float32Array(row * row * 3);
    this.layout = new Float32Array(row * row * 2);
    for (let y = 0, i = 0; y <= side; y++)
      for (let x = 0; x <= side; x++, i++) {
        this.points.set([x / side, 0.1 * Math.sin(x / 20) * Math.cos(y / 15), y / side], i * 3);
        this.layout.set([x / side, y / side], i * 2);
      }
    this.quads = new Int32Array(side * side * 4);
    for (let y = 0, o = 0; y < side; y++)
      for (let x = 0; x < side; x++, o += 4) {
        const a = y * row + x;
        this.quads.set([a, a + row, a + row + 1, a + 1], o);
      }
  }

  get triangles(): number {
    return this.side * this.side * 2;
  }
}

export function writeObj({ points, layout, quads }: Sheet): Buffer {
  const lines: string[] = [];
  for (let i = 0; i * 3 < points.length; i++)
    lines.push(
      `v ${points[i * 3].toFixed(5)} ${points[i * 3 + 1].toFixed(5)} ${points[i * 3 + 2].toFixed(5)}`,
      `vt ${layout[i * 2].toFixed(4)} ${layout[i * 2 + 1].toFixed(4)}`,
    );
  lines.push('s 1');
  for (let o = 0; o < quads.length; o += 4)
    lines.push(`f ${[0, 1, 2, 3].map((k) => `${quads[o + k] + 1}/${quads[o + k] + 1}`).join(' ')}`);
  return Buffer.from(lines.join('\n'));
}

export async function writeGlb({ points, layout, quads }: Sheet): Promise<Buffer> {
  const document = new Document();
  const buffer = document.createBuffer();
  const indices = new Uint32Array((quads.length / 4) * 6);
  for (let q = 0; q < quads.length / 4; q++) {
    const [a, b, c, d] = quads.subarray(q * 4, q * 4 + 4);
    indices.set([a, b, c, a, c, d], q * 6);
  }
  const accessor = (type: 'VEC2' | 'VEC3' | 'SCALAR', array: Float32Array<ArrayBuffer> | Uint32Array<ArrayBuffer>) =>
    document.createAccessor().setType(type).setArray(array).setBuffer(buffer);
  const primitive = document
    .createPrimitive()
    .setAttribute('POSITION', accessor('VEC3', points))
    .setAttribute('TEXCOORD_0', accessor('VEC2', layout))
    .setIndices(accessor('SCALAR', indices));
  const node = document.createNode('sheet').setMesh(document.createMesh('sheet').addPrimitive(primitive));
  document.createScene().addChild(node);
  return Buffer.from(await new NodeIO().writeBinary(document));
}

/** What both kinds of FBX hold: polygon ends are written as −point − 1. */
function listFbxArrays({ points, layout, quads }: Sheet) {
  return {
    Vertices: Float64Array.from(points),
    PolygonVertexIndex: quads.map((point, i) => (i % 4 === 3 ? -point - 1 : point)),
    Smoothing: new Int32Array(quads.length / 4).fill(1),
    UV: Float64Array.from(layout),
    UVIndex: quads,
  };
}

export function writeFbxAscii(sheet: Sheet): Buffer {
  const arrays = listFbxArrays(sheet);
  const array = (name: keyof typeof arrays): string =>
    `\t\t${name}: *${arrays[name].length} {\n\t\t\ta: ${Array.from(arrays[name], (v) => Number(v.toFixed(6))).join(',')}\n\t\t}`;
  return Buffer.from(`; FBX 7.4.0 project file
FBXHeaderExtension:  {
	FBXVersion: 7400
}
GlobalSettings:  {
	Properties70:  {
		P: "UpAxis", "int", "Integer", "",1
		P: "UnitScaleFactor", "double", "Number", "",100
	}
}
Objects:  {
	Geometry: 10, "Geometry::sheet", "Mesh" {
${array('Vertices')}
${array('PolygonVertexIndex')}
		LayerElementSmoothing: 0 {
			MappingInformationType: "ByPolygon"
			ReferenceInformationType: "Direct"
${array('Smoothing')}
		}
		LayerElementUV: 0 {
			MappingInformationType: "ByPolygonVertex"
			ReferenceInformationType: "IndexToDirect"
${array('UV')}
${array('UVIndex')}
		}
	}
	Model: 11, "Model::sheet", "Mesh" {
		Version: 232
	}
}
Connections:  {
	C: "OO",11,0
	C: "OO",10,11
}
`);
}

type FbxValue = string | number | bigint | { double: number } | Float64Array | Int32Array;
interface FbxRecord {
  name: string;
  values?: FbxValue[];
  children?: FbxRecord[];
}

export function writeFbxBinary(sheet: Sheet): Buffer {
  const { Vertices, PolygonVertexIndex, Smoothing, UV, UVIndex } = listFbxArrays(sheet);
  const text = (name: string, ...values: FbxValue[]): FbxRecord => ({ name, values });
  const geometry: FbxRecord[] = [
    text('Vertices', Vertices),
    text('PolygonVertexIndex', PolygonVertexIndex),
    {
      name: 'LayerElementSmoothing',
      values: [0],
      children: [
        text('MappingInformationType', 'ByPolygon'),
        text('ReferenceInformationType', 'Direct'),
        text('Smoothing', Smoothing),
      ],
    },
    {
      name: 'LayerElementUV',
      values: [0],
      children: [
        text('MappingInformationType', 'ByPolygonVertex'),
        text('ReferenceInformationType', 'IndexToDirect'),
        text('UV', UV),
        text('UVIndex', UVIndex),
      ],
    },
  ];
  const records: FbxRecord[] = [
    { name: 'FBXHeaderExtension', children: [text('FBXVersion', 7400)] },
    {
      name: 'GlobalSettings',
      children: [
        {
          name: 'Properties70',
          children: [
            text('P', 'UpAxis', 'int', 'Integer', '', 1),
            text('P', 'UnitScaleFactor', 'double', 'Number', '', { double: 100 }),
          ],
        },
      ],
    },
    {
      name: 'Objects',
      children: [
        { name: 'Geometry', values: [10n, 'sheet\0\u0001Geometry', 'Mesh'], children: geometry },
        { name: 'Model', values: [11n, 'sheet\0\u0001Model', 'Mesh'], children: [text('Version', 232)] },
      ],
    },
    { name: 'Connections', children: [text('C', 'OO', 11n, 0n), text('C', 'OO', 10n, 11n)] },
  ];
  const head = Buffer.alloc(27);
  head.write('Kaydara FBX Binary  \0\u001a\0', 'latin1');
  head.writeUInt32LE(7400, 23);
  const parts: Buffer[] = [head];
  let at = 27;
  for (const record of records) {
    const bytes = writeRecord(record, at);
    parts.push(bytes);
    at += bytes.length;
  }
  return Buffer.concat([...parts, Buffer.alloc(13)]);
}

function writeRecord({ name, values = [], children = [] }: FbxRecord, start: number): Buffer {
  const properties = Buffer.concat(values.map(writeValue));
  const head = 13 + name.length;
  const parts: Buffer[] = [];
  let at = start + head + properties.length;
  for (const child of children) {
    const bytes = writeRecord(child, at);
    parts.push(bytes);
    at += bytes.length;
  }
  if (children.length > 0) {
    parts.push(Buffer.alloc(13));
    at += 13;
  }
  const first = Buffer.alloc(13);
  first.writeUInt32LE(at, 0);
  first.writeUInt32LE(values.length, 4);
  first.writeUInt32LE(properties.length, 8);
  first[12] = name.length;
  return Buffer.concat([first, Buffer.from(name), properties, ...parts]);
}

function writeValue(value: FbxValue): Buffer {
  if (typeof value === 'string') {
    const bytes = Buffer.from(value, 'latin1');
    return Buffer.concat([Buffer.from('S'), uint32(bytes.length), bytes]);
  }
  if (typeof value === 'bigint') {
    const bytes = Buffer.alloc(9, 'L');
    bytes.writeBigInt64LE(value, 1);
    return bytes;
  }
  if (typeof value === 'number') {
    const bytes = Buffer.alloc(5, 'I');
    bytes.writeInt32LE(value, 1);
    return bytes;
  }
  if ('double' in value) {
    const bytes = Buffer.alloc(9, 'D');
    bytes.writeDoubleLE(value.double, 1);
    return bytes;
  }
  const packed = deflateSync(Buffer.from(value.buffer, value.byteOffset, value.byteLength), { level: 1 });
  const kind = value instanceof Float64Array ? 'd' : 'i';
  return Buffer.concat([Buffer.from(kind), uint32(value.length), uint32(1), uint32(packed.length), packed]);
}

function uint32(value: number): Buffer {
  const bytes = Buffer.alloc(4);
  bytes.writeUInt32LE(value);
  return bytes;
}
