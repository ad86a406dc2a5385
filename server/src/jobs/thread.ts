import { parentPort } from 'node:worker_threads';
import { answerRequest } from '@haveld/engine/foreign/answer-request';
import type { TaskRequest } from '@haveld/engine/foreign/messages';

/** Entry of a worker thread: one task after the other. */
const port = parentPort!;
port.on('message', (request: TaskRequest) => {
  void answerRequest(request, (message) => port.postMessage(message));
});
