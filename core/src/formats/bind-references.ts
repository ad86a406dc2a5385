import { TextureInfo, type Document, type Material } from '@gltf-transform/core';
import { KHRTextureTransform } from '@gltf-transform/extensions';
import { DomainError } from '@haveld/contract/error';
import type { LogEntry } from '@haveld/contract/report';
import type { TextureSlot } from '@haveld/contract/step';
import { getMaterialSource, setMaterialSource, type MapReference } from '../scene/document/source-data';
import { bindMap } from '../textures/bind-map';
import { getSlotTextureInfo } from '../textures/slot-texture';
import { locateReference, type Location } from '../textures/locate';
import { fileStem } from '../textures/judging/read-map-name';
import type { ReadingContext } from './reading';

export interface FoundReference {
  material: Material;
  slot: TextureSlot;
  reference: string;
  /** The same file by other names, tried after `reference`: an absolute path beside a relative one. */
  alternatives?: string[];
  /** The picture itself, where the model file holds it. */
  embedded?: Uint8Array;
  /** The file that makes the reference. */
  from: string;
  options?: string;
  layout?: MapLayout;
}

/** How a map lies on its layout. */
export interface MapLayout {
  /** Number of the UV set. */
  set?: number;
  /** As KHR_texture_transform has it: v downwards, radians. */
  transform?: { offset: [number, number]; rotation: number; scale: [number, number] };
  clampS?: boolean;
  clampT?: boolean;
}

/**
 * Binds every map that lies where its reference says, and keeps every reference, bound or not. A map that lies elsewhere
 * or did not arrive is left unconnected: the bench proposes it, a person decides.
 */
export async function bindReferences(
  document: Document,
  references: FoundReference[],
  context: ReadingContext,
  log: LogEntry[],
): Promise<void> {
  for (const found of references) {
    const { material, slot, from, options, embedded } = found;
    const names = [found.reference, ...(found.alternatives ?? [])].filter((name) => name !== '');
    const location = embedded ? undefined : locateAny(names, from, context);
    const kept: MapReference = {
      slot,
      reference: names[0] ?? '',
      options,
      status: 'missing',
      path: null,
      sha256: null,
    };
    if (names.length > 1) kept.alternatives = names.slice(1);
    if (location) Object.assign(kept, { path: location.path, sha256: context.files.hash(location.path) });
    if (location?.where === 'elsewhere') kept.status = 'elsewhere';
    const bytes = embedded ?? (location?.where === 'here' ? await context.files.read(location.path) : null);
    if (bytes) {
      try {
        // what Phong calls specular is no map of metallic–roughness: binding it is proposed, and done as a step
        const shows =
          slot !== 'specular' &&
          (await bindMap(document, material, slot, bytes, fileStem(location?.path ?? kept.reference), context.codec));
        kept.status = embedded ? 'embedded' : 'found';
        if (shows && found.layout) layMap(document, material, slot, found.layout);
      } catch (error) {
        if (!(error instanceof DomainError)) throw error;
        kept.status = 'unreadable';
        log.push({
          level: 'look',
          file: location?.path ?? from,
          text: embedded ? `The embedded picture “${kept.reference}”: ${error.message}` : error.message,
          consequence: `“${material.getName()}” goes without its ${slot} map.`,
        });
      }
    }
    setMaterialSource(material, { maps: [...(getMaterialSource(material).maps ?? []), kept] });
  }
}

/** Where the reference says under any of its names; else the likeliest elsewhere. */
function locateAny(names: readonly string[], from: string, { files }: ReadingContext): Location | undefined {
  const found = names.map((name) => locateReference(name, from, files.paths)[0]).filter((one) => one !== undefined);
  return found.find((one) => one.where === 'here') ?? found[0];
}

function layMap(document: Document, material: Material, slot: TextureSlot, layout: MapLayout): void {
  const info = getSlotTextureInfo(material, slot);
  if (!info) return;
  if (layout.set !== undefined) info.setTexCoord(layout.set);
  // glTF 2.0, 5.26: CLAMP_TO_EDGE
  if (layout.clampS) info.setWrapS(TextureInfo.WrapMode.CLAMP_TO_EDGE);
  if (layout.clampT) info.setWrapT(TextureInfo.WrapMode.CLAMP_TO_EDGE);
  if (!layout.transform) return;
  const { offset, rotation, scale } = layout.transform;
  const transform = document.createExtension(KHRTextureTransform).createTransform();
  info.setExtension('KHR_texture_transform', transform.setOffset(offset).setRotation(rotation).setScale(scale));
}
