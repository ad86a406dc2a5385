import { type Executor } from '../database/pool';
import { many, one } from '../database/statements';

/** Grows whenever something a screen shows has changed, and as jobs move on. */
export async function getRevision(db: Executor): Promise<string> {
  const { value } = await one<{ value: number }>(db, 'SELECT value FROM revision WHERE id = 1');
  return String(value);
}

/** Every hash a row names: originals, documents, pictures, models, packed zips. */
export const listNamedHashes = async (db: Executor): Promise<string[]> =>
  (
    await many<{ sha256: string }>(
      db,
      `SELECT sha256 FROM arrival_file UNION SELECT document_sha256 FROM reading UNION SELECT thumbnail_sha256 FROM reading WHERE thumbnail_sha256 IS NOT NULL
       UNION SELECT model_sha256 FROM version WHERE model_sha256 IS NOT NULL UNION SELECT thumbnail_sha256 FROM version WHERE thumbnail_sha256 IS NOT NULL
       UNION SELECT orthographic_sha256 FROM version WHERE orthographic_sha256 IS NOT NULL UNION SELECT picture_sha256 FROM piece WHERE picture_sha256 IS NOT NULL UNION SELECT zip_sha256 FROM hand_over WHERE zip_sha256 IS NOT NULL
       UNION SELECT sha256 FROM evidence`,
    )
  ).map((row) => row.sha256);
