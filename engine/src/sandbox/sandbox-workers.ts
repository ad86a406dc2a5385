import { fork, type ChildProcess } from 'node:child_process';
import type { TaskName } from '../tasks/registry';
import type { LoadRequest } from './messages';

/** A process that opens foreign bytes, and what it has been through. */
export interface SandboxWorker {
  child: ChildProcess;
  entry: string;
  tasks: number;
  /** As last seen. */
  residentBytes: number;
}

/** Starting a process and loading what it needs takes 0.2 s, as long as many a small model; so the well ones are kept. */
const MOST_TASKS = 200;
const LARGEST_KEPT_BYTES = 400 * 2 ** 20;
const IDLE_MS = 4000;

const idle = new Map<SandboxWorker, NodeJS.Timeout>();

/** @returns one that waits, or a new one */
export function takeWorker(entry: string): SandboxWorker {
  for (const [worker, timer] of idle) {
    if (worker.entry !== entry) continue;
    clearTimeout(timer);
    idle.delete(worker);
    if (!worker.child.connected) continue;
    worker.child.removeAllListeners('exit');
    worker.child.ref();
    worker.child.channel?.ref();
    worker.tasks++;
    return worker;
  }
  const worker = startWorker(entry);
  worker.tasks++;
  return worker;
}

/** Starts one that waits for a task of a kind and has loaded what that needs. */
export function startReady(entry: string, load: TaskName): void {
  const worker = startWorker(entry);
  const request: LoadRequest = { load };
  worker.child.send(request);
  keepWorker(worker);
}

function startWorker(entry: string): SandboxWorker {
  const child = fork(entry, {
    execArgv: ['--max-old-space-size=2048'],
    env: { PATH: process.env.PATH },
    stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
    serialization: 'advanced',
    // a group of its own, so that what it starts ends with it
    detached: true,
  });
  return { child, entry, tasks: 0, residentBytes: 0 };
}

/** Keeps a worker for a while, unless it has done or grown enough. */
export function keepWorker(worker: SandboxWorker): void {
  if (worker.tasks >= MOST_TASKS || worker.residentBytes > LARGEST_KEPT_BYTES || !worker.child.connected)
    return endWorker(worker);
  const timer = setTimeout(() => endWorker(worker), IDLE_MS);
  timer.unref();
  // one that waits keeps nobody from ending
  worker.child.unref();
  worker.child.channel?.unref();
  worker.child.once('exit', () => {
    clearTimeout(timer);
    idle.delete(worker);
  });
  idle.set(worker, timer);
}

/** Ends a worker and all it started. */
export function endWorker(worker: SandboxWorker): void {
  idle.delete(worker);
  const { pid } = worker.child;
  if (pid === undefined) return;
  try {
    process.kill(-pid, 'SIGKILL');
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ESRCH') throw error;
  }
}
