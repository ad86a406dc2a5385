import { checkEntryPath, readEntryName } from '@haveld/core/finds/entry-name';
import type { ArchiveEntry } from './archive-entry';
import { ARCHIVE_LIMITS, formatGib, type Budget } from './limits';

export type Admission = { path: string; note?: string } | { refused: string } | { skipped: true };

/** Paths an archive has given so far: as they are, and as a person would take them for the same. */
export interface TakenPaths {
  exact: Set<string>;
  folded: Map<string, string>;
}

export const createTakenPaths = (): TakenPaths => ({ exact: new Set(), folded: new Map() });

/** Decides whether an entry is taken and what it is called; two of one name are both kept. */
export function admitEntry(entry: ArchiveEntry, taken: TakenPaths, budget: Budget): Admission {
  const name = typeof entry.name === 'string' ? checkEntryPath(entry.name) : readEntryName(entry.name, entry.isUtf8);
  if ('refused' in name) return entry.kind === 'folder' ? { skipped: true } : name;
  if (entry.kind === 'folder') return { skipped: true };
  const refuse = (why: string): Admission => ({ refused: `“${name.path}” ${why}` });
  if (entry.kind === 'link') return refuse('is a link; links are not followed.');
  if (entry.kind === 'other') return refuse('is no plain file.');
  if (entry.unreadable) return refuse(entry.unreadable);
  const { sizeBytes, packedBytes } = entry;
  if (sizeBytes !== null) {
    if (sizeBytes > ARCHIVE_LIMITS.entryBytes)
      return refuse(`would be ${formatGib(sizeBytes)}; at most ${formatGib(ARCHIVE_LIMITS.entryBytes)} are taken.`);
    if (packedBytes !== null && isBomb(sizeBytes, packedBytes))
      return refuse(
        `unpacks to ${describeRatio(sizeBytes, packedBytes)} its size; it was taken for a bomb and not opened.`,
      );
    if (sizeBytes > budget.mostBytes - budget.bytes) return refuse(`goes over ${budget.mostWords}.`);
  }
  return givePath(name.path, taken);
}

export const isBomb = (sizeBytes: number, packedBytes: number): boolean =>
  sizeBytes > ARCHIVE_LIMITS.ratioFromBytes && sizeBytes > packedBytes * ARCHIVE_LIMITS.ratio;

export const describeRatio = (sizeBytes: number, packedBytes: number): string =>
  packedBytes > 0 ? `${Math.round(sizeBytes / packedBytes)} times` : 'many times';

function givePath(path: string, { exact, folded }: TakenPaths): Admission {
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
