import { readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A meaning of WordNet: words that mean the same. */
export interface Meaning {
  id: string;
  /** As WordNet writes them, several words joined by `_`. */
  words: string[];
  /** Number of the lexicographer file: 6 artefacts, 5 animals, 20 plants … */
  field: number;
  /** Meanings it is a kind of; not those it is an instance of. */
  kindsOf: string[];
  isInstance: boolean;
}

/** One meaning of a word. */
export interface Sense {
  meaning: Meaning;
  /** From 1, the most usual first. */
  rank: number;
  /** How often it was met in marked texts. */
  count: number;
}

export interface WordNet {
  meanings: ReadonlyMap<string, Meaning>;
  words: ReadonlyMap<string, readonly Sense[]>;
}

/** Reads the nouns of WordNet's data files (wndb(5WN)). @param folder where `data.noun` lies */
export function readWordNet(folder: string): WordNet {
  const lines = (file: string): string[] =>
    readFileSync(join(folder, file), 'utf8')
      .split('\n')
      .filter((line) => line !== '' && !line.startsWith(' '));
  const meanings = new Map(
    lines('data.noun').map((line) => {
      const meaning = readMeaning(line.split(' | ')[0].split(' '));
      return [meaning.id, meaning] as const;
    }),
  );
  const counts = new Map(
    lines('index.sense').map((line) => {
      const [key, id, , count] = line.trim().split(' ');
      return [`${key.split('%')[0]} ${id}`, Number(count)] as const;
    }),
  );
  const words = new Map(
    lines('index.noun').map((line) => {
      const fields = line.trim().split(' ');
      const pointers = Number(fields[3]);
      const senses = fields.slice(4 + pointers + 2).map((id, i) => ({
        meaning: meanings.get(id)!,
        rank: i + 1,
        count: counts.get(`${fields[0]} ${id}`) ?? 0,
      }));
      return [fields[0], senses] as const;
    }),
  );
  return { meanings, words };
}

function readMeaning(fields: readonly string[]): Meaning {
  const count = Number.parseInt(fields[3], 16);
  const pointers = Array.from({ length: Number(fields[4 + 2 * count]) }, (_, i) =>
    fields.slice(5 + 2 * count + 4 * i, 7 + 2 * count + 4 * i),
  );
  return {
    id: fields[0],
    field: Number(fields[1]),
    words: Array.from({ length: count }, (_, i) => fields[4 + 2 * i]),
    kindsOf: pointers.filter(([kind]) => kind === '@').map(([, id]) => id),
    isInstance: pointers.some(([kind]) => kind === '@i'),
  };
}
