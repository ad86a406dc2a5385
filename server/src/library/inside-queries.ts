import type { ModelInside } from '@haveld/contract/model-inside';
import type { Executor } from '../database/pool';
import { many, maybeOne, run } from '../database/statements';

/** Keeps what a model is found by, under the hash of its bytes; the same bytes hold the same. */
export const upsertInside = (tx: Executor, sha256: string, inside: ModelInside): Promise<unknown> =>
  run(
    tx,
    `INSERT INTO model_inside (sha256, materials, parts, colours, traits) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE materials = VALUES(materials), parts = VALUES(parts), colours = VALUES(colours), traits = VALUES(traits)`,
    [sha256, inside.materials.join('\n'), inside.parts.join('\n'), inside.colours.join(','), inside.traits.join(',')],
  );

/** Names of the materials of a model; none for one that was not looked into. @param sha256 of its bytes */
export async function listMaterialsOf(db: Executor, sha256: string): Promise<string[]> {
  const row = await maybeOne<{ materials: string }>(db, 'SELECT materials FROM model_inside WHERE sha256 = ?', [
    sha256,
  ]);
  return row?.materials ? row.materials.split('\n') : [];
}

/** Models of assets that were made before this was kept, a page in the order of their numbers. */
export const listUnseen = (
  db: Executor,
  after: number,
  most: number,
): Promise<{ accession: number; sha256: string }[]> =>
  many(
    db,
    `SELECT asset.accession, COALESCE(version.model_sha256, reading.document_sha256) AS sha256
     FROM asset JOIN reading ON reading.id = asset.reading_id LEFT JOIN version ON version.id = asset.current_version_id
     LEFT JOIN model_inside ON model_inside.sha256 = COALESCE(version.model_sha256, reading.document_sha256)
     WHERE asset.accession > ? AND model_inside.sha256 IS NULL ORDER BY asset.accession LIMIT ?`,
    [after, most],
  );
