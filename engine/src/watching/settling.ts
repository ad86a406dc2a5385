import { listVolumeSets } from '@haveld/core/finds/volumes';

interface Noted {
  sizeBytes: number;
  modifiedMs: number;
  /** Since when it is as it is. */
  sinceMs: number;
}

/** What browsers, copying programs and systems call files that are still on their way, or no files of anybody. Common practice, no source. */
const UNDER_WAY =
  /(?:^|\/)(?:[.~][^/]*|[^/]*\.(?:part|partial|crdownload|download|tmp|taken)|thumbs\.db|desktop\.ini)$/i;

/** Files of one delivery, by their paths below the watched folder. */
export interface Delivery {
  name: string;
  paths: string[];
}

/** `each`: every file arrives by itself. `folders`: all below one sub-folder arrive together. */
export type Together = 'each' | 'folders';

/**
 * Keeps in mind how files of a watched folder come in, and says which are ready: unchanged for a while, and with all that belong to
 * them. It knows no clock and no disk; both come in.
 */
export class Settling {
  readonly #files = new Map<string, Noted>();
  readonly #done = new Map<string, Noted>();
  readonly #quietMs: number;
  readonly #together: Together;

  constructor(quietMs: number, together: Together) {
    this.#quietMs = quietMs;
    this.#together = together;
  }

  /** A file is seen as it is now. */
  note(path: string, sizeBytes: number, modifiedMs: number, nowMs: number): void {
    if (UNDER_WAY.test(path) || path.startsWith('taken/')) return;
    const done = this.#done.get(path);
    if (done?.sizeBytes === sizeBytes && done.modifiedMs === modifiedMs) return;
    const known = this.#files.get(path);
    if (known?.sizeBytes === sizeBytes && known.modifiedMs === modifiedMs) return;
    this.#files.set(path, { sizeBytes, modifiedMs, sinceMs: nowMs });
  }

  /** It is gone before it was taken. */
  forget(path: string): void {
    this.#files.delete(path);
  }

  /** Everything seen so far is to be seen anew: the folder went away. */
  forgetAll(): void {
    this.#files.clear();
  }

  /** It was taken as it is; it counts again when it changes. */
  finish(paths: readonly string[]): void {
    for (const path of paths) {
      const noted = this.#files.get(path);
      if (noted) this.#done.set(path, noted);
      this.#files.delete(path);
    }
  }

  /** It was looked at in vain: it gets as long again to come whole. */
  delay(paths: readonly string[], nowMs: number): void {
    for (const path of paths) {
      const noted = this.#files.get(path);
      if (noted) noted.sinceMs = nowMs;
    }
  }

  /** @returns what is ready now; parts of an archive wait for one another, and for the one that opens it */
  listReady(nowMs: number): Delivery[] {
    const isQuiet = (path: string): boolean => nowMs - this.#files.get(path)!.sinceMs >= this.#quietMs;
    const groups = this.#together === 'each' ? this.#listEach() : this.#listFolders();
    return groups.filter(({ paths }) => paths.every(isQuiet));
  }

  #listEach(): Delivery[] {
    const paths = [...this.#files.keys()].sort();
    const sets = listVolumeSets(paths);
    const ofSets = new Set(sets.flatMap((set) => set.paths));
    return [
      ...sets
        .filter(({ missing, opens }) => missing.length === 0 && opens !== null)
        .map((set) => ({ name: lastOf(set.opens!), paths: set.paths })),
      ...paths.filter((path) => !ofSets.has(path)).map((path) => ({ name: lastOf(path), paths: [path] })),
    ];
  }

  #listFolders(): Delivery[] {
    const folders = new Map<string, string[]>();
    for (const path of [...this.#files.keys()].sort()) {
      const folder = path.includes('/') ? path.slice(0, path.indexOf('/')) : path;
      folders.set(folder, [...(folders.get(folder) ?? []), path]);
    }
    return [...folders].map(([name, paths]) => ({ name, paths }));
  }
}

const lastOf = (path: string): string => path.slice(path.lastIndexOf('/') + 1);
