import { randomUUID } from 'node:crypto';
import { sheetPixels } from '@haveld/core/picture/sheet-pixels';
import { DomainError } from '@haveld/contract/error';
import { READER_VERSION } from '@haveld/core/formats/reading';
import { listPictures } from '../arrivals/handlers';
import { getHabitOfFind } from '../arrivals/habit-of-find';
import { getFindForBench, listFindFiles, setFindState } from '../arrivals/service';
import { settleFind } from '../arrivals/settle-find';
import { lookAtPictures } from '../maps/service';
import { takeFindToBench } from '../bench/service';
import { bumpRevision } from '../database/pool';
import type { Dependencies } from '../dependencies';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import * as queries from './queries';

/** Pieces drawn by one task: enough to share their maps, few enough that pictures appear as they are made. */
const DRAWN_AT_ONCE = 10;
/** Tasks at a time; the pool of threads decides how many really run. */
const DRAWING_LANES = 2;

/** Jobs of this feature: drawing the pieces of a kit, and taking pieces. Both go on where they stopped. */
export function createKitHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  const { pool } = dependencies;
  return {
    'draw-kit': {
      async run(job, options) {
        const kit = await queries.getKit(pool, job.subjectId);
        if (!kit?.sourceFindId) return;
        const { reading } = await getFindForBench(pool, kit.sourceFindId);
        const pieces = await queries.listPieces(pool, kit.id);
        const left = pieces.filter(({ pictureSha256 }) => pictureSha256 === null);
        const largest = Math.max(...pieces.map(longestOf));
        const batches = Array.from({ length: Math.ceil(left.length / DRAWN_AT_ONCE) }, (_, i) =>
          left.slice(i * DRAWN_AT_ONCE, (i + 1) * DRAWN_AT_ONCE),
        );
        let done = pieces.length - left.length;
        const drawBatch = async (some: queries.PieceRow[]): Promise<void> => {
          const drawn = await tasks.run(
            'draw-pieces',
            {
              documentSha256: reading.documentSha256,
              pieces: some.map((piece) => ({ ...toPick(piece), longestPx: sheetPixels(longestOf(piece), largest) })),
              up: reading.source.declaredUp ?? null,
            },
            { ...options, onProgress: () => undefined },
          );
          for (const [i, picture] of drawn.entries())
            if (picture) await queries.setPicture(pool, kit.id, some[i].ordinal, picture);
          done += some.length;
          options.onProgress(done, pieces.length);
          await bumpRevision(pool);
        };
        await Promise.all(
          Array.from({ length: DRAWING_LANES }, async () => {
            for (let next = batches.shift(); next; next = batches.shift()) await drawBatch(next);
          }),
        );
      },
      fail: () => Promise.resolve(),
    },
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

const longestOf = ({ width, height, depth }: queries.PieceRow): number => Math.max(width, height, depth);

const toPick = ({ name, selector, place }: queries.PieceRow) => ({
  name,
  nodeIds: selector?.nodeIds ?? [],
  shift: place?.shift ?? ([0, 0, 0] as [number, number, number]),
});

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
      // sizes in the texts are those of the kit
      stated: [],
      habit: await getHabitOfFind(dependencies, find.arrivalId, files),
    },
    silent,
  );
  const { shape, pictures: looks, ...judged } = assessed;
  await settleFind(dependencies, findId, {
    readerVersion: READER_VERSION,
    reading: { id: randomUUID(), findId, log: [], rights: reading.rights, stated: [], ...taken, ...judged },
    shape,
    pictures: looks,
  });
}
