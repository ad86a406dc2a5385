import { randomUUID } from 'node:crypto';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import type { Person } from '@haveld/contract/api/people';
import type { Fetching } from '@haveld/contract/api/sources';
import { DomainError } from '@haveld/contract/error';
import type { SourceItem } from '@haveld/contract/source';
import { findAdapter, getAdapter } from '@haveld/engine/sources/adapters';
import { transact } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { askCancel, FETCHING, listOpenJobsOf } from '../jobs/job-queries';
import { requireOwn } from '../people/own';
import { askForFetch } from './ask-for-fetch';
import { loadAccess } from './context';
import * as queries from './fetching-queries';
import { refuse } from './trouble';

/** What ended last stays on the list so long. */
const ENDED_SHOWN = 12;

/** What comes in, and what came last. */
export async function listFetchings({ pool }: Dependencies): Promise<Fetching[]> {
  const rows = await queries.listFetchings(pool, ENDED_SHOWN);
  const jobs = await listOpenJobsOf(pool, FETCHING, [...new Set(rows.map(({ kind }) => kind))]);
  return rows.map((row) => {
    const item = JSON.parse(row.item) as SourceItem;
    const job = row.state === 'fetching' ? jobs.get(row.kind) : undefined;
    return {
      id: row.id,
      kind: row.kind,
      sourceName: row.kind === 'plain' ? new URL(row.pageAddress).hostname : (getAdapter(row.kind)?.name ?? row.kind),
      title: item.title,
      pageAddress: row.pageAddress,
      edition: item.editions.find(({ id }) => id === row.editionId)?.name ?? row.editionId,
      state: row.state,
      doneBytes: Math.max(row.keptBytes, job?.done ?? 0),
      totalBytes: row.totalBytes,
      trouble:
        row.troubleKind === null
          ? null
          : { kind: row.troubleKind, message: row.trouble ?? '', retryAt: row.retryAt?.toISOString() ?? null },
      personName: row.personName,
      askedAt: row.askedAt.toISOString(),
      arrivalId: row.state === 'arrived' ? row.id : null,
    };
  });
}

/** Puts an edition on the list: as it stands at the source now, not as somebody says it does. */
export async function takeEdition(
  dependencies: Dependencies,
  pageAddress: string,
  editionId: string,
  person: Person,
): Promise<string> {
  const { pool } = dependencies;
  const adapter = findAdapter(pageAddress);
  const access = await loadAccess(dependencies);
  const item = await adapter.open(pageAddress, access.contextOf(adapter)).catch(refuse);
  const edition = item?.editions.find(({ id }) => id === editionId);
  if (!item || !edition)
    throw new DomainError('out-of-step', 'The source does not have this edition any more; look again.');
  const id = randomUUID();
  return transact(pool, async (tx) => {
    const known = await queries.findOpenEdition(tx, item.pageAddress, editionId);
    if (known) return known.id;
    await queries.insertFetching(tx, {
      id,
      kind: adapter.kind,
      item: JSON.stringify(item),
      editionId,
      pageAddress: item.pageAddress,
      totalBytes: edition.sizeBytes,
      personId: person.id,
    });
    await askForFetch(tx, adapter);
    await bumpRevision(tx);
    return id;
  });
}

/** Where what came so far of an edition lies. */
export const partPath = ({ uploadsFolder }: Dependencies, id: string): string => join(uploadsFolder, `${id}.part`);

/** Pauses, goes on, puts first, or ends; a job that is at it stops at its next beat. */
export async function changeFetching(
  dependencies: Dependencies,
  id: string,
  wanted: 'pause' | 'go-on' | 'first' | 'end',
  person: Person,
): Promise<void> {
  const { pool } = dependencies;
  const row = await queries.findFetching(pool, id);
  if (!row) throw new DomainError('not-found', 'There is no such download.');
  requireOwn(person, { id: row.personId, name: row.personName }, 'This download');
  const adapter = getAdapter(row.kind);
  await transact(pool, async (tx) => {
    const now = await queries.lockFetching(tx, id);
    if (!now || now.state === 'arrived' || now.state === 'ended')
      throw new DomainError('out-of-step', 'It has come in already, or was ended.');
    if (wanted === 'first') await queries.setFirst(tx, id);
    else {
      await queries.setWanted(tx, id, wanted === 'pause' ? 'paused' : wanted === 'end' ? 'ended' : 'waiting');
      if (now.state === 'fetching' && row.jobId !== null && wanted !== 'go-on') await askCancel(tx, row.jobId);
      if (adapter) await askForFetch(tx, adapter);
    }
    await bumpRevision(tx);
  });
  if (wanted === 'end') await rm(partPath(dependencies, id), { force: true });
}
