import type { EntryVisitor, WalkEnd } from './archive-entry';
import { nameInside } from './name-inside';
import { salvageZip } from './salvage-zip';
import { walkGeneral } from './walk-general';
import { holdsTar, walkGzip } from './walk-gzip';
import { walkTar } from './walk-tar';
import { walkZip } from './walk-zip';

/** Compressions around one file; they do not count as an archive in an archive. */
export const ONE_FILE_FORMATS = ['gz', 'xz', 'bz2', 'zst'];

/** Shows what an archive holds, each format by the reader that does it best. */
export async function walkArchive(
  format: string,
  path: string,
  location: string,
  visitor: EntryVisitor,
  password: string | null,
): Promise<WalkEnd> {
  const general = { nameOfOnly: nameInside(path), password };
  switch (format) {
    case 'zip':
      return walkAnyZip(location, visitor, password);
    case 'tar':
      return walkTar(location, false, visitor);
    case 'gz':
      return (await holdsTar(location))
        ? walkTar(location, true, visitor)
        : walkGzip(location, general.nameOfOnly, visitor);
    default:
      return walkGeneral(location, visitor, general);
  }
}

async function walkAnyZip(location: string, visitor: EntryVisitor, password: string | null): Promise<WalkEnd> {
  const end = await walkZip(location, visitor);
  if (!end) return salvageZip(location, visitor);
  if (end.left.size === 0) return end;
  const rest = await walkGeneral(location, visitor, { nameOfOnly: '', password, only: end.left });
  return { isLocked: rest.isLocked, problem: end.problem ?? rest.problem, note: end.note };
}
