import { runSandboxed } from '@haveld/engine/sandbox/run-sandboxed';
import { TASKS, type TaskInput, type TaskName, type TaskResult } from '@haveld/engine/tasks/registry';
import type { ThreadPool } from './thread-pool';

export interface TaskOptions {
  signal: AbortSignal;
  /** The arrival whose bytes are opened; left out, they are opened in a process that does nothing else. */
  group?: string;
  onProgress: (done: number, total: number) => void;
}

/** Runs a task where it belongs: foreign bytes in a process of their own, our own work in a thread. */
export class TaskRunner {
  readonly #threads: ThreadPool;
  readonly #childEntry: string;
  readonly #storeFolder: string;
  readonly #mayOpen: () => Promise<void>;

  /** @param mayOpen throws where the house opens no bytes from outside here */
  constructor(threads: ThreadPool, childEntry: string, storeFolder: string, mayOpen: () => Promise<void>) {
    this.#threads = threads;
    this.#childEntry = childEntry;
    this.#storeFolder = storeFolder;
    this.#mayOpen = mayOpen;
  }

  async run<N extends TaskName>(
    name: N,
    input: TaskInput<N>,
    { signal, onProgress, group }: TaskOptions,
  ): Promise<TaskResult<N>> {
    const storeFolder = this.#storeFolder;
    if (!TASKS[name].sandboxed) return this.#threads.run(name, input, { storeFolder, signal, onProgress });
    await this.#mayOpen();
    return runSandboxed(name, input, { entry: this.#childEntry, storeFolder, group, signal, onProgress });
  }
}
