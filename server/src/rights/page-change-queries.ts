import type { PageChangeKind, PageDifference } from '@haveld/contract/page-change';
import type { Executor } from '../database/pool';
import { many, manyIn, maybeOne, placesFor, run } from '../database/statements';

/** Something a page said otherwise than it did. */
export interface PageChangeRow extends PageDifference {
  id: string;
  address: string;
  /** The model as its source listed it then, as JSON; null where it was read from the page alone. */
  item: string | null;
  /** The page as it was then; null where there was none. */
  pageSha256: string | null;
  seenAt: Date;
  settledAs: 'left' | 'taken' | null;
  settledAt: Date | null;
  personName: string | null;
  why: string;
}

const COLUMNS = `page_change.id, asked_page.address, what, was, became AS now, item, page_sha256 AS pageSha256, seen_at AS seenAt,
  settled_as AS settledAs, settled_at AS settledAt, person.name AS personName, why`;
const FROM = `page_change JOIN asked_page ON asked_page.id = page_change.page_id LEFT JOIN person ON person.id = settled_by`;

/** What nobody has said a word on yet, of the pages of these assets. */
export const listOpenOf = (
  db: Executor,
  assetIds: readonly string[],
): Promise<({ assetId: string; id: string; seenAt: Date } & PageDifference)[]> =>
  manyIn(
    db,
    assetIds,
    (places) =>
      `SELECT provenance.asset_id AS assetId, page_change.id, what, was, became AS now, seen_at AS seenAt
       FROM provenance JOIN page_change ON page_change.page_id = SHA2(provenance.page_url, 256)
       WHERE provenance.asset_id IN (${places}) AND provenance.page_url <> '' AND settled_at IS NULL ORDER BY seen_at, page_change.id`,
  );

/** Everything that changed on a page, the latest first. @param pageId hash of its address */
export const listOfPage = (db: Executor, pageId: string): Promise<PageChangeRow[]> =>
  many(
    db,
    `SELECT ${COLUMNS} FROM ${FROM} WHERE page_change.page_id = ? ORDER BY seen_at DESC, page_change.id LIMIT 100`,
    [pageId],
  );

/** Locks one until the transaction ends. @returns null where there is none */
export const lockChange = (tx: Executor, id: string): Promise<PageChangeRow | null> =>
  maybeOne(tx, `SELECT ${COLUMNS} FROM ${FROM} WHERE page_change.id = ? FOR UPDATE`, [id]);

export type NewPageChange = PageDifference & {
  id: string;
  pageId: string;
  item: string | null;
  pageSha256: string | null;
};

/**
 * Writes one down. One that is open goes on from what was first said, and is dropped where that is said again; what was lost once is
 * told once.
 * @returns whether there is something new to tell
 */
export async function noteChange(tx: Executor, change: NewPageChange): Promise<boolean> {
  const known = await many<PageDifference & { id: string; settledAt: Date | null }>(
    tx,
    'SELECT id, what, was, became AS now, settled_at AS settledAt FROM page_change WHERE page_id = ? AND what = ? FOR UPDATE',
    [change.pageId, change.what],
  );
  const isLost = change.what === 'gone' || change.what === 'taken-down' || change.what === 'moved';
  if (isLost && known.some(({ now }) => now === change.now)) return false;
  const open = known.find(({ settledAt }) => settledAt === null);
  if (open && open.was === change.now) {
    await run(tx, 'DELETE FROM page_change WHERE id = ?', [open.id]);
    return false;
  }
  if (open) {
    await run(
      tx,
      'UPDATE page_change SET became = ?, item = ?, page_sha256 = ?, seen_at = UTC_TIMESTAMP(3) WHERE id = ?',
      [change.now, change.item, change.pageSha256, open.id],
    );
    return open.now !== change.now;
  }
  await run(
    tx,
    'INSERT INTO page_change (id, page_id, what, was, became, item, page_sha256) VALUES (?, ?, ?, ?, ?, ?, ?)',
    [change.id, change.pageId, change.what, change.was, change.now, change.item, change.pageSha256],
  );
  return true;
}

/** What is open and is not so any more. @param kinds at least one @returns how many there were */
export const dropOpen = async (tx: Executor, pageId: string, kinds: readonly PageChangeKind[]): Promise<number> =>
  (
    await run(
      tx,
      `DELETE FROM page_change WHERE page_id = ? AND settled_at IS NULL AND what IN (${placesFor(kinds)})`,
      [pageId, ...kinds],
    )
  ).affected;

/** A person's word on one. */
export const settleChange = (
  tx: Executor,
  id: string,
  { as, why, personId }: { as: 'left' | 'taken'; why: string; personId: string },
): Promise<unknown> =>
  run(
    tx,
    'UPDATE page_change SET settled_as = ?, why = ?, settled_by = ?, settled_at = UTC_TIMESTAMP(3) WHERE id = ?',
    [as, why, personId, id],
  );
