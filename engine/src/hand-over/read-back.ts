import type { Document } from '@gltf-transform/core';
import { readModel } from '@haveld/core/formats/read-model';
import type { FileSource } from '@haveld/core/formats/reading';
import { createReadingContext } from '../reading/reading-context';
import type { PackedFile } from './packed-file';

/** Reads what was just written as if it had arrived from outside. @param path of the model among the files */
export async function readBack(path: string, files: readonly PackedFile[]): Promise<Document> {
  const byPath = new Map(files.map((file) => [file.path, file.bytes]));
  const source: FileSource = {
    paths: [...byPath.keys()],
    read: (wanted) => Promise.resolve(byPath.get(wanted)!),
    hash: (wanted) => wanted,
  };
  return (await readModel(path, createReadingContext(source))).document;
}
