import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { runSandboxed } from '@haveld/engine/sandbox/run-sandboxed';
import { FolderStore } from '@haveld/engine/store/folder-store';
import type { TaskInput, TaskName, TaskResult } from '@haveld/engine/tasks/registry';
import { CHILD_ENTRY } from './child-entry';

/** How far the whole is. */
export interface Progress {
  done: number;
  of: number;
  label: string;
}

type TaskProgress = (done: number, total: number) => void;

/** Where one run of the command works: a store of its own, and processes that open foreign bytes under limits. */
export interface Workshop {
  store: FolderStore;
  /** Aborted where a person stops the whole. */
  signal: AbortSignal;
  runSandboxed<N extends TaskName>(name: N, input: TaskInput<N>, onProgress?: TaskProgress): Promise<TaskResult<N>>;
  onProgress(progress: Progress): void;
  /** Tried on archives that are locked. */
  passwords: readonly string[];
}

/** Gives `work` a workshop, and clears it away whatever happens. Aborting ends every process it started. */
export async function withWorkshop<T>(
  options: Pick<Workshop, 'onProgress' | 'signal' | 'passwords'>,
  work: (workshop: Workshop) => Promise<T>,
): Promise<T> {
  const folder = await mkdtemp(join(tmpdir(), 'haveld-'));
  const storeFolder = join(folder, 'store');
  try {
    return await work({
      store: new FolderStore(storeFolder),
      onProgress: options.onProgress,
      signal: options.signal,
      passwords: options.passwords,
      runSandboxed: (name, input, onProgress) =>
        runSandboxed(name, input, { entry: CHILD_ENTRY, storeFolder, signal: options.signal, onProgress }),
    });
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}
