import type { KeptEvidence, NewEvidence } from '@haveld/contract/api/rights';
import type { Executor } from '../database/pool';
import { insertMany, many, run } from '../database/statements';

/** Evidence of an asset, the latest first. */
export const listEvidence = async (db: Executor, assetId: string): Promise<KeptEvidence[]> =>
  (
    await many<Omit<KeptEvidence, 'at'> & { at: Date }>(
      db,
      `SELECT evidence.id, kind, evidence.name, note, sha256, size_bytes AS sizeBytes, person.name AS personName, evidence.at FROM asset_evidence
       JOIN evidence ON evidence.id = asset_evidence.evidence_id JOIN person ON person.id = evidence.person_id WHERE asset_id = ? ORDER BY evidence.at DESC, evidence.id`,
      [assetId],
    )
  ).map((row) => ({ ...row, at: row.at.toISOString() }));

/** Writes one evidence down with the assets it is for. */
export async function insertEvidence(
  tx: Executor,
  { id, given, sha256, sizeBytes }: { id: string; given: NewEvidence; sha256: string; sizeBytes: number },
  assetIds: readonly string[],
  personId: string,
): Promise<void> {
  await run(
    tx,
    'INSERT INTO evidence (id, kind, name, note, sha256, size_bytes, person_id) VALUES (?, ?, ?, ?, ?, ?, ?)',
    [id, given.kind, given.name, given.note, sha256, sizeBytes, personId],
  );
  await insertMany(
    tx,
    'asset_evidence',
    ['asset_id', 'evidence_id'],
    assetIds.map((assetId) => [assetId, id]),
  );
}
