import sharp from 'sharp';
import { DomainError } from '@haveld/contract/error';
import { identifyPicture, type PictureKind } from '@haveld/core/textures/pictures/identify-picture';
import { judgeGreen } from '@haveld/core/textures/judging/judge-green';
import { measurePicture } from '@haveld/core/textures/judging/picture-measures';
import type { MapFacts } from '@haveld/core/textures/map-facts';
import type { Picture } from '@haveld/core/textures/pictures/picture-codec';
import { readPictureSize } from '@haveld/core/textures/pictures/picture-size';
import type { FolderStore } from '../store/folder-store';
import { MAX_PIXELS, reading, sharpCodec } from './sharp-codec';

/** Counted up whenever the same bytes would be seen otherwise. */
export const LOOK_VERSION = 1;

const THUMB_SIDE = 192;

/** What is shown on the bench for a file no browser reads. */
const SHOWN_SIDE = 2048;

/** Larger pictures are measured on every so manieth texel, read in pieces. */
export const MEASURED_SIDE = 4096;
const BROWSER_READS: PictureKind[] = ['png', 'jpeg', 'webp', 'gif', 'avif', 'bmp'];
const SHARP_READS: PictureKind[] = ['png', 'jpeg', 'webp', 'gif', 'avif', 'tiff'];

/** A share of vectors of unit length from which on a picture may be normals. */
const NORMALS_FROM = 0.5;

/** Opens a picture once: what it is, what it looks like, which way its green points, and a small picture of it. */
export async function lookAtMap(bytes: Uint8Array, sha256: string, store: FolderStore): Promise<MapFacts> {
  const kind = identifyPicture(bytes);
  const size = readPictureSize(bytes) ?? [0, 0];
  const facts: MapFacts = {
    sha256,
    kind,
    width: size[0],
    height: size[1],
    bits: 8,
    channels: 3,
    notes: [],
    problem: null,
    measures: null,
    green: null,
    thumbSha256: null,
    shownSha256: null,
  };
  try {
    if (kind && SHARP_READS.includes(kind)) Object.assign(facts, await reading(bytes, () => readHead(bytes)));
    const picture = await decodeForMeasuring(bytes, kind, facts);
    // what was read in steps keeps the size of its file
    if (facts.width === 0) Object.assign(facts, { width: picture.width, height: picture.height });
    facts.measures = { ...measurePicture(picture), width: facts.width, height: facts.height };
    if (facts.measures.unit > NORMALS_FROM && facts.measures.mean[2] > 0.55) facts.green = judgeGreen(picture);
    facts.thumbSha256 = (await store.put(await shrink(picture, THUMB_SIDE))).sha256;
    if (kind && !BROWSER_READS.includes(kind))
      facts.shownSha256 = (await store.put(await shrink(picture, SHOWN_SIDE))).sha256;
  } catch (error) {
    // one that cannot be read says so where it is wanted; the others go on
    if (!(error instanceof DomainError)) throw error;
    facts.problem = error.message;
  }
  return facts;
}

async function readHead(bytes: Uint8Array): Promise<Partial<MapFacts>> {
  const head = await sharp(bytes, { limitInputPixels: MAX_PIXELS }).metadata();
  const notes: string[] = [];
  if (head.space === 'cmyk') notes.push('CMYK, converted to sRGB');
  if (head.icc && head.space !== 'cmyk' && !isPlainProfile(head.icc))
    notes.push('carries a colour profile of its own, converted to sRGB');
  if ((head.pages ?? 1) > 1) notes.push(`${head.pages} pictures in one file; the first is taken`);
  return {
    width: head.width,
    height: head.height,
    channels: head.channels,
    bits:
      head.depth === 'ushort' || head.depth === 'short' ? 16 : head.depth === 'float' || head.depth === 'uint' ? 32 : 8,
    notes,
  };
}

/** sRGB by its name; profiles hold it in Latin letters or in UTF-16. */
const isPlainProfile = (icc: Buffer): boolean => /s\0?R\0?G\0?B/.test(icc.toString('latin1'));

async function decodeForMeasuring(bytes: Uint8Array, kind: PictureKind | null, facts: MapFacts): Promise<Picture> {
  const isLarge = Math.max(facts.width, facts.height) > MEASURED_SIDE;
  if (!isLarge || !kind || !SHARP_READS.includes(kind)) return sharpCodec.decode(bytes);
  facts.notes.push(`measured on every ${Math.ceil(Math.max(facts.width, facts.height) / SHOWN_SIDE)}th texel`);
  return reading(bytes, async () => {
    const { data, info } = await sharp(bytes, { limitInputPixels: MAX_PIXELS, sequentialRead: true })
      .toColourspace('srgb')
      .resize(SHOWN_SIDE, SHOWN_SIDE, { fit: 'inside', kernel: 'nearest', fastShrinkOnLoad: false })
      .ensureAlpha()
      .raw({ depth: 'uchar' })
      .toBuffer({ resolveWithObject: true });
    return {
      width: info.width,
      height: info.height,
      data: new Uint8Array(data.buffer, data.byteOffset, data.byteLength),
    };
  });
}

async function shrink(picture: Picture, side: number): Promise<Uint8Array> {
  const { width, height, data } = thin(picture, side * THINNED_TO);
  const image = sharp(data, { raw: { width, height, channels: 4 }, limitInputPixels: MAX_PIXELS });
  if (Math.max(width, height) > side) image.resize(side, side, { fit: 'inside', kernel: 'cubic' });
  const png = await image.png({ compressionLevel: 4 }).toBuffer();
  return new Uint8Array(png.buffer, png.byteOffset, png.byteLength);
}

/** Before it is made small, a picture is thinned to this many times the size wanted: no eye sees it. */
const THINNED_TO = 3;

/** Every so manieth texel of every so manieth row; the picture itself where it is not that large. */
function thin(picture: Picture, side: number): Picture {
  const step = Math.floor(Math.max(picture.width, picture.height) / side);
  if (step < 2) return picture;
  const width = Math.ceil(picture.width / step);
  const height = Math.ceil(picture.height / step);
  const aligned = picture.data.byteOffset % 4 === 0 ? picture.data : picture.data.slice();
  const src = new Uint32Array(aligned.buffer, aligned.byteOffset, aligned.byteLength / 4);
  const dst = new Uint32Array(width * height);
  for (let y = 0, o = 0; y < height; y++)
    for (let x = 0, from = y * step * picture.width; x < width; x++, from += step) dst[o++] = src[from];
  return { width, height, data: new Uint8Array(dst.buffer) };
}
