import { sheetPixels } from '@haveld/core/picture/sheet-pixels';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { getFindForBench } from '../finds/service';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import { toPick } from './piece-pick';
import * as queries from './queries';

/** Pieces drawn by one task: enough to share their maps, few enough that pictures appear as they are made. */
const DRAWN_AT_ONCE = 10;

/** Tasks at a time; the pool of threads decides how many really run. */
const DRAWING_LANES = 2;

/** Jobs of this feature: drawing the pieces of a kit. It goes on where it stopped. */
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
  };
}

const longestOf = ({ width, height, depth }: queries.PieceRow): number => Math.max(width, height, depth);
