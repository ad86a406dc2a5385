import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import type { PoolConnection } from 'mysql2/promise';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import type { Answer, Finding } from '@haveld/contract/finding';
import type { Heading } from '@haveld/contract/heading';
import { FINDING_KINDS, findingKey } from '@haveld/contract/finding-kinds';
import { answerFindings, callsForBaking, listAnswerSteps, listSureOpen } from '@haveld/core/condition/answers';
import * as answerQueries from '../assets/answer-queries';
import * as assetQueries from '../assets/asset-queries';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadRules } from '../house/rule-queries';
import { findOpenJob, insertJob } from '../jobs/job-queries';
import { listBorrowed } from '@haveld/core/rights/lent-works';
import { changedMeanwhile } from '../people/meanwhile';
import { confirmLicence } from '../rights/provenance';
import { refreshRightsMarks } from '../rights/state';
import { listFindings } from './findings';
import type { KitSizes } from './kit-sizes';
import { noteMapSteps } from './note-map-steps';
import * as queries from './queries';
import { redraw } from './standing';

/**
 * Answers one finding: its earlier steps go, those of the answer come.
 * @param given `seen`: the answer that stood there when the person looked, where they say so
 * @param kitSizes shared where many pieces are answered at once
 * @throws {DomainError} where there is no such asset or finding, or the answer is none of its choices; `out-of-step` where somebody else answered meanwhile
 */
export async function answerOne(
  { pool }: Dependencies,
  id: string,
  { key, answer, seen }: { key: string; answer: Answer | null; seen?: Answer | null },
  person: Person,
  kitSizes?: KitSizes,
): Promise<void> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const { findings } = await listFindings(tx, asset, kitSizes);
    const finding = findings.find((candidate) => candidate.key === key);
    if (!finding) throw new DomainError('not-found', 'This finding is not on the sheet any more.');
    if (seen !== undefined) await requireAsSeen(tx, id, key, seen, person);
    await applyAnswer(tx, asset, finding, answer, person);
    await bumpRevision(tx);
  });
}

/** @throws {DomainError} where an answer somebody else gave stands there, and the person has not seen it */
async function requireAsSeen(
  tx: PoolConnection,
  assetId: string,
  key: string,
  seen: Answer | null,
  person: Person,
): Promise<void> {
  const standing = await answerQueries.findAnswer(tx, assetId, key);
  if (!standing?.personId || standing.personId === person.id || isDeepStrictEqual(standing.answer, seen)) return;
  throw changedMeanwhile(standing.personName, 'this');
}

/**
 * Takes every sure proposal nobody has answered.
 * @param heading only those under it; left out, all
 * @param kitSizes shared where it is done for many pieces at once: what was sure before is taken
 */
export async function takeSureOf(
  { pool }: Dependencies,
  id: string,
  person: Person,
  { heading, kitSizes }: { heading?: Heading; kitSizes?: KitSizes } = {},
): Promise<void> {
  await transact(pool, async (tx) => {
    const asset = await assetQueries.lockAsset(tx, id);
    if (!asset) throw new DomainError('not-found', 'There is no such asset.');
    const { findings } = await listFindings(tx, asset, kitSizes);
    const sheet = answerFindings(findings, await answerQueries.listAnswers(tx, id));
    const wanted = listSureOpen(sheet).filter((finding) => !heading || finding.heading === heading);
    for (const finding of wanted)
      await applyAnswer(tx, asset, finding, { kind: 'taken', choiceId: finding.choices[0].id }, person);
    await bumpRevision(tx);
  });
}

/**
 * Takes what is sure of an asset nobody has looked at yet, where the house lets Haveld. Not rights; not what needs a person's name beside it: a map that is another
 * work, and what is remembered of a choice.
 */
export async function takeSureByHaveld(tx: PoolConnection, asset: assetQueries.AssetRow): Promise<void> {
  if (!(await loadRules(tx)).takesSure) return;
  const { findings } = await listFindings(tx, asset);
  const sheet = answerFindings(findings, await answerQueries.listAnswers(tx, asset.id));
  for (const finding of listSureOpen(sheet)) {
    const [{ id, steps }] = finding.choices;
    if (finding.heading === 'rights' || steps.some((step) => step.kind === 'relink-map' && step.work)) continue;
    await applyAnswer(tx, asset, finding, { kind: 'taken', choiceId: id, by: 'haveld' }, null);
  }
}

/** What is in pencil is confirmed by somebody who saw its outcome. */
export const confirmGuess = (
  tx: PoolConnection,
  asset: assetQueries.AssetRow,
  finding: Finding,
  person: Person,
): Promise<void> =>
  applyAnswer(tx, asset, finding, { kind: 'taken', choiceId: finding.choices[0].id, by: 'glance' }, person);

/** Puts an answer and its steps in place of those that stood there. @param person null where Haveld takes what is sure */
export async function applyAnswer(
  tx: PoolConnection,
  asset: assetQueries.AssetRow,
  finding: Finding,
  answer: Answer | null,
  person: Person | null,
): Promise<void> {
  if (finding.heading === 'rights') {
    if (!person) throw new DomainError('broken', 'Rights are for a person to answer.');
    return answerRights(tx, asset, finding, answer, person);
  }
  await queries.deleteStepsOf(tx, asset.id, finding.key);
  if (answer === null) await answerQueries.deleteAnswer(tx, asset.id, finding.key);
  else {
    const steps = listAnswerSteps(finding, answer);
    // whose it is would not be written down
    if (listBorrowed(steps).length > 0)
      throw new DomainError('bad-request', 'Something is borrowed as a step of its own, not as an answer.');
    await answerQueries.upsertAnswer(tx, asset.id, finding.key, answer, person?.id ?? null);
    for (const step of steps)
      await queries.insertStep(tx, {
        id: randomUUID(),
        assetId: asset.id,
        findingKey: finding.key,
        step,
        personId: person?.id ?? null,
      });
    if (person) await noteMapSteps(tx, asset.id, finding, steps, person);
    if (callsForBaking(asset.findings, steps)) await ensureBaked(tx, asset, person);
  }
  if (asksAnew(finding, answer)) await assessAgain(tx, asset);
  await redraw(tx, asset);
}

/**
 * What follows from an answer is not known yet: from any of some kinds; of others from what was not surely proposed, or is not what the rest
 * was judged by; and from what is taken back.
 */
function asksAnew({ kind, sure, choices }: Finding, answer: Answer | null): boolean {
  const { asksAnew: when } = FINDING_KINDS[kind];
  if (!when || when === 'always') return when === 'always';
  if (answer === null || answer.kind === 'own') return true;
  if (answer.kind === 'set-aside') return false;
  return when === 'unless-sure' ? !sure : answer.choiceId !== choices[0]?.id;
}

/** Has its condition worked out anew, once however often it is asked. */
export async function assessAgain(tx: PoolConnection, asset: assetQueries.AssetRow): Promise<void> {
  const open = await findOpenJob(tx, 'assess-asset', asset.id);
  if (open?.state !== 'waiting')
    await insertJob(tx, { kind: 'assess-asset', subjectId: asset.id, label: `looking at “${asset.name}” again` });
}

/** A licence the house takes only after review is settled by somebody's word; what blocks is not. */
async function answerRights(
  tx: PoolConnection,
  asset: assetQueries.AssetRow,
  finding: Finding,
  answer: Answer | null,
  person: Person,
): Promise<void> {
  if (finding.mark === 'blocks' && answer !== null)
    throw new DomainError('cannot-catalogue', `${finding.title}: this cannot be set aside.`);
  if (answer === null) await answerQueries.deleteAnswer(tx, asset.id, finding.key);
  else await answerQueries.upsertAnswer(tx, asset.id, finding.key, answer, person.id);
  if (finding.kind === 'rights:licence') {
    const why = answer === null ? null : answer.kind === 'set-aside' ? answer.reason : 'taken after review';
    const settled = await confirmLicence(tx, asset.id, { confirmedBy: asset.licenceConfirmedBy }, why, person);
    // the first of two says so and leaves the question open for the second
    if (!settled) await answerQueries.deleteAnswer(tx, asset.id, finding.key);
  }
  await refreshRightsMarks(tx, [asset.id]);
}

const BAKING = findingKey('bake-transforms');

/** A turn or a scale calls for baking; it stands in the treatment as a step like any other. */
async function ensureBaked(tx: PoolConnection, asset: assetQueries.AssetRow, person: Person | null): Promise<void> {
  const steps = await queries.listSteps(tx, asset.id);
  if (steps.some(({ step }) => step.kind === 'bake-transforms')) return;
  await queries.insertStep(tx, {
    id: randomUUID(),
    assetId: asset.id,
    findingKey: BAKING,
    step: { kind: 'bake-transforms', schema: 1 },
    personId: person?.id ?? null,
  });
  const answer: Answer = { kind: 'taken', choiceId: BAKING, ...(person ? {} : { by: 'haveld' }) };
  await answerQueries.upsertAnswer(tx, asset.id, BAKING, answer, person?.id ?? null);
}
