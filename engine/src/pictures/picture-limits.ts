import { DomainError } from '@haveld/contract/error';
import type { PictureKind } from '@haveld/core/textures/pictures/identify-picture';
import { readPictureSize } from '@haveld/core/textures/pictures/picture-size';

/** Formats that are read in pieces go to 16K a side; the others lie in memory whole while they are read. */
const MAX_SIDE: Partial<Record<PictureKind, number>> = { png: 16384, jpeg: 16384, tiff: 16384 };
const MAX_SIDE_OF_OTHERS = 8192;

/** No format of these packs a texel into less than this many bytes: a header that promises more is lying. */
const LEAST_BYTES_A_TEXEL: Partial<Record<PictureKind, number>> = { bmp: 0.004, tga: 0.007, dds: 0.5, hdr: 0.01 };

/**
 * Refuses a picture by its header, before anything is decoded.
 * @throws {DomainError} `bad-file` where a side is longer than is read, or the header promises more than the file can hold
 */
export function checkPictureSize(bytes: Uint8Array, kind: PictureKind | null): void {
  const size = readPictureSize(bytes);
  if (!kind || !size) return;
  const [width, height] = size;
  const side = MAX_SIDE[kind] ?? MAX_SIDE_OF_OTHERS;
  if (width > side || height > side)
    throw new DomainError(
      'bad-file',
      `This ${kind.toUpperCase()} says it is ${width} × ${height}; at most ${side} a side are read.`,
    );
  if (width * height * (LEAST_BYTES_A_TEXEL[kind] ?? 0) > bytes.length)
    throw new DomainError(
      'bad-file',
      `This ${kind.toUpperCase()} says it is ${width} × ${height}, and has ${bytes.length} bytes: too few for that.`,
    );
}
