import { spawn, type ChildProcess } from 'node:child_process';
import { closeSync } from 'node:fs';
import type { TaskName } from '../tasks/registry';
import { createCell, removeCell, takeBackBytes, type Cell } from './cell';
import { confine, findConfinement } from './confine';
import { hasForbiddenCalls, openForbiddenCalls } from './forbidden-calls';
import type { LoadRequest } from './messages';
import { listChildren } from './processes';

/** Where a worker of ours runs, and for whom. */
export interface WorkerPlace {
  /** The built entry of sandbox/child.ts. */
  entry: string;
  storeFolder: string;
  /**
   * Whose bytes it opens. A worker is used again for the same ones alone: what took it over there can do no more to them than it could
   * from the start. Without one it does a single task.
   */
  group?: string;
}

/** A process that opens foreign bytes, and what it has been through. */
export interface SandboxWorker extends WorkerPlace {
  child: ChildProcess;
  cell: Cell;
  /** Where it finds its cell itself. */
  given: string;
  made: string;
  tasks: number;
  /** Bytes of all it made. */
  madeBytes: number;
  /** As last seen. */
  residentBytes: number;
  /** It has ended, and whatever it started with it. */
  ended: Promise<void>;
}

/** Starting a process and loading what it needs takes 0.2 s, as long as many a small model; so the well ones are kept. */
const MOST_TASKS = 200;
const LARGEST_KEPT_BYTES = 400 * 2 ** 20;
const IDLE_MS = 4000;

/** What it made lies there until it ends. */
const MOST_MADE_BYTES = 256 * 2 ** 20;

/** Beyond what it may hold in memory: code, stacks, and what is written and not looked at. */
const DATA_BYTES = 4 * 2 ** 30;

const idle = new Map<SandboxWorker, NodeJS.Timeout>();
const all = new Set<SandboxWorker>();

/** @returns one that waits, or a new one */
export function takeWorker(place: WorkerPlace): SandboxWorker {
  for (const [worker, timer] of idle) {
    const isFresh = worker.tasks === 0;
    const isOurs = worker.entry === place.entry && worker.storeFolder === place.storeFolder;
    if (!isOurs || !(isFresh || (place.group !== undefined && worker.group === place.group))) continue;
    clearTimeout(timer);
    idle.delete(worker);
    if (!worker.child.connected) continue;
    worker.child.removeAllListeners('exit');
    worker.child.ref();
    worker.child.channel?.ref();
    worker.group = place.group;
    worker.tasks++;
    return worker;
  }
  const worker = startWorker(place);
  worker.tasks++;
  return worker;
}

/** Starts one that waits for a first task of a kind and has loaded what that needs. */
export function startReady(place: WorkerPlace, load: TaskName): void {
  const worker = startWorker(place);
  const request: LoadRequest = { load };
  worker.child.send(request);
  wait(worker);
}

function startWorker(place: WorkerPlace): SandboxWorker {
  const cell = createCell(place.storeFolder);
  const how = findConfinement();
  const { command, args, env, given, made } = confine({ entry: place.entry, cell, dataBytes: DATA_BYTES }, how);
  const calls = how === 'shut-in' && hasForbiddenCalls() ? openForbiddenCalls() : null;
  const child = spawn(command, args, {
    env,
    stdio: ['ignore', 'ignore', 'ignore', 'ipc', calls ?? 'ignore'],
    serialization: 'advanced',
    // a group of its own, so that what it starts ends with it
    detached: true,
  });
  if (calls !== null) closeSync(calls);
  const ended = new Promise<void>((resolve) => child.once('close', () => resolve()).once('error', () => resolve()));
  const worker = { ...place, child, cell, given, made, tasks: 0, madeBytes: 0, residentBytes: 0, ended };
  all.add(worker);
  return worker;
}

/** Keeps a worker for a while, unless it has done or grown enough. */
export function keepWorker(worker: SandboxWorker): void {
  if (
    worker.group === undefined ||
    worker.tasks >= MOST_TASKS ||
    worker.residentBytes > LARGEST_KEPT_BYTES ||
    worker.madeBytes > MOST_MADE_BYTES
  )
    return void endWorker(worker);
  if (!worker.child.connected) return void endWorker(worker);
  takeBackBytes(worker.cell);
  wait(worker);
}

function wait(worker: SandboxWorker): void {
  const timer = setTimeout(() => void endWorker(worker), IDLE_MS);
  timer.unref();
  // one that waits keeps nobody from ending
  worker.child.unref();
  worker.child.channel?.unref();
  worker.child.once('exit', () => {
    clearTimeout(timer);
    idle.delete(worker);
    removeWorker(worker);
  });
  idle.set(worker, timer);
}

/** Ends a worker and all it started, and what it left goes. */
export async function endWorker(worker: SandboxWorker): Promise<void> {
  await stopWorker(worker);
  removeWorker(worker);
}

/** Ends every worker, before the process that started them ends. */
export async function endAllWorkers(): Promise<void> {
  await Promise.all([...all].map(endWorker));
}

/** Ends a worker and all it started; after it nobody writes to its cell any more. */
export async function stopWorker(worker: SandboxWorker): Promise<void> {
  idle.delete(worker);
  const { pid } = worker.child;
  if (pid === undefined) return;
  // the first process of its own world takes all others with it, and the one outside ends when they are gone
  const inner = findConfinement() === 'shut-in' ? listChildren(pid) : [];
  for (const one of inner.length > 0 ? inner : [-pid]) kill(one);
  await worker.ended;
}

function kill(pid: number): void {
  try {
    process.kill(pid, 'SIGKILL');
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ESRCH') throw error;
  }
}

export function removeWorker(worker: SandboxWorker): void {
  all.delete(worker);
  removeCell(worker.cell);
}
