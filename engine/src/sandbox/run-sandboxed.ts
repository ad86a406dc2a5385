import { lstatSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as setTimer } from 'node:timers/promises';
import { DomainError, type ErrorBody } from '@haveld/contract/error';
import { ARCHIVE_LIMITS, formatGib } from '../archives/limits';
import { FolderStore } from '../store/folder-store';
import type { TaskInput, TaskName, TaskResult } from '../tasks/registry';
import { weighFolder, type FolderWeight } from './folder-weight';
import { addTask, giveBytes, listHashes, listMade } from './cell';
import type { TaskReply, TaskRequest } from './messages';
import { readResidentBytes } from './processes';
import {
  endWorker,
  keepWorker,
  removeWorker,
  stopWorker,
  takeWorker,
  type SandboxWorker,
  type WorkerPlace,
} from './sandbox-workers';

/** What one foreign task may take. Heap limits ignore array buffers, so resident memory is watched from outside. */
export interface SandboxLimits {
  memoryBytes: number;
  timeMs: number;
  /** Of its folder: what an archive may unpack to, and what is made of it. */
  disk: FolderWeight;
}

export const SANDBOX_LIMITS: SandboxLimits = {
  memoryBytes: 3 * 2 ** 30,
  timeMs: 10 * 60_000,
  disk: { bytes: 1.5 * ARCHIVE_LIMITS.totalBytes, entries: 400_000 },
};

const WATCH_EVERY_MS = 100;
const WEIGH_EVERY_MS = 1000;

export interface SandboxOptions extends WorkerPlace {
  /** What is left out is as usual. */
  limits?: Partial<SandboxLimits>;
  signal?: AbortSignal;
  onProgress?: (done: number, total: number, what: string) => void;
}

/**
 * Runs a task in a process apart. A process that did its task well may be given another; one that failed, was stopped or grew
 * large never is.
 * @throws {DomainError} the task's own, or `bad-file` where it took too much memory or time, or died
 */
export function runSandboxed<N extends TaskName>(
  name: N,
  input: TaskInput<N>,
  options: SandboxOptions,
): Promise<TaskResult<N>> {
  const { entry, storeFolder, group, signal, onProgress } = options;
  const limits = { ...SANDBOX_LIMITS, ...options.limits };
  if (signal?.aborted) return Promise.reject(signal.reason as Error);
  return new Promise((resolve, reject) => {
    const worker = takeWorker({ entry, storeFolder, group });
    const { child, cell } = worker;
    giveBytes(cell, storeFolder, listHashes(input));
    const task = addTask(cell);
    let settled = false;
    const settle = (finish: () => void): void => {
      if (settled) return;
      settled = true;
      clearInterval(watch);
      clearTimeout(timer);
      weighing.abort();
      signal?.removeEventListener('abort', onAbort);
      child.removeAllListeners('message').removeAllListeners('error').removeAllListeners('exit');
      finish();
    };
    const give = (error: Error): void =>
      settle(() => {
        void endWorker(worker);
        reject(error);
      });
    const fail = (message: string): void => give(new DomainError('bad-file', message));
    const onAbort = (): void => give(signal!.reason as Error);
    const succeed = (result: TaskResult<N>): void =>
      settle(() => {
        takeOverMade(worker, task).then(() => resolve(result), reject);
      });
    const watch = setInterval(() => {
      worker.residentBytes = readResidentBytes(child.pid);
      if (worker.residentBytes > limits.memoryBytes)
        fail(`Opening it took more than ${Math.round(limits.memoryBytes / 2 ** 20)} MiB of memory; it was stopped.`);
    }, WATCH_EVERY_MS);
    const weighing = new AbortController();
    void watchWeight(cell.made, limits.disk, weighing.signal).then(fail, () => undefined);
    const timer = setTimeout(
      () => fail(`Opening it took longer than ${Math.round(limits.timeMs / 1000)} seconds; it was stopped.`),
      limits.timeMs,
    );
    signal?.addEventListener('abort', onAbort, { once: true });
    child.on('message', (message: TaskReply) => {
      if (message.kind === 'progress') onProgress?.(message.done, message.total, message.what);
      else if (message.kind === 'result') succeed(message.result as TaskResult<N>);
      else give(fromBody(message.error));
    });
    child.on('error', (error) => fail(`The process that opens files could not be started: ${error.message}.`));
    child.on('exit', (code, killedBy) =>
      fail(`Opening it ended the process (${killedBy ?? code}); the file may be damaged.`),
    );
    const request: TaskRequest = { name, input, store: { folder: join(worker.made, task), readsFrom: worker.given } };
    child.send(request);
  });
}

/** @returns the sentence, once a folder weighs too much. @throws {Error} where nobody is to look any more */
async function watchWeight(folder: string, most: FolderWeight, signal: AbortSignal): Promise<string> {
  for (;;) {
    await setTimer(WEIGH_EVERY_MS, undefined, { signal, ref: false });
    const { bytes, entries } = await weighFolder(folder, most);
    if (bytes > most.bytes) return `Opening it took more than ${formatGib(most.bytes)} of the disk; it was stopped.`;
    if (entries > most.entries) return `Opening it made more than ${most.entries} files; it was stopped.`;
  }
}

/** Files of one task that are copied, together: more is moved, and nobody may be able to write to it then. */
const COPIED_BYTES = 64 * 2 ** 20;

/** Brings what a worker made for a task into the store. */
async function takeOverMade(worker: SandboxWorker, task: string): Promise<void> {
  const { cell, storeFolder } = worker;
  const store = new FolderStore(storeFolder);
  const names = listMade(cell, task);
  const sizes = names.map((name) => lstatSync(join(cell.made, name), { throwIfNoEntry: false })?.size ?? 0);
  const bytes = sizes.reduce((sum, size) => sum + size, 0);
  worker.madeBytes += bytes;
  if (bytes > COPIED_BYTES) {
    await stopWorker(worker);
    // what is there now, nobody changes any more
    await store.takeOver(cell.made, listMade(cell, task), true);
    removeWorker(worker);
  } else {
    await store.takeOver(cell.made, names, false);
    keepWorker(worker);
  }
}

/** @returns the error as it was thrown on the other side */
export const fromBody = ({ code, message, file, place }: ErrorBody): DomainError =>
  new DomainError(code, message, { file, place });
