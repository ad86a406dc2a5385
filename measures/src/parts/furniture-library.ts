import { listNames } from '@haveld/core/library/inside/list-names';
import type { LibraryEntry } from '@haveld/core/library/library-entry';
import type { AskedAsset } from './draw-questions';
import { readAllFurniture } from './furniture';

/** The open furniture as a library knows it: its titles, files, authors, parts and materials. */
export async function readFurnitureLibrary(): Promise<{ asset: AskedAsset; entry: LibraryEntry }[]> {
  const all: { asset: AskedAsset; entry: LibraryEntry }[] = [];
  for await (const { row, document, isHeldOut } of readAllFurniture('all')) {
    const { materials, parts } = listNames(document);
    all.push({
      asset: { id: row.id, title: row.name, isHeldOut, parts: [...parts, ...materials] },
      entry: {
        accession: all.length + 1,
        name: row.name,
        words: {
          name: row.name,
          file: row.model,
          author: row.author,
          material: materials.join(' '),
          part: parts.join(' '),
        },
        values: { state: ['catalogued'], author: [row.author] },
        numbers: { triangles: null, heightM: null, longestM: null, addedDay: null, uses: 0 },
      },
    });
  }
  return all;
}
