import { randomUUID } from 'node:crypto';
import { realpath, stat } from 'node:fs/promises';
import { resolve, sep } from 'node:path';
import type { z } from 'zod';
import type { Person } from '@haveld/contract/api/people';
import type { listWatchedFolders, WatchedFolderGivenSchema } from '@haveld/contract/api/watching';
import { DomainError } from '@haveld/contract/error';
import { watchFolder, type FolderWatch } from '@haveld/engine/watching/watch-folder';
import { bumpRevision } from '../database/revision';
import { DuplicateRow } from '../database/row-errors';
import type { Dependencies } from '../dependencies';
import * as queries from './queries';
import { takeDelivery } from './take-delivery';

/** Roots of the server, and what is watched below them. */
export async function listFolders({
  pool,
  watchRoots,
}: Dependencies): Promise<z.input<typeof listWatchedFolders.response>> {
  const folders = await queries.listFolders(pool);
  return {
    roots: [...watchRoots],
    folders: folders.map(({ personId: _personId, ...row }) => ({
      ...row,
      lastTakenAt: row.lastTakenAt?.toISOString() ?? null,
    })),
  };
}

/** Watches one more folder. @throws {DomainError} where it lies below no root, is none, or is watched already */
export async function addFolder(
  { pool, watchRoots }: Dependencies,
  given: z.output<typeof WatchedFolderGivenSchema>,
  person: Person,
): Promise<string> {
  const path = await findBelow(watchRoots, given.path);
  const id = randomUUID();
  await queries.insertFolder(pool, { ...given, id, path, personId: person.id }).catch((error: unknown) => {
    if (error instanceof DuplicateRow) throw new DomainError('out-of-step', 'This folder is watched already.');
    throw error;
  });
  await bumpRevision(pool);
  return id;
}

/** Where a folder really lies: a link out of the roots leads nowhere. */
async function findBelow(roots: readonly string[], given: string): Promise<string> {
  const wanted = resolve(roots[0] ?? '/', given);
  const real = await realpath(wanted).catch(() => null);
  if (!real || !(await stat(real)).isDirectory())
    throw new DomainError('bad-request', `There is no folder “${given}” on the server.`);
  for (const root of roots) {
    const realRoot = await realpath(root).catch(() => root);
    if (real === realRoot || real.startsWith(realRoot + sep)) return real;
  }
  throw new DomainError(
    'not-allowed',
    `Only folders below ${roots.join(' and ')} may be watched; who starts Haveld names more.`,
  );
}

/** Watches a folder no more. */
export async function removeFolder({ pool }: Dependencies, id: string): Promise<void> {
  if (!(await queries.deleteFolder(pool, id))) throw new DomainError('not-found', 'No such folder is watched.');
  await bumpRevision(pool);
}

/** What is watched is looked up so often: another server may have changed it. */
const LOOK_MS = 2000;

/** Watches every folder there is, those that come and go too. @returns ends it, once what is being taken is taken */
export function startWatching(dependencies: Dependencies, options: { quietMs?: number } = {}): () => Promise<void> {
  const { pool, log } = dependencies;
  const watches = new Map<string, FolderWatch>();
  const look = async (): Promise<void> => {
    const folders = await queries.listFolders(pool);
    for (const [id, watch] of watches)
      if (!folders.some((folder) => folder.id === id)) {
        watches.delete(id);
        await watch.close();
      }
    for (const folder of folders)
      if (!watches.has(folder.id))
        watches.set(
          folder.id,
          watchFolder(folder.path, {
            together: folder.together,
            quietMs: options.quietMs,
            onReady: (delivery) => takeDelivery(dependencies, folder, delivery),
            onTrouble: (sentence) =>
              void queries
                .setFolderTrouble(pool, folder.id, sentence)
                .then(() => bumpRevision(pool))
                .catch((error: unknown) => log.warn({ error }, 'the trouble of a folder could not be noted')),
          }),
        );
  };
  let looking: Promise<void> | null = null;
  const lookAgain = (): void => {
    looking ??= look()
      .catch((error: unknown) => log.warn({ error }, 'watched folders could not be looked up'))
      .finally(() => (looking = null));
  };
  lookAgain();
  const timer = setInterval(lookAgain, LOOK_MS);
  return async () => {
    clearInterval(timer);
    await looking;
    await Promise.all([...watches.values()].map((watch) => watch.close()));
  };
}
