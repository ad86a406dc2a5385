import { checkEntryPath, readEntryName } from '@haveld/core/finds/names/entry-name';
import { givePath, type TakenPaths } from '@haveld/core/finds/names/free-path';
import type { ArchiveEntry } from './archive-entry';
import { ARCHIVE_LIMITS, formatGib, type Budget } from './limits';

export type Admission = { path: string; note?: string } | { refused: string } | { skipped: true };

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
        `unpacks to ${describeRatio(sizeBytes, packedBytes)} its size; it may be an archive bomb, so it was not opened.`,
      );
    if (sizeBytes > budget.mostBytes - budget.bytes) return refuse(`goes over ${budget.mostWords}.`);
  }
  return givePath(name.path, taken);
}

export const isBomb = (sizeBytes: number, packedBytes: number): boolean =>
  sizeBytes > ARCHIVE_LIMITS.ratioFromBytes && sizeBytes > packedBytes * ARCHIVE_LIMITS.ratio;

export const describeRatio = (sizeBytes: number, packedBytes: number): string =>
  packedBytes > 0 ? `${Math.round(sizeBytes / packedBytes)} times` : 'many times';
