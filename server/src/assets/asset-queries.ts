import type { AssetState } from '@haveld/contract/asset-state';
import type { Category } from '@haveld/contract/category';
import type { Finding } from '@haveld/contract/finding';
import type { SizeQuestion } from '@haveld/core/placement/size/judge-size';
import type { Executor } from '../database/pool';
import { maybeOne, many, one, placesFor, run, manyIn } from '../database/statements';

export interface AssetRow {
  id: string;
  accession: number;
  findId: string;
  readingId: string;
  name: string;
  category: Category | null;
  state: AssetState;
  findings: Finding[];
  licenceConfirmed: boolean;
  licenceConfirmedBy: string | null;
  currentVersionId: string | null;
  /** The asset whose place it takes. */
  standsFor: string | null;
  /** The kit it is a piece of. */
  kitId: string | null;
  kitName: string | null;
}

type StoredAsset = Omit<AssetRow, 'findings' | 'licenceConfirmed'> & { findings: string; licenceConfirmed: number };

const ASSET = `SELECT asset.id, asset.accession, asset.find_id AS findId, asset.reading_id AS readingId, asset.name, asset.category, asset.state, asset.findings,
  asset.licence_confirmed AS licenceConfirmed, asset.licence_confirmed_by AS licenceConfirmedBy, asset.current_version_id AS currentVersionId, asset.stands_for AS standsFor,
  kit.id AS kitId, kit.name AS kitName
  FROM asset LEFT JOIN find ON find.id = asset.find_id LEFT JOIN kit ON kit.id = find.kit_id`;

const parseAsset = (row: StoredAsset): AssetRow => ({
  ...row,
  findings: JSON.parse(row.findings) as Finding[],
  licenceConfirmed: row.licenceConfirmed === 1,
});

/** @returns an asset, or null */
export async function findAsset(db: Executor, id: string): Promise<AssetRow | null> {
  const row = await maybeOne<StoredAsset>(db, `${ASSET} WHERE asset.id = ?`, [id]);
  return row && parseAsset(row);
}

/** Locks the asset until the transaction ends: answers to one sheet come one after the other. */
export async function lockAsset(tx: Executor, id: string): Promise<AssetRow | null> {
  // by itself, so that its find and its kit are not locked with it
  await maybeOne(tx, 'SELECT id FROM asset WHERE id = ? FOR UPDATE', [id]);
  return findAsset(tx, id);
}

/** An asset on the bench with what its line shows of where it came from. */
export type BenchAssetRow = AssetRow & { arrivalName: string; thumbnailSha256: string | null };

/** The newest first, at most 300. */
export async function listOnBench(db: Executor): Promise<BenchAssetRow[]> {
  const rows = await many<StoredAsset & Pick<BenchAssetRow, 'arrivalName' | 'thumbnailSha256'>>(
    db,
    `${ASSET.replace('kit.name AS kitName', "kit.name AS kitName, COALESCE(arrival.name, '') AS arrivalName, reading.thumbnail_sha256 AS thumbnailSha256")}
     LEFT JOIN arrival ON arrival.id = find.arrival_id LEFT JOIN reading ON reading.id = asset.reading_id
     WHERE asset.state = 'on-bench' ORDER BY asset.accession DESC LIMIT 300`,
  );
  return rows.map((row) => ({ ...row, ...parseAsset(row) }));
}

/** An asset of the line-up with what its card shows of where it came from. */
export type LinedUpRow = AssetRow & { arrivalName: string; triangles: number };

/** Assets of the line-up that wait, in the order of their numbers; at most a thousand. */
export async function listLinedUp(db: Executor): Promise<LinedUpRow[]> {
  const rows = await many<StoredAsset & Pick<LinedUpRow, 'arrivalName' | 'triangles'>>(
    db,
    `${ASSET.replace('kit.name AS kitName', "kit.name AS kitName, COALESCE(arrival.name, '') AS arrivalName, CAST(JSON_VALUE(reading.figures, '$.triangles') AS UNSIGNED) AS triangles")}
     JOIN standing ON standing.asset_id = asset.id LEFT JOIN arrival ON arrival.id = find.arrival_id JOIN reading ON reading.id = asset.reading_id
     WHERE asset.state = 'on-bench' ORDER BY asset.accession LIMIT 1000`,
  );
  return rows.map((row) => ({ ...row, ...parseAsset(row) }));
}

/** How many assets lie on the bench. */
export const countOnBench = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE state = 'on-bench'")).n;

/** @returns the id of the asset a find has become, or null */
export const findAssetOfFind = async (db: Executor, findId: string): Promise<string | null> =>
  (await maybeOne<{ id: string }>(db, 'SELECT id FROM asset WHERE find_id = ?', [findId]))?.id ?? null;

/** Puts a new asset on the bench; the database gives its number. */
export const insertAsset = (
  tx: Executor,
  asset: {
    id: string;
    findId: string;
    readingId: string;
    name: string;
    findings: Finding[];
    sizeQuestion: SizeQuestion | null;
  },
): Promise<unknown> =>
  run(
    tx,
    "INSERT INTO asset (id, find_id, reading_id, name, state, findings, size_question, search_text) VALUES (?, ?, ?, ?, 'on-bench', ?, ?, '')",
    [
      asset.id,
      asset.findId,
      asset.readingId,
      asset.name,
      JSON.stringify(asset.findings),
      JSON.stringify(asset.sizeQuestion),
    ],
  );

/** Replaces what was seen of an asset; answers stay. */
export const setFindings = (
  db: Executor,
  id: string,
  { findings, sizeQuestion }: { findings: Finding[]; sizeQuestion: SizeQuestion | null },
): Promise<unknown> =>
  run(db, 'UPDATE asset SET findings = ?, size_question = ? WHERE id = ?', [
    JSON.stringify(findings),
    JSON.stringify(sizeQuestion),
    id,
  ]);

/** Names an asset, at most 200 characters. */
export const setName = (tx: Executor, id: string, name: string): Promise<unknown> =>
  run(tx, 'UPDATE asset SET name = ? WHERE id = ?', [name.slice(0, 200), id]);

/** Names an asset and says what it is. */
export const setNameAndCategory = (tx: Executor, id: string, name: string, category: Category): Promise<unknown> =>
  run(tx, 'UPDATE asset SET name = ?, category = ? WHERE id = ?', [name, category, id]);

/** Locks these assets, in one order for everybody. @returns those that are there */
export const lockAssets = (
  tx: Executor,
  ids: readonly string[],
): Promise<{ id: string; name: string; category: Category | null }[]> =>
  manyIn(tx, ids, (places) => `SELECT id, name, category FROM asset WHERE id IN (${places}) ORDER BY id FOR UPDATE`);

/** Says of several what they are. @param ids at least one */
export const setCategories = (tx: Executor, ids: readonly string[], category: Category | null): Promise<unknown> =>
  run(tx, `UPDATE asset SET category = ? WHERE id IN (${placesFor(ids)})`, [category, ...ids]);

/** Puts everything of one category into another. */
export const moveCategory = (tx: Executor, from: Category, to: Category): Promise<unknown> =>
  run(tx, 'UPDATE asset SET category = ? WHERE category = ?', [to, from]);

/** Says what an asset is. */
export const setCategory = (tx: Executor, id: string, category: Category): Promise<unknown> =>
  run(tx, 'UPDATE asset SET category = ? WHERE id = ?', [category, id]);

/** Notes whose place an asset takes; null gives it back. */
export const setStandsFor = (tx: Executor, id: string, standsFor: string | null): Promise<unknown> =>
  run(tx, 'UPDATE asset SET stands_for = ? WHERE id = ?', [standsFor, id]);

/** What a find has become. */
export interface AssetOfFind {
  id: string;
  state: AssetState;
  findId: string;
  accession: number;
}

/** The asset of each of these finds that has one. */
export const listAssetsOfFinds = (db: Executor, findIds: readonly string[]): Promise<AssetOfFind[]> =>
  manyIn(
    db,
    findIds,
    (places) => `SELECT id, state, find_id AS findId, accession FROM asset WHERE find_id IN (${places})`,
  );

/** The asset of each find of these arrivals that has one. */
export const listAssetsOfArrivals = (db: Executor, arrivalIds: readonly string[]): Promise<AssetOfFind[]> =>
  manyIn(
    db,
    arrivalIds,
    (places) =>
      `SELECT asset.id, asset.state, asset.find_id AS findId, asset.accession FROM asset JOIN find ON find.id = asset.find_id WHERE find.arrival_id IN (${places})`,
  );
