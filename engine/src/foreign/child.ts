import { answerRequest } from './answer-request';
import type { TaskReply, TaskRequest } from './messages';

/** Entry of the process that opens foreign bytes. It does one thing and ends, at once where nobody listens any more. */
process.once('disconnect', () => process.exit());
process.once('message', (request: TaskRequest) => {
  const reply = (message: TaskReply): void => {
    process.send!(message, () => {
      if (message.kind !== 'progress') process.disconnect();
    });
  };
  void answerRequest(request, reply);
});
