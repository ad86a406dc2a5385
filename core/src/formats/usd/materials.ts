import type { Document, Material } from '@gltf-transform/core';
import type { TextureSlot } from '@haveld/contract/step';
import { setMaterialSource } from '../../scene/document/source-data';
import type { FoundReference } from '../bind-references';
import { clampUnit } from '../shading';
import type { UsdStage } from './stage';

/** Inputs of UsdPreviewSurface and where their maps belong (OpenUSD, "UsdPreviewSurface specification"). */
const INPUT_SLOTS: Record<string, TextureSlot> = {
  diffuseColor: 'baseColor',
  normal: 'normal',
  roughness: 'roughness',
  metallic: 'metallic',
  occlusion: 'occlusion',
  emissiveColor: 'emissive',
  opacity: 'opacity',
  specularColor: 'specular',
  displacement: 'bump',
};

/** Materials of a stage, made when first bound. */
export class UsdMaterials {
  readonly references: FoundReference[] = [];
  /** Shaders of other kinds, by what they call themselves. */
  readonly unknown = new Set<string>();
  readonly #document: Document;
  readonly #stage: UsdStage;
  readonly #path: string;
  readonly #packed: ReadonlyMap<string, Uint8Array>;
  readonly #made = new Map<string, Material>();

  constructor(document: Document, stage: UsdStage, path: string, packed: ReadonlyMap<string, Uint8Array>) {
    this.#document = document;
    this.#stage = stage;
    this.#path = path;
    this.#packed = packed;
  }

  get(path: string): Material | null {
    if (this.#stage.typeOf(path) !== 'Material') return null;
    let material = this.#made.get(path);
    if (material) return material;
    material = this.#document.createMaterial(path.slice(path.lastIndexOf('/') + 1));
    this.#made.set(path, material);
    const shader = this.#findSurface(path);
    if (shader) this.#readSurface(material, shader);
    return material;
  }

  #findSurface(path: string): string | null {
    const stage = this.#stage;
    const stated = stage.target(path, 'outputs:surface');
    const all = [...(stated ? [stated] : []), ...stage.childrenOf(path)];
    const surface = all.find((one) => stage.text(one, 'info:id') === 'UsdPreviewSurface');
    if (!surface) this.unknown.add((stated && stage.text(stated, 'info:id')) || 'a shader without a name');
    return surface ?? null;
  }

  #readSurface(material: Material, shader: string): void {
    const stage = this.#stage;
    const number = (name: string, fallback: number): number => stage.numbers(shader, `inputs:${name}`)?.[0] ?? fallback;
    const colour = (name: string, fallback: number[]): number[] => {
      const values = stage.numbers(shader, `inputs:${name}`);
      return values && values.length >= 3 ? [...values.subarray(0, 3)] : fallback;
    };
    const isMapped = (name: string): boolean => stage.target(shader, `inputs:${name}`) !== null;
    const [r, g, b] = isMapped('diffuseColor') ? [1, 1, 1] : colour('diffuseColor', [0.18, 0.18, 0.18]);
    const opacity = clampUnit(number('opacity', 1));
    const cutoff = number('opacityThreshold', 0);
    material
      .setBaseColorFactor([r, g, b, opacity])
      .setRoughnessFactor(clampUnit(number('roughness', 0.5)))
      .setMetallicFactor(clampUnit(number('metallic', 0)))
      .setEmissiveFactor(colour('emissiveColor', [0, 0, 0]).map(clampUnit) as [number, number, number]);
    if (cutoff > 0) material.setAlphaMode('MASK').setAlphaCutoff(clampUnit(cutoff));
    else if (opacity < 1) material.setAlphaMode('BLEND');
    const statements: Record<string, string> = {};
    for (const name of stage.attributesOf(shader, 'inputs:')) {
      const values = stage.numbers(shader, name);
      if (values) statements[name.replace('inputs:', '')] = values.join(' ');
    }
    setMaterialSource(material, { statements, maps: [] });
    for (const [input, slot] of Object.entries(INPUT_SLOTS)) this.#addMap(material, shader, input, slot);
  }

  #addMap(material: Material, shader: string, input: string, slot: TextureSlot): void {
    const stage = this.#stage;
    const texture = stage.target(shader, `inputs:${input}`);
    const file = texture && stage.text(texture, 'inputs:file');
    if (!texture || !file) return;
    const reference = file.replace(/^@|@$/g, '');
    const inside = reference.replace(/^\.\//, '');
    const clamps = (axis: 'S' | 'T'): boolean => stage.text(texture, `inputs:wrap${axis}`) === 'clamp';
    this.references.push({
      material,
      slot,
      reference,
      embedded: this.#packed.get(inside) ?? this.#packed.get(decodeSafely(inside)),
      from: this.#path,
      layout: { clampS: clamps('S'), clampT: clamps('T') },
    });
  }
}

function decodeSafely(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch (error) {
    if ((error as Error).name !== 'URIError') throw error;
    return text;
  }
}
