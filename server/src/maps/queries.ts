import type { HouseMaterial } from '@haveld/contract/api/house-materials';
import type { TextureSlot } from '@haveld/contract/step';
import type { MapFacts } from '@haveld/core/textures/map-facts';
import { type Executor } from '../database/pool';
import { insertMany, many, placesFor, run } from '../database/statements';

/** What was seen of pictures by this version of looking. */
export async function listFacts(
  db: Executor,
  hashes: readonly string[],
  lookVersion: number,
): Promise<Map<string, MapFacts>> {
  if (hashes.length === 0) return new Map();
  const rows = await many<{ facts: string }>(
    db,
    `SELECT facts FROM map_picture WHERE look_version = ? AND sha256 IN (${placesFor(hashes)})`,
    [lookVersion, ...hashes],
  );
  return new Map(rows.map((row) => JSON.parse(row.facts) as MapFacts).map((facts) => [facts.sha256, facts]));
}

/** Two jobs may have looked at the same picture; they saw the same. */
export async function saveFacts(db: Executor, facts: readonly MapFacts[], lookVersion: number): Promise<void> {
  if (facts.length === 0) return;
  await run(db, `DELETE FROM map_picture WHERE sha256 IN (${placesFor(facts)}) AND look_version < ?`, [
    ...facts.map(({ sha256 }) => sha256),
    lookVersion,
  ]);
  const known = await listFacts(
    db,
    facts.map(({ sha256 }) => sha256),
    lookVersion,
  );
  await insertMany(
    db,
    'map_picture',
    ['sha256', 'look_version', 'facts'],
    facts.filter(({ sha256 }) => !known.has(sha256)).map((one) => [one.sha256, lookVersion, JSON.stringify(one)]),
  );
}

export interface PictureRow {
  path: string;
  sha256: string;
  width: number | null;
  height: number | null;
  arrivalId: string;
  arrivalName: string;
}

const PICTURE = `SELECT arrival_file.path, arrival_file.sha256, arrival_file.width, arrival_file.height, arrival_file.arrival_id AS arrivalId,
  arrival.name AS arrivalName FROM arrival_file JOIN arrival ON arrival.id = arrival_file.arrival_id`;

/** Pictures of an arrival, those of no find too. */
export const listPicturesOfArrival = (db: Executor, arrivalId: string, limit: number): Promise<PictureRow[]> =>
  many(
    db,
    `${PICTURE} WHERE arrival_file.arrival_id = ? AND arrival_file.kind = 'picture' ORDER BY arrival_file.id LIMIT ?`,
    [arrivalId, limit],
  );

/** Pictures of other arrivals whose name begins like one of these, up to its first dot. */
export async function listPicturesByStem(
  db: Executor,
  stems: readonly string[],
  exceptArrivalId: string,
  limit: number,
): Promise<PictureRow[]> {
  if (stems.length === 0) return [];
  return many(
    db,
    `${PICTURE} WHERE arrival_file.stem IN (${placesFor(stems)}) AND arrival_file.kind = 'picture' AND arrival_file.arrival_id <> ? ORDER BY arrival_file.id DESC LIMIT ?`,
    [...stems, exceptArrivalId, limit],
  );
}

export interface ArrivalWork {
  arrivalId: string;
  author: string;
  title: string;
  licenceId: string;
  pageUrl: string;
  catalogued: number;
}

/** Whose the assets of these arrivals are. */
export async function listWorksOfArrivals(db: Executor, arrivalIds: readonly string[]): Promise<ArrivalWork[]> {
  if (arrivalIds.length === 0) return [];
  return many(
    db,
    `SELECT find.arrival_id AS arrivalId, provenance.author, provenance.title, provenance.licence_id AS licenceId, provenance.page_url AS pageUrl,
       asset.state = 'catalogued' AS catalogued
     FROM asset JOIN find ON find.id = asset.find_id JOIN provenance ON provenance.asset_id = asset.id WHERE find.arrival_id IN (${placesFor(arrivalIds)})`,
    [...arrivalIds],
  );
}

export interface MemoryRow {
  wanted: string;
  slot: TextureSlot;
  takenStem: string;
  takenSha256: string;
  accession: number;
  personName: string;
}

/** Which pictures were taken for these names of an author, the latest first. */
export async function listMemories(db: Executor, author: string, names: readonly string[]): Promise<MemoryRow[]> {
  return many(
    db,
    `SELECT wanted, slot, taken_stem AS takenStem, taken_sha256 AS takenSha256, asset.accession, person.name AS personName
     FROM map_memory JOIN asset ON asset.id = map_memory.asset_id JOIN person ON person.id = map_memory.person_id
     WHERE author = ? AND wanted IN (${placesFor(names)})`,
    [author, ...names],
  );
}

/** Remembers which picture was taken for a name. */
export const upsertMemory = (
  tx: Executor,
  memory: Omit<MemoryRow, 'accession' | 'personName'> & { author: string; assetId: string; personId: string },
): Promise<unknown> =>
  run(
    tx,
    `REPLACE INTO map_memory (author, wanted, slot, taken_stem, taken_sha256, asset_id, person_id) VALUES (?, ?, ?, ?, ?, ?, ?)`,
    [memory.author, memory.wanted, memory.slot, memory.takenStem, memory.takenSha256, memory.assetId, memory.personId],
  );

type StoredMaterial = Omit<HouseMaterial, 'factors' | 'maps'> & { factors: string; maps: string };

/** By name. */
export const listHouseMaterials = async (db: Executor): Promise<HouseMaterial[]> =>
  (
    await many<StoredMaterial>(
      db,
      `SELECT house_material.id, house_material.name, factors, maps, person.name AS personName FROM house_material
       JOIN person ON person.id = house_material.person_id ORDER BY house_material.name`,
    )
  ).map((row) => ({
    ...row,
    factors: JSON.parse(row.factors) as HouseMaterial['factors'],
    maps: JSON.parse(row.maps) as HouseMaterial['maps'],
  }));

/** Keeps a material under its name, in the place of one of that name. */
export const upsertHouseMaterial = (
  db: Executor,
  material: Omit<HouseMaterial, 'personName'>,
  personId: string,
): Promise<unknown> =>
  run(
    db,
    `INSERT INTO house_material (id, name, factors, maps, person_id) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE factors = VALUES(factors), maps = VALUES(maps), person_id = VALUES(person_id), at = UTC_TIMESTAMP(3)`,
    [material.id, material.name, JSON.stringify(material.factors), JSON.stringify(material.maps), personId],
  );

/** @returns false where there is none */
export const deleteHouseMaterial = async (db: Executor, id: string): Promise<boolean> =>
  (await run(db, 'DELETE FROM house_material WHERE id = ?', [id])).affected === 1;
