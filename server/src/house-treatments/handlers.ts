import type { TrialLine } from '@haveld/contract/api/house-treatments';
import { describeRule } from '@haveld/core/treatment/house/describe-rule';
import type { StepOutcome } from '@haveld/contract/report';
import * as assetQueries from '../assets/asset-queries';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { getReading } from '../finds/reading-queries';
import type { TaskRunner } from '../jobs/task-runner';
import type { JobHandlers } from '../jobs/worker-loop';
import { standAsset } from './plan';
import * as queries from './queries';
import { tryHouseTreatment } from './service';
import { takeRow } from './take-trial';

/** Jobs of this feature: what a house treatment would do to one asset, and what arrives from a source that names one. */
export function createHouseTreatmentHandlers(dependencies: Dependencies, tasks: TaskRunner): JobHandlers {
  const { pool } = dependencies;
  return {
    'plan-house-treatment': {
      async run(job, options) {
        const row = await queries.findTrialRow(pool, job.subjectId);
        const trial = row && (await queries.findTrial(pool, row.trialId));
        const asset = row && (await assetQueries.findAsset(pool, row.assetId));
        if (!row || !trial || !asset || row.state === 'taken') return;
        const { taken, answered, left, seenSha256 } = await standAsset(pool, asset, trial.treatmentId, trial.rules);
        const { documentSha256 } = await getReading(pool, asset.readingId);
        const planned = await tasks.run(
          'plan-house-treatment',
          { documentSha256, taken, rules: trial.rules, left },
          options,
        );
        const lines: TrialLine[] = [
          ...answered.map(({ rule, finding }) => ({
            rule,
            title: finding.title,
            changed: finding.choices[0].label,
            trouble: [],
          })),
          ...planned.steps.map(({ rule, outcome }) => toLine(rule, outcome)),
          ...left.map((rule) => ({
            rule,
            title: describeRule(trial.rules[rule]),
            changed: '',
            trouble: ['Left out: it goes by size, and nobody has confirmed the size yet.'],
          })),
        ];
        await transact(pool, async (tx) => {
          await queries.setRowPlanned(tx, row.id, {
            steps: planned.steps.map(({ step }) => step),
            lines: lines.sort((a, b) => a.rule - b.rule),
            before: planned.before,
            after: planned.after,
            seenSha256,
          });
          // nobody waits for it: the source's treatment is taken at once, and each of its steps can be switched off
          if (trial.personId === null) {
            const outcome = await takeRow(tx, trial, row.id, null);
            // somebody was at it just now: nothing is kept, and it is looked at again
            if (outcome && outcome.why !== null) throw new Error(`“${asset.name}” changed while it was treated`);
            await queries.deleteTrial(tx, trial.id);
          }
          await bumpRevision(tx);
        });
      },
      async fail(job, message) {
        await queries.setRowState(pool, job.subjectId, 'failed', message);
        await bumpRevision(pool);
      },
    },
    'treat-on-arrival': {
      async run(job) {
        // one that was forgotten since is nothing to wait for
        const known = new Set((await queries.listTreatments(pool)).map(({ id }) => id));
        for (const id of JSON.parse(job.detail ?? '[]') as string[])
          if (known.has(id)) await tryHouseTreatment(dependencies, id, { kind: 'assets', ids: [job.subjectId] }, null);
      },
      fail: () => Promise.resolve(),
    },
  };
}

const toLine = (rule: number, { title, changed, unmatched, worse }: StepOutcome): TrialLine => ({
  rule,
  title,
  changed,
  trouble: [...unmatched.map((name) => `${name} is not there`), ...worse],
});
