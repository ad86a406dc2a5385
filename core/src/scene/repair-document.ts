import {
  TextureInfo,
  type Accessor,
  type Document,
  type Material,
  type Primitive,
  type Property,
} from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import { getShownScene } from './traverse';

/** 32-bit floats end here: more would be infinite in the file that is written. */
const LARGEST = 3e38;

/**
 * Puts right what would make a document invalid, whatever it was read from: numbers that are none, weights that do not sum to
 * 1, corners that name a vertex that is not there.
 */
export function repairDocument(document: Document, file: string, log: LogEntry[]): void {
  const root = document.getRoot();
  let badTransforms = 0;
  for (const node of root.listNodes()) {
    const numbers = [...node.getTranslation(), ...node.getRotation(), ...node.getScale()];
    if (numbers.every((v) => Math.abs(v) < LARGEST)) continue;
    node.setTranslation([0, 0, 0]).setRotation([0, 0, 0, 1]).setScale([1, 1, 1]);
    badTransforms++;
  }
  let badNumbers = 0;
  for (const accessor of root.listAccessors()) badNumbers += clearBadNumbers(accessor);
  let badCorners = 0;
  let badWeights = 0;
  let badNormals = 0;
  for (const mesh of root.listMeshes()) {
    for (const primitive of mesh.listPrimitives()) {
      badCorners += dropBadCorners(primitive);
      badWeights += normaliseWeights(primitive);
      badNormals += fillNormals(primitive);
    }
  }
  for (const mesh of root.listMeshes())
    for (const primitive of mesh.listPrimitives()) if (isEmpty(primitive)) primitive.dispose();
  separateMovingSkins(document);
  const bare = takeMapsFromBare(document);
  const look = (text: string, consequence: string): void => void log.push({ level: 'look', file, text, consequence });
  if (badTransforms > 0)
    look(
      `${badTransforms} parts stand at a place that is no number.`,
      'They were put to the origin; they may be misplaced.',
    );
  if (badNumbers > 0) look(`${badNumbers} values are no numbers.`, 'They were taken as 0; something may look torn.');
  if (badCorners > 0)
    look(`${badCorners} triangles name a vertex that is not there.`, 'They are left out; there may be holes.');
  if (badWeights > 0)
    log.push({
      level: 'note',
      file,
      text: `The bone weights of ${badWeights} vertices did not sum to 1; they do now.`,
    });
  if (badNormals > 0)
    log.push({ level: 'note', file, text: `${badNormals} normals had no length; they point up now.` });
  if (bare.length > 0)
    look(
      `Parts without a layout have a material with maps: ${bare.join(', ')}.`,
      'Its maps cannot lie on them; they show its colour alone.',
    );
}

/** A skinned mesh stands where its bones are: a node that holds one and moves or has children gives it to a node of its own. */
function separateMovingSkins(document: Document): void {
  const moved = new Set(
    document
      .getRoot()
      .listAnimations()
      .flatMap((clip) => clip.listChannels())
      .filter((channel) => channel.getTargetPath() !== 'weights')
      .map((channel) => channel.getTargetNode()),
  );
  for (const node of document.getRoot().listNodes()) {
    const [skin, mesh] = [node.getSkin(), node.getMesh()];
    if (!skin || !mesh || !moved.has(node)) continue;
    const holder = document.createNode(node.getName()).setMesh(mesh).setSkin(skin);
    for (const channel of document
      .getRoot()
      .listAnimations()
      .flatMap((clip) => clip.listChannels()))
      if (channel.getTargetNode() === node && channel.getTargetPath() === 'weights') channel.setTargetNode(holder);
    node.setMesh(null).setSkin(null);
    getShownScene(document).addChild(holder);
  }
}

/** @returns names of materials whose maps lie on parts without the layout they need; those parts get a copy without maps */
function takeMapsFromBare(document: Document): string[] {
  const copies = new Map<Material, Material>();
  for (const mesh of document.getRoot().listMeshes()) {
    for (const primitive of mesh.listPrimitives()) {
      const material = primitive.getMaterial();
      if (!material || listUsedSets(material).every((set) => primitive.getAttribute(`TEXCOORD_${set}`))) continue;
      let copy = copies.get(material);
      if (!copy) {
        copy = material.clone();
        copy
          .setBaseColorTexture(null)
          .setNormalTexture(null)
          .setOcclusionTexture(null)
          .setEmissiveTexture(null)
          .setMetallicRoughnessTexture(null);
        for (const extension of copy.listExtensions()) copy.setExtension(extension.extensionName, null);
        copies.set(material, copy);
      }
      primitive.setMaterial(copy);
    }
  }
  for (const material of copies.keys())
    if (material.listParents().every((parent) => parent.propertyType === 'Root')) material.dispose();
  return [...copies.values()].map((material) => `“${material.getName()}”`);
}

/** UV sets a material's maps need, those of extensions too. */
function listUsedSets(material: Material): number[] {
  return [material, ...material.listExtensions()].flatMap((owner) =>
    owner
      .getGraph()
      .listChildEdges(owner)
      .map((edge) => edge.getChild())
      .filter((child) => child instanceof TextureInfo && child.listParents().length > 0)
      .flatMap((info) => (isUsed(owner, info as TextureInfo) ? [(info as TextureInfo).getTexCoord()] : [])),
  );
}

/** A slot's settings are always there; they count where a texture lies in the slot. */
function isUsed(owner: Property, info: TextureInfo): boolean {
  const edges = owner.getGraph().listChildEdges(owner);
  const name = edges.find((edge) => edge.getChild() === info)?.getName() ?? '';
  return edges.some(
    (edge) => edge.getName() === name.replace(/Info$/, '') && edge.getChild().propertyType === 'Texture',
  );
}

function fillNormals(primitive: Primitive): number {
  const array = primitive.getAttribute('NORMAL')?.getArray();
  if (!(array instanceof Float32Array)) return 0;
  let filled = 0;
  for (let o = 0; o < array.length; o += 3) {
    const square = array[o] * array[o] + array[o + 1] * array[o + 1] + array[o + 2] * array[o + 2];
    if (Math.abs(square - 1) < 1e-3) continue;
    if (square < 1e-20) {
      array[o + 1] = 1;
      array[o] = array[o + 2] = 0;
      filled++;
      continue;
    }
    const length = Math.sqrt(square);
    for (let axis = 0; axis < 3; axis++) array[o + axis] /= length;
  }
  return filled;
}

function clearBadNumbers(accessor: Accessor): number {
  const array = accessor.getArray();
  if (!(array instanceof Float32Array)) return 0;
  let bad = 0;
  for (let i = 0; i < array.length; i++) {
    if (Math.abs(array[i]) < LARGEST) continue;
    array[i] = 0;
    bad++;
  }
  return bad;
}

const isEmpty = (primitive: Primitive): boolean =>
  primitive.getIndices()?.getCount() === 0 || (primitive.getAttribute('POSITION')?.getCount() ?? 0) === 0;

/** @returns triangles left out; polygons kept beside them would no longer match and go too */
function dropBadCorners(primitive: Primitive): number {
  const indices = primitive.getIndices();
  const array = indices?.getArray();
  const count = primitive.getAttribute('POSITION')?.getCount() ?? 0;
  if (!indices || !array) return 0;
  let isWhole = true;
  for (let i = 0; i < array.length && isWhole; i++) isWhole = array[i] < count;
  if (isWhole) return 0;
  const width = primitive.getMode() === 4 ? 3 : primitive.getMode() === 1 ? 2 : 1;
  const kept: number[] = [];
  let dropped = 0;
  for (let i = 0; i + width <= array.length; i += width) {
    const corners = array.subarray(i, i + width);
    if (corners.every((corner: number) => corner < count)) kept.push(...corners);
    else dropped++;
  }
  const copy = indices.clone().setArray(Uint32Array.from(kept));
  primitive.setIndices(copy).setExtension('HAVELD_polygons', null);
  return dropped;
}

/** glTF 2.0, 3.7.3.3: weights of a vertex sum to 1 over all its sets. */
function normaliseWeights(primitive: Primitive): number {
  const sets: Accessor[] = [];
  for (let s = 0; ; s++) {
    const weights = primitive.getAttribute(`WEIGHTS_${s}`);
    if (!weights) break;
    sets.push(weights);
  }
  if (sets.length === 0 || sets.some((weights) => !(weights.getArray() instanceof Float32Array))) return 0;
  const arrays = sets.map((weights) => weights.getArray() as Float32Array);
  let changed = 0;
  for (let v = 0; v < sets[0].getCount(); v++) {
    let sum = 0;
    for (const array of arrays) for (let i = 0; i < 4; i++) sum += Math.max(0, array[v * 4 + i]);
    if (Math.abs(sum - 1) > 1e-4) changed++;
    if (sum <= 0) arrays[0][v * 4] = sum = 1;
    if (Math.abs(sum - 1) > 1e-8) spreadWeights(arrays, v, sum);
  }
  return changed;
}

/** Divides by the sum; what rounding leaves goes to the largest. */
function spreadWeights(arrays: Float32Array[], vertex: number, sum: number): void {
  let rest = 1;
  let [largest, at] = [arrays[0], vertex * 4];
  for (const array of arrays) {
    for (let i = vertex * 4; i < vertex * 4 + 4; i++) {
      array[i] = Math.max(0, array[i]) / sum;
      rest -= array[i];
      if (array[i] > largest[at]) [largest, at] = [array, i];
    }
  }
  largest[at] += rest;
}
