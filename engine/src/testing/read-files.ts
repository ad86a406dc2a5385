import { readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import type { Document } from '@gltf-transform/core';
import { readModel } from '@haveld/core/formats/read-model';
import type { FileSource } from '@haveld/core/formats/reading';
import { createReadingContext } from '../reading/reading-context';

/** Every file under a folder, as paths from it. */
export function listFiles(folder: string): string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .map((path) => path.replaceAll('\\', '/'))
    .filter((path) => statSync(join(folder, path)).isFile())
    .sort();
}

/** Reads one model of a folder of loose files with Haveld, seeing only the folder it lies in. */
export async function readFromFolder(folder: string, path: string): Promise<Document> {
  const home = dirname(join(folder, path));
  const source: FileSource = {
    paths: listFiles(home),
    read: (name) => Promise.resolve(new Uint8Array(readFileSync(join(home, name)))),
    hash: (name) => name,
  };
  const { document } = await readModel(relative(home, join(folder, path)), createReadingContext(source));
  return document;
}

/** One line of a comparison with somebody else's reader. */
export interface Comparison {
  file: string;
  what: string;
  ours: string;
  theirs: string;
}

/** What two readers disagree about, as a table to print. */
export function describeDifferences(differences: readonly Comparison[]): string {
  return differences
    .map(({ file, what, ours, theirs }) => `  ${file}: ${what} ${ours}, the other ${theirs}`)
    .join('\n');
}
