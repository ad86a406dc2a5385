import type { Document, Texture } from '@gltf-transform/core';
import { EXTTextureWebP, KHRTextureBasisu } from '@gltf-transform/extensions';
import type { MapFile } from '@haveld/contract/hand-over-shape';
import { isSolid } from '../convert/is-solid';
import { fitSide, reducePicture } from '../convert/reduce-picture';
import type { MapFileCodec, Picture, PictureCodec, ReduceAs } from '../pictures/picture-codec';
import { readPictureSize } from '../pictures/picture-size';
import { getSlotTexture, SHOWN_SLOTS } from '../slot-texture';
import { SLOTS } from '../slots';

export interface RewrittenTextures {
  /** Made smaller. */
  reduced: number;
  /** Written in another format. */
  converted: number;
  /** Names of those that stay PNG, as the format asked for cannot hold them. */
  kept: string[];
}

interface Written {
  bytes: Uint8Array;
  mimeType: string;
}

/** JPEG and WebP of colours: nothing is seen at 92 (our eyes, no source). */
const QUALITY = 92;

/**
 * Makes every map of a document at most so large, each by what it is: colours as light, normals as vectors, figures as they are.
 * @param side longest side in texels; smaller maps stay as they are
 * @returns how many were made smaller
 */
export async function reduceTextures(document: Document, side: number, codec: PictureCodec): Promise<number> {
  let reduced = 0;
  for (const [texture, as] of listWays(document)) {
    const picture = await decodeLarger(texture, side, codec);
    if (!picture) continue;
    // a photograph that came as JPEG stays one: as PNG it would be larger than before
    setPicture(texture, await writeAsItIs(fitPicture(picture, side, as), texture, as, codec));
    reduced++;
  }
  return reduced;
}

/**
 * Writes every map of a document in one format, at most so large. Colours may lose what nobody sees; normals and figures are
 * written without loss, but for JPEG and KTX2, which have no other way.
 * @param side longest side in texels
 */
export async function rewriteTextures(
  document: Document,
  side: number,
  file: Exclude<MapFile, 'as-they-are'>,
  codec: MapFileCodec,
): Promise<RewrittenTextures> {
  const outcome: RewrittenTextures = { reduced: 0, converted: 0, kept: [] };
  for (const [texture, as] of listWays(document)) {
    const image = texture.getImage();
    const size = image && readPictureSize(image);
    if (!image || !size) continue;
    const isLarger = Math.max(...size) > side;
    if (!isLarger && texture.getMimeType() === `image/${file}`) continue;
    const picture = fitPicture(await codec.decode(image), side, as);
    const written = await WRITERS[file](picture, as, codec);
    if (isLarger) outcome.reduced++;
    if (!written) {
      outcome.kept.push(texture.getName());
      if (isLarger || texture.getMimeType() !== 'image/png')
        setPicture(texture, { bytes: await codec.encodePng(picture), mimeType: 'image/png' });
      continue;
    }
    if (written.mimeType !== texture.getMimeType()) outcome.converted++;
    setPicture(texture, written);
  }
  declareFormats(document);
  return outcome;
}

/** Null where the format cannot hold the picture. */
const WRITERS: Record<
  Exclude<MapFile, 'as-they-are'>,
  (picture: Picture, as: ReduceAs, codec: MapFileCodec) => Promise<Written | null>
> = {
  png: async (picture, _, codec) => ({ bytes: await codec.encodePng(picture), mimeType: 'image/png' }),
  // JPEG has no alpha
  jpeg: async (picture, as, codec) =>
    isSolid(picture)
      ? { bytes: await codec.encodeJpeg(picture, as === 'colour' ? QUALITY : 97), mimeType: 'image/jpeg' }
      : null,
  webp: async (picture, as, codec) => ({
    bytes: await codec.encodeWebp(picture, as === 'colour' ? QUALITY : null),
    mimeType: 'image/webp',
  }),
  ktx2: async (picture, as, codec) => {
    // KHR_texture_basisu: width and height are multiples of 4; nothing is enlarged to get there
    const [width, height] = [picture.width & ~3, picture.height & ~3];
    if (width === 0 || height === 0) return null;
    return { bytes: await codec.encodeKtx2(reducePicture(picture, width, height, as), as), mimeType: 'image/ktx2' };
  },
};

/** Textures in these formats stand under extensions of glTF; without a fallback beside them they are required. */
function declareFormats(document: Document): void {
  const types = new Set(
    document
      .getRoot()
      .listTextures()
      .map((texture) => texture.getMimeType()),
  );
  if (types.has('image/webp')) document.createExtension(EXTTextureWebP).setRequired(true);
  if (types.has('image/ktx2')) document.createExtension(KHRTextureBasisu).setRequired(true);
}

function listWays(document: Document): Map<Texture, ReduceAs> {
  const ways = new Map<Texture, ReduceAs>();
  for (const material of document.getRoot().listMaterials())
    for (const slot of SHOWN_SLOTS) {
      const texture = getSlotTexture(material, slot);
      if (texture)
        ways.set(texture, slot === 'normal' ? 'normal' : SLOTS[slot].colourSpace === 'srgb' ? 'colour' : 'data');
    }
  return ways;
}

async function decodeLarger(texture: Texture, side: number, codec: PictureCodec): Promise<Picture | null> {
  const image = texture.getImage();
  const size = image && readPictureSize(image);
  return image && size && Math.max(...size) > side ? codec.decode(image) : null;
}

function fitPicture(picture: Picture, side: number, as: ReduceAs): Picture {
  const [width, height] = fitSide(picture.width, picture.height, side);
  return reducePicture(picture, width, height, as);
}

async function writeAsItIs(picture: Picture, texture: Texture, as: ReduceAs, codec: PictureCodec): Promise<Written> {
  return texture.getMimeType() === 'image/jpeg' && as === 'colour'
    ? { bytes: await codec.encodeJpeg(picture, QUALITY), mimeType: 'image/jpeg' }
    : { bytes: await codec.encodePng(picture), mimeType: 'image/png' };
}

function setPicture(texture: Texture, { bytes, mimeType }: Written): void {
  texture.setImage(bytes as Uint8Array<ArrayBuffer>).setMimeType(mimeType);
}
