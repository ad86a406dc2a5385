import { answerRequest } from './answer-request';
import type { TaskReply, TaskRequest } from './messages';

/** Entry of the process that opens foreign bytes: one task at a time, and it ends at once where nobody listens any more. */
process.once('disconnect', () => process.exit());
process.on('message', (request: TaskRequest) => {
  void answerRequest(request, (message: TaskReply) => process.send!(message));
});
