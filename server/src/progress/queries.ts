import { type Executor } from '../database/pool';
import { many, maybeOne, one } from '../database/statements';

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

/** @returns who brought in what a job works on, or asked for it; null where it is the house's own, or has ended */
export const findWhoseJob = (db: Executor, jobId: number): Promise<{ id: string; name: string } | null> =>
  maybeOne(
    db,
    `SELECT person.id, person.name FROM job JOIN person ON person.id = COALESCE(
       (SELECT person_id FROM version WHERE version.id = job.subject_id),
       (SELECT person_id FROM hand_over WHERE hand_over.id = job.subject_id),
       (SELECT person_id FROM arrival WHERE arrival.id = job.subject_id),
       (SELECT arrival.person_id FROM find JOIN arrival ON arrival.id = find.arrival_id WHERE find.id = job.subject_id),
       (SELECT arrival.person_id FROM kit JOIN arrival ON arrival.id = kit.arrival_id WHERE kit.id = job.subject_id),
       (SELECT arrival.person_id FROM asset JOIN find ON find.id = asset.find_id JOIN arrival ON arrival.id = find.arrival_id WHERE asset.id = job.subject_id))
     WHERE job.id = ?`,
    [jobId],
  );
