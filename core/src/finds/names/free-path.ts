/** Paths given so far: as they are, and as a person would take them for the same. */
export interface TakenPaths {
  exact: Set<string>;
  folded: Map<string, string>;
}

export const createTakenPaths = (): TakenPaths => ({ exact: new Set(), folded: new Map() });

/**
 * A path no other file has, so that two files of one name are both kept.
 * Notes what `taken` needs to know for the next one.
 * @returns the path, and a sentence where it had to change or looks like another
 */
export function givePath(path: string, { exact, folded }: TakenPaths): { path: string; note?: string } {
  let free = path;
  for (let n = 2; exact.has(free); n++) free = numbered(path, n);
  exact.add(free);
  if (free !== path) return { path: free, note: `“${path}” comes twice; the second is kept as “${free}”.` };
  const key = path.normalize('NFC').toLowerCase();
  const twin = folded.get(key);
  folded.set(key, path);
  return twin === undefined
    ? { path }
    : { path, note: `“${twin}” and “${path}” differ only in ${howTheyDiffer(twin, path)}; both are kept.` };
}

/** `maps/a.png` → `maps/a (2).png`. */
function numbered(path: string, n: number): string {
  const dot = path.lastIndexOf('.');
  return dot > path.lastIndexOf('/') + 1 ? `${path.slice(0, dot)} (${n})${path.slice(dot)}` : `${path} (${n})`;
}

const howTheyDiffer = (a: string, b: string): string =>
  a.normalize('NFC') === b.normalize('NFC') ? 'the form of their accents' : 'upper and lower case';
