import type { Accessor, Animation, AnimationSampler, Document, Node, vec3, vec4 } from '@gltf-transform/core';
import { multiplyQuaternions, rotateVector } from '../../scene/quaternion';

/** Scale and turn a root carries, as one factor and one rotation; null where it stretches or mirrors. */
function readSimilarity(root: Node): { factor: number; turn: vec4 } | null {
  const [x, y, z] = root.getScale();
  const isEven = Math.abs(x - y) <= 1e-9 * Math.abs(x) && Math.abs(x - z) <= 1e-9 * Math.abs(x);
  return isEven && x > 0 ? { factor: x, turn: root.getRotation() } : null;
}

/**
 * Takes scale and turn out of the root of a model with joints or clips, so that both read as nothing and everything moves as it did.
 * The scale goes through all of it: places of nodes, vertices, blend shapes, inverse bind matrices (their translation alone, for
 * s·J·B·s⁻¹ = (sJs⁻¹)(sBs⁻¹)) and tracks of places. The turn goes into the nodes right below the root and into their tracks; so
 * does the root's place.
 * @returns false where the root stretches or mirrors, or somebody else moves it: then nothing is changed
 */
export function bakeMovingRoot(document: Document, root: Node): boolean {
  const similarity = readSimilarity(root);
  const clips = document.getRoot().listAnimations();
  const isMoved = clips.some((clip) => clip.listChannels().some((channel) => channel.getTargetNode() === root));
  const stands = root.getMesh() !== null || root.getSkin() !== null;
  const isInstanced = document
    .getRoot()
    .listExtensionsUsed()
    .some((one) => one.extensionName === 'EXT_mesh_gpu_instancing');
  if (!similarity || isMoved || stands || isInstanced) return false;
  const { factor, turn } = similarity;
  const below = new Set<Node>();
  root.traverse((node) => node !== root && below.add(node));
  const tracks = new Tracks(clips);
  if (factor !== 1) scaleAll(document, below, factor, tracks);
  const place = root.getTranslation();
  const turned = (v: vec3): vec3 => {
    const [x, y, z] = rotateVector(turn, v);
    return [x + place[0], y + place[1], z + place[2]];
  };
  for (const child of root.listChildren()) {
    child.setTranslation(turned(child.getTranslation()));
    child.setRotation(multiplyQuaternions(turn, child.getRotation()));
    // tangents of a spline are directions: they turn and do not move
    tracks.change(child, 'translation', (v, isTangent) =>
      isTangent ? rotateVector(turn, v as vec3) : turned(v as vec3),
    );
    tracks.change(child, 'rotation', (v) => multiplyQuaternions(turn, v as vec4));
  }
  root.setScale([1, 1, 1]).setRotation([0, 0, 0, 1]).setTranslation([0, 0, 0]);
  return true;
}

function scaleAll(document: Document, below: ReadonlySet<Node>, factor: number, tracks: Tracks): void {
  const times = (v: number[]): number[] => v.map((value) => value * factor);
  const scaled = new Set<Accessor>();
  const scaleVectors = (accessor: Accessor | null): void => {
    if (!accessor || scaled.has(accessor)) return;
    scaled.add(accessor);
    const array = readAll(accessor);
    for (let i = 0; i < array.length; i++) array[i] *= factor;
    accessor.setNormalized(false).setArray(array);
  };
  for (const node of below) {
    node.setTranslation(times(node.getTranslation()) as vec3);
    tracks.change(node, 'translation', times);
    for (const primitive of node.getMesh()?.listPrimitives() ?? []) {
      scaleVectors(primitive.getAttribute('POSITION'));
      for (const target of primitive.listTargets()) scaleVectors(target.getAttribute('POSITION'));
    }
  }
  for (const skin of document.getRoot().listSkins()) {
    const inverse = skin.getInverseBindMatrices();
    if (!inverse || scaled.has(inverse)) continue;
    scaled.add(inverse);
    const array = readAll(inverse);
    for (let o = 0; o < array.length; o += 16) for (let k = 12; k < 15; k++) array[o + k] *= factor;
    inverse.setArray(array);
  }
}

function readAll(accessor: Accessor): Float32Array<ArrayBuffer> {
  const width = accessor.getElementSize();
  const array = new Float32Array(accessor.getCount() * width);
  const element: number[] = [];
  for (let i = 0; i < accessor.getCount(); i++) array.set(accessor.getElement(i, element).slice(0, width), i * width);
  return array;
}

/** The values of clips, changed for one node at a time; what another node shares is copied first. */
class Tracks {
  readonly #clips: readonly Animation[];

  constructor(clips: readonly Animation[]) {
    this.#clips = clips;
  }

  change(node: Node, path: 'translation' | 'rotation', by: (value: number[], isTangent: boolean) => number[]): void {
    for (const clip of this.#clips)
      for (const channel of clip.listChannels()) {
        const sampler = channel.getSampler();
        if (channel.getTargetNode() !== node || channel.getTargetPath() !== path || !sampler?.getOutput()) continue;
        const shared = clip.listChannels().some((other) => other !== channel && other.getSampler() === sampler);
        const own = shared ? sampler.clone() : sampler;
        if (shared) {
          clip.addSampler(own);
          channel.setSampler(own);
        }
        own.setOutput(this.#changed(own, by));
      }
  }

  #changed(sampler: AnimationSampler, by: (value: number[], isTangent: boolean) => number[]): Accessor {
    const src = sampler.getOutput()!;
    const isCubic = sampler.getInterpolation() === 'CUBICSPLINE';
    const width = src.getElementSize();
    const array = readAll(src);
    for (let i = 0; i < src.getCount(); i++)
      array.set(by([...array.subarray(i * width, (i + 1) * width)], isCubic && i % 3 !== 1), i * width);
    return src.clone().setNormalized(false).setArray(array);
  }
}
