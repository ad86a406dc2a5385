import { randomUUID } from 'node:crypto';
import { stat } from 'node:fs/promises';
import { READER_VERSION } from '@haveld/core/formats/reading';
import { DomainError } from '@haveld/contract/error';
import { proposeProvenance } from '@haveld/core/rights/propose-provenance';
import { listRemembered } from '../maps/memory';
import { listCandidates, lookAtPictures } from '../maps/service';
import { listSimilarSizes } from '../catalogue/sized-assets';
import type { Dependencies } from '../dependencies';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import * as fileQueries from './file-queries';
import * as findQueries from './find-queries';
import * as queries from './queries';
import { getHabitOfFind } from './habit-of-find';
import { failArrival } from './service';
import { settleFind } from './settle-find';
import { keepOpened, listPasswords } from './sorting';
import { removeUpload, uploadPath } from './uploads';

/** Jobs of this feature: opening what arrived, and reading each find. */
export function createArrivalHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  const { pool, store, uploadsFolder } = dependencies;
  return {
    'open-arrival': {
      async run(job, options) {
        const received = await queries.listReceived(pool, job.subjectId);
        const arrival = await queries.getArrival(pool, job.subjectId);
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
            passwords: listPasswords(arrival),
          },
          options,
        );
        await keepOpened(dependencies, job.subjectId, opened);
        for (const file of received) if (file.uploadId) await removeUpload(uploadsFolder, file.uploadId);
      },
      fail: (job, message) => failArrival(dependencies, job.subjectId, message),
    },
    'read-find': {
      async run(job, options) {
        const find = await findQueries.getFind(pool, job.subjectId);
        if (!find) return;
        const files = await fileQueries.listFindFiles(pool, find.id);
        const read = await tasks.run(
          'read-find',
          {
            model: find.modelPath,
            files: files.map(({ path, sha256, role }) => ({ path, sha256, role })),
            isPiece: find.kitId !== null,
          },
          options,
        );
        const { author } = proposeProvenance(read.rights, find.name);
        const pictures = await listCandidates(pool, {
          arrivalId: find.arrivalId,
          modelPath: find.modelPath,
          isPiece: find.kitId !== null,
          own: listPictures(files),
          lost: read.lost,
          author,
        });
        const hashes = [...read.maps, ...pictures.map(({ sha256 }) => sha256)];
        const facts = await lookAtPictures(dependencies, tasks, hashes, read.documentSha256, options);
        const {
          shape,
          pictures: looks,
          ...assessed
        } = await tasks.run(
          'assess-find',
          {
            documentSha256: read.documentSha256,
            name: find.name,
            log: read.log,
            pictures,
            facts,
            remembered: await listRemembered(pool, author, read.lost),
            belonging: [],
            stated: read.stated,
            similar: await listSimilarSizes(pool, find.name, null),
            habit: await getHabitOfFind(dependencies, find.arrivalId, files),
          },
          options,
        );
        const { documentSha256, portraitSha256, source, log, rights, stated } = read;
        await settleFind(dependencies, find.id, {
          readerVersion: READER_VERSION,
          shape,
          pictures: looks,
          read,
          reading: {
            id: randomUUID(),
            findId: find.id,
            documentSha256,
            portraitSha256,
            source,
            log,
            rights,
            stated,
            ...assessed,
          },
        });
      },
      fail: (job, message) => settleFind(dependencies, job.subjectId, { failed: message }),
    },
  };
}

/** Pictures of a find that may be maps. */
export function listPictures(
  files: readonly (fileQueries.FileRow & { role: string })[],
): { path: string; sha256: string; width: number | null; height: number | null }[] {
  return files
    .filter((file) => file.role === 'map')
    .map(({ path, sha256, width, height }) => ({ path, sha256, width, height }));
}

async function checkArrived(path: string, file: queries.ReceivedRow): Promise<void> {
  const { size } = await stat(path);
  if (size !== file.sizeBytes)
    throw new DomainError('bad-file', `“${file.path}” arrived with ${size} of ${file.sizeBytes} bytes.`);
}
