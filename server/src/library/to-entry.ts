import type { Figures } from '@haveld/contract/report';
import { listMaterialWords } from '@haveld/core/library/inside/material-words';
import type { LibraryEntry } from '@haveld/core/library/library-entry';
import { licenceWords } from '@haveld/core/rights/licence-book';
import type { HouseBook } from '../house/book';
import type { EntryRow } from './entry-queries';

/** What rows of other tables say of an asset. */
export interface EntryBeside {
  tags: readonly string[];
  /** Projects it was handed to, once for each time. */
  uses: readonly string[];
  /** Other spellings of its author. */
  spellings: readonly string[];
}

/** An asset as the library knows it. Whoever is taken down may be used by nobody, whatever its licence. */
export function toEntry(
  { book, tree }: Pick<HouseBook, 'book' | 'tree'>,
  row: EntryRow,
  { tags, uses, spellings }: EntryBeside,
): LibraryEntry {
  const materials = listLines(row.materials);
  const hasSize = row.hasSize === 1;
  const { box, triangles } = JSON.parse(row.figures ?? '{}') as Partial<Pick<Figures, 'box' | 'triangles'>>;
  const longestM = box ? Math.max(...box.max.map((max, axis) => max - box.min[axis])) : null;
  const file = row.modelPath
    .split('/')
    .at(-1)!
    .replace(/\.[^.]*$/, '');
  return {
    accession: row.accession,
    name: row.name,
    words: {
      name: row.name,
      number: String(row.accession),
      title: row.title,
      tag: [...tags, row.category === null ? '' : tree.pathOf(row.category)].join('; '),
      author: [row.author, ...spellings].join('; '),
      file: row.findName === file ? file : `${row.findName}; ${file}`,
      material: materials.join('; '),
      part: listLines(row.parts).join('; '),
      source: `${row.source}; ${licenceWords(book, row.licenceId)}`,
    },
    values: {
      category: listOf(row.category),
      state: [row.state],
      licence: [row.licenceId],
      grant: row.isTakenDown === 1 ? [] : [row.licenceId],
      author: listOf(row.author),
      source: listOf(row.source),
      tag: tags,
      colour: row.colours ? row.colours.split(',') : [],
      material: listMaterialWords([...materials, row.name, row.title, ...tags]),
      trait: row.traits ? row.traits.split(',') : [],
      addedBy: [row.addedBy],
      project: uses,
    },
    numbers: {
      triangles: row.triangles ?? triangles ?? 0,
      heightM: hasSize ? row.heightM : null,
      longestM: hasSize ? longestM : null,
      addedDay: row.addedDay,
      uses: uses.length,
    },
  };
}

const listLines = (text: string | null): string[] => (text ? text.split('\n') : []);
const listOf = (value: string | null): string[] => (value === null || value === '' ? [] : [value]);
