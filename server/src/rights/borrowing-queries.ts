import type { FurtherWork, WorkPart } from '@haveld/contract/licence';
import type { Executor } from '../database/pool';
import { groupRows } from '../database/group-rows';
import { insertMany, many, placesFor, run } from '../database/statements';
import { formatAccession } from '../assets/accession';

export interface Borrowing {
  lenderId: string;
  part: WorkPart;
}

/** What an asset borrows itself, of whom, with their number and name. */
export const listBorrowings = (
  db: Executor,
  assetId: string,
): Promise<(Borrowing & { accession: number; name: string })[]> =>
  many(
    db,
    `SELECT lender_id AS lenderId, part, asset.accession, asset.name FROM borrowing JOIN asset ON asset.id = lender_id
     WHERE asset_id = ? ORDER BY lender_id, part`,
    [assetId],
  );

/** Writes down what an asset borrows in place of what stood there. */
export async function replaceBorrowings(
  tx: Executor,
  assetId: string,
  borrowings: readonly Borrowing[],
): Promise<void> {
  await run(tx, 'DELETE FROM borrowing WHERE asset_id = ?', [assetId]);
  await insertMany(
    tx,
    'borrowing',
    ['asset_id', 'lender_id', 'part'],
    borrowings.map(({ lenderId, part }) => [assetId, lenderId, part]),
  );
}

/** Steps of versions of an asset that may borrow something, as they are kept. */
export const listBorrowingVersions = async (db: Executor, assetId: string): Promise<string[]> =>
  (
    await many<{ steps: string }>(
      db,
      `SELECT steps FROM version WHERE asset_id = ? AND state <> 'failed' AND steps LIKE '%"borrow-%'`,
      [assetId],
    )
  ).map(({ steps }) => steps);

/** Who borrows from any of these, and from those in turn; none of them themselves. */
export async function listBorrowers(db: Executor, assetIds: readonly string[]): Promise<string[]> {
  if (assetIds.length === 0) return [];
  const rows = await many<{ id: string }>(
    db,
    `WITH RECURSIVE lent (id) AS (
       SELECT asset_id FROM borrowing WHERE lender_id IN (${placesFor(assetIds)})
       UNION SELECT borrowing.asset_id FROM borrowing JOIN lent ON lent.id = borrowing.lender_id)
     SELECT id FROM lent`,
    [...assetIds],
  );
  const own = new Set(assetIds);
  return rows.map(({ id }) => id).filter((id) => !own.has(id));
}

type LentRow = Omit<FurtherWork, 'lender' | 'authorUnknown'> & {
  assetId: string;
  throughId: string;
  lenderId: string;
  accession: number;
  name: string;
  takenDown: string | null;
  authorUnknown: number;
  acquiredOn: string;
  expiresOn: string;
  seats: number | null;
  territory: string;
};

/** From whom each borrows, directly or through its lender; `part` is what it borrows itself. */
const REACH = (places: string): string =>
  `WITH RECURSIVE reach (asset_id, through_id, lender_id, part) AS (
     SELECT asset_id, lender_id, lender_id, part FROM borrowing WHERE asset_id IN (${places})
     UNION SELECT reach.asset_id, reach.through_id, borrowing.lender_id, reach.part FROM borrowing JOIN reach ON reach.lender_id = borrowing.asset_id)`;

const LENDER_COLUMNS = `reach.asset_id AS assetId, reach.through_id AS throughId, reach.lender_id AS lenderId, asset.accession, asset.name, asset.taken_down AS takenDown,
  provenance.acquired_on AS acquiredOn, provenance.expires_on AS expiresOn, provenance.seats, provenance.territory`;

/**
 * Works that assets rest on because of what they borrow: those of their lenders as they are today, and of whom those borrow. A lender's
 * own work first, then others in it.
 */
export async function listLentWorks(db: Executor, assetIds: readonly string[]): Promise<Map<string, FurtherWork[]>> {
  if (assetIds.length === 0) return new Map();
  const reach = REACH(placesFor(assetIds));
  const [own, others] = await Promise.all([
    many<LentRow>(
      db,
      `${reach} SELECT ${LENDER_COLUMNS}, 'own' AS id, reach.part, provenance.title, provenance.author, provenance.author_unknown AS authorUnknown,
         provenance.author_url AS authorUrl, provenance.licence_id AS licenceId, provenance.source, provenance.page_url AS pageUrl
       FROM reach JOIN asset ON asset.id = reach.lender_id JOIN provenance ON provenance.asset_id = reach.lender_id
       WHERE reach.lender_id <> reach.asset_id ORDER BY asset.accession, reach.part`,
      [...assetIds],
    ),
    many<LentRow>(
      db,
      `${reach} SELECT ${LENDER_COLUMNS}, further_work.id, further_work.part, further_work.title, further_work.author, further_work.author_unknown AS authorUnknown,
         further_work.author_url AS authorUrl, further_work.licence_id AS licenceId, further_work.source, further_work.page_url AS pageUrl
       FROM reach JOIN asset ON asset.id = reach.lender_id JOIN provenance ON provenance.asset_id = reach.lender_id
         JOIN further_work ON further_work.asset_id = reach.lender_id
       WHERE reach.lender_id <> reach.asset_id ORDER BY asset.accession, further_work.position`,
      [...assetIds],
    ),
  ]);
  const rows = groupRows(distinct([...own, ...others]), ({ assetId }) => assetId);
  return new Map([...rows].map(([assetId, lent]) => [assetId, lent.map(toWork)]));
}

/** Through two lenders the same work comes once a lender it comes through: so that a version that borrows from one of them still has it. */
const distinct = (rows: LentRow[]): LentRow[] => {
  const known = new Set<string>();
  return rows.filter(({ assetId, throughId, lenderId, id, part }) => {
    const key = [assetId, throughId, lenderId, id, id === 'own' ? part : ''].join();
    return !known.has(key) && known.add(key);
  });
};

function toWork({ assetId: _borrower, ...row }: LentRow): FurtherWork {
  const { lenderId, throughId, accession, name, takenDown, acquiredOn, expiresOn, seats, territory, ...work } = row;
  const limits = { acquiredOn, expiresOn, seats, territory };
  return {
    ...work,
    id: `lent:${throughId}:${lenderId}:${row.id}:${row.part}`,
    // a work without a title is called as the asset is
    title: row.id === 'own' ? work.title || name : work.title,
    authorUnknown: row.authorUnknown === 1,
    lender: {
      id: lenderId,
      throughId,
      accession: formatAccession(accession),
      name,
      takenDown,
      limits: row.id === 'own' ? (limits as NonNullable<FurtherWork['lender']>['limits']) : null,
    },
  };
}
