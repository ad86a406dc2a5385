import { stat } from 'node:fs/promises';
import { DomainError } from '@haveld/contract/error';
import type { Dependencies } from '../dependencies';
import * as arrivalQueries from '../finds/arrival-queries';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import * as queries from './queries';
import { failArrival } from './service';
import { keepOpened, listPasswords } from './sorting';
import { removeUpload, uploadPath } from './uploads';

/** Jobs of this feature: opening what arrived. */
export function createArrivalHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  const { pool, store, uploadsFolder } = dependencies;
  return {
    'open-arrival': {
      async run(job, options) {
        const received = await queries.listReceived(pool, [job.subjectId]);
        const arrival = await arrivalQueries.getArrival(pool, job.subjectId);
        if (!arrival) return;
        for (const file of received) {
          if (file.sha256 || !file.uploadId) continue;
          const path = uploadPath(uploadsFolder, file.uploadId);
          await checkArrived(path, file);
          const kept = await store.adoptFile(path, options.signal);
          await queries.setReceivedHash(pool, file.id, kept.sha256);
          file.sha256 = kept.sha256;
        }
        const opened = await tasks.run(
          'open-archive',
          {
            received: received.map(({ path, sha256 }) => ({ path, sha256: sha256! })),
            passwords: listPasswords(dependencies, arrival),
          },
          { ...options, group: arrival.id },
        );
        await keepOpened(dependencies, job.subjectId, opened);
        for (const file of received) if (file.uploadId) await removeUpload(uploadsFolder, file.uploadId);
      },
      fail: (job, message) => failArrival(dependencies, job.subjectId, message),
    },
  };
}

async function checkArrived(path: string, file: queries.ReceivedRow): Promise<void> {
  const { size } = await stat(path);
  if (size !== file.sizeBytes)
    throw new DomainError('bad-file', `“${file.path}” arrived with ${size} of ${file.sizeBytes} bytes.`);
}
