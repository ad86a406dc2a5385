import { Document, NodeIO } from '@gltf-transform/core';
import { properties, rec, writeFbxAscii, writeFbxBinary, type FbxRecord } from '@haveld/core/testing/write-fbx';

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
    Vertices: Float64Array.from(points, (v) => Number(v.toFixed(6))),
    PolygonVertexIndex: quads.map((point, i) => (i % 4 === 3 ? -point - 1 : point)),
    Smoothing: new Int32Array(quads.length / 4).fill(1),
    UV: Float64Array.from(layout, (v) => Number(v.toFixed(6))),
    UVIndex: quads,
  };
}

function listFbxRecords(sheet: Sheet): FbxRecord[] {
  const { Vertices, PolygonVertexIndex, Smoothing, UV, UVIndex } = listFbxArrays(sheet);
  return [
    rec('GlobalSettings', [], [properties({ UpAxis: 1, UnitScaleFactor: 100 })]),
    rec(
      'Objects',
      [],
      [
        rec(
          'Geometry',
          [10n, 'sheet\0\x01Geometry', 'Mesh'],
          [
            rec('Vertices', [Vertices]),
            rec('PolygonVertexIndex', [PolygonVertexIndex]),
            rec(
              'LayerElementSmoothing',
              [0],
              [
                rec('MappingInformationType', ['ByPolygon']),
                rec('ReferenceInformationType', ['Direct']),
                rec('Smoothing', [Smoothing]),
              ],
            ),
            rec(
              'LayerElementUV',
              [0],
              [
                rec('MappingInformationType', ['ByPolygonVertex']),
                rec('ReferenceInformationType', ['IndexToDirect']),
                rec('UV', [UV]),
                rec('UVIndex', [UVIndex]),
              ],
            ),
          ],
        ),
        rec('Model', [11n, 'sheet\0\x01Model', 'Mesh'], [rec('Version', [232])]),
      ],
    ),
    rec('Connections', [], [rec('C', ['OO', 11n, 0n]), rec('C', ['OO', 10n, 11n])]),
  ];
}

export const writeSheetFbxBinary = (sheet: Sheet): Uint8Array => writeFbxBinary(listFbxRecords(sheet));
export const writeSheetFbxAscii = (sheet: Sheet): Uint8Array => writeFbxAscii(listFbxRecords(sheet));
