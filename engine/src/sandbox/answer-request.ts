import { DomainError } from '@haveld/contract/error';
import { FolderStore } from '../store/folder-store';
import { runTask } from '../tasks/registry';
import type { TaskReply, TaskRequest } from './messages';

const PROGRESS_EVERY_MS = 200;

/** Does what a request asks, and says how far it is. Never throws: a failure is a reply. */
export async function answerRequest(
  { name, input, store }: TaskRequest,
  reply: (message: TaskReply) => void,
): Promise<void> {
  let last = 0;
  try {
    const result = await runTask(name, input as never, {
      store: new FolderStore(store.folder, store.readsFrom),
      progress(done, total, what) {
        const now = performance.now();
        if (now - last < PROGRESS_EVERY_MS) return;
        last = now;
        reply({ kind: 'progress', done, total, what });
      },
    });
    reply({ kind: 'result', result });
  } catch (error) {
    const known =
      error instanceof DomainError
        ? error
        : new DomainError('broken', `This went wrong: ${(error as Error).message}`, { cause: error });
    reply({ kind: 'error', error: known.toBody() });
  }
}
