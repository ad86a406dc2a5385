import type { Executor } from '../database/pool';
import { many, maybeOne } from '../database/statements';

export interface LenderRow {
  id: string;
  accession: number;
  name: string;
  versionNumber: number;
  modelSha256: string;
  thumbnailSha256: string | null;
  triangles: number;
  author: string;
  licenceId: string;
}

/** So many are shown at once. */
const MOST = 24;

/** What stands in the catalogue, not taken down, the newest first. @param words each in its name, its number or its author's name */
export const findLenders = (db: Executor, ownId: string, words: readonly string[]): Promise<LenderRow[]> =>
  many(
    db,
    `SELECT asset.id, asset.accession, asset.name, version.number AS versionNumber, version.model_sha256 AS modelSha256, version.thumbnail_sha256 AS thumbnailSha256,
       version.triangles, provenance.author, provenance.licence_id AS licenceId
     FROM asset JOIN version ON version.id = asset.current_version_id JOIN provenance ON provenance.asset_id = asset.id
     WHERE asset.state = 'catalogued' AND asset.taken_down IS NULL AND version.state = 'made' AND asset.id <> ?
       ${words.map(() => `AND CONCAT_WS(' ', CONCAT('HV-', LPAD(asset.accession, 6, '0')), asset.name, provenance.author) LIKE ?`).join(' ')}
     ORDER BY asset.accession DESC LIMIT ${MOST}`,
    [ownId, ...words.map((word) => `%${word.replace(/[%_\\]/g, '\\$&')}%`)],
  );

/** @returns a version that is made, and whether its asset was taken down; null where there is none in the catalogue */
export const findLentVersion = (
  db: Executor,
  assetId: string,
  number: number,
): Promise<{ accession: number; modelSha256: string; takenDown: string | null } | null> =>
  maybeOne(
    db,
    `SELECT asset.accession, version.model_sha256 AS modelSha256, asset.taken_down AS takenDown FROM version JOIN asset ON asset.id = version.asset_id
     WHERE version.asset_id = ? AND version.number = ? AND version.state = 'made' AND asset.state = 'catalogued'`,
    [assetId, number],
  );
