import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { regroup, type Move } from '@haveld/core/finds/deciding/regroup';
import { settleQuestion } from '@haveld/core/finds/deciding/settle-question';
import { describeExcluded } from '@haveld/core/finds/describe-excluded';
import { describeNothing } from '@haveld/core/finds/describe-nothing';
import { groupFinds } from '@haveld/core/finds/grouping/group-finds';
import type { FindRole, HeapFile, ProposedFind } from '@haveld/core/finds/heap-file';
import type { OpenResult } from '@haveld/engine/tasks/open-archive';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import * as arrivalQueries from '../finds/arrival-queries';
import * as files from '../finds/file-queries';
import * as findQueries from '../finds/find-queries';
import { readTexts } from '../finds/read-texts';
import { listHabitWords } from '../habits/service';
import { loadRules } from '../house/rule-queries';
import { insertJob } from '../jobs/job-queries';
import * as queries from './queries';

const GO_ON_WITHOUT = '\u0000';

/**
 * Writes down what an arrival holds and asks for every find to be read; where something in it is locked, a person is asked
 * first. Safe to do twice.
 */
export async function keepOpened(dependencies: Dependencies, arrivalId: string, opened: OpenResult): Promise<void> {
  const { pool } = dependencies;
  const arrival = await arrivalQueries.getArrival(pool, arrivalId);
  if (!arrival || arrival.state !== 'opening') return;
  const refused = [...arrival.refused, ...opened.refused.filter((sentence) => !arrival.refused.includes(sentence))];
  if (opened.locked.length > 0 && !arrival.passwords.includes(GO_ON_WITHOUT)) {
    await queries.setLocked(pool, arrivalId, opened.locked);
    await arrivalQueries.setArrivalState(pool, arrivalId, 'locked', describeLocked(arrival, opened.locked.length));
    return bumpRevision(pool);
  }
  const words = await listHabitWords(pool, arrival.name, await readTexts(dependencies, opened.files));
  const grouping = groupFinds(opened.files as HeapFile[], {
    words,
    preferredSide: (await loadRules(pool)).handedOverMapSide,
  });
  const reasons = new Map(grouping.excluded.map((file) => [file.path, file.reason]));
  const kitIds = grouping.kits.map(() => randomUUID());
  await transact(pool, async (tx) => {
    if ((await arrivalQueries.lockArrival(tx, arrivalId))?.state !== 'opening') return;
    const rows = opened.files.map((file) => ({ ...file, excludedReason: reasons.get(file.path) ?? null }));
    await files.replaceFiles(tx, arrivalId, rows);
    const ids = new Map((await files.listFiles(tx, arrivalId)).map((file) => [file.path, file.id]));
    for (const [k, kit] of grouping.kits.entries())
      await findQueries.insertKit(tx, {
        id: kitIds[k],
        arrivalId,
        name: kit.name,
        reason: kit.reason,
        sourceFindId: null,
      });
    for (const [ordinal, find] of grouping.finds.entries()) {
      const kit = grouping.kits.findIndex(({ finds }) => finds.includes(ordinal));
      await insertProposed(tx, { arrivalId, ordinal, kitId: kit >= 0 ? kitIds[kit] : null }, find, ids);
    }
    await queries.setOpened(tx, arrivalId, { refused, notes: opened.notes, locked: opened.locked });
    const { length } = grouping.finds;
    const message = length > 0 ? null : describeNothing(opened.files as HeapFile[], refused);
    await arrivalQueries.setArrivalState(tx, arrivalId, length > 0 ? 'reading' : 'ready', message);
    await bumpRevision(tx);
  });
}

/** What a password did; null where none was given yet. */
function describeLocked({ passwords, locked }: arrivalQueries.ArrivalRow, stillLocked: number): string | null {
  if (passwords.length === 0) return null;
  return stillLocked < locked.length
    ? 'It opened some of them; the others need another password.'
    : 'That password does not open any of the locked archives.';
}

/** Writes a find down and asks for it to be read. */
async function insertProposed(
  tx: PoolConnection,
  place: { arrivalId: string; ordinal: number; kitId: string | null },
  find: ProposedFind,
  fileIds: ReadonlyMap<string, number>,
): Promise<void> {
  const id = randomUUID();
  await findQueries.insertFind(tx, {
    id,
    ...place,
    name: find.name,
    modelPath: find.model,
    reason: find.reason,
    question: find.question,
  });
  await insertFiles(tx, id, find, fileIds);
  await insertJob(tx, { kind: 'read-find', subjectId: id, label: `reading “${find.name}”` });
}

const insertFiles = (
  tx: PoolConnection,
  findId: string,
  find: ProposedFind,
  fileIds: ReadonlyMap<string, number>,
): Promise<void> =>
  findQueries.insertFindFiles(
    tx,
    findId,
    find.files.map(({ path, role }) => ({ fileId: fileIds.get(path)!, role })),
  );

/** Tries a password on what is locked, or goes on without what it hides. */
export async function givePassword(
  { pool, seal }: Dependencies,
  arrivalId: string,
  password: string | null,
): Promise<void> {
  await transact(pool, async (tx) => {
    const arrival = await arrivalQueries.lockArrival(tx, arrivalId);
    if (!arrival) throw new DomainError('not-found', 'There is no such arrival.');
    if (arrival.state !== 'locked') throw new DomainError('out-of-step', 'Nothing in it needs a password.');
    await queries.setPasswords(tx, arrivalId, [
      ...arrival.passwords,
      password === null ? GO_ON_WITHOUT : seal.close(password),
    ]);
    await arrivalQueries.setArrivalState(tx, arrivalId, 'opening');
    await insertJob(tx, { kind: 'open-arrival', subjectId: arrivalId, label: `opening “${arrival.name}”` });
    await bumpRevision(tx);
  });
}

/** Passwords an open job tries: what a person gave, without the mark for going on. */
export const listPasswords = ({ seal }: Dependencies, arrival: arrivalQueries.ArrivalRow): string[] =>
  arrival.passwords
    .filter((sealed) => sealed !== GO_ON_WITHOUT)
    .map((sealed) => seal.open(sealed))
    .filter((password) => password !== null);

/** A find as the rules of sorting see it. */
async function readProposed(db: Executor, find: findQueries.FindRow): Promise<ProposedFind> {
  const own = await files.listFindFiles(db, find.id);
  return {
    name: find.name,
    model: find.modelPath,
    reason: find.reason,
    question: find.question,
    files: own.map(({ path, role }) => ({ path, role: role as FindRole })),
  };
}

/** Does what a find's question was answered with. */
export async function answerFindQuestion({ pool }: Dependencies, findId: string, choiceId: string): Promise<void> {
  await transact(pool, async (tx) => {
    const find = await findQueries.lockFind(tx, findId);
    if (!find) throw new DomainError('not-found', 'There is no such find.');
    if (find.state === 'on-bench') throw new DomainError('out-of-step', 'It lies on the bench already.');
    if (!find.question?.choices.some(({ id }) => id === choiceId))
      throw new DomainError('bad-request', 'This is not one of the answers.');
    const before = await readProposed(tx, find);
    const [first, ...added] = settleQuestion(before, choiceId);
    if (!first) {
      await findQueries.setQuestion(tx, findId, null);
      await findQueries.setFindState(tx, findId, 'set-aside', 'Its pieces are taken instead.');
    } else if (isSameMaking(first, before)) await findQueries.setQuestion(tx, findId, null);
    else await rewrite(tx, find, first);
    await addFinds(tx, find.arrivalId, find.kitId, added);
    await bumpRevision(tx);
  });
}

const isSameMaking = (a: ProposedFind, b: ProposedFind): boolean =>
  a.model === b.model && JSON.stringify(a.files) === JSON.stringify(b.files);

async function rewrite(tx: PoolConnection, find: findQueries.FindRow, after: ProposedFind): Promise<void> {
  const ids = await fileIdsOf(tx, find.arrivalId);
  await findQueries.updateFind(tx, {
    id: find.id,
    name: after.name,
    modelPath: after.model,
    reason: after.reason,
    question: after.question,
  });
  await findQueries.deleteFindFiles(tx, find.id);
  await insertFiles(tx, find.id, after, ids);
  await insertJob(tx, { kind: 'read-find', subjectId: find.id, label: `reading “${after.name}”` });
  await arrivalQueries.setArrivalState(tx, find.arrivalId, 'reading');
}

async function addFinds(
  tx: PoolConnection,
  arrivalId: string,
  kitId: string | null,
  finds: readonly ProposedFind[],
): Promise<void> {
  if (finds.length === 0) return;
  const ids = await fileIdsOf(tx, arrivalId);
  const from = await findQueries.nextOrdinal(tx, arrivalId);
  for (const [i, find] of finds.entries()) await insertProposed(tx, { arrivalId, ordinal: from + i, kitId }, find, ids);
  await arrivalQueries.setArrivalState(tx, arrivalId, 'reading');
}

const fileIdsOf = async (tx: Executor, arrivalId: string): Promise<Map<string, number>> =>
  new Map((await files.listFiles(tx, arrivalId)).map((file) => [file.path, file.id]));

/** Puts a file where a person says it belongs, reads anew what that changes, and remembers it for the source's next arrival. */
export async function regroupFile(
  { pool }: Dependencies,
  fileId: number,
  given: { to: string; role?: FindRole },
  person: Person,
): Promise<void> {
  await transact(pool, async (tx) => {
    const file = await files.getFile(tx, fileId);
    if (!file) throw new DomainError('not-found', 'There is no such file.');
    await arrivalQueries.lockArrival(tx, file.arrivalId);
    const { rows, pieces } = await splitPieces(tx, file.arrivalId);
    if (pieces.some(({ state }) => state === 'on-bench'))
      throw new DomainError('out-of-step', 'Pieces of it lie on the bench already; its files stay as they are.');
    const before = await Promise.all(rows.map((row) => readProposed(tx, row)));
    const at = rows.findIndex(({ id }) => id === given.to);
    if (at < 0 && given.to !== 'new' && given.to !== 'excluded')
      throw new DomainError('not-found', 'There is no such find.');
    const to: Move['to'] = at >= 0 ? at : (given.to as 'new' | 'excluded');
    if (to === 'new' && file.kind !== 'model')
      throw new DomainError('bad-request', 'Only a model becomes a find of its own.');
    const after = regroup(before, file as HeapFile, { path: file.path, to, role: given.role });
    const changed = rows.filter((_, i) => after[i] === null || !isSameMaking(after[i], before[i]));
    const fixed = changed.find(({ state }) => state === 'on-bench');
    if (fixed)
      throw new DomainError('out-of-step', `“${fixed.name}” lies on the bench already; its files stay as they are.`);
    for (const [i, row] of rows.entries()) {
      const find = after[i];
      if (find === null) await findQueries.deleteFind(tx, row.id);
      else if (changed.includes(row)) await rewrite(tx, row, find);
    }
    const added = after.slice(rows.length).filter((find) => find !== null);
    await addFinds(tx, file.arrivalId, null, added);
    await refreshExcluded(tx, file.arrivalId);
    const holder = [...after].find((find) => find?.files.some(({ path }) => path === file.path));
    const role = holder?.files.find(({ path }) => path === file.path)?.role ?? 'excluded';
    await queries.insertRegrouping(tx, {
      arrivalId: file.arrivalId,
      path: file.path,
      role,
      modelPath: holder?.model ?? null,
      personId: person.id,
    });
    await bumpRevision(tx);
  });
}

/** Finds as their files make them, and those that are pieces of one file, which have no files of their own. */
async function splitPieces(
  tx: PoolConnection,
  arrivalId: string,
): Promise<{ rows: findQueries.FindRow[]; pieces: findQueries.FindRow[] }> {
  const all = await findQueries.listFinds(tx, [arrivalId]);
  const taken = new Set(await findQueries.listPieceFinds(tx, arrivalId));
  return { rows: all.filter(({ id }) => !taken.has(id)), pieces: all.filter(({ id }) => taken.has(id)) };
}

/** Every file is in a find or says why not. */
async function refreshExcluded(tx: PoolConnection, arrivalId: string): Promise<void> {
  const used = new Set((await findQueries.listFindLinks(tx, [arrivalId])).map(({ fileId }) => fileId));
  const finds = (await findQueries.listFinds(tx, [arrivalId])).length;
  for (const file of await files.listFiles(tx, arrivalId)) {
    if (used.has(file.id) && file.excludedReason !== null) await files.setExcludedReason(tx, file.id, null);
    if (!used.has(file.id) && file.excludedReason === null)
      await files.setExcludedReason(
        tx,
        file.id,
        file.kind === 'archive' ? describeExcluded(file as HeapFile, finds) : 'excluded by hand',
      );
  }
}
