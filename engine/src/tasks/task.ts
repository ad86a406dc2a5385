import type { FolderStore } from '../store/folder-store';

/** What a task gets from whoever runs it. Inputs and results are plain data; bytes travel by hash. */
export interface TaskContext {
  store: FolderStore;
  /** Real units done of all. */
  progress(done: number, total: number, what: string): void;
}
