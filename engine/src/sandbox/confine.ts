import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import type { Cell } from './cell';
import { hasForbiddenCalls } from './forbidden-calls';

/**
 * How far a process that opens foreign bytes is shut in.
 * `shut-in`: namespaces of its own, so that it sees the system to be read, what it was given and its own folder, and no network.
 * `limits`: where the system refuses namespaces, limits alone.
 */
export type Confinement = 'shut-in' | 'limits';

const BWRAP = '/usr/bin/bwrap';
const PRLIMIT = '/usr/bin/prlimit';

/** Where a cell is found inside. */
const INSIDE = { given: '/cell/given', made: '/cell/made' } as const;

/** Descriptors of the channel to the parent, and of the list of forbidden calls. */
export const DESCRIPTORS = { channel: 3, calls: 4 } as const;

export interface ConfinedCommand {
  command: string;
  args: string[];
  env: Record<string, string>;
  /** Where it finds its cell. */
  given: string;
  made: string;
}

export interface ConfinedProgram {
  /** A program of ours for Node.js. */
  entry: string;
  cell: Cell;
  /** What it may write to in memory, bytes. */
  dataBytes: number;
}

/** @returns the command that runs a program so far shut in */
export function confine({ entry, cell, dataBytes }: ConfinedProgram, how: Confinement): ConfinedCommand {
  const { given, made } = how === 'shut-in' ? INSIDE : cell;
  const limits = existsSync(PRLIMIT) ? [PRLIMIT, ...listLimits(dataBytes), '--'] : [];
  const node = [...limits, process.execPath, '--max-old-space-size=2048', entry];
  const env = {
    PATH: '/usr/bin:/bin',
    HOME: join(made, 'tmp'),
    TMPDIR: join(made, 'tmp'),
    NODE_CHANNEL_FD: String(DESCRIPTORS.channel),
    NODE_CHANNEL_SERIALIZATION_MODE: 'advanced',
  };
  if (how === 'limits') return { command: node[0], args: node.slice(1), env, given, made };
  return { command: BWRAP, args: [...listWalls(entry, cell), ...node], env, given, made };
}

function listLimits(dataBytes: number): string[] {
  return [
    // written to, not merely reserved: each WebAssembly memory reserves 10 GB
    `--data=${dataBytes}`,
    // one file; all of them together are weighed from outside
    `--fsize=${24 * 2 ** 30}`,
    '--nofile=4096',
    '--nproc=512',
    '--core=0',
    // it is ended by the clock long before, unless that hangs
    '--cpu=7200',
  ];
}

function listWalls(entry: string, { given, made }: Cell): string[] {
  const bind = (path: string): string[] => ['--ro-bind', path, path];
  return [
    '--unshare-all',
    '--unshare-user',
    '--disable-userns',
    '--die-with-parent',
    '--new-session',
    '--cap-drop',
    'ALL',
    ...bind('/usr'),
    ...['bin', 'lib', 'lib64'].flatMap((name) => ['--symlink', `usr/${name}`, `/${name}`]),
    ...listCode(entry).flatMap(bind),
    '--proc',
    '/proc',
    '--dev',
    '/dev',
    '--ro-bind',
    given,
    INSIDE.given,
    '--bind',
    made,
    INSIDE.made,
    '--remount-ro',
    '/',
    '--chdir',
    '/',
    ...(hasForbiddenCalls() ? ['--seccomp', String(DESCRIPTORS.calls)] : []),
  ];
}

/** What a program of ours needs: its own folder, the packages above it, and Node.js where that is no part of the system. */
function listCode(entry: string): string[] {
  const folders = [dirname(entry)];
  for (let at = dirname(entry); at !== dirname(at); at = dirname(at)) folders.push(join(at, 'node_modules'));
  return [...folders, process.execPath].filter((path) => existsSync(path) && !path.startsWith('/usr/'));
}

let found: Confinement | null = null;

/** Tried once: what this system allows. */
export function findConfinement(): Confinement {
  return (found ??= existsSync(BWRAP) && canShutIn() ? 'shut-in' : 'limits');
}

function canShutIn(): boolean {
  const { status } = spawnSync(
    BWRAP,
    [
      '--unshare-all',
      '--unshare-user',
      '--disable-userns',
      '--ro-bind',
      '/',
      '/',
      '--proc',
      '/proc',
      '--dev',
      '/dev',
      '--',
      '/usr/bin/true',
    ],
    { stdio: 'ignore', timeout: 10_000 },
  );
  return status === 0;
}
