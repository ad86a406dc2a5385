import { parentPort } from 'node:worker_threads';
import { answerRequest } from '@haveld/engine/sandbox/answer-request';
import type { TaskRequest } from '@haveld/engine/sandbox/messages';

/** Entry of a worker thread: one task after the other. */
const port = parentPort!;
port.on('message', (request: TaskRequest) => {
  void answerRequest(request, (message) => port.postMessage(message));
});
