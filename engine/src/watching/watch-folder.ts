import { existsSync } from 'node:fs';
import { join, relative, sep } from 'node:path';
import { listVolumeSets } from '@haveld/core/finds/volumes';
import { watch, type FSWatcher } from 'chokidar';
import { findMissingEnd } from './is-whole';
import { Settling, type Delivery, type Together } from './settling';

export interface WatchOptions {
  together: Together;
  /** Unchanged for so long counts as no longer growing. */
  quietMs?: number;
  /** Takes a delivery; what it throws is told, and tried again later. */
  onReady: (delivery: Delivery) => Promise<void>;
  /** What stands in the way now, in a sentence; null where nothing does any more. */
  onTrouble?: (sentence: string | null) => void;
}

export interface FolderWatch {
  /** Ends it once what is being taken is taken. */
  close: () => Promise<void>;
}

const QUIET_MS = 2000;
const LOOK_MS = 250;

/** Deeper folders than this are no downloads. */
const DEEPEST = 12;

/**
 * Watches a folder: what is put there is taken when it no longer grows and is whole, each once. A folder that goes away and comes back
 * is watched again. Links are not followed: what is taken lies there itself.
 */
export function watchFolder(folder: string, options: WatchOptions): FolderWatch {
  const { together, quietMs = QUIET_MS, onReady, onTrouble = () => undefined } = options;
  const settling = new Settling(quietMs, together);
  let watcher: FSWatcher | null = null;
  let taking: Promise<void> | null = null;
  let trouble: string | null = null;
  const tell = (sentence: string | null): void => {
    if (sentence !== trouble) onTrouble((trouble = sentence));
  };
  const plain = (path: string): string => relative(folder, path).split(sep).join('/');
  const begin = (): FSWatcher =>
    watch(folder, { alwaysStat: true, followSymlinks: false, depth: DEEPEST, ignorePermissionErrors: true })
      .on('add', (path, stats) => stats?.isFile() && settling.note(plain(path), stats.size, stats.mtimeMs, Date.now()))
      .on(
        'change',
        (path, stats) => stats?.isFile() && settling.note(plain(path), stats.size, stats.mtimeMs, Date.now()),
      )
      .on('unlink', (path) => settling.forget(plain(path)))
      .on('error', (error) => tell(`The folder cannot be watched: ${(error as Error).message}`));

  const take = async (): Promise<void> => {
    for (const delivery of settling.listReady(Date.now())) {
      if (isClosed) return;
      try {
        const missing = await findFirst(listWholes(delivery.paths), (paths) =>
          findMissingEnd(paths.map((path) => join(folder, path))),
        );
        if (missing) {
          tell(`“${delivery.name}” waits: ${missing}.`);
          settling.delay(delivery.paths, Date.now());
          continue;
        }
        await onReady(delivery);
        settling.finish(delivery.paths);
        tell(null);
      } catch (error) {
        settling.delay(delivery.paths, Date.now());
        // gone before it was taken: nothing stands in the way
        if ((error as NodeJS.ErrnoException).code === 'ENOENT') delivery.paths.forEach((path) => settling.forget(path));
        else tell(`“${delivery.name}” could not be taken: ${(error as Error).message}`);
      }
    }
  };

  let isClosed = false;
  const timer = setInterval(() => {
    if (!existsSync(folder)) {
      void watcher?.close();
      watcher = null;
      settling.forgetAll();
      return tell('The folder is not there; what is put into it is taken once it is back.');
    }
    if (!watcher) {
      watcher = begin();
      tell(null);
    }
    taking ??= take().finally(() => (taking = null));
  }, LOOK_MS);
  return {
    async close() {
      isClosed = true;
      clearInterval(timer);
      await taking;
      await watcher?.close();
    },
  };
}

/** Archives in volumes as one, every other file by itself. */
function listWholes(paths: readonly string[]): string[][] {
  const sets = listVolumeSets(paths).map((set) => set.paths);
  const ofSets = new Set(sets.flat());
  return [...sets, ...paths.filter((path) => !ofSets.has(path)).map((path) => [path])];
}

async function findFirst<I, T>(items: readonly I[], look: (item: I) => Promise<T | null>): Promise<T | null> {
  for (const item of items) {
    const found = await look(item);
    if (found !== null) return found;
  }
  return null;
}
