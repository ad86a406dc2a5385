import { assessFind } from './assess-find';
import { drawPieces } from './draw-pieces';
import { drawStanding } from './draw-standing';
import { lookAtMaps } from './look-at-maps';
import { makeVersion } from './make-version';
import { openArchive } from './open-archive';
import { packHandOver } from './pack-hand-over';
import { prepareFind } from './prepare-find';
import { readFind } from './read-find';
import { takePiece } from './take-piece';
import type { TaskContext } from './task';

/** Every task there is. `foreign` ones open bytes from outside and run in a process of their own. */
export const TASKS = {
  'open-archive': { run: openArchive, sandboxed: true },
  'read-find': { run: readFind, sandboxed: true },
  'look-at-maps': { run: lookAtMaps, sandboxed: true },
  'assess-find': { run: assessFind, sandboxed: false },
  'draw-pieces': { run: drawPieces, sandboxed: false },
  'draw-standing': { run: drawStanding, sandboxed: false },
  'take-piece': { run: takePiece, sandboxed: false },
  'make-version': { run: makeVersion, sandboxed: false },
  'prepare-find': { run: prepareFind, sandboxed: true },
  'pack-hand-over': { run: packHandOver, sandboxed: false },
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<N extends TaskName> = Parameters<(typeof TASKS)[N]['run']>[0];
export type TaskResult<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]['run']>>;

/** Runs a task by name. */
export function runTask<N extends TaskName>(
  name: N,
  input: TaskInput<N>,
  context: TaskContext,
): Promise<TaskResult<N>> {
  // name and input come from one row of the table; TypeScript cannot see that through the union
  const run = TASKS[name].run as unknown as (input: TaskInput<N>, context: TaskContext) => Promise<TaskResult<N>>;
  return run(input, context);
}
