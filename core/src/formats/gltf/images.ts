import type { Document, GLTF, Texture } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import type { TextureSlot } from '@haveld/contract/step';
import { getMaterialSource, setMaterialSource, type MapReference } from '../../scene/document/source-data';
import { locateReference } from '../../textures/locate';
import { identifyPicture } from '../../textures/pictures/identify-picture';
import { isShowable } from '../../textures/pictures/is-showable';
import { SLOTS } from '../../textures/slots';
import type { ReadingContext } from '../reading';
import { dataUriBytes } from './data-uri';

type KeptImage = Pick<MapReference, 'reference' | 'status' | 'path' | 'sha256'>;

export interface KeptMaterials {
  /** Per material of the file. */
  maps: MapReference[][];
}

type TextureInfo = { index: number } | undefined;

function listTextureInfos(material: GLTF.IMaterial): { slot: TextureSlot; info: TextureInfo; remove: () => void }[] {
  const pbr = material.pbrMetallicRoughness ?? {};
  return [
    { slot: 'baseColor', info: pbr.baseColorTexture, remove: () => delete pbr.baseColorTexture },
    {
      slot: 'metallicRoughness',
      info: pbr.metallicRoughnessTexture,
      remove: () => delete pbr.metallicRoughnessTexture,
    },
    { slot: 'normal', info: material.normalTexture, remove: () => delete material.normalTexture },
    { slot: 'occlusion', info: material.occlusionTexture, remove: () => delete material.occlusionTexture },
    { slot: 'emissive', info: material.emissiveTexture, remove: () => delete material.emissiveTexture },
  ];
}

/** Finds every image, and takes the reference out of a material where the image did not arrive. */
export async function collectImages(
  json: GLTF.IGLTF,
  path: string,
  { files }: ReadingContext,
  resources: Record<string, Uint8Array<ArrayBuffer>>,
  log: LogEntry[],
): Promise<KeptMaterials> {
  const images: KeptImage[] = [];
  for (const [i, image] of (json.images ?? []).entries())
    images.push(await collectImage(json, image, i, path, files, resources, log));
  const maps = (json.materials ?? []).map((material) => {
    const kept: MapReference[] = [];
    for (const { slot, info, remove } of listTextureInfos(material)) {
      const texture = info && json.textures?.[info.index];
      if (!texture) continue;
      const image = images[findImageIndex(texture) ?? -1];
      if (!image) continue;
      kept.push({ slot, ...image });
      if (image.status === 'missing' || image.status === 'elsewhere') remove();
    }
    return kept;
  });
  stubUnbound(json, images, resources);
  return { maps };
}

function findImageIndex(texture: GLTF.ITexture): number | undefined {
  const sources = Object.values(texture.extensions ?? {}) as { source?: number }[];
  return sources.find((extension) => typeof extension?.source === 'number')?.source ?? texture.source;
}

async function collectImage(
  json: GLTF.IGLTF,
  image: GLTF.IImage,
  i: number,
  path: string,
  files: ReadingContext['files'],
  resources: Record<string, Uint8Array<ArrayBuffer>>,
  log: LogEntry[],
): Promise<KeptImage> {
  const name = `haveld-image-${i}`;
  if (image.uri === undefined) {
    const view = json.bufferViews?.[image.bufferView ?? -1];
    return { reference: image.name ?? `image ${i}`, status: view ? 'embedded' : 'missing', path: null, sha256: null };
  }
  const reference = image.uri.startsWith('data:') ? (image.name ?? `image ${i}`) : image.uri;
  const embedded = dataUriBytes(image.uri);
  const [location] = embedded ? [] : locateReference(image.uri, path, files.paths);
  const kept: KeptImage = {
    reference,
    status: 'missing',
    path: location?.path ?? null,
    sha256: location ? files.hash(location.path) : null,
  };
  if (location?.where === 'elsewhere') kept.status = 'elsewhere';
  const bytes = embedded ?? (location?.where === 'here' ? await files.read(location.path) : null);
  if (bytes) {
    kept.status = embedded ? 'embedded' : 'found';
    const kind = identifyPicture(bytes);
    if (kind === null || !['png', 'jpeg', 'webp', 'avif', 'ktx2'].includes(kind)) {
      log.push({
        level: 'look',
        file: path,
        text: `“${reference}” is not a picture glTF may hold.`,
        consequence: 'It is not shown.',
      });
      kept.status = 'missing';
    } else {
      image.uri = `${name}.${kind === 'jpeg' ? 'jpg' : kind}`;
      image.mimeType = `image/${kind}`;
      image.name ??= reference;
      resources[image.uri] = bytes as Uint8Array<ArrayBuffer>;
    }
  }
  if (kept.status === 'missing' || kept.status === 'elsewhere') image.uri = `${name}.missing`;
  return kept;
}

/** The smallest PNG: stands in for an image that did not arrive and is bound nowhere. */
const ONE_TEXEL = Uint8Array.from(
  atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8BQDwAEhQGAhKmMIQAAAABJRU5ErkJggg=='),
  (c) => c.charCodeAt(0),
);

function stubUnbound(json: GLTF.IGLTF, images: KeptImage[], resources: Record<string, Uint8Array<ArrayBuffer>>): void {
  images.forEach((kept, i) => {
    const image = json.images![i];
    if (kept.status !== 'missing' && kept.status !== 'elsewhere') return;
    image.uri = `haveld-image-${i}.png`;
    delete image.bufferView;
    resources[image.uri] = ONE_TEXEL;
  });
}

/** Takes pictures out whose bytes are damaged from the start on, and says so where they were to be seen. */
export function dropBrokenPictures(document: Document, file: string, log: LogEntry[]): void {
  const broken = document
    .getRoot()
    .listTextures()
    .filter((texture) => !isShowable(texture.getImage() ?? new Uint8Array(), texture.getMimeType()));
  for (const material of document.getRoot().listMaterials()) {
    const bound: [TextureSlot, Texture | null][] = [
      ['baseColor', material.getBaseColorTexture()],
      ['metallicRoughness', material.getMetallicRoughnessTexture()],
      ['normal', material.getNormalTexture()],
      ['occlusion', material.getOcclusionTexture()],
      ['emissive', material.getEmissiveTexture()],
    ];
    const missing = bound.filter(([, texture]) => texture && broken.includes(texture)).map(([slot]) => slot);
    if (missing.length === 0) continue;
    setMaterialSource(material, {
      maps: getMaterialSource(material).maps?.map((map) =>
        missing.includes(map.slot) ? { ...map, status: 'unreadable' } : map,
      ),
    });
    log.push({
      level: 'look',
      file,
      text: `A picture of “${material.getName()}” is damaged.`,
      consequence: `It goes without its ${missing.map((slot) => SLOTS[slot].label).join(', ')} map.`,
    });
  }
  broken.forEach((texture) => texture.dispose());
}

export function keepReferences(document: Document, { maps }: KeptMaterials): void {
  document
    .getRoot()
    .listMaterials()
    .forEach((material, i) => {
      if (maps[i]?.length) setMaterialSource(material, { maps: maps[i] });
    });
  for (const texture of document.getRoot().listTextures()) {
    if (texture.listParents().every((parent) => parent === document.getRoot())) texture.dispose();
  }
}
