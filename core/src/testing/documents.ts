import { deflateSync } from 'node:zlib';
import type { Document, Node } from '@gltf-transform/core';
import { createDocument } from '../scene/document/document-io';
import { getShownScene } from '../scene/traverse';
import type { FileSource } from '../formats/reading';
import type { Picture, PictureCodec } from '../textures/pictures/picture-codec';

type Vector = [number, number, number];

/** A document with one box, from `min` to `max`, as a node of this name. */
export function createBoxDocument(min: Vector, max: Vector, name = 'box'): Document {
  const document = createDocument();
  addBox(document, min, max, name);
  return document;
}

/** Adds a box of 24 vertices and 12 triangles under the scene, or under a parent. */
export function addBox(document: Document, min: Vector, max: Vector, name: string, parent?: Node): Node {
  const corners = [
    [0, 1, 3, 2, 'z', 0],
    [4, 6, 7, 5, 'z', 1],
    [0, 4, 5, 1, 'y', 0],
    [2, 3, 7, 6, 'y', 1],
    [0, 2, 6, 4, 'x', 0],
    [1, 5, 7, 3, 'x', 1],
  ] as const;
  const positions: number[] = [];
  const normals: number[] = [];
  const uvs: number[] = [];
  const indices: number[] = [];
  for (const [a, b, c, d, axis, end] of corners) {
    const from = positions.length / 3;
    for (const i of [a, b, c, d])
      positions.push(i & 1 ? max[0] : min[0], i & 2 ? max[1] : min[1], i & 4 ? max[2] : min[2]);
    const normal = [0, 0, 0];
    normal['xyz'.indexOf(axis)] = end === 1 ? 1 : -1;
    for (let k = 0; k < 4; k++) normals.push(...normal);
    uvs.push(0, 0, 1, 0, 1, 1, 0, 1);
    // corners run clockwise seen from outside, so they are taken backwards
    indices.push(from, from + 2, from + 1, from, from + 3, from + 2);
  }
  const buffer = document.getRoot().listBuffers()[0] ?? document.createBuffer();
  const accessor = (type: 'VEC2' | 'VEC3', values: number[]) =>
    document.createAccessor().setType(type).setArray(new Float32Array(values)).setBuffer(buffer);
  const primitive = document
    .createPrimitive()
    .setAttribute('POSITION', accessor('VEC3', positions))
    .setAttribute('NORMAL', accessor('VEC3', normals))
    .setAttribute('TEXCOORD_0', accessor('VEC2', uvs))
    .setIndices(document.createAccessor().setType('SCALAR').setArray(new Uint16Array(indices)).setBuffer(buffer));
  const node = document.createNode(name).setMesh(document.createMesh(name).addPrimitive(primitive));
  if (parent) parent.addChild(node);
  else getShownScene(document).addChild(node);
  return node;
}

/** Files in memory; a path is its own hash. */
export function createFileSource(files: Record<string, string | Uint8Array>): FileSource {
  return {
    paths: Object.keys(files),
    read(path) {
      const content = files[path];
      if (content === undefined) return Promise.reject(new Error(`no such file, got ${path}`));
      return Promise.resolve(typeof content === 'string' ? new TextEncoder().encode(content) : content);
    },
    hash: (path) => path,
  };
}

/** Writes real PNGs, and reads back only what it wrote: enough for tests without picture libraries. */
export function createMemoryCodec(): PictureCodec {
  const known = new Map<string, Picture>();
  const keyOf = (bytes: Uint8Array): string => Buffer.from(bytes).toString('base64');
  return {
    decode: (bytes) =>
      Promise.resolve(known.get(keyOf(bytes)) ?? { width: 1, height: 1, data: new Uint8Array([128, 128, 128, 255]) }),
    async decodeDeep(bytes) {
      const { width, height, data } = await this.decode(bytes);
      return { width, height, data: Uint16Array.from({ length: width * height }, (_, i) => data[i * 4] * 257) };
    },
    encodePng(picture) {
      const bytes = encodePng(picture);
      known.set(keyOf(bytes), { ...picture, data: picture.data.slice() });
      return Promise.resolve(bytes);
    },
    encodeJpeg(picture) {
      return this.encodePng(picture);
    },
  };
}

/** A PNG of one colour. */
export function createPng(rgba: [number, number, number, number], side = 2): Uint8Array {
  return encodePng({
    width: side,
    height: side,
    data: Uint8Array.from({ length: side * side * 4 }, (_, i) => rgba[i % 4]),
  });
}

function encodePng({ width, height, data }: Picture): Uint8Array {
  const rows = Buffer.alloc(height * (width * 4 + 1));
  for (let y = 0; y < height; y++)
    Buffer.from(data.subarray(y * width * 4, (y + 1) * width * 4)).copy(rows, y * (width * 4 + 1) + 1);
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 6, 0, 0, 0], 8);
  const chunk = (type: string, body: Buffer): Buffer => {
    const typed = Buffer.concat([Buffer.from(type), body]);
    const framed = Buffer.alloc(typed.length + 8);
    framed.writeUInt32BE(body.length, 0);
    typed.copy(framed, 4);
    framed.writeUInt32BE(crc32(typed), typed.length + 4);
    return framed;
  };
  const mark = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  return new Uint8Array(
    Buffer.concat([mark, chunk('IHDR', head), chunk('IDAT', deflateSync(rows)), chunk('IEND', Buffer.alloc(0))]),
  );
}

function crc32(bytes: Buffer): number {
  let crc = 0xffffffff;
  for (const byte of bytes) {
    crc ^= byte;
    for (let k = 0; k < 8; k++) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
  }
  return (crc ^ 0xffffffff) >>> 0;
}

/** For formats that pack nothing. */
export function noInflate(): Uint8Array {
  throw new Error('noInflate: nothing is packed here');
}

/** Two triangles of one metre square, laid out as given; further copies lie behind it, a metre apart. */
export function createLaidSquare(uv: number[], copies = 1): Document {
  const document = createDocument();
  const buffer = document.getRoot().listBuffers()[0] ?? document.createBuffer();
  const accessor = (array: Float32Array | Uint16Array, type: 'VEC2' | 'VEC3' | 'SCALAR') =>
    document
      .createAccessor()
      .setType(type)
      .setArray(array as Float32Array<ArrayBuffer>)
      .setBuffer(buffer);
  const material = document.createMaterial('oak').setDoubleSided(false);
  const points = Array.from({ length: copies }, (_, k) => [0, 0, k, 1, 0, k, 1, 1, k, 0, 1, k]).flat();
  const corners = Array.from({ length: copies }, (_, k) => [0, 1, 2, 0, 2, 3].map((i) => i + k * 4)).flat();
  const primitive = document
    .createPrimitive()
    .setMaterial(material)
    .setAttribute('POSITION', accessor(Float32Array.from(points), 'VEC3'))
    .setAttribute('TEXCOORD_0', accessor(Float32Array.from(uv), 'VEC2'))
    .setIndices(accessor(Uint16Array.from(corners), 'SCALAR'));
  getShownScene(document).addChild(
    document.createNode('square').setMesh(document.createMesh().addPrimitive(primitive)),
  );
  return document;
}

/** One mesh of plain triangles. */
export function createMeshDocument(points: readonly number[], corners: readonly number[]): Document {
  const document = createDocument();
  addMesh(document, { points, corners }, 'mesh');
  return document;
}

/** xyz a point, three points a triangle. */
export interface PlainMesh {
  points: readonly number[];
  corners: readonly number[];
}

/** Adds plain triangles to a document, as a part of their own at the top. */
export function addMesh(document: Document, { points, corners }: PlainMesh, name: string): Node {
  const buffer = document.getRoot().listBuffers()[0] ?? document.createBuffer();
  const primitive = document
    .createPrimitive()
    .setAttribute(
      'POSITION',
      document.createAccessor().setType('VEC3').setArray(Float32Array.from(points)).setBuffer(buffer),
    )
    .setIndices(document.createAccessor().setType('SCALAR').setArray(Uint32Array.from(corners)).setBuffer(buffer));
  const node = document.createNode(name).setMesh(document.createMesh(name).addPrimitive(primitive));
  getShownScene(document).addChild(node);
  return node;
}

/** A closed ball of rings about Y, or the upper share of one with a flat base. */
export function createSphereDocument(radius: number, rings: number, share = 1): Document {
  const { points, corners } = createSphere(radius, rings, share);
  return createMeshDocument(points, corners);
}

/** The same, not in a document yet. */
export function createSphere(radius: number, rings: number, share = 1): PlainMesh {
  const points: number[] = [];
  const corners: number[] = [];
  const around = rings * 2;
  const at = (ring: number, k: number): number => ring * around + (k % around);
  for (let ring = 0; ring <= rings; ring++) {
    const polar = (ring / rings) * Math.PI * share;
    for (let k = 0; k < around; k++) {
      const turn = (k / around) * 2 * Math.PI;
      const r = ring === 0 || (ring === rings && share === 1) ? 0 : Math.sin(polar);
      points.push(radius * r * Math.cos(turn), radius * Math.cos(polar), radius * r * Math.sin(turn));
      if (ring < rings)
        corners.push(
          at(ring, k),
          at(ring, k + 1),
          at(ring + 1, k),
          at(ring, k + 1),
          at(ring + 1, k + 1),
          at(ring + 1, k),
        );
    }
  }
  if (share < 1) {
    const centre = points.length / 3;
    points.push(0, radius * Math.cos(Math.PI * share), 0);
    for (let k = 0; k < around; k++) corners.push(at(rings, k), at(rings, k + 1), centre);
  }
  return { points, corners };
}
