import { createHash } from 'node:crypto';
import type { SheetFinding } from '@haveld/contract/api/bench';
import type { Step } from '@haveld/contract/step';
import { answerFindings } from '@haveld/core/condition/answers';
import { setInPencil } from '@haveld/core/condition/pencil';
import { orderSteps } from '@haveld/core/treatment/steps';
import * as answerQueries from '../assets/answer-queries';
import type * as assetQueries from '../assets/asset-queries';
import type { Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import { getReading } from '../finds/reading-queries';
import { loadRules } from '../house/rule-queries';
import { findOpenJob, insertJob } from '../jobs/job-queries';
import type { TaskOptions, TaskRunner } from '../jobs/task-runner';
import { listFindings } from './findings';
import * as queries from './queries';
import { findStanding, setStanding } from './standing-queries';

/** What stands in the line-up is drawn anew where its treatment or its guesses may have changed, once however often it is asked. */
export async function redraw(db: Executor, asset: Pick<assetQueries.AssetRow, 'id' | 'name'>): Promise<void> {
  if (!(await findStanding(db, asset.id))) return;
  if ((await findOpenJob(db, 'draw-standing', asset.id))?.state === 'waiting') return;
  await insertJob(db, { kind: 'draw-standing', subjectId: asset.id, label: `drawing “${asset.name}” as it will be` });
}

/** What is guessed of an asset, and the steps it will have if that is right, in the order they run. */
export async function planStanding(
  db: Executor,
  asset: assetQueries.AssetRow,
): Promise<{ guessed: SheetFinding[]; steps: Step[]; stepsSha256: string }> {
  const { findings } = await listFindings(db, asset);
  const sheet = answerFindings(findings, await answerQueries.listAnswers(db, asset.id));
  const { guessed, steps: guesses } = setInPencil(sheet, await loadRules(db));
  const taken = (await queries.listEnabledSteps(db, [asset.id])).get(asset.id) ?? [];
  const steps = orderSteps([...taken, ...guesses.map((step) => ({ step }))]).map(({ step }) => step);
  return { guessed, steps, stepsSha256: createHash('sha256').update(JSON.stringify(steps)).digest('hex') };
}

/** Draws an asset with its steps and its guesses applied, and keeps the picture and where it reaches; the same steps are drawn once. */
export async function drawStandingOf(
  db: Executor,
  tasks: TaskRunner,
  asset: assetQueries.AssetRow,
  options: TaskOptions,
): Promise<void> {
  const { steps, stepsSha256 } = await planStanding(db, asset);
  if ((await findStanding(db, asset.id))?.stepsSha256 === stepsSha256) return;
  const { documentSha256 } = await getReading(db, asset.readingId);
  const drawn = await tasks.run('draw-standing', { documentSha256, steps }, options);
  await setStanding(db, asset.id, {
    pictureSha256: drawn?.sha256 ?? null,
    box: drawn?.box ?? null,
    message: drawn ? null : 'There is nothing in it to draw.',
    stepsSha256,
  });
  await bumpRevision(db);
}
