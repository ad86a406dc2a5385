import { TASKS } from '../tasks/registry';
import { answerRequest } from './answer-request';
import type { LoadRequest, TaskReply, TaskRequest } from './messages';

/** The process that opens foreign bytes: one task at a time, and it ends at once where nobody listens any more. */
process.once('disconnect', () => process.exit());
process.on('message', (request: TaskRequest | LoadRequest) => {
  if ('load' in request) void TASKS[request.load].load();
  else void answerRequest(request, (message: TaskReply) => process.send!(message));
});

export async function loadTasks(): Promise<void> {
  for (const { load } of Object.values(TASKS)) await load();
}
