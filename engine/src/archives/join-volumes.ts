import { randomUUID } from 'node:crypto';
import { createReadStream, createWriteStream } from 'node:fs';
import { copyFile, link, mkdir, rm, stat } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { mergeSplitZip } from './merge-split-zip';

/** One file cut in pieces, whose reader knows nothing of them: they are put together. */
const CUT = /\.(?:zip|tar)\.\d{3}$/i;

/** A zip whose directory tells the segment each entry begins in. */
const SPLIT = /\.z\d\d$/i;

/**
 * Lays the volumes of one archive side by side under their own names, as its reader wants them.
 * @param volumes first one first
 * @returns where the first lies; `remove` takes the names away again
 */
export async function joinVolumes(
  volumes: readonly { path: string; location: string }[],
  folder: string,
): Promise<{ location: string; remove: () => Promise<void> }> {
  const beside = join(folder, 'incoming', randomUUID());
  await mkdir(beside, { recursive: true });
  const remove = (): Promise<void> => rm(beside, { recursive: true, force: true });
  const isSplit = SPLIT.test(volumes[0].path);
  if (isSplit || CUT.test(volumes[0].path)) {
    const whole = join(beside, basename(volumes[0].path).replace(/\.\w{3}$/, ''));
    const lengths: number[] = [];
    for (const { location } of volumes) {
      await pipeline(createReadStream(location), createWriteStream(whole, { flags: 'a' }));
      lengths.push((await stat(location)).size);
    }
    // where it is damaged the reader says what it misses, and saves what it finds
    if (isSplit) await mergeSplitZip(whole, lengths).catch(() => undefined);
    return { location: whole, remove };
  }
  for (const { path, location } of volumes) {
    const name = join(beside, basename(path));
    await link(location, name).catch(async (error: NodeJS.ErrnoException) => {
      if (error.code !== 'EXDEV' && error.code !== 'EPERM') throw error;
      await copyFile(location, name);
    });
  }
  return { location: join(beside, basename(volumes[0].path)), remove };
}
