import type { Document, Material } from '@gltf-transform/core';
import type { TextureSlot } from '@haveld/contract/step';
import { setMaterialSource } from '../../scene/document/source-data';
import { detectRoleByName } from '../../textures/role-by-name';
import type { FoundReference } from '../bind-references';
import { clampUnit, roughnessFromPhongExponent, toLinear } from '../shading';
import type { Library } from './library';
import { findElement, listElements, readNumbers, type XmlElement } from './xml-tree';

const CHANNEL_SLOTS: Record<string, TextureSlot> = {
  diffuse: 'baseColor',
  emission: 'emissive',
  specular: 'specular',
  bump: 'bump',
  normal: 'normal',
};
const SHADINGS = ['phong', 'blinn', 'lambert', 'constant'];

/** Materials of the file by id, made when first used, with the maps they name. */
export class ColladaMaterials {
  readonly references: FoundReference[] = [];
  readonly #document: Document;
  readonly #library: Library;
  readonly #path: string;
  readonly #made = new Map<string, Material>();

  constructor(document: Document, library: Library, path: string) {
    this.#document = document;
    this.#library = library;
    this.#path = path;
  }

  /**
   * @param url of the `material`
   * @param setOf UV set by the name the effect calls it
   */
  get(url: string, setOf: ReadonlyMap<string, number>): Material | null {
    const element = this.#library.find(url);
    if (element?.name !== 'material') return null;
    let material = this.#made.get(url);
    if (material) return material;
    material = this.#document.createMaterial(element.attributes.name ?? element.attributes.id);
    this.#made.set(url, material);
    const effect = this.#library.find(findElement(element, 'instance_effect')?.attributes.url);
    const profile = findElement(effect, 'profile_COMMON');
    const technique = findElement(profile, 'technique');
    const shading = technique?.children.find((child) => SHADINGS.includes(child.name));
    this.#setFactors(material, shading);
    for (const channel of [...(shading?.children ?? []), ...listExtraChannels(technique)])
      this.#addMap(material, channel, profile, setOf);
    const isDouble = [profile, effect, technique].some((one) => findDeep(one, 'double_sided')?.text.trim() === '1');
    return material.setDoubleSided(isDouble);
  }

  #setFactors(material: Material, shading: XmlElement | undefined): void {
    const colour = (name: string): number[] | null => {
      const numbers = readNumbers(findElement(shading, name, 'color'));
      return numbers.length >= 3 && numbers.every(Number.isFinite) ? [...numbers] : null;
    };
    const number = (name: string): number | null => {
      const [value] = readNumbers(findElement(shading, name, 'float'));
      return Number.isFinite(value) ? value : null;
    };
    const hasMap = findElement(shading, 'diffuse', 'texture') !== undefined;
    const [r, g, b] = (hasMap ? [1, 1, 1] : (colour('diffuse') ?? [0.8, 0.8, 0.8])).map(toLinear);
    const opacity = readOpacity(shading, colour('transparent'), number('transparency'));
    material.setBaseColorFactor([r, g, b, opacity]).setMetallicFactor(0);
    if (opacity < 1) material.setAlphaMode('BLEND');
    const shininess = number('shininess') ?? 20;
    // some programs write a share instead of an exponent (common practice, no source)
    material.setRoughnessFactor(roughnessFromPhongExponent(shininess <= 1 ? shininess * 128 : shininess));
    const emission = colour('emission');
    if (emission) material.setEmissiveFactor(emission.slice(0, 3).map(toLinear) as [number, number, number]);
    const statements: Record<string, string> = { ...(shading ? { shading: shading.name } : {}) };
    for (const child of shading?.children ?? []) {
      const value = findElement(child, 'color') ?? findElement(child, 'float');
      if (value) statements[child.name] = value.text.trim();
    }
    setMaterialSource(material, { statements, maps: [] });
  }

  #addMap(
    material: Material,
    channel: XmlElement,
    profile: XmlElement | undefined,
    setOf: ReadonlyMap<string, number>,
  ): void {
    const texture = findElement(channel, 'texture');
    if (!texture) return;
    const reference = this.#findImage(texture.attributes.texture ?? '', profile);
    if (reference === null) return;
    const named = detectRoleByName(reference.replaceAll('\\', '/'))?.slot;
    const slot: TextureSlot | null =
      channel.name === 'transparent' ? 'opacity' : (CHANNEL_SLOTS[channel.name.toLowerCase()] ?? null);
    if (!slot) return;
    const set = setOf.get(texture.attributes.texcoord ?? '') ?? 0;
    this.references.push({
      material,
      slot: slot === 'bump' && named === 'normal' ? 'normal' : slot,
      reference,
      from: this.#path,
      options: channel.name,
      layout: set > 0 ? { set } : undefined,
    });
  }

  /** texture → sampler → surface → image → file, or straight to the image as some programs write it. */
  #findImage(name: string, profile: XmlElement | undefined): string | null {
    const param = (sid: string): XmlElement | undefined =>
      listElements(profile, 'newparam').find((one) => one.attributes.sid === sid);
    const sampler = findElement(param(name), 'sampler2D');
    const surfaceName = findElement(sampler, 'source')?.text.trim();
    const direct = findElement(sampler, 'instance_image')?.attributes.url;
    const surface = surfaceName ? findElement(param(surfaceName), 'surface') : undefined;
    const image = this.#library.find(direct ?? findElement(surface, 'init_from')?.text.trim() ?? name);
    if (image?.name !== 'image') return null;
    const from = findElement(image, 'init_from');
    const file = (findElement(from, 'ref')?.text ?? from?.text ?? '').trim();
    return file === '' ? null : file.replace(/^file:\/+(?=[A-Za-z]:)/, '').replace(/^file:\/\//, '');
  }
}

/** Bump and normal maps stand in the `extra` of a technique, by whatever program. */
function listExtraChannels(technique: XmlElement | undefined): XmlElement[] {
  return listElements(technique, 'extra').flatMap((extra) =>
    listElements(extra, 'technique').flatMap((one) => one.children.filter((child) => findElement(child, 'texture'))),
  );
}

function findDeep(element: XmlElement | undefined, name: string): XmlElement | undefined {
  for (const child of element?.children ?? []) {
    const found = child.name === name ? child : findDeep(child, name);
    if (found) return found;
  }
  return undefined;
}

/** COLLADA 1.4.1, chapter 7, "determining transparency": A_ONE by default, RGB_ZERO the other way round. */
function readOpacity(
  shading: XmlElement | undefined,
  transparent: number[] | null,
  transparency: number | null,
): number {
  const element = findElement(shading, 'transparent');
  if (!element || (transparent === null && transparency === null)) return 1;
  const factor = transparency ?? 1;
  const [r, g, b, a = 1] = transparent ?? [1, 1, 1, 1];
  const mode = element.attributes.opaque ?? 'A_ONE';
  const luminance = 0.212671 * r + 0.71516 * g + 0.072169 * b;
  const opacity = mode === 'RGB_ZERO' ? 1 - luminance * factor : mode === 'A_ZERO' ? 1 - a * factor : a * factor;
  // what would be wholly invisible is an exporter that has it the other way round
  return opacity <= 0 ? 1 : clampUnit(opacity);
}
