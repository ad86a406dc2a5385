import { randomUUID } from 'node:crypto';
import { PAGE_CHANGES, type PageDifference, type PageSaid } from '@haveld/contract/page-change';
import type { SourceFaultKind } from '@haveld/contract/source-fault';
import type { SourceItem } from '@haveld/contract/source';
import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { compareSaid, listNewerEditions } from '@haveld/core/pages/compare-said';
import { fetchText, type FetchedText } from '@haveld/engine/fetching/fetch-text';
import { SourceFault } from '@haveld/engine/fetching/source-fault';
import { withAddress } from '@haveld/engine/reading/saved-from';
import { findAdapter } from '@haveld/engine/sources/adapters';
import { describePage } from '@haveld/engine/sources/plain';
import type { SourceContext } from '@haveld/engine/sources/source-adapter';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { loadRules } from '../house/rule-queries';
import { dropOpen, noteChange } from '../rights/page-change-queries';
import { reopenProjects } from '../rights/reopening-queries';
import { refreshRightsMarks } from '../rights/state';
import { loadAccess } from '../sources/context';
import * as queries from './queries';

const DAY_MS = 86_400_000;

/** What did not answer, or was not there, is asked again after a day whatever the house's interval. */
const AGAIN_MS = DAY_MS;

/** A page that was not there is gone when it is still not there so much later; before that it may be a site being repaired. */
const GONE_AFTER_MS = DAY_MS / 2;

/** What a page says now, and how much of it is kept. */
interface Heard {
  said: PageSaid | null;
  /** As its source lists it, with the editions that are newer than what was said before. */
  item: SourceItem | null;
  page: FetchedText | null;
  differences: PageDifference[];
}

/**
 * Asks a page again, by what it gave to know it by (RFC 9110, 13.1), and writes down what it says otherwise than it did. A change of
 * licence opens projects again that hold something of it.
 * @returns how many new changes there are
 */
export async function askPage(dependencies: Dependencies, address: string, signal?: AbortSignal): Promise<number> {
  const { pool } = dependencies;
  const [known, access, { askPagesEvery }] = await Promise.all([
    queries.findAsked(pool, address),
    loadAccess(dependencies),
    loadRules(pool),
  ]);
  const context = access.contextOf(findAdapter(address), { signal });
  const nextAt = askPagesEvery === 0 ? null : new Date(Date.now() + askPagesEvery * DAY_MS);
  try {
    const page = await fetchText(address, {}, { ...context, since: known?.said ? known : undefined });
    const heard = page.isUnchanged ? null : await hear(pool, address, page, known, context);
    return await keep(dependencies, address, heard ?? unchanged(known), {
      etag: page.etag,
      lastModified: page.lastModified,
      nextAt,
    });
  } catch (error) {
    if (!(error instanceof SourceFault)) throw error;
    const what = tellLoss(error, known);
    if (what)
      return await keep(
        dependencies,
        address,
        { ...unchanged(known), differences: [{ what, was: '', now: error.message }] },
        { etag: known?.etag ?? null, lastModified: known?.lastModified ?? null, nextAt },
      );
    await queries.putTrouble(pool, address, {
      kind: error.kind,
      message: error.message,
      nextAt: nextAt && (error.retryAt ?? new Date(Date.now() + AGAIN_MS)),
    });
    await bumpRevision(pool);
    return 0;
  }
}

const unchanged = (known: queries.AskedPage | null): Heard => ({
  said: known?.said ?? null,
  item: null,
  page: null,
  differences: [],
});

/** @returns null for a fault that says nothing of the page */
function tellLoss({ kind }: SourceFault, known: queries.AskedPage | null): 'gone' | 'taken-down' | null {
  if (kind === 'taken-down') return 'taken-down';
  if (kind !== 'gone' || known?.troubleKind !== 'gone') return null;
  return Date.now() - known.askedAt.getTime() >= GONE_AFTER_MS ? 'gone' : null;
}

async function hear(
  db: Executor,
  address: string,
  page: FetchedText,
  known: queries.AskedPage | null,
  context: SourceContext,
): Promise<Heard> {
  const read = await context.readPage(page.bytes, page.address);
  const gone = read.facts.find(({ field }) => field === 'gone');
  if (gone)
    return {
      ...unchanged(known),
      page,
      differences: [{ what: 'taken-down', was: '', now: gone.passage.slice(0, 500) }],
    };
  const item = (await openItem(address, context)) ?? describePage(page.address, read);
  const { title, author, licence, editions } = item;
  const said = { title, author, licence, editions };
  const before = known?.said ?? (await findFetched(db, address));
  const differences = before ? compareSaid(before, said) : await compareHeld(db, address, said);
  if (page.isMoved && page.address !== address) differences.push({ what: 'moved', was: address, now: page.address });
  const newer = before ? listNewerEditions(before.editions, editions) : [];
  return { said, item: { ...item, editions: newer }, page, differences };
}

/**
 * A source that can be asked says more than its page.
 * @returns null where it cannot, lists it no more though the page stands, or wants to be paid or signed in to first
 */
async function openItem(address: string, context: SourceContext): Promise<SourceItem | null> {
  const adapter = findAdapter(address);
  if (adapter.kind === 'plain') return null;
  try {
    return await adapter.open(address, context);
  } catch (error) {
    if (error instanceof SourceFault && SAYS_NO_MORE.has(error.kind)) return null;
    throw error;
  }
}

const SAYS_NO_MORE: ReadonlySet<SourceFaultKind> = new Set<SourceFaultKind>(['sign-in', 'price', 'gone']);

async function findFetched(db: Executor, address: string): Promise<PageSaid | null> {
  const item = await queries.findItemFetched(db, address);
  return item === null ? null : (JSON.parse(item) as SourceItem);
}

/** A page nobody has asked before is compared with what its assets are held as. */
async function compareHeld(db: Executor, address: string, { licence }: PageSaid): Promise<PageDifference[]> {
  if (licence.id === '') return [];
  const held = new Set((await queries.listAssetsOf(db, address)).map(({ licenceId }) => licenceId));
  held.delete(UNKNOWN_LICENCE);
  return held.size === 0 || held.has(licence.id)
    ? []
    : [{ what: 'licence', was: [...held].join(', '), now: licence.id }];
}

/** Everything that a page that answers as before takes back. */
const SETTLED_BY_ANSWER = ['gone', 'taken-down'] as const;

async function keep(
  { pool, store }: Dependencies,
  address: string,
  { said, item, page, differences }: Heard,
  known: { etag: string | null; lastModified: string | null; nextAt: Date | null },
): Promise<number> {
  const kept = page && differences.length > 0 ? await store.put(withAddress(page.bytes, page.address)) : null;
  const pageId = queries.pageIdOf(address);
  return transact(pool, async (tx) => {
    await queries.putAnswered(tx, address, { said, ...known });
    const isLost = differences.some(({ what }) => what === 'gone' || what === 'taken-down');
    const dropped = isLost ? 0 : await dropOpen(tx, pageId, SETTLED_BY_ANSWER);
    // most pages are as they were: nothing has to be worked out or shown anew for them
    if (differences.length + dropped === 0) return 0;
    let added = 0;
    const ids = (await queries.listAssetsOf(tx, address)).map(({ id }) => id);
    for (const difference of differences) {
      const isNew = await noteChange(tx, {
        ...difference,
        id: randomUUID(),
        pageId,
        item: item && JSON.stringify(item),
        pageSha256: kept?.sha256 ?? null,
      });
      if (!isNew) continue;
      added++;
      if (PAGE_CHANGES[difference.what].isAboutRights) await reopenProjects(tx, ids, describe(difference));
    }
    await refreshRightsMarks(tx, ids);
    await bumpRevision(tx);
    return added;
  });
}

/** A change as a reason to look at a project again. */
function describe({ what, was, now }: PageDifference): string {
  if (what === 'licence')
    return now === ''
      ? `Its page names no licence any more; it was ${was}.`
      : `Its page says ${now} now; it was ${was}.`;
  if (what === 'author') return `Its page names ${now} now; it was ${was}.`;
  return what === 'gone' ? 'Its page is gone.' : 'Its source took it down.';
}
