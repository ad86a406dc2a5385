import type { TaskContext } from './task';

/**
 * Every task there is, loaded when it is first asked for: who opens an archive needs no drawing. Those that are sandboxed open bytes from
 * outside and run in a process of their own.
 */
export const TASKS = {
  'open-archive': { load: async () => (await import('./open-archive')).openArchive, sandboxed: true },
  'read-find': { load: async () => (await import('./read-find')).readFind, sandboxed: true },
  'read-source-page': { load: async () => (await import('./read-source-page')).readSourcePage, sandboxed: true },
  'look-at-maps': { load: async () => (await import('./look-at-maps')).lookAtMaps, sandboxed: true },
  'assess-find': { load: async () => (await import('./assess-find')).assessFind, sandboxed: false },
  'draw-pieces': { load: async () => (await import('./draw-pieces')).drawPieces, sandboxed: false },
  'draw-standing': { load: async () => (await import('./draw-standing')).drawStanding, sandboxed: false },
  'take-piece': { load: async () => (await import('./take-piece')).takePiece, sandboxed: false },
  'make-version': { load: async () => (await import('./make-version')).makeVersion, sandboxed: false },
  'look-inside': { load: async () => (await import('./look-inside')).lookInside, sandboxed: false },
  'prepare-find': { load: async () => (await import('./prepare-find')).prepareFind, sandboxed: true },
  'plan-house-treatment': {
    load: async () => (await import('./plan-house-treatment')).planHouseTreatment,
    sandboxed: false,
  },
  'pack-hand-over': { load: async () => (await import('./pack-hand-over')).packHandOver, sandboxed: false },
} as const;

export type TaskName = keyof typeof TASKS;
type Task<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]['load']>>;
export type TaskInput<N extends TaskName> = Parameters<Task<N>>[0];
export type TaskResult<N extends TaskName> = Awaited<ReturnType<Task<N>>>;

/** Runs a task by name. */
export async function runTask<N extends TaskName>(
  name: N,
  input: TaskInput<N>,
  context: TaskContext,
): Promise<TaskResult<N>> {
  // name and input come from one row of the table; TypeScript cannot see that through the union
  const run = (await TASKS[name].load()) as unknown as (
    input: TaskInput<N>,
    context: TaskContext,
  ) => Promise<TaskResult<N>>;
  return run(input, context);
}
