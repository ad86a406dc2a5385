/** Two spellings that may be one person. */
export interface AuthorPair {
  a: string;
  b: string;
  /** What speaks for it. */
  reason: string;
}

const bare = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9\p{L}]+/gu, ' ')
    .trim();

/** @returns true where two names are written with the same letters and digits */
export const isSameAuthor = (a: string, b: string): boolean => bare(a) === bare(b);

/**
 * Proposes authors that are one under two spellings: the same letters written otherwise, or a handle made of a name
 * (`t_aldersund`, `tor.aldersund` and `Tor Aldersund`). A person decides; nothing is joined by itself.
 */
export function listSameAuthors(names: readonly string[]): AuthorPair[] {
  const pairs: AuthorPair[] = [];
  const byTight = new Map<string, string>();
  const byInitial = new Map<string, string>();
  for (const name of [...names].sort(
    (a, b) => Number(/[_@]|^[^A-Z]/.test(a)) - Number(/[_@]|^[^A-Z]/.test(b)) || a.localeCompare(b),
  )) {
    const words = bare(name)
      .split(' ')
      .filter((word) => word !== '');
    const tight = words.join('');
    if (tight.length < 4) continue;
    const same = byTight.get(tight);
    if (same !== undefined) pairs.push({ a: same, b: name, reason: 'the same letters, written otherwise' });
    else byTight.set(tight, name);
    if (words.length < 2) continue;
    const initial = `${words[0][0]} ${words.slice(1).join('')}`;
    const full = byInitial.get(initial);
    const isHandle = words[0].length === 1;
    if (full !== undefined && same === undefined && isHandle)
      pairs.push({ a: full, b: name, reason: 'an initial and the same family name' });
    if (!isHandle && full === undefined) byInitial.set(initial, name);
  }
  return pairs;
}
