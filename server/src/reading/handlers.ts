import { randomUUID } from 'node:crypto';
import { READER_VERSION } from '@haveld/core/formats/reading';
import { proposeProvenance } from '@haveld/core/rights/propose-provenance';
import { listSimilarSizes, loadAuthorSay } from '../assets/sized-assets';
import type { Dependencies } from '../dependencies';
import * as fileQueries from '../finds/file-queries';
import * as findQueries from '../finds/find-queries';
import { listPictures } from '../finds/list-pictures';
import { loadRules } from '../house/rule-queries';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import { listRemembered } from '../maps/memory';
import { listCandidates, lookAtPictures } from '../maps/service';
import { getHabitOfFind } from '../reading/habit-of-find';
import { settleFind } from '../reading/settle-find';

/** Jobs of this feature: reading each find. */
export function createReadingHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  const { pool } = dependencies;
  return {
    'read-find': {
      async run(job, options) {
        const find = await findQueries.getFind(pool, job.subjectId);
        if (!find) return;
        const files = await fileQueries.listFindFiles(pool, find.id);
        const here = { ...options, group: find.arrivalId };
        const read = await tasks.run(
          'read-find',
          {
            model: find.modelPath,
            files: files.map(({ path, sha256, role }) => ({ path, sha256, role })),
            isPiece: find.kitId !== null,
          },
          here,
        );
        const proposed = proposeProvenance(read.rights, find.name);
        const { author } = proposed;
        const pictures = await listCandidates(pool, {
          arrivalId: find.arrivalId,
          modelPath: find.modelPath,
          isPiece: find.kitId !== null,
          own: listPictures(files),
          missing: read.missing,
          author,
        });
        const hashes = [...read.maps, ...pictures.map(({ sha256 }) => sha256)];
        const facts = await lookAtPictures(dependencies, tasks, hashes, read.documentSha256, here);
        const {
          shape,
          pictures: looks,
          inside,
          ...assessed
        } = await tasks.run(
          'assess-find',
          {
            documentSha256: read.documentSha256,
            name: find.name,
            log: read.log,
            pictures,
            facts,
            remembered: await listRemembered(pool, author, read.missing),
            belonging: [],
            stated: read.stated,
            rules: await loadRules(pool),
            similar: await listSimilarSizes(pool, find.name, null),
            author: await loadAuthorSay(pool, author, {
              findId: find.id,
              assetId: null,
              arrivalId: find.arrivalId,
              isPiece: find.kitId !== null,
            }),
            habit: await getHabitOfFind(dependencies, find.arrivalId, files),
          },
          options,
        );
        const { documentSha256, thumbnailSha256, source, log, rights, stated } = read;
        await settleFind(dependencies, find.id, {
          readerVersion: READER_VERSION,
          shape,
          pictures: looks,
          inside,
          read,
          reading: {
            id: randomUUID(),
            findId: find.id,
            documentSha256,
            thumbnailSha256,
            source,
            log,
            rights,
            proposed,
            stated,
            ...assessed,
          },
        });
      },
      fail: (job, message) => settleFind(dependencies, job.subjectId, { failed: message }),
    },
  };
}
