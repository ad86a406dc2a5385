import type { Duplicate, DuplicateRelation } from '@haveld/contract/api/duplicates';
import { SHAPE_TOLERANCE } from '@haveld/core/geometry/compare-shapes';
import type { ShapeSignature } from '@haveld/core/geometry/shape-signature';
import { type Executor } from '../database/pool';
import { many, manyIn, maybeOne, run } from '../database/statements';

/** What is kept of a find to know it again by. */
export interface ShapeRow {
  findId: string;
  shape: ShapeSignature;
  maps: { sha256: string; look: string | null }[];
}

interface StoredShape extends Omit<ShapeSignature, 'profile'> {
  findId: string;
  profile: string;
  maps: string;
}

const SHAPE =
  'SELECT shape.find_id AS findId, triangles, radius_of_gyration AS radiusOfGyration, middle_spread AS middleSpread, smallest_spread AS smallestSpread, fullness, handedness, profile, maps FROM shape';

const parseShape = ({ findId, profile, maps, ...rest }: StoredShape): ShapeRow => ({
  findId,
  shape: { ...rest, profile: JSON.parse(profile) as number[] },
  maps: JSON.parse(maps) as ShapeRow['maps'],
});

/** Keeps what a find is known again by. */
export const upsertShape = (tx: Executor, { findId, shape, maps }: ShapeRow): Promise<unknown> =>
  run(
    tx,
    'REPLACE INTO shape (find_id, triangles, radius_of_gyration, middle_spread, smallest_spread, fullness, handedness, profile, maps) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)',
    [
      findId,
      shape.triangles,
      shape.radiusOfGyration,
      shape.middleSpread,
      shape.smallestSpread,
      shape.fullness,
      shape.handedness,
      JSON.stringify(shape.profile.map((value) => Number(value.toFixed(5)))),
      JSON.stringify(maps),
    ],
  );

/** @returns what a find is known again by; null where it has no surface or was not read */
export async function findShape(db: Executor, findId: string): Promise<ShapeRow | null> {
  const row = await maybeOne<StoredShape>(db, `${SHAPE} WHERE find_id = ?`, [findId]);
  return row && parseShape(row);
}

/** Finds of other arrivals whose moments are near; the profiles decide. */
export const listNearShapes = async (
  db: Executor,
  arrivalId: string,
  { middleSpread, smallestSpread, fullness }: ShapeSignature,
): Promise<ShapeRow[]> => {
  const { spread, fullness: share } = SHAPE_TOLERANCE;
  return (
    await many<StoredShape>(
      db,
      `${SHAPE} JOIN find ON find.id = shape.find_id JOIN arrival ON arrival.id = find.arrival_id AND arrival.joined_into IS NULL WHERE middle_spread BETWEEN ? AND ? AND smallest_spread BETWEEN ? AND ? AND fullness BETWEEN ? AND ? AND find.arrival_id <> ? LIMIT 200`,
      [
        middleSpread - spread,
        middleSpread + spread,
        smallestSpread - spread,
        smallestSpread + spread,
        fullness * (1 - share),
        fullness / (1 - share),
        arrivalId,
      ],
    )
  ).map(parseShape);
};

/** Finds of other arrivals whose model file has the same bytes. */
export const listSameFiles = async (db: Executor, arrivalId: string, sha256: string): Promise<string[]> =>
  (
    await many<{ findId: string }>(
      db,
      `SELECT find.id AS findId FROM arrival_file JOIN find_file ON find_file.arrival_file_id = arrival_file.id AND find_file.role = 'model'
       JOIN find ON find.id = find_file.find_id JOIN arrival ON arrival.id = find.arrival_id
       WHERE arrival_file.sha256 = ? AND find.arrival_id <> ? AND arrival.joined_into IS NULL LIMIT 50`,
      [sha256, arrivalId],
    )
  ).map((row) => row.findId);

/**
 * Finds that came of the same page of a source at another time: the only one of each arrival, or those of one name. What a page offers
 * in many pieces is not compared with every other.
 */
export const listPageMates = async (db: Executor, findId: string): Promise<string[]> => {
  const mates = (joins: string, address: string): string =>
    `SELECT find.id AS findId FROM find AS own JOIN fetching AS mine ON mine.id = own.arrival_id ${joins}
     WHERE own.id = ? AND ${address} = mine.page_address AND find.arrival_id <> own.arrival_id
       AND (find.name = own.name OR ((SELECT COUNT(*) FROM find AS f WHERE f.arrival_id = own.arrival_id) = 1
         AND (SELECT COUNT(*) FROM find AS f WHERE f.arrival_id = find.arrival_id) = 1))`;
  const rows = await many<{ findId: string }>(
    db,
    `${mates('JOIN fetching AS other ON other.page_address = mine.page_address JOIN find ON find.arrival_id = other.id', 'other.page_address')}
     UNION ${mates('JOIN provenance ON provenance.page_url = mine.page_address JOIN asset ON asset.id = provenance.asset_id JOIN find ON find.id = asset.find_id', 'provenance.page_url')} LIMIT 50`,
    [findId, findId],
  );
  return rows.map((row) => row.findId);
};

/** @returns true where both arrivals received a file of the same bytes */
export const cameInSameArchive = async (db: Executor, arrivalId: string, otherId: string): Promise<boolean> =>
  (
    await many(
      db,
      'SELECT 1 FROM received AS mine JOIN received AS other ON other.sha256 = mine.sha256 WHERE mine.arrival_id = ? AND other.arrival_id = ? LIMIT 1',
      [arrivalId, otherId],
    )
  ).length > 0;

export interface PairRow {
  id: string;
  findId: string;
  otherFindId: string;
  relation: DuplicateRelation;
  differences: { summary: string; lines: Duplicate['lines'] };
  decision: Duplicate['decision'];
}

/** One find at a time is compared: two read at the same moment would each not see the other. Held until the transaction ends. */
export async function lockShapes(tx: Executor): Promise<void> {
  await many(tx, "SELECT value FROM setting WHERE name = 'shapes-lock' FOR UPDATE");
}

/** What was found before a find was read anew, and not decided. */
export const deleteOpenPairs = (tx: Executor, findId: string): Promise<unknown> =>
  run(tx, 'DELETE FROM duplicate_pair WHERE (find_id = ? OR other_find_id = ?) AND decision IS NULL', [findId, findId]);

/** A decision that was made stands. */
export const upsertPair = (tx: Executor, pair: Omit<PairRow, 'decision'>): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO duplicate_pair (id, find_id, other_find_id, relation, differences) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE relation = VALUES(relation), differences = VALUES(differences)`,
    [pair.id, pair.findId, pair.otherFindId, pair.relation, JSON.stringify(pair.differences)],
  );

const PAIR =
  'SELECT id, find_id AS findId, other_find_id AS otherFindId, relation, differences, decision FROM duplicate_pair';
type StoredPair = Omit<PairRow, 'differences'> & { differences: string };
const parsePair = (row: StoredPair): PairRow => ({
  ...row,
  differences: JSON.parse(row.differences) as PairRow['differences'],
});

/** Pairs a find is the later one of, the most alike first. */
export const listPairs = async (db: Executor, findId: string): Promise<PairRow[]> =>
  (
    await many<StoredPair>(
      db,
      `${PAIR} WHERE find_id = ? ORDER BY FIELD(relation, 'same-file', 'same-shape', 'same-page', 'other-maps', 'mirrored'), id`,
      [findId],
    )
  ).map(parsePair);

/** @returns a pair, or null */
export async function getPair(db: Executor, id: string): Promise<PairRow | null> {
  const row = await maybeOne<StoredPair>(db, `${PAIR} WHERE id = ?`, [id]);
  return row && parsePair(row);
}

/** Locks a pair until the transaction ends. @returns who decided it, or null */
export const lockDecision = (tx: Executor, id: string): Promise<{ id: string; name: string } | null> =>
  maybeOne(
    tx,
    `SELECT person.id, person.name FROM duplicate_pair JOIN person ON person.id = duplicate_pair.person_id
     WHERE duplicate_pair.id = ? FOR UPDATE`,
    [id],
  );

/** Keeps what a person said of a pair. */
export const setDecision = (tx: Executor, id: string, decision: string, personId: string): Promise<unknown> =>
  run(tx, 'UPDATE duplicate_pair SET decision = ?, person_id = ?, decided_at = UTC_TIMESTAMP(3) WHERE id = ?', [
    decision,
    personId,
    id,
  ]);

/** @returns for each find of these arrivals that has any, how many pairs are undecided */
export const countOpenPairs = async (db: Executor, arrivalIds: readonly string[]): Promise<Map<string, number>> =>
  new Map(
    (
      await manyIn<{ findId: string; n: number }>(
        db,
        arrivalIds,
        (
          places,
        ) => `SELECT find_id AS findId, COUNT(*) AS n FROM duplicate_pair JOIN find ON find.id = duplicate_pair.find_id
           WHERE find.arrival_id IN (${places}) AND decision IS NULL GROUP BY find_id`,
      )
    ).map(({ findId, n }) => [findId, n]),
  );

/** The asset a find was called the newer one of: what stands in the catalogue before what does not, the latest first. */
export const findEarlierAsset = (db: Executor, findId: string): Promise<{ id: string } | null> =>
  maybeOne(
    db,
    `SELECT asset.id FROM duplicate_pair JOIN asset ON asset.find_id = duplicate_pair.other_find_id
     WHERE duplicate_pair.find_id = ? AND (decision = 'newer' OR (decision IS NULL AND relation = 'same-page'))
     ORDER BY asset.state = 'catalogued' DESC, asset.accession DESC LIMIT 1`,
    [findId],
  );
