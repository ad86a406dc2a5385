import type { Answer } from '@haveld/contract/finding';
import type { Executor } from '../database/pool';
import { many, maybeOne, placesFor, run } from '../database/statements';

/** Answers on the sheet of an asset, by the key of their finding. */
export async function listAnswers(db: Executor, assetId: string): Promise<Map<string, Answer>> {
  const rows = await many<{ findingKey: string; answer: string }>(
    db,
    'SELECT finding_key AS findingKey, answer FROM answer WHERE asset_id = ?',
    [assetId],
  );
  return new Map(rows.map((row) => [row.findingKey, JSON.parse(row.answer) as Answer]));
}

/** @returns the answer to a finding and whose it is (null: Haveld's); null where nobody answered */
export async function findAnswer(
  db: Executor,
  assetId: string,
  key: string,
): Promise<{ answer: Answer; personId: string | null; personName: string | null } | null> {
  const row = await maybeOne<{ answer: string; personId: string | null; personName: string | null }>(
    db,
    `SELECT answer, answer.person_id AS personId, person.name AS personName FROM answer
     LEFT JOIN person ON person.id = answer.person_id WHERE asset_id = ? AND finding_key = ?`,
    [assetId, key],
  );
  return row && { ...row, answer: JSON.parse(row.answer) as Answer };
}

/** Puts an answer in the place of the one before. @param personId null where Haveld took what was sure */
export const upsertAnswer = (
  tx: Executor,
  assetId: string,
  key: string,
  answer: Answer,
  personId: string | null,
): Promise<unknown> =>
  run(tx, 'REPLACE INTO answer (asset_id, finding_key, answer, person_id) VALUES (?, ?, ?, ?)', [
    assetId,
    key,
    JSON.stringify(answer),
    personId,
  ]);

/** Takes an answer back. */
export const deleteAnswer = (tx: Executor, assetId: string, key: string): Promise<unknown> =>
  run(tx, 'DELETE FROM answer WHERE asset_id = ? AND finding_key = ?', [assetId, key]);

/** Answers about rights are forgotten: the licence they were given for is another now. @param assetIds at least one */
export const deleteRightsAnswers = (tx: Executor, assetIds: readonly string[]): Promise<unknown> =>
  run(tx, `DELETE FROM answer WHERE finding_key LIKE 'rights:%' AND asset_id IN (${placesFor(assetIds)})`, [
    ...assetIds,
  ]);

/** Answers of many assets, by asset and finding. @param which only those about rights, or all */
export async function listAnswersOf(
  db: Executor,
  assetIds: readonly string[],
  which: 'all' | 'rights' = 'all',
): Promise<Map<string, Map<string, Answer>>> {
  const byAsset = new Map(assetIds.map((id) => [id, new Map<string, Answer>()]));
  if (assetIds.length === 0) return byAsset;
  const rows = await many<{ assetId: string; key: string; answer: string }>(
    db,
    `SELECT asset_id AS assetId, finding_key AS \`key\`, answer FROM answer WHERE asset_id IN (${placesFor(assetIds)})${which === 'rights' ? " AND finding_key LIKE 'rights:%'" : ''}`,
    [...assetIds],
  );
  for (const { assetId, key, answer } of rows) byAsset.get(assetId)!.set(key, JSON.parse(answer) as Answer);
  return byAsset;
}
