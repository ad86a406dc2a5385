import { inflateSync } from 'node:zlib';
import type { FileSource, ReadingContext } from '@haveld/core/formats/reading';
import { loadDecoders } from './decoders';
import { convertWithAssimp, hasAssimp } from './convert-with-assimp';
import { sharpCodec } from '../pictures/sharp-codec';

/** @returns what a reader needs in Node: sharp, the decoders of compressed geometry, zlib */
export function createReadingContext(files: FileSource): ReadingContext {
  return {
    files,
    codec: sharpCodec,
    loadDecoders,
    inflate: (bytes, sizeBytes) => inflateSync(bytes, { maxOutputLength: Math.max(1, sizeBytes) }),
    ...(hasAssimp() ? { convert: convertWithAssimp } : {}),
  };
}
