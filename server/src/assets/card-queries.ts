import type { AssetState } from '@haveld/contract/asset-state';
import type { Category } from '@haveld/contract/category';
import { type Executor } from '../database/pool';
import { many, manyIn, maybeOne, one, placesFor } from '../database/statements';

export interface CardRow {
  id: string;
  accession: number;
  findId: string;
  readingId: string;
  name: string;
  category: Category | null;
  state: AssetState;
  licenceId: string;
  author: string;
  /** As received where there is no version yet; figures out of JSON come as text. */
  triangles: number | string | null;
  mapSide: number | string | null;
  hasSize: number | null;
  widthM: number | null;
  heightM: number | null;
  thumbnailSha256: string | null;
  orthographicSha256: string | null;
  versionId: string | null;
  versionNumber: number | null;
  modelSha256: string | null;
  uses: number;
  takenDown: string | null;
}

const CARD = `SELECT asset.id, asset.accession, asset.find_id AS findId, asset.reading_id AS readingId, asset.name, asset.category, asset.state,
  provenance.licence_id AS licenceId, provenance.author,
  COALESCE(version.triangles, JSON_VALUE(reading.figures, '$.triangles')) AS triangles, COALESCE(version.map_side, JSON_VALUE(reading.figures, '$.mapSide')) AS mapSide, version.has_size AS hasSize,
  version.orthographic_width AS widthM, version.orthographic_height AS heightM, COALESCE(version.thumbnail_sha256, reading.thumbnail_sha256) AS thumbnailSha256, version.orthographic_sha256 AS orthographicSha256,
  version.id AS versionId, version.number AS versionNumber, version.model_sha256 AS modelSha256,
  asset.taken_down AS takenDown,
  (SELECT COUNT(*) FROM hand_over WHERE hand_over.asset_id = asset.id AND hand_over.state = 'packed') AS uses
  FROM asset JOIN provenance ON provenance.asset_id = asset.id JOIN reading ON reading.id = asset.reading_id LEFT JOIN version ON version.id = asset.current_version_id`;

/** Cards of these assets, in no order. @param ids at least one */
export const listCardsOf = (db: Executor, ids: readonly string[]): Promise<CardRow[]> =>
  many(db, `${CARD} WHERE asset.id IN (${placesFor(ids)})`, [...ids]);

/** Cards of assets by their numbers, in no order. */
export const listCardsNumbered = (db: Executor, accessions: readonly number[]): Promise<CardRow[]> =>
  manyIn(db, accessions, (places) => `${CARD} WHERE asset.accession IN (${places})`);

/** @returns the card of an asset, or null */
export const findCard = (db: Executor, id: string): Promise<CardRow | null> =>
  maybeOne(db, `${CARD} WHERE asset.id = ?`, [id]);

/** How many assets stand in the catalogue. */
export const countCatalogued = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE state = 'catalogued'")).n;
