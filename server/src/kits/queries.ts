import type { AssetState } from '@haveld/contract/asset-state';
import type { PiecePlace } from '@haveld/core/structure/place-piece';
import { type Executor } from '../database/pool';
import { insertMany, many, manyIn, maybeOne, run } from '../database/statements';

export interface KitRow {
  id: string;
  arrivalId: string;
  name: string;
  reason: string;
  sourceFindId: string | null;
}

const KIT = 'SELECT id, arrival_id AS arrivalId, name, reason, source_find_id AS sourceFindId FROM kit';

/** @returns a kit, or null */
export const getKit = (db: Executor, id: string): Promise<KitRow | null> => maybeOne(db, `${KIT} WHERE id = ?`, [id]);

/** Locks a kit until the transaction ends. @returns it, or null */
export const lockKit = (tx: Executor, id: string): Promise<KitRow | null> =>
  maybeOne(tx, `${KIT} WHERE id = ? FOR UPDATE`, [id]);

/** @returns the kit a find's one file became, or null */
export const findKitOfFile = (db: Executor, findId: string): Promise<KitRow | null> =>
  maybeOne(db, `${KIT} WHERE source_find_id = ?`, [findId]);

/** Takes a kit and its pieces away; finds stay. */
export const deleteKit = (tx: Executor, id: string): Promise<unknown> => run(tx, 'DELETE FROM kit WHERE id = ?', [id]);

/** Where a piece lies in its kit's document; null where it is a file of its own. */
export type Selector = { nodeIds: string[] } | null;

export interface PieceRow {
  kitId: string;
  ordinal: number;
  name: string;
  selector: Selector;
  triangles: number;
  width: number;
  height: number;
  depth: number;
  /** How it stood in the kit; null where it came alone. */
  place: PiecePlace | null;
  pictureSha256: string | null;
  pictureWidth: number | null;
  pictureHeight: number | null;
  findId: string | null;
}

type StoredPiece = Omit<PieceRow, 'selector' | 'place'> & { selector: string; place: string };

const COLUMNS = `kit_id AS kitId, piece.ordinal, piece.name, selector, triangles, width, height, depth, place, picture_sha256 AS pictureSha256,
  picture_width AS pictureWidth, picture_height AS pictureHeight, find_id AS findId`;

const parsePiece = <R extends StoredPiece>(row: R): Omit<R, 'selector' | 'place'> & PieceRow => ({
  ...row,
  selector: JSON.parse(row.selector) as Selector,
  place: JSON.parse(row.place) as PiecePlace | null,
});

/** Pieces of a kit in its order. */
export const listPieces = async (db: Executor, kitId: string): Promise<PieceRow[]> =>
  (await many<StoredPiece>(db, `SELECT ${COLUMNS} FROM piece WHERE kit_id = ? ORDER BY piece.ordinal`, [kitId])).map(
    parsePiece,
  );

export interface ShownPiece extends PieceRow {
  findState: 'waiting' | 'read' | 'failed' | 'on-bench' | 'set-aside' | null;
  findMessage: string | null;
  assetId: string | null;
  accession: number | null;
  assetState: AssetState | null;
}

/** Pieces with how far each is. */
export const listShownPieces = async (db: Executor, kitId: string): Promise<ShownPiece[]> =>
  (
    await many<StoredPiece & Omit<ShownPiece, keyof PieceRow>>(
      db,
      `SELECT ${COLUMNS.replace('find_id', 'piece.find_id').replace('kit_id', 'piece.kit_id')}, find.state AS findState, find.message AS findMessage, asset.id AS assetId, asset.accession, asset.state AS assetState
       FROM piece LEFT JOIN find ON find.id = piece.find_id LEFT JOIN asset ON asset.find_id = find.id WHERE piece.kit_id = ? ORDER BY piece.ordinal`,
      [kitId],
    )
  ).map(parsePiece);

/** Writes down the pieces of a kit. */
export async function insertPieces(tx: Executor, pieces: readonly PieceRow[]): Promise<void> {
  await insertMany(
    tx,
    'piece',
    [
      'kit_id',
      'ordinal',
      'name',
      'selector',
      'triangles',
      'width',
      'height',
      'depth',
      'place',
      'picture_sha256',
      'picture_width',
      'picture_height',
      'find_id',
    ],
    pieces.map((piece) => [
      piece.kitId,
      piece.ordinal,
      piece.name.slice(0, 250),
      JSON.stringify(piece.selector),
      piece.triangles,
      piece.width,
      piece.height,
      piece.depth,
      JSON.stringify(piece.place),
      piece.pictureSha256,
      piece.pictureWidth,
      piece.pictureHeight,
      piece.findId,
    ]),
  );
}

/** Takes away the piece that came as this find. */
export const deletePieceOfFind = (tx: Executor, findId: string): Promise<unknown> =>
  run(tx, 'DELETE FROM piece WHERE find_id = ?', [findId]);

/** A piece was drawn; sizes in the file's unit. */
export const setPicture = (
  db: Executor,
  kitId: string,
  ordinal: number,
  picture: { sha256: string; width: number; height: number },
): Promise<unknown> =>
  run(
    db,
    'UPDATE piece SET picture_sha256 = ?, picture_width = ?, picture_height = ? WHERE kit_id = ? AND ordinal = ?',
    [picture.sha256, picture.width, picture.height, kitId, ordinal],
  );

/** A piece has become a find of its own. */
export const setPieceFind = (tx: Executor, kitId: string, ordinal: number, findId: string): Promise<unknown> =>
  run(tx, 'UPDATE piece SET find_id = ? WHERE kit_id = ? AND ordinal = ?', [findId, kitId, ordinal]);

/** Kits of these arrivals, with how many pieces each has and how many of them have a number. */
export const listKits = (
  db: Executor,
  arrivalIds: readonly string[],
): Promise<(KitRow & { pieces: number; taken: number; triangles: number })[]> =>
  manyIn(
    db,
    arrivalIds,
    (
      places,
    ) => `SELECT kit.id, kit.arrival_id AS arrivalId, kit.name, kit.reason, kit.source_find_id AS sourceFindId, COUNT(piece.ordinal) AS pieces,
       CAST(COALESCE(SUM(asset.id IS NOT NULL), 0) AS SIGNED) AS taken,
       (SELECT CAST(COALESCE(SUM(JSON_VALUE(reading.figures, '$.triangles')), 0) AS SIGNED) FROM find JOIN reading ON reading.find_id = find.id
        WHERE (kit.source_find_id IS NULL AND find.kit_id = kit.id) OR find.id = kit.source_find_id) AS triangles
     FROM kit LEFT JOIN piece ON piece.kit_id = kit.id LEFT JOIN asset ON asset.find_id = piece.find_id
     WHERE kit.arrival_id IN (${places}) GROUP BY kit.id ORDER BY kit.name`,
  );
