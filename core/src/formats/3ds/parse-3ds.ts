import { ChunkReader } from './chunks';

export interface TdsMap {
  /** Number of the chunk that holds it. */
  id: number;
  file: string;
  scale: [number, number];
  offset: [number, number];
}

export interface TdsMaterial {
  name: string;
  diffuse: [number, number, number] | null;
  /** 0 to 1 each. */
  shininess: number;
  transparency: number;
  selfIllumination: number;
  isTwoSided: boolean;
  maps: TdsMap[];
}

export interface TdsMesh {
  name: string;
  positions: Float32Array;
  /** Three points a triangle. */
  corners: Int32Array;
  uvs: Float32Array | null;
  /** Bits of smoothing groups per triangle; null where the file has none. */
  smoothing: Uint32Array | null;
  groups: { material: string; triangles: Int32Array }[];
  /** Axes and origin of the mesh's own space, 3 × 4. */
  matrix: number[] | null;
}

export interface Parsed3ds {
  version: number | null;
  masterScale: number | null;
  materials: TdsMaterial[];
  meshes: TdsMesh[];
  cameras: { name: string; position: [number, number, number] }[];
  lights: { name: string; position: [number, number, number] }[];
  /** Parents of the motion part: name → name. */
  parents: Map<string, string>;
  /** Parts that have more than one key. */
  moving: string[];
  /** Faces that name a point that is not there. */
  brokenFaces: number;
  /** Byte the file ends at where it states to be longer; null where it is whole. */
  cutAt: number | null;
}

/** Chunk numbers, as the format's open descriptions give them (common practice, no source). */
const ID = {
  main: 0x4d4d,
  version: 0x0002,
  editor: 0x3d3d,
  masterScale: 0x0100,
  object: 0x4000,
  mesh: 0x4100,
  points: 0x4110,
  faces: 0x4120,
  faceMaterial: 0x4130,
  layout: 0x4140,
  smoothing: 0x4150,
  matrix: 0x4160,
  light: 0x4600,
  camera: 0x4700,
  material: 0xafff,
  keyframer: 0xb000,
  keyedObject: 0xb002,
  keyedHeader: 0xb010,
  keyedId: 0xb030,
} as const;
const TRACKS = new Set([0xb020, 0xb021, 0xb022]);
const MATERIAL = {
  name: 0xa000,
  diffuse: 0xa020,
  shininess: 0xa040,
  transparency: 0xa050,
  selfIllumination: 0xa084,
  twoSided: 0xa081,
} as const;
const MAPS = new Set([0xa200, 0xa204, 0xa210, 0xa220, 0xa230, 0xa33c, 0xa33d]);
const MAP = { file: 0xa300, scaleV: 0xa354, scaleU: 0xa356, offsetU: 0xa358, offsetV: 0xa35a } as const;
const NO_PARENT = 0xffff;

/** Reads the chunks of a 3DS file; what is cut short gives what stands before the cut. */
export function parse3ds(bytes: Uint8Array): Parsed3ds {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const dst: Parsed3ds = {
    version: null,
    masterScale: null,
    materials: [],
    meshes: [],
    cameras: [],
    lights: [],
    parents: new Map(),
    moving: [],
    brokenFaces: 0,
    cutAt: bytes.length >= 6 && view.getUint32(2, true) > bytes.length ? bytes.length : null,
  };
  const file = new ChunkReader(view, 0, bytes.length);
  for (const main of file.chunks()) {
    if (main.id !== ID.main) continue;
    const within = file.open(main);
    for (const chunk of within.chunks()) {
      if (chunk.id === ID.version) dst.version = within.open(chunk).uint32();
      else if (chunk.id === ID.editor) readEditor(within.open(chunk), dst);
      else if (chunk.id === ID.keyframer) readKeyframer(within.open(chunk), dst);
    }
  }
  return dst;
}

function readEditor(reader: ChunkReader, dst: Parsed3ds): void {
  for (const chunk of reader.chunks()) {
    if (chunk.id === ID.masterScale) dst.masterScale = reader.open(chunk).float();
    else if (chunk.id === ID.material) dst.materials.push(readMaterial(reader.open(chunk)));
    else if (chunk.id === ID.object) readObject(reader.open(chunk), dst);
  }
}

function readObject(reader: ChunkReader, dst: Parsed3ds): void {
  const name = reader.text();
  for (const chunk of reader.chunks()) {
    const within = reader.open(chunk);
    if (chunk.id === ID.mesh) dst.meshes.push(readMesh(name, within, dst));
    else if (chunk.id === ID.light || chunk.id === ID.camera) {
      const position: [number, number, number] = [within.float(), within.float(), within.float()];
      (chunk.id === ID.light ? dst.lights : dst.cameras).push({ name, position });
    }
  }
}

function readMesh(name: string, reader: ChunkReader, dst: Parsed3ds): TdsMesh {
  const mesh: TdsMesh = {
    name,
    positions: new Float32Array(),
    corners: new Int32Array(),
    uvs: null,
    smoothing: null,
    groups: [],
    matrix: null,
  };
  for (const chunk of reader.chunks()) {
    const within = reader.open(chunk);
    if (chunk.id === ID.points) mesh.positions = readFloats(within, 3);
    else if (chunk.id === ID.layout) mesh.uvs = readFloats(within, 2);
    else if (chunk.id === ID.matrix) mesh.matrix = Array.from({ length: 12 }, () => within.float());
    else if (chunk.id === ID.faces) readFaces(within, mesh);
  }
  return dropBrokenFaces(mesh, dst);
}

function readFloats(reader: ChunkReader, width: number): Float32Array {
  const count = Math.min(reader.uint16(), Math.floor(reader.left() / (4 * width)));
  return Float32Array.from({ length: count * width }, () => reader.float());
}

function readFaces(reader: ChunkReader, mesh: TdsMesh): void {
  const count = Math.min(reader.uint16(), Math.floor(reader.left() / 8));
  mesh.corners = new Int32Array(count * 3);
  for (let t = 0; t < count; t++) {
    for (let i = 0; i < 3; i++) mesh.corners[t * 3 + i] = reader.uint16();
    reader.uint16();
  }
  for (const chunk of reader.chunks()) {
    const within = reader.open(chunk);
    if (chunk.id === ID.faceMaterial) {
      const material = within.text();
      const size = Math.min(within.uint16(), within.left() >> 1);
      mesh.groups.push({ material, triangles: Int32Array.from({ length: size }, () => within.uint16()) });
    } else if (chunk.id === ID.smoothing) mesh.smoothing = Uint32Array.from({ length: count }, () => within.uint32());
  }
}

function dropBrokenFaces(mesh: TdsMesh, dst: Parsed3ds): TdsMesh {
  const points = mesh.positions.length / 3;
  const isGood = (t: number): boolean => [0, 1, 2].every((i) => mesh.corners[t * 3 + i] < points);
  const numbers = new Int32Array(mesh.corners.length / 3).fill(-1);
  let kept = 0;
  for (let t = 0; t < numbers.length; t++) if (isGood(t)) numbers[t] = kept++;
  if (kept === numbers.length) return mesh;
  dst.brokenFaces += numbers.length - kept;
  return {
    ...mesh,
    corners: mesh.corners.filter((_, c) => numbers[Math.floor(c / 3)] >= 0),
    smoothing: mesh.smoothing?.filter((_, t) => numbers[t] >= 0) ?? null,
    groups: mesh.groups.map((group) => ({
      ...group,
      triangles: group.triangles.map((t) => numbers[t] ?? -1).filter((t) => t >= 0),
    })),
  };
}

function readMaterial(reader: ChunkReader): TdsMaterial {
  const material: TdsMaterial = {
    name: '',
    diffuse: null,
    shininess: 0.1,
    transparency: 0,
    selfIllumination: 0,
    isTwoSided: false,
    maps: [],
  };
  for (const chunk of reader.chunks()) {
    const within = reader.open(chunk);
    if (chunk.id === MATERIAL.name) material.name = within.text();
    else if (chunk.id === MATERIAL.diffuse) material.diffuse = readColour(within);
    else if (chunk.id === MATERIAL.shininess) material.shininess = readShare(within);
    else if (chunk.id === MATERIAL.transparency) material.transparency = readShare(within);
    else if (chunk.id === MATERIAL.selfIllumination) material.selfIllumination = readShare(within);
    else if (chunk.id === MATERIAL.twoSided) material.isTwoSided = true;
    else if (MAPS.has(chunk.id)) material.maps.push(readMap(chunk.id, within));
  }
  return material;
}

/** Floats (0x10, 0x13) or bytes (0x11, 0x12). */
function readColour(reader: ChunkReader): [number, number, number] | null {
  for (const chunk of reader.chunks()) {
    const within = reader.open(chunk);
    if (chunk.id === 0x10 || chunk.id === 0x13) return [within.float(), within.float(), within.float()];
    if (chunk.id === 0x11 || chunk.id === 0x12) return [within.byte() / 255, within.byte() / 255, within.byte() / 255];
  }
  return null;
}

/** Percent as a whole number (0x30) or a share (0x31). */
function readShare(reader: ChunkReader): number {
  for (const chunk of reader.chunks()) {
    if (chunk.id === 0x30) return reader.open(chunk).uint16() / 100;
    if (chunk.id === 0x31) return reader.open(chunk).float();
  }
  return 0;
}

function readMap(id: number, reader: ChunkReader): TdsMap {
  const map: TdsMap = { id, file: '', scale: [1, 1], offset: [0, 0] };
  for (const chunk of reader.chunks()) {
    const within = reader.open(chunk);
    if (chunk.id === MAP.file) map.file = within.text();
    else if (chunk.id === MAP.scaleU) map.scale[0] = within.float();
    else if (chunk.id === MAP.scaleV) map.scale[1] = within.float();
    else if (chunk.id === MAP.offsetU) map.offset[0] = within.float();
    else if (chunk.id === MAP.offsetV) map.offset[1] = within.float();
  }
  return map;
}

function readKeyframer(reader: ChunkReader, dst: Parsed3ds): void {
  const byId = new Map<number, { name: string; parent: number }>();
  let ordinal = 0;
  for (const chunk of reader.chunks()) {
    if (chunk.id < 0xb001 || chunk.id > 0xb007) continue;
    let id = ordinal++;
    let header: { name: string; parent: number } | null = null;
    let keys = 0;
    const within = reader.open(chunk);
    for (const part of within.chunks()) {
      const read = within.open(part);
      if (part.id === ID.keyedId) id = read.uint16();
      else if (part.id === ID.keyedHeader) {
        const name = read.text();
        read.uint32();
        header = { name, parent: read.uint16() };
      } else if (TRACKS.has(part.id)) {
        read.at += 10;
        keys = Math.max(keys, read.uint32());
      }
    }
    if (!header) continue;
    byId.set(id, header);
    if (keys > 1) dst.moving.push(header.name);
  }
  for (const { name, parent } of byId.values()) {
    const above = parent === NO_PARENT ? undefined : byId.get(parent);
    if (above && above.name !== name && !dst.parents.has(name)) dst.parents.set(name, above.name);
  }
}
