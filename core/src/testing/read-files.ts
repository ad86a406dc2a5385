import { inflateSync } from 'node:zlib';
import type { Reading } from '../formats/reading';
import { readModel } from '../formats/read-model';
import { createFileSource, createMemoryCodec } from './documents';

/** Reads the first of some files in memory, the others beside it. */
export function readFiles(files: Record<string, string | Uint8Array>): Promise<Reading> {
  return readModel(Object.keys(files)[0], {
    files: createFileSource(files),
    codec: createMemoryCodec(),
    loadDecoders: () => Promise.resolve({}),
    inflate: (packed, sizeBytes) => inflateSync(packed, { maxOutputLength: Math.max(1, sizeBytes) }),
  });
}
