import { Document, NodeIO, type Material, type Node } from '@gltf-transform/core';
import type { Part } from './shape';

export interface GlbMaterial {
  /** sRGB, 0 to 1. */
  colour: [number, number, number];
  roughness: number;
  metallic?: number;
  opacity?: number;
  emissive?: [number, number, number];
  map?: Buffer;
  normalMap?: Buffer;
}

export interface GlbOptions {
  materials: Record<string, GlbMaterial>;
  copyright?: string;
  extras?: Record<string, unknown>;
  generator?: string;
  /** A node around everything, and what a scene leaves behind. */
  clutter?: boolean;
  /** Groups that parts hang in, the outermost first, by the part's name. */
  groups?: Record<string, readonly string[]>;
}

const toLinear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);

/** Writes parts as GLB, smooth where their polygons say so. */
export async function writeDemoGlb(parts: readonly Part[], options: GlbOptions): Promise<Buffer> {
  const document = new Document();
  const buffer = document.createBuffer();
  const scene = document.createScene('Scene');
  const asset = document.getRoot().getAsset();
  asset.generator = options.generator ?? 'harbour workshop exporter 1.2';
  if (options.copyright) asset.copyright = options.copyright;
  if (options.extras) asset.extras = options.extras;
  const materials = new Map<string, Material>();
  for (const [name, given] of Object.entries(options.materials)) {
    const [r, g, b] = given.map ? [1, 1, 1] : given.colour.map(toLinear);
    const material = document
      .createMaterial(name)
      .setBaseColorFactor([r, g, b, given.opacity ?? 1])
      .setRoughnessFactor(given.roughness)
      .setMetallicFactor(given.metallic ?? 0);
    if (given.opacity !== undefined) material.setAlphaMode('BLEND');
    if (given.emissive) material.setEmissiveFactor(given.emissive);
    if (given.map)
      material.setBaseColorTexture(
        document.createTexture(`${name}_basecolor`).setImage(new Uint8Array(given.map)).setMimeType('image/png'),
      );
    if (given.normalMap)
      material.setNormalTexture(
        document.createTexture(`${name}_normal`).setImage(new Uint8Array(given.normalMap)).setMimeType('image/png'),
      );
    materials.set(name, material);
  }
  let parent = document.createNode('RootNode');
  if (options.clutter) {
    scene.addChild(parent);
    scene.addChild(
      document
        .createNode('Camera')
        .setCamera(document.createCamera().setType('perspective').setYFov(0.7).setZNear(0.1).setZFar(100))
        .setTranslation([3, 2, 4]),
    );
    scene.addChild(document.createNode('Empty').setTranslation([0, 1, 0]));
  } else {
    parent = document.createNode('harbour');
    scene.addChild(parent);
  }
  const made = new Map<string, Node>();
  const groupOf = (name: string): Node => {
    let at = parent;
    let path = '';
    for (const group of options.groups?.[name] ?? []) {
      path += `/${group}`;
      const known = made.get(path) ?? document.createNode(group);
      if (!made.has(path)) at.addChild(known);
      made.set(path, known);
      at = known;
    }
    return at;
  };
  for (const part of parts) {
    const { positions, normals, uvs, indices } = triangulate(part);
    const accessor = (type: 'VEC2' | 'VEC3', array: Float32Array<ArrayBuffer>) =>
      document.createAccessor().setType(type).setArray(array).setBuffer(buffer);
    const primitive = document
      .createPrimitive()
      .setAttribute('POSITION', accessor('VEC3', positions))
      .setAttribute('NORMAL', accessor('VEC3', normals))
      .setAttribute('TEXCOORD_0', accessor('VEC2', uvs))
      .setIndices(document.createAccessor().setType('SCALAR').setArray(new Uint32Array(indices)).setBuffer(buffer))
      .setMaterial(materials.get(part.material) ?? null);
    groupOf(part.name).addChild(
      document.createNode(part.name).setMesh(document.createMesh(part.name).addPrimitive(primitive)),
    );
  }
  return Buffer.from(await new NodeIO().writeBinary(document));
}

function triangulate(part: Part): {
  positions: Float32Array<ArrayBuffer>;
  normals: Float32Array<ArrayBuffer>;
  uvs: Float32Array<ArrayBuffer>;
  indices: number[];
} {
  const sums = new Map<number, [number, number, number]>();
  const faceNormals = part.polygons.map(({ corners, smoothing }) => {
    const [a, b, c] = [corners[0], corners[1], corners[corners.length - 1]].map(([p]) => part.points[p]);
    const u = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const v = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
    const n: [number, number, number] = [
      u[1] * v[2] - u[2] * v[1],
      u[2] * v[0] - u[0] * v[2],
      u[0] * v[1] - u[1] * v[0],
    ];
    if (smoothing > 0) {
      for (const [p] of corners) {
        const sum = sums.get(p) ?? [0, 0, 0];
        sums.set(p, [sum[0] + n[0], sum[1] + n[1], sum[2] + n[2]]);
      }
    }
    return n;
  });
  const vertices: number[][] = [];
  const known = new Map<string, number>();
  const indices: number[] = [];
  part.polygons.forEach(({ corners, smoothing }, k) => {
    const ring = corners.map(([p, l]) => {
      const key = `${p}/${l}/${smoothing > 0 ? 's' : k}`;
      let vertex = known.get(key);
      if (vertex === undefined) {
        const n = smoothing > 0 ? sums.get(p)! : faceNormals[k];
        const length = Math.hypot(...n) || 1;
        // glTF counts v downwards
        vertex =
          vertices.push([
            ...part.points[p],
            n[0] / length,
            n[1] / length,
            n[2] / length,
            part.layout[l][0],
            1 - part.layout[l][1],
          ]) - 1;
        known.set(key, vertex);
      }
      return vertex;
    });
    for (let i = 1; i + 1 < ring.length; i++) indices.push(ring[0], ring[i], ring[i + 1]);
  });
  return {
    positions: Float32Array.from(vertices.flatMap((v) => v.slice(0, 3))),
    normals: Float32Array.from(vertices.flatMap((v) => v.slice(3, 6))),
    uvs: Float32Array.from(vertices.flatMap((v) => v.slice(6))),
    indices,
  };
}
