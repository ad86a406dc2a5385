import { isKeyOf } from '@haveld/contract/finding-kinds';
import { listSaid } from '@haveld/core/condition/said';
import * as answerQueries from '../assets/answer-queries';
import * as assetQueries from '../assets/asset-queries';
import { listSimilarSizes, loadAuthorSay } from '../assets/sized-assets';
import * as versionQueries from '../assets/version-queries';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { listFindFiles } from '../finds/file-queries';
import { getFind } from '../finds/find-queries';
import { listPictures } from '../finds/list-pictures';
import { getReading, setReadingMaps } from '../finds/reading-queries';
import { loadRules } from '../house/rule-queries';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import { upsertInside } from '../library/inside-queries';
import { listRemembered } from '../maps/memory';
import { listCandidates, lookAtPictures } from '../maps/service';
import { getHabitOfFind } from '../reading/habit-of-find';
import { getProvenance } from '../rights/provenance-queries';
import * as queries from './queries';
import { drawStandingOf, redraw } from './standing';
import { setStanding } from './standing-queries';

/** States of a map that is not where its file says. */
const MISSING = ['missing', 'elsewhere'];

/** Jobs of this feature: looking again where an answer or a newer Haveld changes what is seen, and making versions. */
export function createBenchHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  const { pool } = dependencies;
  return {
    'assess-asset': {
      async run(job, options) {
        const asset = await assetQueries.findAsset(pool, job.subjectId);
        if (!asset) return;
        const reading = await getReading(pool, asset.readingId);
        const find = await getFind(pool, asset.findId);
        const answers = await answerQueries.listAnswers(pool, asset.id);
        const belonging = [...answers]
          .filter(
            ([key, answer]) =>
              (isKeyOf('stranger', key) && !(answer.kind === 'taken' && answer.choiceId === 'leave-out')) ||
              (isKeyOf('levels', key) && answer.kind === 'taken' && answer.choiceId === 'belongs'),
          )
          .map(([key]) => key);
        const files = await listFindFiles(pool, asset.findId);
        const { author } = await getProvenance(pool, asset.id);
        const missing = reading.maps.filter(({ status }) => MISSING.includes(status)).map(({ reference }) => reference);
        const pictures = await listCandidates(pool, {
          arrivalId: find?.arrivalId ?? '',
          modelPath: find?.modelPath ?? '',
          isPiece: find?.kitId != null,
          own: listPictures(files),
          missing,
          author,
        });
        const hashes = [...reading.maps.flatMap(({ sha256 }) => sha256 ?? []), ...pictures.map(({ sha256 }) => sha256)];
        const steps = await queries.listSteps(pool, asset.id);
        const { findings, sizeQuestion, maps, unused } = await tasks.run(
          'assess-find',
          {
            documentSha256: reading.documentSha256,
            name: find?.name ?? asset.name,
            log: reading.log,
            pictures,
            facts: await lookAtPictures(dependencies, tasks, hashes, reading.documentSha256, options),
            remembered: await listRemembered(pool, author, missing),
            taken: steps.flatMap(({ step, enabled }) => (enabled && step.kind === 'relink-map' ? [step] : [])),
            belonging,
            said: listSaid(answers, asset.findings),
            stated: reading.stated,
            similar: await listSimilarSizes(pool, find?.name ?? asset.name, asset.id),
            author: await loadAuthorSay(pool, author, {
              findId: asset.findId,
              assetId: asset.id,
              arrivalId: find?.arrivalId ?? '',
              isPiece: find?.kitId != null,
            }),
            rules: await loadRules(pool),
            habit: find ? await getHabitOfFind(dependencies, find.arrivalId, files) : undefined,
          },
          options,
        );
        await transact(pool, async (tx) => {
          await assetQueries.setFindings(tx, asset.id, { findings, sizeQuestion });
          await setReadingMaps(tx, reading.id, maps, unused);
          await redraw(tx, asset);
        });
      },
      fail: () => Promise.resolve(),
    },
    'draw-standing': {
      async run(job, options) {
        const asset = await assetQueries.findAsset(pool, job.subjectId);
        if (asset) await drawStandingOf(pool, tasks, asset, options);
      },
      async fail(job, message) {
        await setStanding(pool, job.subjectId, {
          pictureSha256: null,
          box: null,
          message,
          stepsSha256: null,
        });
        await bumpRevision(pool);
      },
    },
    'make-version': {
      async run(job, options) {
        const version = await versionQueries.getVersionToMake(pool, job.subjectId);
        if (!version) return;
        const reading = await getReading(pool, version.readingId);
        const made = await tasks.run(
          'make-version',
          { documentSha256: reading.documentSha256, steps: version.steps, hasSize: version.hasSize },
          options,
        );
        await transact(pool, async (tx) => {
          await upsertInside(tx, made.modelSha256, made.inside);
          await versionQueries.setVersionMade(tx, version.id, {
            ...made,
            triangles: made.after.triangles,
            mapSide: made.after.mapSide,
          });
          await versionQueries.setCataloguedIfLater(tx, version.assetId, version.id);
        });
      },
      async fail(job, message) {
        await versionQueries.setVersionFailed(pool, job.subjectId, message);
        await bumpRevision(pool);
      },
    },
  };
}
