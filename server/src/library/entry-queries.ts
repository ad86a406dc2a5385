import type { AssetState } from '@haveld/contract/asset-state';
import type { Executor } from '../database/pool';
import { many, manyIn } from '../database/statements';

/** What an asset is found by, as it stands in the tables. */
export interface EntryRow {
  accession: number;
  id: string;
  name: string;
  category: string | null;
  state: AssetState;
  isTakenDown: number;
  addedDay: number;
  addedBy: string;
  title: string;
  author: string;
  licenceId: string;
  source: string;
  findName: string;
  modelPath: string;
  triangles: number | null;
  hasSize: number | null;
  heightM: number | null;
  figures: string | null;
  materials: string | null;
  parts: string | null;
  colours: string | null;
  traits: string | null;
}

/** In this order: left to itself the database begins with the arrivals and sorts everything for each page (3.7 s of 100 000, now 0.1). */
const ENTRY = `SELECT STRAIGHT_JOIN asset.accession, asset.id, asset.name, asset.category, asset.state, asset.taken_down IS NOT NULL AS isTakenDown,
  TO_DAYS(asset.created_at) - TO_DAYS('1970-01-01') AS addedDay, arrival.person_id AS addedBy,
  provenance.title, provenance.author, provenance.licence_id AS licenceId, provenance.source, find.name AS findName, find.model_path AS modelPath,
  version.triangles, version.has_size AS hasSize, version.orthographic_height AS heightM, COALESCE(version.figures_after, reading.figures) AS figures,
  model_inside.materials, model_inside.parts, model_inside.colours, model_inside.traits
  FROM asset JOIN provenance ON provenance.asset_id = asset.id JOIN find ON find.id = asset.find_id JOIN arrival ON arrival.id = find.arrival_id
  JOIN reading ON reading.id = asset.reading_id LEFT JOIN version ON version.id = asset.current_version_id
  LEFT JOIN model_inside ON model_inside.sha256 = COALESCE(version.model_sha256, reading.document_sha256)`;

/** A page of all assets, in the order of their numbers. */
export const listEntryRows = (db: Executor, after: number, most: number): Promise<EntryRow[]> =>
  many(db, `${ENTRY} WHERE asset.accession > ? ORDER BY asset.accession LIMIT ?`, [after, most]);

/** Of these assets those that are there. */
export const listEntryRowsOf = (db: Executor, accessions: readonly number[]): Promise<EntryRow[]> =>
  manyIn(db, accessions, (places) => `${ENTRY} WHERE asset.accession IN (${places})`);

/** Which projects have been handed which of these assets, a row a hand-over. */
export const listUsesOf = (
  db: Executor,
  accessions: readonly number[],
): Promise<{ accession: number; projectId: string }[]> =>
  manyIn(
    db,
    accessions,
    (
      places,
    ) => `SELECT asset.accession, hand_over.project_id AS projectId FROM asset JOIN hand_over ON hand_over.asset_id = asset.id
     WHERE asset.accession IN (${places}) AND hand_over.state = 'packed'`,
  );

/** Tags of these assets, in the order they were said. */
export const listTagsOf = (
  db: Executor,
  accessions: readonly number[],
): Promise<{ accession: number; tag: string }[]> =>
  manyIn(
    db,
    accessions,
    (places) =>
      `SELECT asset.accession, tag FROM asset JOIN asset_tag ON asset_tag.asset_id = asset.id WHERE asset.accession IN (${places}) ORDER BY asset.accession, ordinal`,
  );

/** Other spellings of authors. */
export const listAliases = (db: Executor): Promise<{ alias: string; name: string }[]> =>
  many(db, 'SELECT alias, name FROM author_alias');

/** Names of all projects by their ids. */
export const listNamesOfProjects = async (db: Executor): Promise<Map<string, string>> =>
  new Map(
    (await many<{ id: string; name: string }>(db, 'SELECT id, name FROM project')).map(({ id, name }) => [id, name]),
  );
