import { randomUUID } from 'node:crypto';
import { DomainError } from '@haveld/contract/error';
import { READER_VERSION } from '@haveld/core/formats/reading';
import { proposeProvenance } from '@haveld/core/rights/propose-provenance';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { listFindFiles } from '../finds/file-queries';
import { setFindState } from '../finds/find-queries';
import { listPictures } from '../finds/list-pictures';
import { getFindForBench } from '../finds/service';
import { loadRules } from '../house/rule-queries';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import { toPick } from '../kits/piece-pick';
import * as queries from '../kits/queries';
import { lookAtPictures } from '../maps/service';
import { getHabitOfFind } from '../reading/habit-of-find';
import { settleFind } from '../reading/settle-find';
import { takeFindToBench } from './service';

/** Gives a piece its own document, reading and findings; what is known of the kit's rights is the piece's too. */
async function readPiece(
  dependencies: Dependencies,
  tasks: TaskRunner,
  sourceFindId: string,
  piece: queries.PieceRow,
  options: Parameters<TaskRunner['run']>[2],
): Promise<void> {
  const { pool } = dependencies;
  const findId = piece.findId!;
  const { find, reading } = await getFindForBench(pool, sourceFindId);
  const files = await listFindFiles(pool, findId);
  const silent = { ...options, onProgress: () => undefined };
  const pictures = listPictures(files);
  const taken = await tasks.run('take-piece', { documentSha256: reading.documentSha256, piece: toPick(piece) }, silent);
  const assessed = await tasks.run(
    'assess-find',
    {
      documentSha256: taken.documentSha256,
      name: piece.name,
      log: [],
      pictures,
      facts: await lookAtPictures(
        dependencies,
        tasks,
        [...reading.maps.flatMap(({ sha256 }) => sha256 ?? []), ...pictures.map(({ sha256 }) => sha256)],
        taken.documentSha256,
        silent,
      ),
      belonging: [],
      rules: await loadRules(pool),
      // sizes in the texts are those of the kit
      stated: [],
      habit: await getHabitOfFind(dependencies, find.arrivalId, files),
    },
    silent,
  );
  const { shape, pictures: looks, inside, ...judged } = assessed;
  await settleFind(dependencies, findId, {
    readerVersion: READER_VERSION,
    reading: {
      id: randomUUID(),
      findId,
      log: [],
      rights: reading.rights,
      proposed: proposeProvenance(reading.rights, piece.name),
      stated: [],
      ...taken,
      ...judged,
    },
    shape,
    pictures: looks,
    inside,
  });
}

/** Jobs of taking pieces out of their kit to the bench. They go on where they stopped. */
export function createTakingHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  const { pool } = dependencies;
  return {
    'take-pieces': {
      async run(job, options) {
        const kit = await queries.getKit(pool, job.subjectId);
        if (!kit) return;
        const ordinals = new Set(JSON.parse(job.detail ?? '[]') as number[]);
        const wanted = (await queries.listPieces(pool, kit.id)).filter(({ ordinal }) => ordinals.has(ordinal));
        for (const [i, piece] of wanted.entries()) {
          options.signal.throwIfAborted();
          options.onProgress(i, wanted.length);
          if (piece.findId === null) continue;
          try {
            if (kit.sourceFindId) await readPiece(dependencies, tasks, kit.sourceFindId, piece, options);
            await takeFindToBench(dependencies, piece.findId);
          } catch (error) {
            // one that cannot be taken says so on the contact sheet; the rest goes on
            if (!(error instanceof DomainError)) throw error;
            await setFindState(pool, piece.findId, 'failed', error.message, 'waiting');
          }
        }
      },
      async fail(job, message) {
        // files of their own are read by jobs of their own
        for (const { findId, selector } of await queries.listPieces(pool, job.subjectId))
          if (findId && selector) await setFindState(pool, findId, 'failed', message, 'waiting');
        await bumpRevision(pool);
      },
    },
  };
}
