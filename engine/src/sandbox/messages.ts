import type { ErrorBody } from '@haveld/contract/error';
import type { StorePlace } from '../store/folder-store';
import type { TaskName } from '../tasks/registry';

/** From whoever asks to whoever does. */
export interface TaskRequest {
  name: TaskName;
  input: unknown;
  store: StorePlace;
}

/** Asks to load what a task needs, before there is one: it is not answered. */
export interface LoadRequest {
  load: TaskName;
}

/** And back; the last one is a result or an error. */
export type TaskReply =
  | { kind: 'progress'; done: number; total: number; what: string }
  | { kind: 'result'; result: unknown }
  | { kind: 'error'; error: ErrorBody };
