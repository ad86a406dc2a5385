import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { multiplyMatrix, transformPoint } from '@haveld/core/scene/matrix';
import type { mat4 } from '@gltf-transform/core';
import type { Summary } from './summary';

interface AssimpNode {
  name: string;
  transformation: number[];
  meshes?: number[];
  children?: AssimpNode[];
}

interface AssimpMesh {
  materialindex: number;
  vertices: number[];
  faces: number[][];
  texturecoords?: number[][];
  colors?: number[][];
  bones?: { name: string }[];
}

interface AssimpScene {
  rootnode: AssimpNode;
  meshes?: AssimpMesh[];
  materials?: { properties: { key: string; semantic: number; value: unknown }[] }[];
  animations?: unknown[];
}

/** Nodes it puts in between to hold a pivot or a rotation of its own. */
const IN_BETWEEN = /\$AssimpFbx\$/;

/** What it calls the material of a mesh that has none. */
const NO_MATERIAL = ['', 'DefaultMaterial', '%%%DEFAULT'];

/** Semantic of a base colour map in its scene description (aiTextureType_DIFFUSE, aiTextureType_BASE_COLOR). */
const BASE_COLOUR = [1, 12];

/**
 * Reads a model with Debian's assimp, through the JSON of its whole scene.
 * @param metres a unit of the file, where it does not apply the unit itself
 * @returns null where it cannot
 */
export function askAssimp(path: string, metres: number): Summary | null {
  const scene = exportScene(path);
  if (!scene) return null;
  const meshes = scene.meshes ?? [];
  const summary: Summary = {
    nodes: -1,
    triangles: 0,
    materials: null,
    maps: null,
    joints: null,
    clips: scene.animations?.length ?? 0,
    size: null,
    uvSets: Math.max(0, ...meshes.map((mesh) => mesh.texturecoords?.length ?? 0)),
    colours: meshes.some((mesh) => (mesh.colors?.length ?? 0) > 0),
    keyTimes: [],
    pose: null,
  };
  const [min, max] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ];
  const used = new Set<number>();
  const visit = (node: AssimpNode, above: mat4): void => {
    const world = multiplyMatrix(above, transpose(node.transformation));
    if (!IN_BETWEEN.test(node.name)) summary.nodes!++;
    for (const index of node.meshes ?? []) {
      const { vertices, faces, materialindex } = meshes[index];
      used.add(materialindex);
      for (const face of faces) summary.triangles += Math.max(0, face.length - 2);
      for (let o = 0; o < vertices.length; o += 3) {
        const point = transformPoint(world, [vertices[o], vertices[o + 1], vertices[o + 2]]);
        for (let axis = 0; axis < 3; axis++) {
          min[axis] = Math.min(min[axis], point[axis]);
          max[axis] = Math.max(max[axis], point[axis]);
        }
      }
    }
    for (const child of node.children ?? []) visit(child, world);
  };
  visit(scene.rootnode, [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1]);
  const materials = [...used].map((index) => scene.materials?.[index]?.properties ?? []);
  summary.materials = materials
    .map((properties) => String(properties.find(({ key }) => key === '?mat.name')?.value ?? ''))
    .filter((name) => !NO_MATERIAL.includes(name))
    .sort();
  summary.maps = materials
    .flatMap((properties) =>
      properties
        .filter(({ key, semantic }) => key === '$tex.file' && BASE_COLOUR.includes(semantic))
        .map(({ value }) => String(value)),
    )
    .sort();
  summary.joints = new Set(meshes.flatMap((mesh) => (mesh.bones ?? []).map((bone) => bone.name))).size;
  if (min.every(Number.isFinite)) summary.size = max.map((v, axis) => (v - min[axis]) * metres);
  return summary;
}

function exportScene(path: string): AssimpScene | null {
  const folder = mkdtempSync(join(tmpdir(), 'haveld-assimp-'));
  try {
    const out = join(folder, 'scene.json');
    execFileSync('assimp', ['export', path, out, '-fassjson'], { stdio: 'ignore', timeout: 60_000 });
    // it writes numbers JSON does not have
    return JSON.parse(readFileSync(out, 'utf8').replace(/-?\b(nan|inf)\b/gi, '0')) as AssimpScene;
  } catch {
    return null;
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** It writes matrices row by row. */
const transpose = (m: readonly number[]): mat4 =>
  [0, 4, 8, 12, 1, 5, 9, 13, 2, 6, 10, 14, 3, 7, 11, 15].map((i) => m[i]) as mat4;
