import type { Document, Material } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import type { TextureSlot } from '@haveld/contract/step';
import { setMaterialSource } from '../../scene/document/source-data';
import { fileStem } from '../../textures/judging/read-map-name';
import { detectRoleByName } from '../../textures/role-by-name';
import type { FoundReference, MapLayout } from '../bind-references';
import { clampUnit, roughnessFromPhongExponent, toLinear } from '../shading';
import { findChild, numbersOf, textOf, type FbxNode } from './fbx-node';
import type { FbxProperties } from './fbx-properties';
import { findMapSlot, PROPERTY_SETS, type PropertySet } from './material-rules';
import type { FbxObject, ObjectGraph } from './object-graph';

/** Materials of the file, made when a model first uses them, with the maps they name. */
export class FbxMaterials {
  readonly references: FoundReference[] = [];
  readonly #document: Document;
  readonly #graph: ObjectGraph;
  readonly #path: string;
  readonly #log: LogEntry[];
  readonly #made = new Map<string, Material>();
  readonly #usedVideos = new Set<string>();
  /** Works in linear colour and writes roughness its own way. */
  readonly #isLinearExporter: boolean;

  constructor(document: Document, graph: ObjectGraph, path: string, exporter: string, log: LogEntry[]) {
    this.#document = document;
    this.#graph = graph;
    this.#path = path;
    this.#log = log;
    this.#isLinearExporter = /\bBlender\b/.test(exporter);
  }

  /** @param uvSets names of the layouts of the mesh that uses it */
  get(object: FbxObject, uvSets: readonly string[], extraTextures: readonly FbxObject[] = []): Material {
    let material = this.#made.get(object.id);
    if (material) return material;
    material = this.#document.createMaterial(object.name);
    this.#made.set(object.id, material);
    this.#setFactors(material, object);
    for (const { object: source, property } of this.#graph.sourcesOf(object)) {
      for (const texture of this.#unfold(source, object)) this.#addMap(material, texture, property, uvSets);
    }
    for (const texture of extraTextures) this.#addMap(material, texture, 'DiffuseColor', uvSets);
    return material;
  }

  /** Pictures in the file that no material shows. */
  listUnusedVideos(): FbxObject[] {
    return this.#graph.listOf('Video').filter((video) => !this.#usedVideos.has(video.id) && readContent(video.node));
  }

  /** Of a stack of textures the first is taken; the others are named. */
  #unfold(source: FbxObject, material: FbxObject): FbxObject[] {
    if (source.kind === 'Texture') return [source];
    if (source.kind !== 'LayeredTexture') return [];
    const [first, ...others] = this.#graph.listSources(source, 'Texture');
    if (others.length > 0)
      this.#log.push({
        level: 'look',
        file: this.#path,
        text: `“${material.name}” lays ${others.length + 1} maps over one another; the first is taken, left out: ${others.map((one) => one.name).join(', ')}.`,
        consequence: 'It may look plainer than its author meant.',
      });
    return first ? [first] : [];
  }

  #setFactors(material: Material, { name, properties, node }: FbxObject): void {
    const set = PROPERTY_SETS.find(({ mark }) => properties.own.has(mark));
    if (set) this.#setPhysical(material, properties, set);
    else this.#setPhong(material, properties);
    const statements = Object.fromEntries([...properties.own].map(([key, { values }]) => [key, values.join(' ')]));
    const model = textOf(findChild(node, 'ShadingModel'));
    setMaterialSource(material, { statements: { ...(model ? { ShadingModel: model } : {}), ...statements }, maps: [] });
    if (material.getAlpha() === 0) {
      material.setAlpha(1).setAlphaMode('OPAQUE');
      this.#log.push({
        level: 'look',
        file: this.#path,
        text: `“${name}” states full transparency; it is shown opaque.`,
        consequence: 'Exporters differ in which way round transparency is written. Look whether it should be clear.',
      });
    }
  }

  #colour(values: readonly number[]): [number, number, number] {
    const [r, g, b] = this.#isLinearExporter ? values.map(clampUnit) : values.map(toLinear);
    return [r, g, b];
  }

  #setPhysical(material: Material, properties: FbxProperties, set: PropertySet): void {
    const base = set.baseColor.map((key) => properties.vector(key)).find((v) => v !== null) ?? [0.8, 0.8, 0.8];
    const weight = set.baseWeight ? properties.number(set.baseWeight, 1) : 1;
    this.#setWeight(material, weight);
    const opacity = set.opacity
      ? (properties.vector(set.opacity)?.[0] ?? properties.number(set.opacity, 1))
      : 1 - (set.transparency ? properties.number(set.transparency, 0) : 0);
    this.#setBase(material, this.#colour(base.map((v) => v * weight)), opacity);
    const roughness = set.glossiness
      ? 1 - properties.number(set.glossiness, 0.5)
      : properties.number(set.roughness ?? '', 0.5);
    material.setRoughnessFactor(clampUnit(roughness));
    material.setMetallicFactor(clampUnit(properties.number(set.metallic ?? '', 0)));
    const emissive = set.emissive ? properties.vector(set.emissive) : null;
    const strength = set.emissiveWeight ? properties.number(set.emissiveWeight, 1) : 1;
    if (emissive) material.setEmissiveFactor(this.#colour(emissive.map((v) => v * strength)));
  }

  #setPhong(material: Material, properties: FbxProperties): void {
    const factor = properties.number('DiffuseFactor', 1);
    this.#setWeight(material, factor);
    const diffuse = properties.vector('DiffuseColor') ?? properties.vector('Diffuse') ?? [0.8, 0.8, 0.8];
    this.#setBase(material, this.#colour(diffuse.map((v) => v * factor)), readOpacity(properties));
    const shininess = properties.number('ShininessExponent') ?? properties.number('Shininess') ?? 20;
    // one exporter writes ((1 − roughness) · 10)² and its metallic as the reflection factor (from memory)
    material.setRoughnessFactor(
      clampUnit(
        this.#isLinearExporter ? 1 - Math.sqrt(Math.max(0, shininess)) / 10 : roughnessFromPhongExponent(shininess),
      ),
    );
    material.setMetallicFactor(this.#isLinearExporter ? clampUnit(properties.number('ReflectionFactor', 0)) : 0);
    const emissive = properties.vector('EmissiveColor') ?? properties.vector('Emissive');
    const strength = properties.number('EmissiveFactor', 1);
    if (emissive) material.setEmissiveFactor(this.#colour(emissive.map((v) => v * strength)));
  }

  /**
   * A map takes the place of the colour, not of its weight (FBX SDK, "FbxSurfaceLambert"; from memory). A weight of nothing is an
   * exporter's default and would hide the map.
   */
  #setWeight(material: Material, weight: number): void {
    setMaterialSource(material, { mappedBase: clampUnit(weight) || 1 });
  }

  #setBase(material: Material, [r, g, b]: [number, number, number], opacity: number): void {
    material.setBaseColorFactor([r, g, b, clampUnit(opacity)]);
    if (opacity < 1) material.setAlphaMode('BLEND');
  }

  #addMap(material: Material, texture: FbxObject, property: string, uvSets: readonly string[]): void {
    const video = this.#graph.listSources(texture, 'Video')[0] ?? this.#findByMedia(texture);
    if (video) this.#usedVideos.add(video.id);
    const relative = textOf(findChild(texture.node, 'RelativeFilename')) ?? videoName(video, 'RelativeFilename');
    const absolute =
      textOf(findChild(texture.node, 'FileName')) ?? videoName(video, 'FileName') ?? videoName(video, 'Filename');
    const names = [...new Set([relative, absolute].filter((name) => name !== null && name !== ''))] as string[];
    const slot = judgeSlot(property, names[0] ?? texture.name);
    if (!slot) {
      this.#log.push({
        level: 'note',
        file: this.#path,
        text: `The map “${names[0] ?? texture.name}” is connected to “${property}” of “${material.getName()}”, for which glTF has no place; its name is kept.`,
      });
      return;
    }
    this.references.push({
      material,
      slot,
      reference: names[0] ?? texture.name,
      alternatives: names.slice(1),
      embedded: (video && readContent(video.node)) ?? undefined,
      from: this.#path,
      options: property,
      layout: readLayout(texture, uvSets),
    });
    // black is an exporter's default under a map; while the map is missing it would hide the shape
    if (slot === 'baseColor' && Math.max(...material.getBaseColorFactor().slice(0, 3)) === 0)
      material.setBaseColorFactor([1, 1, 1, material.getAlpha()]);
  }

  /** Version 6 names the video in the texture instead of connecting it. */
  #findByMedia(texture: FbxObject): FbxObject | undefined {
    const media = textOf(findChild(texture.node, 'Media'));
    return media ? (this.#graph.objects.get(media) ?? this.#graph.objects.get(`Video::${media}`)) : undefined;
  }
}

const videoName = (video: FbxObject | undefined, record: string): string | null =>
  video ? textOf(findChild(video.node, record)) : null;

/** Exporters connect normal maps to `Bump`; a name that says "normal" is believed. */
function judgeSlot(property: string, name: string): TextureSlot | null {
  const slot = findMapSlot(property);
  const named = detectRoleByName(name.replaceAll('\\', '/'))?.slot;
  if (slot === 'bump' && named === 'normal') return 'normal';
  // an ambient colour map is the diffuse one again, unless its name says occlusion
  if (slot === 'occlusion' && /ambientcolor$/i.test(property)) return named === 'occlusion' ? 'occlusion' : null;
  return slot;
}

/** `Opacity` is believed; else what the transparent colour lets through. */
function readOpacity(properties: FbxProperties): number {
  if (properties.own.has('Opacity')) return properties.number('Opacity', 1);
  const colour = properties.vector('TransparentColor');
  const factor = properties.number('TransparencyFactor', colour ? 1 : 0);
  const mean = colour ? (colour[0] + colour[1] + colour[2]) / 3 : 1;
  return 1 - mean * factor;
}

/** FBX scales and shifts a layout whose v points up; glTF's points down. */
function readLayout(texture: FbxObject, uvSets: readonly string[]): MapLayout {
  const { properties, node } = texture;
  const [shiftU = 0, shiftV = 0] = numbersOf(findChild(node, 'ModelUVTranslation'));
  const [scaleU = 1, scaleV = 1] = numbersOf(findChild(node, 'ModelUVScaling'));
  const translation = properties.vector('Translation', [0, 0, 0]);
  const scaling = properties.vector('Scaling', [1, 1, 1]);
  const rotation = (properties.vector('Rotation', [0, 0, 0])[2] * Math.PI) / 180;
  const scale: [number, number] = [scaleU * scaling[0], scaleV * scaling[1]];
  const [u, v] = [shiftU + translation[0], shiftV + translation[1]];
  const isMoved = scale[0] !== 1 || scale[1] !== 1 || u !== 0 || v !== 0 || rotation !== 0;
  const set = uvSets.indexOf(properties.text('UVSet') ?? '');
  return {
    set: set > 0 ? set : undefined,
    clampS: properties.number('WrapModeU', 0) === 1,
    clampT: properties.number('WrapModeV', 0) === 1,
    transform: isMoved ? { offset: offsetDownwards(u, v, rotation, scale), rotation, scale } : undefined,
  };
}

/** With v′ = 1 − v on both sides of `shift · turn · scale`, only the offset changes. */
function offsetDownwards(u: number, v: number, rotation: number, [, scaleV]: [number, number]): [number, number] {
  return [u - Math.sin(rotation) * scaleV, 1 - v - Math.cos(rotation) * scaleV];
}

/** @returns the bytes of a picture the file holds, binary or as base64 in pieces; null where it holds none */
export function readContent(node: FbxNode): Uint8Array | null {
  const pieces = (findChild(node, 'Content')?.values ?? []).flatMap((value) => {
    if (value instanceof Uint8Array) return [value];
    return typeof value === 'string' && value !== '' ? [decodeBase64(value)] : [];
  });
  const size = pieces.reduce((sum, piece) => sum + piece.length, 0);
  if (size === 0) return null;
  const bytes = new Uint8Array(size);
  let at = 0;
  for (const piece of pieces) {
    bytes.set(piece, at);
    at += piece.length;
  }
  return bytes;
}

function decodeBase64(text: string): Uint8Array {
  try {
    return Uint8Array.from(atob(text.replace(/\s/g, '')), (c) => c.charCodeAt(0));
  } catch (error) {
    if ((error as Error).name !== 'InvalidCharacterError') throw error;
    return new Uint8Array();
  }
}

/** @returns what a picture is called in the file */
export const videoLabel = (video: FbxObject): string =>
  fileStem(videoName(video, 'RelativeFilename') ?? videoName(video, 'FileName') ?? video.name) || video.name;
