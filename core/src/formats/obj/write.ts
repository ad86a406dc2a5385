import { getSlotTexture } from '../../textures/slot-texture';
import type { Document, Material, Primitive, Texture } from '@gltf-transform/core';
import { computePolygonOutline } from '../../geometry/polygon-outline';
import { getPolygonData } from '../../scene/document/polygon-data';
import { isTriangles, listMeshInstances } from '../../scene/traverse';
import { linearDeterminant, normalMatrix } from '../../scene/matrix';
import { computeWorldPositions } from '../../scene/measures/world-positions';

export interface WrittenObj {
  obj: string;
  mtl: string;
  /** Loose maps, with names relative to the OBJ. */
  maps: { path: string; bytes: Uint8Array }[];
  /** Names of parts and materials that OBJ cannot hold, or holds twice, and what they became. */
  renamed: { from: string; to: string }[];
}

/**
 * Writes OBJ and MTL: polygons and smoothing groups as they came, maps loose under `maps/`. Metres, Y up, world space.
 * @param name of the files, without extension
 * @param header comment lines
 */
export function writeObj(document: Document, name: string, header: readonly string[]): WrittenObj {
  const maps = new MapNames();
  const materials = new MaterialNames();
  const parts = new PlainNames();
  const writer = new ObjWriter(header, `${name}.mtl`);
  for (const instance of listMeshInstances(document)) {
    writer.push(`o ${parts.take(instance.node.getName(), 'part')}`);
    for (const primitive of instance.mesh.listPrimitives()) {
      if (!isTriangles(primitive)) continue;
      const m = normalMatrix(instance.world);
      writer.writePrimitive(
        primitive,
        computeWorldPositions(instance, primitive),
        m,
        linearDeterminant(instance.world) < 0,
        materials.nameOf(primitive.getMaterial()),
      );
    }
  }
  const mtl = [
    ...header.map((line) => `# ${line}`),
    ...materials.list().flatMap(([material, label]) => describeMaterial(material, label, maps)),
  ];
  return {
    obj: writer.text(),
    mtl: `${mtl.join('\n')}\n`,
    maps: maps.list(),
    renamed: [...parts.renamed, ...materials.renamed],
  };
}

/** Shortest decimal that gives the same 32-bit float back, within nine digits. */
const decimal = (v: number): string => String(Number(Math.fround(v).toPrecision(8)));

class ObjWriter {
  readonly #lines: string[];
  #positions = new Map<string, number>();
  #layout = new Map<string, number>();
  #normals = new Map<string, number>();
  #smoothing = -1;

  constructor(header: readonly string[], library: string) {
    this.#lines = [...header.map((line) => `# ${line}`), `mtllib ${library}`];
  }

  push(line: string): void {
    this.#lines.push(line);
  }

  text(): string {
    return `${this.#lines.join('\n')}\n`;
  }

  #index(table: Map<string, number>, statement: string, values: string): number {
    let index = table.get(values);
    if (index === undefined) {
      index = table.size + 1;
      table.set(values, index);
      this.#lines.push(`${statement} ${values}`);
    }
    return index;
  }

  writePrimitive(primitive: Primitive, positions: Float64Array, m: number[], mirrors: boolean, material: string): void {
    const count = positions.length / 3;
    const normal = primitive.getAttribute('NORMAL');
    const uv = primitive.getAttribute('TEXCOORD_0');
    const tint = primitive.getAttribute('COLOR_0');
    const corners: string[] = [];
    const element: number[] = [0, 0, 0, 0];
    for (let i = 0; i < count; i++) {
      let place = `${decimal(positions[i * 3])} ${decimal(positions[i * 3 + 1])} ${decimal(positions[i * 3 + 2])}`;
      if (tint) place += ` ${tint.getElement(i, element).slice(0, 3).map(decimal).join(' ')}`;
      let corner = String(this.#index(this.#positions, 'v', place));
      // OBJ counts v upwards, glTF downwards
      if (uv)
        corner += `/${this.#index(this.#layout, 'vt', `${decimal(uv.getElement(i, element)[0])} ${decimal(1 - element[1])}`)}`;
      else if (normal) corner += '/';
      if (normal) {
        const [x, y, z] = normal.getElement(i, element);
        const turned = [m[0] * x + m[3] * y + m[6] * z, m[1] * x + m[4] * y + m[7] * z, m[2] * x + m[5] * y + m[8] * z];
        const length = (Math.hypot(...turned) || 1) * (mirrors ? -1 : 1);
        corner += `/${this.#index(this.#normals, 'vn', turned.map((v) => (v / length).toFixed(5)).join(' '))}`;
      }
      corners.push(corner);
    }
    this.push(`usemtl ${material}`);
    this.#writeFaces(primitive, corners, mirrors);
  }

  #writeFaces(primitive: Primitive, corners: string[], mirrors: boolean): void {
    const indices = primitive.getIndices()?.getArray() ?? Uint32Array.from(corners, (_, i) => i);
    const data = getPolygonData(primitive);
    const sizes = data?.getSizes()?.getArray() ?? null;
    const smoothing = data?.getSmoothing()?.getArray() ?? null;
    const polygons = sizes?.length ?? indices.length / 3;
    for (let k = 0, at = 0; k < polygons; k++) {
      const triangles = sizes ? sizes[k] - 2 : 1;
      if (smoothing && smoothing[k] !== this.#smoothing) {
        this.#smoothing = smoothing[k];
        this.push(this.#smoothing === 0 ? 's off' : `s ${this.#smoothing}`);
      }
      const outline = computePolygonOutline(indices, at, triangles);
      for (const ring of outline ? [outline] : listTriangles(indices, at, triangles)) {
        const face = ring.map((vertex) => corners[vertex]);
        this.push(`f ${(mirrors ? face.reverse() : face).join(' ')}`);
      }
      at += triangles * 3;
    }
  }
}

function listTriangles(indices: ArrayLike<number>, at: number, triangles: number): number[][] {
  return Array.from({ length: triangles }, (_, t) => [
    indices[at + t * 3],
    indices[at + t * 3 + 1],
    indices[at + t * 3 + 2],
  ]);
}

/** Names as a line of OBJ can hold them: without spaces and remarks, each once, for many readers bring together what is called alike. */
class PlainNames {
  readonly #taken = new Set<string>();
  readonly renamed: { from: string; to: string }[] = [];

  /** @param otherwise for what has no name */
  take(name: string, otherwise: string): string {
    const wanted = name.trim().replace(/[\s#\\\p{Cc}]+/gu, '_') || otherwise;
    let plain = wanted;
    for (let n = 2; this.#taken.has(plain); n++) plain = `${wanted}_${n}`;
    this.#taken.add(plain);
    if (plain !== name && name !== '') this.renamed.push({ from: name, to: plain });
    return plain;
  }
}

class MaterialNames {
  readonly #names = new Map<Material | null, string>();
  readonly #plain = new PlainNames();

  get renamed(): PlainNames['renamed'] {
    return this.#plain.renamed;
  }

  nameOf(material: Material | null): string {
    const known = this.#names.get(material);
    if (known !== undefined) return known;
    const name = this.#plain.take(material?.getName() ?? '', 'plain');
    this.#names.set(material, name);
    return name;
  }

  list(): [Material | null, string][] {
    return [...this.#names];
  }
}

class MapNames {
  readonly #paths = new Map<Texture, string>();

  pathOf(texture: Texture, stem: string): string {
    let path = this.#paths.get(texture);
    if (path === undefined) {
      const extension =
        texture.getMimeType() === 'image/jpeg' ? 'jpg' : texture.getMimeType().replace('image/', '') || 'png';
      const wanted = (texture.getName() || stem).replace(/\.[a-z0-9]+$/i, '').replace(/[^\p{L}\p{N}_-]+/gu, '_');
      const taken = new Set(this.#paths.values());
      path = `maps/${wanted}.${extension}`;
      for (let n = 2; taken.has(path); n++) path = `maps/${wanted}_${n}.${extension}`;
      this.#paths.set(texture, path);
    }
    return path;
  }

  list(): { path: string; bytes: Uint8Array }[] {
    return [...this.#paths].map(([texture, path]) => ({ path, bytes: texture.getImage()! }));
  }
}

const toSrgb = (v: number): string => (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055).toFixed(6);

function describeMaterial(material: Material | null, label: string, maps: MapNames): string[] {
  if (!material) return ['', `newmtl ${label}`, 'Kd 0.8 0.8 0.8'];
  const [r, g, b, a] = material.getBaseColorFactor();
  const roughness = material.getRoughnessFactor();
  const alpha = Math.max(roughness * roughness, 0.001);
  const lines = [
    '',
    `newmtl ${label}`,
    `Kd ${[r, g, b].map(toSrgb).join(' ')}`,
    `Ke ${material.getEmissiveFactor().map(toSrgb).join(' ')}`,
  ];
  lines.push(
    `Ns ${Math.min(1000, Math.max(0, 2 / (alpha * alpha) - 2)).toFixed(2)}`,
    `d ${Number(a.toFixed(4))}`,
    `Pr ${Number(roughness.toFixed(4))}`,
    `Pm ${Number(material.getMetallicFactor().toFixed(4))}`,
  );
  const slots: [string, Texture | null, string][] = [
    ['map_Kd', material.getBaseColorTexture(), 'colour'],
    ['norm', material.getNormalTexture(), 'normal'],
    ['map_Ke', material.getEmissiveTexture(), 'emissive'],
    ['map_Ks', getSlotTexture(material, 'specular'), 'specular'],
  ];
  for (const [statement, texture, stem] of slots)
    if (texture?.getImage()) lines.push(`${statement} ${maps.pathOf(texture, `${label}_${stem}`)}`);
  const packed = material.getMetallicRoughnessTexture();
  if (packed?.getImage()) {
    const path = maps.pathOf(packed, `${label}_metallic_roughness`);
    lines.push(`# green is roughness, blue is metallic: ${path}`);
  }
  return lines;
}
