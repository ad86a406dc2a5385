import type { GLTF } from '@gltf-transform/core';
import { packGlb } from './pack-glb';

/** Bytes of the GLB's binary chunk that are wanted, and where they go. */
export interface PickedRange {
  /** From the beginning of the binary chunk. */
  start: number;
  end: number;
}

/** A part of a GLB: its JSON, and what has to be read of its bytes. */
export interface PickPlan {
  json: GLTF.IGLTF;
  /** In the order in which they follow one another in the new buffer, each begun at a multiple of eight. */
  ranges: PickedRange[];
}

type Json = Record<string, unknown>;

/** Extensions of a primitive or a material that name accessors, materials or textures by their number. */
const TEXTURE_KEY = /texture$/i;

/**
 * Plans how a part of a GLB is taken out of it without reading the rest: which bytes, and the JSON that goes with them.
 * What stands above the part keeps its place, so that it lies where it lay; nothing else comes along.
 * @param source JSON of a GLB that Haveld wrote, with one buffer
 * @param nodeIds ids (`extras.haveld.id`) of the nodes wanted, with all below them
 * @param root name of the node around everything, and how far everything is moved, document units
 */
export function planPick(
  source: GLTF.IGLTF,
  nodeIds: readonly string[],
  root: { name: string; shift: readonly [number, number, number] },
): PickPlan {
  const nodes = source.nodes ?? [];
  const wanted = listBelow(
    nodes,
    nodes.flatMap((node, i) => (nodeIds.includes(idOf(node)) ? [i] : [])),
  );
  const joints = new Set(
    [...wanted].flatMap((i) => (nodes[i].skin === undefined ? [] : source.skins![nodes[i].skin].joints)),
  );
  const kept = new Set([...wanted, ...joints, ...listAbove(nodes, [...wanted, ...joints])]);
  const numbers = new Renumbering(source);
  const order = [...kept].sort((a, b) => a - b);
  const placeOf = new Map(order.map((old, i) => [old, i]));
  const json: GLTF.IGLTF = {
    asset: source.asset,
    ...(source.extras ? { extras: source.extras } : {}),
    nodes: order.map((i) => {
      const { children, mesh, skin, camera: _camera, ...rest } = nodes[i];
      const below = children?.flatMap((child) => placeOf.get(child) ?? []) ?? [];
      const isShown = wanted.has(i);
      return {
        ...rest,
        ...(below.length > 0 ? { children: below } : {}),
        ...(isShown && mesh !== undefined ? { mesh: numbers.of('meshes', mesh) } : {}),
        ...(isShown && skin !== undefined ? { skin: numbers.of('skins', skin) } : {}),
      };
    }),
  };
  const tops = (source.scenes?.[source.scene ?? 0]?.nodes ?? []).flatMap((i) => placeOf.get(i) ?? []);
  json.nodes!.push({
    name: root.name,
    children: tops,
    ...(root.shift.some((v) => v !== 0) ? { translation: [...root.shift] } : {}),
  });
  json.scene = 0;
  json.scenes = [{ name: 'scene', nodes: [json.nodes!.length - 1] }];
  const animations = pickAnimations(source, placeOf, numbers);
  if (animations.length > 0) json.animations = animations;
  return numbers.finish(json, placeOf);
}

const idOf = (node: GLTF.INode): string =>
  ((node.extras as Json | undefined)?.haveld as { id?: string } | undefined)?.id ?? '';

function listBelow(nodes: readonly GLTF.INode[], tops: readonly number[]): Set<number> {
  const below = new Set<number>();
  const visit = (i: number): void => {
    if (below.has(i)) return;
    below.add(i);
    nodes[i].children?.forEach(visit);
  };
  tops.forEach(visit);
  return below;
}

function listAbove(nodes: readonly GLTF.INode[], from: readonly number[]): number[] {
  const parents = new Map<number, number>();
  nodes.forEach((node, i) => node.children?.forEach((child) => parents.set(child, i)));
  return from.flatMap((i) => {
    const above: number[] = [];
    for (let at = parents.get(i); at !== undefined; at = parents.get(at)) above.push(at);
    return above;
  });
}

function pickAnimations(
  source: GLTF.IGLTF,
  placeOf: ReadonlyMap<number, number>,
  numbers: Renumbering,
): GLTF.IAnimation[] {
  return (source.animations ?? []).flatMap((animation) => {
    const channels = animation.channels.filter(({ target }) => target.node !== undefined && placeOf.has(target.node));
    if (channels.length === 0) return [];
    const samplers = [...new Set(channels.map(({ sampler }) => sampler))];
    return [
      {
        ...animation,
        channels: channels.map((channel) => ({
          ...channel,
          sampler: samplers.indexOf(channel.sampler),
          target: { ...channel.target, node: placeOf.get(channel.target.node!)! },
        })),
        samplers: samplers.map((i) => ({
          ...animation.samplers[i],
          input: numbers.of('accessors', animation.samplers[i].input),
          output: numbers.of('accessors', animation.samplers[i].output),
        })),
      },
    ];
  });
}

type Kind = 'meshes' | 'skins' | 'materials' | 'textures' | 'images' | 'samplers' | 'accessors' | 'bufferViews';

/** Gives what is used new numbers in the order in which it is first named. */
class Renumbering {
  readonly #source: GLTF.IGLTF;
  readonly #used = new Map<Kind, Map<number, number>>();

  constructor(source: GLTF.IGLTF) {
    this.#source = source;
  }

  of(kind: Kind, old: number): number {
    const numbers = this.#used.get(kind) ?? new Map<number, number>();
    this.#used.set(kind, numbers);
    const known = numbers.get(old);
    if (known !== undefined) return known;
    numbers.set(old, numbers.size);
    return numbers.size - 1;
  }

  /** Copies what is used, kind after kind, so that each names what the next copies. */
  finish(json: GLTF.IGLTF, placeOf: ReadonlyMap<number, number>): PickPlan {
    const source = this.#source;
    this.#copy(json, 'meshes', (mesh: GLTF.IMesh) => ({
      ...mesh,
      primitives: mesh.primitives.map((primitive) => this.#copyPrimitive(primitive)),
    }));
    this.#copy(json, 'skins', (skin: GLTF.ISkin) => ({
      ...skin,
      joints: skin.joints.map((joint) => placeOf.get(joint)!),
      ...(skin.skeleton === undefined ? {} : { skeleton: placeOf.get(skin.skeleton) }),
      ...(skin.inverseBindMatrices === undefined
        ? {}
        : { inverseBindMatrices: this.of('accessors', skin.inverseBindMatrices) }),
    }));
    this.#copy(json, 'materials', (material: GLTF.IMaterial) => this.#copyTextureInfos(material));
    this.#copy(json, 'textures', (texture: GLTF.ITexture) => this.#copyTexture(texture));
    this.#copy(json, 'samplers', (sampler: GLTF.ISampler) => sampler);
    this.#copy(json, 'images', (image: GLTF.IImage) =>
      image.bufferView === undefined ? image : { ...image, bufferView: this.of('bufferViews', image.bufferView) },
    );
    this.#copy(json, 'accessors', (accessor: GLTF.IAccessor) => this.#copyAccessor(accessor));
    const ranges: PickedRange[] = [];
    let length = 0;
    this.#copy(json, 'bufferViews', (view: GLTF.IBufferView) => {
      const start = view.byteOffset ?? 0;
      ranges.push({ start, end: start + view.byteLength });
      const copied = { ...view, buffer: 0, byteOffset: length };
      length = toEight(length + view.byteLength);
      return copied;
    });
    if (length > 0) json.buffers = [{ byteLength: length }];
    for (const key of ['extensionsUsed', 'extensionsRequired', 'extensions'] as const)
      if (source[key]) Object.assign(json, { [key]: source[key] });
    return { json, ranges };
  }

  #copy<T>(json: GLTF.IGLTF, kind: Kind, copy: (item: T) => T): void {
    const numbers = this.#used.get(kind);
    if (!numbers) return;
    const items = (this.#source as unknown as Record<Kind, T[]>)[kind];
    const copied: T[] = [];
    // what is copied may name more of its own kind only before it is reached
    for (const old of numbers.keys()) copied.push(copy(items[old]));
    Object.assign(json, { [kind]: copied });
  }

  #copyPrimitive(primitive: GLTF.IMeshPrimitive): GLTF.IMeshPrimitive {
    const renumber = (attributes: Record<string, number>): Record<string, number> =>
      Object.fromEntries(Object.entries(attributes).map(([name, i]) => [name, this.of('accessors', i)]));
    const polygons = primitive.extensions?.HAVELD_polygons as Json | undefined;
    return {
      ...primitive,
      attributes: renumber(primitive.attributes),
      ...(primitive.indices === undefined ? {} : { indices: this.of('accessors', primitive.indices) }),
      ...(primitive.material === undefined ? {} : { material: this.of('materials', primitive.material) }),
      ...(primitive.targets ? { targets: primitive.targets.map(renumber) } : {}),
      ...(polygons
        ? {
            extensions: {
              ...primitive.extensions,
              HAVELD_polygons: Object.fromEntries(
                Object.entries(polygons).map(([key, value]) => [
                  key,
                  typeof value === 'number' ? this.of('accessors', value) : value,
                ]),
              ),
            },
          }
        : {}),
    };
  }

  /** A texture is named by `index` under a key that ends in “texture”, in the material and in its extensions. */
  #copyTextureInfos<T>(value: T): T {
    if (Array.isArray(value) || typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(
      Object.entries(value as Json).map(([key, inner]) => {
        const copied = key === 'extras' ? inner : this.#copyTextureInfos(inner);
        const isInfo = TEXTURE_KEY.test(key) && typeof (copied as Json | null)?.index === 'number';
        return [
          key,
          isInfo ? { ...(copied as Json), index: this.of('textures', (copied as { index: number }).index) } : copied,
        ];
      }),
    ) as T;
  }

  #copyTexture({ source, sampler, extensions, ...rest }: GLTF.ITexture): GLTF.ITexture {
    return {
      ...rest,
      ...(source === undefined ? {} : { source: this.of('images', source) }),
      ...(sampler === undefined ? {} : { sampler: this.of('samplers', sampler) }),
      ...(extensions
        ? {
            extensions: Object.fromEntries(
              Object.entries(extensions as Record<string, Json>).map(([name, one]) => [
                name,
                typeof one.source === 'number' ? { ...one, source: this.of('images', one.source) } : one,
              ]),
            ),
          }
        : {}),
    };
  }

  #copyAccessor(accessor: GLTF.IAccessor): GLTF.IAccessor {
    const { bufferView, sparse } = accessor;
    return {
      ...accessor,
      ...(bufferView === undefined ? {} : { bufferView: this.of('bufferViews', bufferView) }),
      ...(sparse
        ? {
            sparse: {
              ...sparse,
              indices: { ...sparse.indices, bufferView: this.of('bufferViews', sparse.indices.bufferView) },
              values: { ...sparse.values, bufferView: this.of('bufferViews', sparse.values.bufferView) },
            },
          }
        : {}),
    };
  }
}

const toEight = (length: number): number => (length + 7) & ~7;

/** Puts a plan and the bytes it asked for together. @param chunks one a range, in order */
export function assemblePick({ json, ranges }: PickPlan, chunks: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const length = ranges.reduce((sum, { start, end }) => toEight(sum + end - start), 0);
  const binary = new Uint8Array(length);
  let at = 0;
  for (const chunk of chunks) {
    binary.set(chunk, at);
    at = toEight(at + chunk.byteLength);
  }
  return packGlb(json, binary);
}

/** JSON of a GLB and where its binary chunk begins. @param head the file's beginning, at least its JSON chunk */
export function readGlbHead(head: Uint8Array): { json: GLTF.IGLTF; binaryAt: number } {
  const jsonLength = new DataView(head.buffer, head.byteOffset).getUint32(12, true);
  const json = JSON.parse(new TextDecoder().decode(head.subarray(20, 20 + jsonLength))) as GLTF.IGLTF;
  return { json, binaryAt: 20 + jsonLength + 8 };
}
