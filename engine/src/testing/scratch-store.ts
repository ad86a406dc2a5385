import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { FolderStore } from '../store/folder-store';
import type { TaskContext } from '../tasks/task';

/** A store in a folder of its own, gone after the test. */
export function createScratchStore(): { store: FolderStore; context: TaskContext; folder: string; remove: () => void } {
  const folder = mkdtempSync(join(tmpdir(), 'haveld-'));
  const store = new FolderStore(join(folder, 'store'));
  return {
    store,
    folder,
    context: { store, progress: () => undefined },
    remove: () => rmSync(folder, { recursive: true, force: true }),
  };
}
