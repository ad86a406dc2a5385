import type { Document, Material, Node, mat4 } from '@gltf-transform/core';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { TextureSlot } from '@haveld/contract/step';
import type { PolygonMesh } from '../../geometry/polygon-mesh';
import { createDocument } from '../../scene/document/document-io';
import { setDocumentSource, setMaterialSource } from '../../scene/document/source-data';
import { decomposeMatrix, invertMatrix, multiplyMatrix, scaleMatrix, transformPoint } from '../../scene/matrix';
import { PrimitiveBuilder } from '../../scene/meshes/build-primitive';
import { getShownScene } from '../../scene/traverse';
import { bindReferences, type FoundReference } from '../bind-references';
import type { Reading, ReadingContext } from '../reading';
import { clampUnit, roughnessFromPhongExponent, toLinear } from '../shading';
import { parse3ds, type Parsed3ds, type TdsMaterial, type TdsMesh } from './parse-3ds';

const MAP_SLOTS: Record<number, TextureSlot> = {
  0xa200: 'baseColor',
  0xa204: 'specular',
  0xa210: 'opacity',
  0xa230: 'bump',
  0xa33d: 'emissive',
};

/** A shininess of 100 % is an exponent of 128 (common practice, no source). */
const FULL_SHININESS = 128;

/**
 * Reads a 3DS file: meshes with their own space and parents, smoothing groups, materials and maps.
 * @returns the document in the file's own unit, Z up as the format has it
 * @throws {DomainError} `bad-file` where nothing of it can be shown
 */
export async function read3ds(path: string, context: ReadingContext): Promise<Reading> {
  const parsed = parse3ds(await context.files.read(path));
  const shown = parsed.meshes.filter((mesh) => mesh.corners.length > 0);
  if (shown.length === 0 && parsed.cameras.length + parsed.lights.length === 0) {
    const words = parsed.cutAt === null ? 'has no triangles' : `is cut off at byte ${parsed.cutAt} before any triangle`;
    throw new DomainError('bad-file', `“${path}” ${words}: there is nothing to show.`, { file: path });
  }
  const log: LogEntry[] = [];
  const document = createDocument();
  const references: FoundReference[] = [];
  const materials = new Map(
    parsed.materials.map((material) => [material.name, createMaterial(document, material, path, references)]),
  );
  await bindReferences(document, references, context, log);
  const nodes = new Map<string, { node: Node; world: mat4 }>();
  for (const mesh of shown) nodes.set(mesh.name, addMesh(document, mesh, materials));
  place(document, parsed, nodes);
  logLosses(path, parsed, log);
  setDocumentSource(document, {
    format: '3DS',
    version: parsed.version === null ? undefined : String(parsed.version),
    declaredUnit: null,
    declaredUp: 'z',
    extras: parsed.masterScale === null ? undefined : { masterScale: parsed.masterScale },
  });
  return { document, log };
}

function createMaterial(
  document: Document,
  { name, diffuse, shininess, transparency, selfIllumination, isTwoSided, maps }: TdsMaterial,
  path: string,
  references: FoundReference[],
): Material {
  const [r, g, b] = (diffuse ?? [0.8, 0.8, 0.8]).map(toLinear);
  const opacity = 1 - clampUnit(transparency);
  const material = document
    .createMaterial(name)
    .setBaseColorFactor([r, g, b, opacity])
    .setRoughnessFactor(roughnessFromPhongExponent(shininess * FULL_SHININESS))
    .setMetallicFactor(0)
    .setDoubleSided(isTwoSided)
    .setEmissiveFactor([r, g, b].map((v) => v * clampUnit(selfIllumination)) as [number, number, number]);
  if (opacity < 1) material.setAlphaMode('BLEND');
  setMaterialSource(material, {
    statements: { shininess: String(shininess), transparency: String(transparency) },
    maps: [],
  });
  for (const { id, file, scale, offset } of maps) {
    const slot = MAP_SLOTS[id];
    if (!slot || file === '') continue;
    const isMoved = scale[0] !== 1 || scale[1] !== 1 || offset[0] !== 0 || offset[1] !== 0;
    references.push({
      material,
      slot,
      reference: file,
      from: path,
      layout: isMoved
        ? { transform: { offset: [offset[0], 1 - offset[1] - scale[1]], rotation: 0, scale } }
        : undefined,
    });
  }
  return material;
}

/** Vertices are written where they stand; the mesh's own space is kept as its node's transform. */
function addMesh(document: Document, mesh: TdsMesh, materials: Map<string, Material>): { node: Node; world: mat4 } {
  const { matrix } = mesh;
  const stated: mat4 | null = matrix
    ? ([
        ...matrix.slice(0, 3),
        0,
        ...matrix.slice(3, 6),
        0,
        ...matrix.slice(6, 9),
        0,
        ...matrix.slice(9, 12),
        1,
      ] as mat4)
    : null;
  // a mirrored or sheared space would turn the faces round: such a mesh keeps the world's
  const parts = stated && decomposeMatrix(stated);
  const isSound = parts && !parts.residue && parts.scale.every((v) => v > 1e-6);
  const world = isSound ? stated : scaleMatrix(1);
  const toLocal = invertMatrix(world)!;
  const positions = new Float32Array(mesh.positions.length);
  for (let i = 0; i < positions.length; i += 3)
    positions.set(transformPoint(toLocal, mesh.positions.subarray(i, i + 3)), i);
  const builder = new PrimitiveBuilder(document, toPolygonMesh(mesh, positions));
  const dst = document.createMesh(mesh.name);
  for (const { material, triangles } of listGroups(mesh)) {
    const { primitive } = builder.build(triangles);
    dst.addPrimitive(primitive.setMaterial(materials.get(material) ?? null));
  }
  return { node: document.createNode(mesh.name).setMesh(dst), world };
}

/** Triangles by material; those no group names have none. */
function listGroups({ corners, groups }: TdsMesh): { material: string; triangles: Int32Array }[] {
  const named = new Set(groups.flatMap(({ triangles }) => [...triangles]));
  const rest = Int32Array.from({ length: corners.length / 3 }, (_, t) => t).filter((t) => !named.has(t));
  const filled = groups.filter(({ triangles }) => triangles.length > 0);
  return rest.length > 0 ? [...filled, { material: '', triangles: rest }] : filled;
}

function toPolygonMesh({ corners, uvs, smoothing }: TdsMesh, positions: Float32Array): PolygonMesh {
  const layout = uvs && { width: 2, values: uvs.map((v, i) => (i % 2 === 1 ? 1 - v : v)), index: corners };
  if (layout) {
    const count = layout.values.length / 2;
    layout.index = corners.map((v) => (v < count ? v : -1));
  }
  return {
    positions,
    corners,
    sizes: new Int32Array(corners.length / 3).fill(3),
    normals: null,
    uvs: layout ? [layout] : [],
    colours: [],
    smoothing: smoothing ? { by: 'bits', ofPolygon: smoothing } : { by: 'none' },
  };
}

/** Hangs every part below its parent and lets it stand where it stood. */
function place(
  document: Document,
  { parents, cameras, lights }: Parsed3ds,
  nodes: Map<string, { node: Node; world: mat4 }>,
): void {
  for (const { name, position } of [...cameras, ...lights]) {
    const world = scaleMatrix(1);
    for (let axis = 0; axis < 3; axis++) world[12 + axis] = position[axis];
    nodes.set(name, { node: document.createNode(name), world });
  }
  const isBelow = (name: string, other: string): boolean => {
    const seen = new Set<string>();
    for (let at = parents.get(name); at !== undefined && !seen.has(at); at = parents.get(at)) {
      if (at === other) return true;
      seen.add(at);
    }
    return false;
  };
  for (const [name, { node, world }] of nodes) {
    const above = parents.get(name);
    const parent = above !== undefined && !isBelow(above, name) ? nodes.get(above) : undefined;
    const toParent = parent && invertMatrix(parent.world);
    const { translation, rotation, scale, residue } = decomposeMatrix(
      toParent ? multiplyMatrix(toParent, world) : world,
    );
    const isSound = !residue;
    const host = parent && isSound ? parent.node : getShownScene(document);
    host.addChild(node);
    const own = isSound ? { translation, rotation, scale } : decomposeMatrix(world);
    node.setTranslation(own.translation).setRotation(own.rotation).setScale(own.scale);
  }
  addCameras(document, cameras, nodes);
}

function addCameras(document: Document, cameras: Parsed3ds['cameras'], nodes: Map<string, { node: Node }>): void {
  for (const { name } of cameras)
    nodes
      .get(name)!
      .node.setCamera(document.createCamera(name).setType('perspective').setYFov(0.8).setZNear(0.1).setZFar(1000));
}

function logLosses(file: string, parsed: Parsed3ds, log: LogEntry[]): void {
  const look = (text: string, consequence: string): void => void log.push({ level: 'look', file, text, consequence });
  if (parsed.cutAt !== null)
    look(`It is cut off at byte ${parsed.cutAt}.`, 'Everything before it was read; something may be missing.');
  if (parsed.brokenFaces > 0)
    look(`${parsed.brokenFaces} faces name a point that is not there.`, 'They are left out; there may be holes.');
  if (parsed.moving.length > 0)
    look(
      `${parsed.moving.length} parts have keys of motion, which were not read: ${parsed.moving.slice(0, 5).join(', ')}.`,
      'It stands still. Ask the source for glTF or FBX if the motion matters.',
    );
  if (parsed.lights.length > 0)
    log.push({ level: 'note', file, text: `${parsed.lights.length} lights are kept as empty nodes.` });
}
