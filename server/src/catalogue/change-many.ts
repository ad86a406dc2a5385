import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import { MOST_AT_ONCE, type Act, type Chosen, type Left, type SharedChange } from '@haveld/contract/api/changes';
import { QuestionSchema } from '@haveld/contract/api/catalogue';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import { mayAs } from '@haveld/contract/role';
import {
  FIELD_WORDS,
  planShared,
  planUndo,
  type FieldChange,
  type PlannedChange,
  type SharedFields,
} from '@haveld/core/edits/shared-change';
import { formatCount } from '@haveld/core/text/count';
import * as assetQueries from '../assets/asset-queries';
import { refreshSearchTexts } from '../assets/search-text';
import * as tagQueries from '../assets/tag-queries';
import { groupRows } from '../database/group-rows';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadTree, requireCategory } from '../house/categories';
import { changeProvenances, markOwn } from '../rights/provenance';
import { lockProvenances } from '../rights/provenance-queries';
import * as queries from './act-queries';
import { listAll } from './ask-catalogue';

const MOST_ACTS = 20;

/** Gives several assets the same; each change is written down, so that it can be undone. */
export async function changeMany(
  dependencies: Dependencies,
  { chosen, change }: { chosen: Chosen; change: SharedChange },
  person: Person,
): Promise<{ id: string | null; changed: number; left: Left[] }> {
  const ids = await listChosen(dependencies, chosen);
  return transact(dependencies.pool, async (tx) => {
    if (change.category !== undefined) requireCategory(await loadTree(tx), change.category);
    const { changes, left } = planAll(await lockShared(tx, ids), (asset) => planShared(asset, change));
    if (changes.length === 0) return { id: null, changed: 0, left };
    const act = { id: randomUUID(), personId: person.id };
    const changed = await write(tx, changes, change.why, person);
    await queries.insertAct(tx, act, changes);
    return { id: act.id, changed, left };
  });
}

/** Undoes what was done at once. @throws {DomainError} where it is somebody else's, or undone already */
export async function undoChange(
  { pool }: Dependencies,
  id: string,
  person: Person,
): Promise<{ changed: number; left: Left[] }> {
  return transact(pool, async (tx) => {
    const act = await queries.lockAct(tx, id);
    if (!act) throw new DomainError('not-found', 'There is nothing of this to undo.');
    if (!mayUndo(act, person))
      throw new DomainError('not-allowed', `${act.personName} did this: they, or a curator, undo it.`);
    if (act.undoneAt) throw new DomainError('bad-request', 'This has been undone already.');
    const done = groupRows(await queries.listChangesOfAct(tx, id), ({ assetId }) => assetId);
    const assets = await lockShared(tx, [...done.keys()]);
    const { changes, left } = planAll(assets, (asset) => planUndo(asset, done.get(asset.id)!));
    const changed = await write(tx, changes, 'undone', person);
    await queries.setUndone(tx, id);
    return { changed, left };
  });
}

/** What was done at once lately, by anybody. */
export async function listActs(db: Executor, person: Person): Promise<Act[]> {
  const acts = await queries.listActRows(db, MOST_ACTS);
  const counts = await queries.countChanges(
    db,
    acts.map(({ id }) => id),
  );
  return acts.map((act) => ({
    id: act.id,
    at: act.at.toISOString(),
    personName: act.personName,
    what: describeAct(counts.filter(({ actId }) => actId === act.id)),
    isUndone: act.undoneAt !== null,
    mayUndo: act.undoneAt === null && mayUndo(act, person),
  }));
}

const mayUndo = ({ personId }: queries.ActRow, person: Person): boolean =>
  personId === person.id || mayAs(person.role, 'curator');

function describeAct(counts: readonly { field: FieldChange['field']; assets: number }[]): string {
  const words = counts.flatMap(({ field }) => (field === 'authorUnknown' ? [] : FIELD_WORDS[field]));
  const most = Math.max(0, ...counts.map(({ assets }) => assets));
  return `${words.join(', ')} of ${most === 1 ? '1 asset' : `${formatCount(most)} assets`}`;
}

async function listChosen({ library }: Dependencies, chosen: Chosen): Promise<string[]> {
  if (chosen.kind === 'assets') return [...new Set(chosen.ids)];
  const found = await listAll(library, QuestionSchema.parse(chosen.question), MOST_AT_ONCE);
  if (found.total > MOST_AT_ONCE)
    throw new DomainError(
      'bad-request',
      `${formatCount(found.total)} fit; ${formatCount(MOST_AT_ONCE)} are changed at once at most. Narrow the question.`,
    );
  return found.ids;
}

interface NamedFields extends SharedFields {
  name: string;
}

/** Locked in one order for everybody. @throws {DomainError} where one is gone */
async function lockShared(tx: PoolConnection, ids: readonly string[]): Promise<NamedFields[]> {
  if (ids.length === 0) return [];
  const rows = await assetQueries.lockAssets(tx, ids);
  if (rows.length < ids.length)
    throw new DomainError('not-found', 'One of these assets is not there any more. Choose anew.');
  const tags = await tagQueries.listTags(tx, ids);
  const provenances = await lockProvenances(tx, ids);
  return rows.map((row) => {
    const { author, authorUnknown, licenceId } = provenances.get(row.id)!;
    return { ...row, tags: tags.get(row.id)!, author, authorUnknown, licenceId };
  });
}

function planAll(
  assets: readonly NamedFields[],
  plan: (asset: NamedFields) => PlannedChange,
): { changes: FieldChange[]; left: Left[] } {
  const planned = assets.map((asset) => ({ asset, ...plan(asset) }));
  return {
    changes: planned.flatMap(({ changes }) => changes),
    left: planned.flatMap(({ asset: { id, name }, left }) =>
      left.length === 0 ? [] : [{ id, name, why: left.join(' ') }],
    ),
  };
}

/** @returns how many assets changed */
async function write(
  tx: PoolConnection,
  changes: readonly FieldChange[],
  why: string,
  person: Person,
): Promise<number> {
  const of = (field: FieldChange['field']) => changes.filter((change) => change.field === field);
  for (const { value, ids } of groupBy(of('category'), byAfter))
    await assetQueries.setCategories(tx, ids, value === '' ? null : value);
  const tags = of('tag');
  for (const { value, ids } of groupBy(
    tags.filter(({ after }) => after === ''),
    ({ before }) => before,
  ))
    await tagQueries.removeTag(tx, ids, value);
  for (const { value, ids } of groupBy(
    tags.filter(({ before }) => before === ''),
    byAfter,
  ))
    await tagQueries.addTag(tx, ids, value);
  for (const { value, ids } of groupBy(of('author'), byAfter))
    await changeProvenances(tx, ids, { change: { author: value }, why }, person);
  for (const { value, ids } of groupBy(of('authorUnknown'), byAfter))
    await changeProvenances(tx, ids, { change: { authorUnknown: value !== '' }, why }, person);
  for (const { value, ids } of groupBy(of('licenceId'), byAfter))
    await changeProvenances(tx, ids, { change: { licenceId: value }, why }, person);
  // what is said of a piece by itself follows its kit no more
  await markOwn(tx, listAssets(changes.filter(({ field }) => field !== 'category' && field !== 'tag')));
  const changed = listAssets(changes);
  await refreshSearchTexts(tx, changed);
  await bumpRevision(tx);
  return changed.length;
}

const listAssets = (changes: readonly FieldChange[]): string[] => [...new Set(changes.map(({ assetId }) => assetId))];

const byAfter = ({ after }: FieldChange): string => after;

/** The ids of assets by a value of their change. */
function groupBy(
  changes: readonly FieldChange[],
  valueOf: (change: FieldChange) => string,
): { value: string; ids: string[] }[] {
  const groups = groupRows(changes, valueOf);
  return [...groups].map(([value, some]) => ({ value, ids: some.map(({ assetId }) => assetId) }));
}
