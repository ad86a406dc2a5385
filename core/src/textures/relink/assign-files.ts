import { munkres, negateMatrix } from 'munkres';
import type { WantedMap } from './map-match';
import type { Pair } from './pair-maps';

/** The best for all together: each picture for one name, though many materials may use that name. */
export function assignFiles(pairs: readonly Pair[][], wanted: readonly WantedMap[]): Map<number, Pair> {
  const nameOf = (i: number): string => `${wanted[i].references[0]}|${wanted[i].slot}`;
  const names = [...new Set(wanted.map((_, i) => nameOf(i)))];
  const taken = new Map<number, Pair>();
  for (const group of listComponents(pairs, names, nameOf)) {
    // a picture under two names is two files: each name takes its own
    const files = [...new Set(group.flatMap((i) => pairs[i].map(({ offeredIndex }) => offeredIndex)))];
    const rows = [...new Set(group.map(nameOf))];
    if (files.length === 0) continue;
    const matrix = rows.map(() => new Array<number>(files.length).fill(0));
    for (const i of group)
      for (const pair of pairs[i]) matrix[rows.indexOf(nameOf(i))][files.indexOf(pair.offeredIndex)] = pair.confidence;
    // it looks for the least, changing the matrix
    negateMatrix(matrix);
    const fileOf = new Map(munkres(matrix));
    for (const i of group) {
      const file = files[fileOf.get(rows.indexOf(nameOf(i))) ?? -1];
      const pair = pairs[i].find(({ offeredIndex }) => offeredIndex === file);
      if (pair) taken.set(i, pair);
    }
  }
  return taken;
}

/** Names that want the same pictures, together. */
function listComponents(pairs: readonly Pair[][], names: readonly string[], nameOf: (i: number) => string): number[][] {
  const parent = new Map<string, string>();
  const find = (key: string): string => {
    let root = key;
    while (parent.get(root) !== undefined && parent.get(root) !== root) root = parent.get(root)!;
    parent.set(key, root);
    return root;
  };
  for (const name of names) parent.set(`n${name}`, `n${name}`);
  pairs.forEach((row, i) => {
    for (const { offeredIndex } of row) {
      const file = `f${offeredIndex}`;
      if (!parent.has(file)) parent.set(file, file);
      parent.set(find(`n${nameOf(i)}`), find(file));
    }
  });
  const groups = new Map<string, number[]>();
  pairs.forEach((_, i) => {
    const root = find(`n${nameOf(i)}`);
    groups.set(root, [...(groups.get(root) ?? []), i]);
  });
  return [...groups.values()];
}
