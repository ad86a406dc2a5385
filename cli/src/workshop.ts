import { runSandboxed } from '@haveld/engine/sandbox/run-sandboxed';
import { FolderStore } from '@haveld/engine/store/folder-store';
import type { TaskInput, TaskName, TaskResult } from '@haveld/engine/tasks/registry';
import { WORKER_PLACE } from './worker-place';

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

/** A workshop for one run. Aborting ends every process it started. */
export function createWorkshop(options: Pick<Workshop, 'onProgress' | 'signal' | 'passwords'>): Workshop {
  return {
    ...options,
    store: new FolderStore(WORKER_PLACE.storeFolder),
    runSandboxed: (name, input, onProgress) =>
      runSandboxed(name, input, { ...WORKER_PLACE, signal: options.signal, onProgress }),
  };
}
