import { Worker } from 'node:worker_threads';
import type { TaskReply, TaskRequest } from '@haveld/engine/sandbox/messages';
import { fromBody } from '@haveld/engine/sandbox/run-sandboxed';
import type { TaskInput, TaskName, TaskResult } from '@haveld/engine/tasks/registry';

interface Waiting {
  request: TaskRequest;
  onProgress: (done: number, total: number) => void;
  signal: AbortSignal;
  resolve: (result: unknown) => void;
  reject: (error: Error) => void;
}

/** Worker threads for our own heavy work, started when first needed, as many as there are cores. */
export class ThreadPool {
  readonly #entry: URL;
  readonly #size: number;
  readonly #idle: Worker[] = [];
  readonly #all = new Set<Worker>();
  readonly #queue: Waiting[] = [];

  constructor(entry: URL, size: number) {
    this.#entry = entry;
    this.#size = size;
  }

  run<N extends TaskName>(
    name: N,
    input: TaskInput<N>,
    options: { storeFolder: string; signal: AbortSignal; onProgress: (done: number, total: number) => void },
  ): Promise<TaskResult<N>> {
    return new Promise<TaskResult<N>>((resolve, reject) => {
      const request: TaskRequest = { name, input, store: { folder: options.storeFolder } };
      this.#queue.push({
        request,
        onProgress: options.onProgress,
        signal: options.signal,
        resolve: resolve as (result: unknown) => void,
        reject,
      });
      this.#next();
    });
  }

  async close(): Promise<void> {
    await Promise.all([...this.#all].map((worker) => worker.terminate()));
  }

  #next(): void {
    const waiting = this.#queue[0];
    if (!waiting) return;
    const worker = this.#idle.pop() ?? (this.#all.size < this.#size ? this.#start() : null);
    if (!worker) return;
    this.#queue.shift();
    this.#give(worker, waiting);
  }

  #start(): Worker {
    const worker = new Worker(this.#entry);
    this.#all.add(worker);
    return worker;
  }

  #give(worker: Worker, { request, onProgress, signal, resolve, reject }: Waiting): void {
    const leave = (finish: () => void, keep: boolean): void => {
      // each by its name: a worker listens to itself to keep its port awake
      worker.removeAllListeners('message').removeAllListeners('error').removeAllListeners('exit');
      signal.removeEventListener('abort', onAbort);
      if (keep) this.#idle.push(worker);
      else {
        this.#all.delete(worker);
        void worker.terminate();
      }
      finish();
      this.#next();
    };
    const onAbort = (): void => leave(() => reject(signal.reason as Error), false);
    if (signal.aborted) return leave(() => reject(signal.reason as Error), true);
    signal.addEventListener('abort', onAbort, { once: true });
    worker.on('message', (message: TaskReply) => {
      if (message.kind === 'progress') onProgress(message.done, message.total);
      else if (message.kind === 'result') leave(() => resolve(message.result), true);
      else leave(() => reject(fromBody(message.error)), true);
    });
    worker.on('error', (error) => leave(() => reject(error), false));
    worker.on('exit', () => leave(() => reject(new Error('a worker thread ended')), false));
    worker.postMessage(request);
  }
}
