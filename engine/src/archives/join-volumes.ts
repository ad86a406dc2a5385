import { randomUUID } from 'node:crypto';
import { copyFile, link, mkdir, rm } from 'node:fs/promises';
import { basename, join } from 'node:path';

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
  for (const { path, location } of volumes) {
    const name = join(beside, basename(path));
    await link(location, name).catch(async (error: NodeJS.ErrnoException) => {
      if (error.code !== 'EXDEV' && error.code !== 'EPERM') throw error;
      await copyFile(location, name);
    });
  }
  return {
    location: join(beside, basename(volumes[0].path)),
    remove: () => rm(beside, { recursive: true, force: true }),
  };
}
