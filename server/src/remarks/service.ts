import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import type { Person } from '@haveld/contract/api/people';
import type { About, Notice, Remark } from '@haveld/contract/api/remarks';
import { DomainError } from '@haveld/contract/error';
import { listMentioned } from '@haveld/core/text/mentions';
import { formatAccession } from '../assets/accession';
import { lockAsset } from '../assets/asset-queries';
import { groupRows } from '../database/group-rows';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { insertJob } from '../jobs/job-queries';
import { SEND_MAIL } from './handlers';
import * as queries from './queries';

const MOST_NOTICES = 200;

/** Remarks on an asset, each with its answers. */
export async function listRemarks(db: Executor, assetId: string): Promise<Remark[]> {
  const remarks = await queries.listRemarks(db, assetId);
  const answers = groupRows(
    await queries.listAnswers(
      db,
      remarks.map(({ id }) => id),
    ),
    ({ remarkId }) => remarkId,
  );
  return remarks.map(({ resolvedBy, resolvedAt, ...remark }) => ({
    ...remark,
    at: remark.at.toISOString(),
    answers: (answers.get(remark.id) ?? []).map(({ id, text, personName, at }) => ({
      id,
      text,
      personName,
      at: at.toISOString(),
    })),
    resolved: resolvedAt && { personName: resolvedBy ?? '', at: resolvedAt.toISOString() },
  }));
}

/** Pins a remark; whoever is mentioned is told, and whoever brought the asset in. */
export async function addRemark(
  { pool }: Dependencies,
  assetId: string,
  { about, text }: { about: About; text: string },
  person: Person,
): Promise<Remark[]> {
  await transact(pool, async (tx) => {
    if (!(await lockAsset(tx, assetId))) throw new DomainError('not-found', 'There is no such asset.');
    const id = randomUUID();
    await queries.insertRemark(tx, { id, assetId, about, text, personId: person.id });
    const bringer = await queries.findBringer(tx, assetId);
    await tell(tx, { remarkId: id, answerId: null }, text, person, { reason: 'on-own', ids: bringer ? [bringer] : [] });
    await bumpRevision(tx);
  });
  return listRemarks(pool, assetId);
}

/** Answers a remark; whoever is mentioned is told, and whoever took part in it. */
export async function answerRemark(
  { pool }: Dependencies,
  remarkId: string,
  text: string,
  person: Person,
): Promise<Remark[]> {
  const assetId = await transact(pool, async (tx) => {
    const remark = await mustLock(tx, remarkId);
    const takingPart = await queries.listTakingPart(tx, remarkId);
    const answerId = randomUUID();
    await queries.insertAnswer(tx, { id: answerId, remarkId, text, personId: person.id });
    await tell(tx, { remarkId, answerId }, text, person, { reason: 'answered', ids: takingPart });
    await bumpRevision(tx);
    return remark.assetId;
  });
  return listRemarks(pool, assetId);
}

/** Resolves a remark, or opens it again. */
export async function resolveRemark(
  { pool }: Dependencies,
  remarkId: string,
  isResolved: boolean,
  person: Person,
): Promise<Remark[]> {
  const assetId = await transact(pool, async (tx) => {
    const remark = await mustLock(tx, remarkId);
    await queries.setResolved(tx, remarkId, isResolved ? person.id : null);
    await bumpRevision(tx);
    return remark.assetId;
  });
  return listRemarks(pool, assetId);
}

async function mustLock(tx: PoolConnection, id: string): Promise<{ assetId: string }> {
  const remark = await queries.lockRemark(tx, id);
  if (!remark) throw new DomainError('not-found', 'There is no such remark.');
  return remark;
}

/** Nobody is told twice of one thing, nor of what they said themselves; each notice goes out by mail too. */
async function tell(
  tx: PoolConnection,
  said: { remarkId: string; answerId: string | null },
  text: string,
  by: Person,
  others: { reason: Notice['reason']; ids: readonly string[] },
): Promise<void> {
  const colleagues = await queries.listColleagues(tx);
  const reasons = new Map<string, Notice['reason']>();
  for (const id of others.ids) reasons.set(id, others.reason);
  for (const id of listMentioned(text, colleagues)) reasons.set(id, 'mentioned');
  const here = new Set(colleagues.map(({ id }) => id));
  const notices = [...reasons]
    .filter(([personId]) => personId !== by.id && here.has(personId))
    .map(([personId, reason]) => ({ id: randomUUID(), personId, reason, ...said }));
  await queries.insertNotices(tx, notices);
  for (const { id } of notices)
    await insertJob(tx, { kind: SEND_MAIL, subjectId: id, label: 'telling somebody of a remark' });
}

/** What somebody was told. */
export const getInbox = async (db: Executor, person: Person): Promise<Notice[]> =>
  (await queries.listNotices(db, person.id, MOST_NOTICES)).map(({ accession, assetState, at, readAt, ...notice }) => ({
    ...notice,
    accession: formatAccession(accession),
    isCatalogued: assetState === 'catalogued',
    at: at.toISOString(),
    isRead: readAt !== null,
  }));

/** Marks what somebody was told as read; what is another’s stays. */
export async function readInbox({ pool }: Dependencies, ids: readonly string[], person: Person): Promise<void> {
  await queries.setRead(pool, person.id, ids);
  await bumpRevision(pool);
}
