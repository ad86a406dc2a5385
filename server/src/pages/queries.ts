import { createHash } from 'node:crypto';
import type { PageSaid } from '@haveld/contract/page-change';
import type { SourceFaultKind } from '@haveld/contract/source-fault';
import type { Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';

/** By which a page is known, however long its address. */
export const pageIdOf = (address: string): string => createHash('sha256').update(address).digest('hex');

/** A page as it was when it was last asked. */
export interface AskedPage {
  address: string;
  said: PageSaid | null;
  etag: string | null;
  lastModified: string | null;
  askedAt: Date;
  /** When it last answered. */
  answeredAt: Date | null;
  nextAt: Date | null;
  troubleKind: SourceFaultKind | null;
  trouble: string | null;
}

/** @returns null where it was never asked */
export async function findAsked(db: Executor, address: string): Promise<AskedPage | null> {
  const row = await maybeOne<Omit<AskedPage, 'said'> & { said: string | null }>(
    db,
    `SELECT address, said, etag, last_modified AS lastModified, asked_at AS askedAt, answered_at AS answeredAt, next_at AS nextAt,
       trouble_kind AS troubleKind, trouble FROM asked_page WHERE id = ?`,
    [pageIdOf(address)],
  );
  return row && { ...row, said: row.said === null ? null : (JSON.parse(row.said) as PageSaid) };
}

/** It answered: what it says now is what later answers are compared with. */
export const putAnswered = (
  tx: Executor,
  address: string,
  page: { said: PageSaid | null; etag: string | null; lastModified: string | null; nextAt: Date | null },
): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO asked_page (id, address, said, etag, last_modified, asked_at, answered_at, next_at) VALUES (?, ?, ?, ?, ?, UTC_TIMESTAMP(3), UTC_TIMESTAMP(3), ?)
     ON DUPLICATE KEY UPDATE said = VALUES(said), etag = VALUES(etag), last_modified = VALUES(last_modified), asked_at = VALUES(asked_at),
       answered_at = VALUES(answered_at), next_at = VALUES(next_at), trouble_kind = NULL, trouble = NULL`,
    [pageIdOf(address), address, JSON.stringify(page.said), page.etag, page.lastModified, page.nextAt],
  );

/** It did not answer; what it said before stands. */
export const putTrouble = (
  tx: Executor,
  address: string,
  { kind, message, nextAt }: { kind: SourceFaultKind; message: string; nextAt: Date | null },
): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO asked_page (id, address, asked_at, next_at, trouble_kind, trouble) VALUES (?, ?, UTC_TIMESTAMP(3), ?, ?, ?)
     ON DUPLICATE KEY UPDATE asked_at = VALUES(asked_at), next_at = VALUES(next_at), trouble_kind = VALUES(trouble_kind), trouble = VALUES(trouble)`,
    [pageIdOf(address), address, nextAt, kind, message],
  );

/** Pages of assets that were never asked, or whose time has come; those that wait longest first. */
export const listDue = async (db: Executor, most: number): Promise<string[]> =>
  (
    await many<{ address: string }>(
      db,
      `SELECT page.address FROM (SELECT DISTINCT page_url AS address FROM provenance WHERE page_url LIKE 'http%') AS page
       LEFT JOIN asked_page ON asked_page.id = SHA2(page.address, 256)
       WHERE asked_page.id IS NULL OR asked_page.next_at <= UTC_TIMESTAMP(3) ORDER BY asked_page.next_at, page.address LIMIT ${most}`,
    )
  ).map(({ address }) => address);

/** Assets that are from a page, with what their licence is held as. */
export const listAssetsOf = (db: Executor, address: string): Promise<{ id: string; licenceId: string }[]> =>
  many(db, 'SELECT asset_id AS id, licence_id AS licenceId FROM provenance WHERE page_url = ? ORDER BY asset_id', [
    address,
  ]);

/** Address of the page an asset is from; empty where it names none. @returns null where there is no such asset */
export const findPageOf = async (db: Executor, assetId: string): Promise<string | null> =>
  (await maybeOne<{ address: string }>(db, 'SELECT page_url AS address FROM provenance WHERE asset_id = ?', [assetId]))
    ?.address ?? null;

/** The model of a page as it was when somebody last fetched it, as JSON; null where nobody did. */
export const findItemFetched = async (db: Executor, address: string): Promise<string | null> =>
  (
    await maybeOne<{ item: string }>(
      db,
      "SELECT item FROM fetching WHERE page_address = ? AND state = 'arrived' ORDER BY ended_at DESC LIMIT 1",
      [address],
    )
  )?.item ?? null;

/** A page that was moved is known at its new place as it was at the old. */
export const copyAsked = (tx: Executor, from: string, to: string): Promise<unknown> =>
  run(
    tx,
    `INSERT IGNORE INTO asked_page (id, address, said, etag, last_modified, asked_at, answered_at, next_at)
     SELECT ?, ?, said, etag, last_modified, asked_at, answered_at, next_at FROM asked_page AS old WHERE old.id = ?`,
    [pageIdOf(to), to, pageIdOf(from)],
  );

/** The latest arrivals that are read and of which nothing lies on the bench. */
export const listArrivalsWithoutAssets = (db: Executor, most: number): Promise<{ id: string; name: string }[]> =>
  many(
    db,
    `SELECT arrival.id, arrival.name FROM arrival WHERE state = 'ready' AND joined_into IS NULL
       AND NOT EXISTS (SELECT 1 FROM find WHERE find.arrival_id = arrival.id AND find.state = 'on-bench')
     ORDER BY created_at DESC, arrival.id LIMIT ${most}`,
  );
