import { randomUUID } from 'node:crypto';
import type { AssetPageOfSource } from '@haveld/contract/api/pages';
import type { Person } from '@haveld/contract/api/people';
import { DomainError } from '@haveld/contract/error';
import type { Provenance } from '@haveld/contract/licence';
import { PAGE_CHANGES } from '@haveld/contract/page-change';
import type { SourceItem } from '@haveld/contract/source';
import { chooseEdition } from '@haveld/core/finds/choose-edition';
import { isExpression } from '@haveld/core/rights/expression';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadRules } from '../house/rule-queries';
import { attachEvidence, type StoredEvidence } from '../rights/evidence';
import { listOfPage, lockChange, settleChange, type PageChangeRow } from '../rights/page-change-queries';
import { changeProvenances } from '../rights/provenance';
import { refreshRightsMarks } from '../rights/state';
import { takeEdition } from '../sources/fetchings';
import { askPage } from './ask-page';
import * as queries from './queries';

/** @returns the page of an asset; null where it names none that can be asked */
export async function getPageOfAsset(db: Executor, assetId: string): Promise<AssetPageOfSource | null> {
  const address = await queries.findPageOf(db, assetId);
  if (address === null) throw new DomainError('not-found', 'There is no such asset.');
  if (!/^https?:/i.test(address)) return null;
  const [asked, changes, assets] = await Promise.all([
    queries.findAsked(db, address),
    listOfPage(db, queries.pageIdOf(address)),
    queries.listAssetsOf(db, address),
  ]);
  return {
    address,
    answeredAt: asked?.answeredAt?.toISOString() ?? null,
    nextAt: asked?.nextAt?.toISOString() ?? null,
    trouble:
      asked && asked.troubleKind !== null
        ? { kind: asked.troubleKind, message: asked.trouble ?? '', retryAt: asked.nextAt?.toISOString() ?? null }
        : null,
    changes: changes.map(({ id, what, was, now, seenAt, pageSha256, settledAs, settledAt, personName, why }) => ({
      id,
      what,
      was,
      now,
      seenAt: seenAt.toISOString(),
      pageSha256,
      settled:
        settledAs === null ? null : { as: settledAs, personName: personName ?? '', at: settledAt!.toISOString(), why },
    })),
    assets: assets.length,
  };
}

/** Asks the page of an asset now. @throws {DomainError} where it names none */
export async function askNow(dependencies: Dependencies, assetId: string): Promise<AssetPageOfSource> {
  const page = await getPageOfAsset(dependencies.pool, assetId);
  if (!page) throw new DomainError('bad-request', 'It names no page that could be asked.');
  await askPage(dependencies, page.address);
  return (await getPageOfAsset(dependencies.pool, assetId))!;
}

/**
 * The house's word on a change. Taken over, it changes every asset of the page, with the page as it says now for evidence; a newer
 * version is put on the list of what comes in.
 * @returns what comes in
 */
export async function settle(
  dependencies: Dependencies,
  id: string,
  { as, why }: { as: 'left' | 'taken'; why: string },
  person: Person,
): Promise<string | null> {
  const { pool } = dependencies;
  const seen = await transact(pool, (tx) => lockChange(tx, id));
  if (!seen) throw new DomainError('not-found', 'The page says again what it said before.');
  if (as === 'taken' && PAGE_CHANGES[seen.what].take === null)
    throw new DomainError('bad-request', 'There is nothing to take over from a page that is gone.');
  if (as === 'left' && PAGE_CHANGES[seen.what].isAboutRights && why === '')
    throw new DomainError('bad-request', 'Say why it may stay as it is; somebody will ask later.');
  // asked before anything is written: the source may have something to say against it
  const fetchingId = as === 'taken' && seen.what === 'newer' ? await fetchNewer(dependencies, seen, person) : null;
  await transact(pool, async (tx) => {
    const change = await lockChange(tx, id);
    if (!change || change.settledAt !== null)
      throw new DomainError('out-of-step', `${change?.personName ?? 'Somebody'} has said a word on it already.`);
    await settleChange(tx, id, { as, why, personId: person.id });
    const ids = (await queries.listAssetsOf(tx, change.address)).map((asset) => asset.id);
    const evidence = await keepAsEvidence(dependencies, tx, change, ids, person);
    const taken = as === 'taken' ? takeOver(change) : null;
    if (taken?.pageUrl !== undefined) await queries.copyAsked(tx, change.address, taken.pageUrl);
    if (taken && ids.length > 0)
      await changeProvenances(
        tx,
        ids,
        { change: taken, why: why || 'its page says so now', evidenceId: evidence?.id ?? null },
        person,
      );
    await refreshRightsMarks(tx, ids);
    await bumpRevision(tx);
  });
  return fetchingId;
}

/** @throws {DomainError} for a licence that is none we know: that wants a term sheet first */
function takeOver({ what, now }: PageChangeRow): Partial<Provenance> | null {
  if (what === 'author') return { author: now };
  if (what === 'moved') return { pageUrl: now };
  if (what !== 'licence') return null;
  if (!isExpression(now))
    throw new DomainError(
      'bad-request',
      now === ''
        ? 'The page names no licence any more; decide under Rights what holds.'
        : `“${now}” is no licence that Haveld knows; give it a term sheet under Rights, Licences.`,
    );
  return { licenceId: now };
}

/** The page that made somebody decide is kept with what they decided on. */
async function keepAsEvidence(
  { store }: Dependencies,
  tx: Executor,
  { pageSha256, address, what }: PageChangeRow,
  assetIds: readonly string[],
  person: Person,
): Promise<StoredEvidence | null> {
  if (pageSha256 === null || assetIds.length === 0 || !PAGE_CHANGES[what].isAboutRights) return null;
  const evidence: StoredEvidence = {
    id: randomUUID(),
    given: {
      kind: 'page',
      name: address.slice(0, 300),
      note: 'As it was when it said something else.',
      text: '',
      base64: '',
    },
    sha256: pageSha256,
    sizeBytes: (await store.sizeOf(pageSha256)) ?? 0,
  };
  await attachEvidence(tx, evidence, assetIds, person);
  return evidence;
}

async function fetchNewer(
  dependencies: Dependencies,
  { address, item }: PageChangeRow,
  person: Person,
): Promise<string> {
  const { editions } = item === null ? { editions: [] } : (JSON.parse(item) as SourceItem);
  const best = chooseEdition(editions, (await loadRules(dependencies.pool)).handedOverMapSide);
  if (!best) throw new DomainError('out-of-step', 'Its source lists no file of it; look at its page.');
  return takeEdition(dependencies, address, best.id, person);
}

/** A kept page as words, read shut in as every page is. @throws {DomainError} where it is not there */
export async function getKeptPage(
  { store, sources }: Dependencies,
  sha256: string,
): Promise<{ title: string; address: string; words: string }> {
  if ((await store.sizeOf(sha256)) === null) throw new DomainError('not-found', 'This page is not in the store.');
  const { addresses, facts, words } = await sources.readPage(sha256, '');
  return { title: facts.find(({ field }) => field === 'title')?.value ?? '', address: addresses[0] ?? '', words };
}
