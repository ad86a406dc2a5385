import { readFile } from 'node:fs/promises';
import { DomainError, type ErrorBody } from '@haveld/contract/error';
import type { TaskInput, TaskName, TaskResult } from '../tasks/registry';
import type { TaskReply, TaskRequest } from './messages';
import { endWorker, keepWorker, takeWorker } from './sandbox-workers';

/** What one foreign task may take. Heap limits ignore array buffers, so resident memory is watched from outside. */
export interface SandboxLimits {
  memoryBytes: number;
  timeMs: number;
}

export const SANDBOX_LIMITS: SandboxLimits = { memoryBytes: 3 * 2 ** 30, timeMs: 10 * 60_000 };

const WATCH_EVERY_MS = 100;
const PAGE_BYTES = 4096;

export interface SandboxOptions {
  /** The built entry of sandbox/child.ts. */
  entry: string;
  storeFolder: string;
  limits?: SandboxLimits;
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
  const { entry, storeFolder, limits = SANDBOX_LIMITS, signal, onProgress } = options;
  if (signal?.aborted) return Promise.reject(signal.reason as Error);
  return new Promise((resolve, reject) => {
    const worker = takeWorker(entry);
    const { child } = worker;
    let settled = false;
    const settle = (finish: () => void, isWell = false): void => {
      if (settled) return;
      settled = true;
      clearInterval(watch);
      clearTimeout(timer);
      signal?.removeEventListener('abort', onAbort);
      child.removeAllListeners('message').removeAllListeners('error').removeAllListeners('exit');
      if (isWell) keepWorker(worker);
      else endWorker(worker);
      finish();
    };
    const fail = (message: string): void => settle(() => reject(new DomainError('bad-file', message)));
    const onAbort = (): void => settle(() => reject(signal!.reason as Error));
    const watch = setInterval(() => {
      void readResidentBytes(child.pid).then((bytes) => {
        worker.residentBytes = bytes;
        if (bytes > limits.memoryBytes)
          fail(`Opening it took more than ${Math.round(limits.memoryBytes / 2 ** 20)} MiB of memory; it was stopped.`);
      });
    }, WATCH_EVERY_MS);
    const timer = setTimeout(
      () => fail(`Opening it took longer than ${Math.round(limits.timeMs / 1000)} seconds; it was stopped.`),
      limits.timeMs,
    );
    signal?.addEventListener('abort', onAbort, { once: true });
    child.on('message', (message: TaskReply) => {
      if (message.kind === 'progress') onProgress?.(message.done, message.total, message.what);
      else if (message.kind === 'result') settle(() => resolve(message.result as TaskResult<N>), true);
      else settle(() => reject(fromBody(message.error)));
    });
    child.on('error', (error) => fail(`The process that opens files could not be started: ${error.message}.`));
    child.on('exit', (code, killedBy) =>
      fail(`Opening it ended the process (${killedBy ?? code}); the file may be damaged.`),
    );
    const request: TaskRequest = { name, input, storeFolder };
    child.send(request);
  });
}

/** @returns the error as it was thrown on the other side */
export const fromBody = ({ code, message, file, place }: ErrorBody): DomainError =>
  new DomainError(code, message, { file, place });

/**
 * Resident memory of a process and of those it started, by Linux's /proc; 0 where it has ended. Kernels may be built without the
 * list of children: then it is the process alone.
 */
export async function readResidentBytes(pid: number | undefined, proc = '/proc'): Promise<number> {
  const statm = await readIfThere(`${proc}/${pid}/statm`);
  const own = (Number(statm.split(' ')[1]) || 0) * PAGE_BYTES;
  const children = (await readIfThere(`${proc}/${pid}/task/${pid}/children`)).split(' ').filter((one) => one !== '');
  const theirs = await Promise.all(children.map((one) => readResidentBytes(Number(one), proc)));
  return theirs.reduce((sum, bytes) => sum + bytes, own);
}

/** @returns what a file says; nothing where it is not there, or no more */
async function readIfThere(path: string): Promise<string> {
  try {
    return await readFile(path, 'utf8');
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    if (code === 'ENOENT' || code === 'ESRCH') return '';
    throw error;
  }
}
