import { answerRequest } from './answer-request';
import type { TaskReply, TaskRequest } from './messages';

/** Entry of the process that opens foreign bytes. It does one thing and ends. */
process.once('message', (request: TaskRequest) => {
  const reply = (message: TaskReply): void => {
    process.send!(message, () => {
      if (message.kind !== 'progress') process.disconnect();
    });
  };
  void answerRequest(request, reply);
});
