import { runSandboxed } from '@haveld/engine/sandbox/run-sandboxed';
import { TASKS, type TaskInput, type TaskName, type TaskResult } from '@haveld/engine/tasks/registry';
import type { ThreadPool } from './thread-pool';

export interface TaskOptions {
  signal: AbortSignal;
  onProgress: (done: number, total: number) => void;
}

/** Runs a task where it belongs: foreign bytes in a process of their own, our own work in a thread. */
export class TaskRunner {
  readonly #threads: ThreadPool;
  readonly #childEntry: string;
  readonly #storeFolder: string;

  constructor(threads: ThreadPool, childEntry: string, storeFolder: string) {
    this.#threads = threads;
    this.#childEntry = childEntry;
    this.#storeFolder = storeFolder;
  }

  run<N extends TaskName>(name: N, input: TaskInput<N>, { signal, onProgress }: TaskOptions): Promise<TaskResult<N>> {
    const storeFolder = this.#storeFolder;
    return TASKS[name].sandboxed
      ? runSandboxed(name, input, { entry: this.#childEntry, storeFolder, signal, onProgress })
      : this.#threads.run(name, input, { storeFolder, signal, onProgress });
  }
}
