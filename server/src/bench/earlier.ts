import { randomUUID } from 'node:crypto';
import type { Earlier } from '@haveld/contract/api/bench';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { answerFindings } from '@haveld/core/condition/answers';
import { setInPencil } from '@haveld/core/condition/pencil';
import { planReplay, type Replay, type Treated } from '@haveld/core/condition/replay';
import { orderSteps } from '@haveld/core/treatment/steps';
import { formatAccession } from '../assets/accession';
import * as answerQueries from '../assets/answer-queries';
import * as assetQueries from '../assets/asset-queries';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { findEarlierAsset } from '../duplicates/queries';
import { loadRules } from '../house/rule-queries';
import { applyAnswer } from './answering';
import { listFindings } from './findings';
import * as queries from './queries';
import { redraw } from './standing';

const loadTreated = async (db: Executor, assetId: string): Promise<Treated> => ({
  answers: await answerQueries.listAnswers(db, assetId),
  steps: await queries.listSteps(db, assetId),
});

/** @returns null where this is the newer one of nothing that was treated */
export async function getEarlier(db: Executor, id: string): Promise<Earlier | null> {
  const planned = await plan(db, id);
  if (!planned) return null;
  const { earlier, replay, steps } = planned;
  return {
    asset: {
      id: earlier.id,
      accession: formatAccession(earlier.accession),
      name: earlier.name,
      state: earlier.state,
    },
    lines: [
      ...replay.answers.map(({ key, title, label, steps: own }) => ({ key, title, label, steps: own })),
      ...replay.own.map((row) => ({ key: row.key, title: '', label: '', steps: row.steps })),
    ],
    steps,
  };
}

async function plan(
  db: Executor,
  id: string,
): Promise<{
  asset: assetQueries.AssetRow;
  earlier: assetQueries.AssetRow;
  replay: Replay;
  sheet: ReturnType<typeof answerFindings>;
  steps: Earlier['steps'];
} | null> {
  const asset = await assetQueries.findAsset(db, id);
  if (!asset) throw new DomainError('not-found', 'There is no such asset.');
  const found = await findEarlierAsset(db, asset.findId);
  const earlier = found && (await assetQueries.findAsset(db, found.id));
  if (!earlier) return null;
  const [{ findings }, standing, before] = await Promise.all([
    listFindings(db, asset),
    loadTreated(db, id),
    loadTreated(db, earlier.id),
  ]);
  const sheet = answerFindings(findings, standing.answers);
  const replay = planReplay(before, sheet, standing);
  const replayed = new Set([...replay.answers, ...replay.own].map(({ key }) => key));
  const { guessed } = setInPencil(sheet, await loadRules(db));
  const steps = [
    ...standing.steps
      .filter(({ enabled, findingKey }) => enabled && !replayed.has(findingKey ?? ''))
      .map(({ step }) => step),
    ...guessed.filter(({ key }) => !replayed.has(key)).flatMap(({ choices }) => choices[0].steps),
    ...[...replay.answers, ...replay.own].flatMap((row) => row.steps),
  ];
  return { asset, earlier, replay, sheet, steps: orderSteps(steps.map((step) => ({ step }))).map(({ step }) => step) };
}

/** Takes what fits. @throws {DomainError} `out-of-step` where its earlier version is another by now */
export async function takeEarlier(
  { pool }: Dependencies,
  id: string,
  { assetId, keys }: { assetId: string; keys: string[] },
  person: Person,
): Promise<void> {
  await transact(pool, async (tx) => {
    await assetQueries.lockAsset(tx, id);
    const planned = await plan(tx, id);
    if (planned?.earlier.id !== assetId)
      throw new DomainError('out-of-step', 'Its earlier version is another by now; look again.');
    const { asset, replay, sheet } = planned;
    const wanted = new Set(keys);
    for (const { key, answer } of replay.answers)
      if (wanted.has(key))
        await applyAnswer(
          tx,
          asset,
          sheet.find((finding) => finding.key === key)!,
          answer,
          person,
        );
    for (const { key, steps } of replay.own) {
      if (!wanted.has(key)) continue;
      await queries.deleteStepsOf(tx, id, key);
      for (const step of steps)
        await queries.insertStep(tx, { id: randomUUID(), assetId: id, findingKey: key, step, personId: person.id });
    }
    await redraw(tx, asset);
    await bumpRevision(tx);
  });
}
