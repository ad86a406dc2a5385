import type { AssetState } from '@haveld/contract/asset-state';
import type { Category } from '@haveld/contract/category';
import type { CheckLine, Figures, StepOutcome } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { toBooleanMode } from '../database/full-text';
import { many, maybeOne, one, placesFor, type Executor, type Value } from '../database/pool';

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
  triangles: number | null;
  mapSide: number | null;
  hasSize: number | null;
  widthM: number | null;
  heightM: number | null;
  portraitSha256: string | null;
  elevationSha256: string | null;
  versionId: string | null;
  versionNumber: number | null;
  modelSha256: string | null;
  uses: number;
  takenDown: string | null;
}

const CARD = `SELECT asset.id, asset.accession, asset.find_id AS findId, asset.reading_id AS readingId, asset.name, asset.category, asset.state,
  provenance.licence_id AS licenceId, provenance.author, version.triangles, version.map_side AS mapSide, version.has_size AS hasSize,
  version.elevation_width AS widthM, version.elevation_height AS heightM, version.portrait_sha256 AS portraitSha256, version.elevation_sha256 AS elevationSha256,
  version.id AS versionId, version.number AS versionNumber, version.model_sha256 AS modelSha256,
  asset.taken_down AS takenDown,
  (SELECT COUNT(*) FROM hand_over WHERE hand_over.asset_id = asset.id AND hand_over.state = 'packed') AS uses
  FROM asset JOIN provenance ON provenance.asset_id = asset.id LEFT JOIN version ON version.id = asset.current_version_id`;

export interface CardFilter {
  words: string;
}

/** Everything the words find; the other parts of a question are applied where their counts are made. */
export function listCards(db: Executor, { words }: CardFilter): Promise<CardRow[]> {
  const match = toBooleanMode(words);
  const where = match === '' ? '' : ' WHERE MATCH (asset.search_text) AGAINST (? IN BOOLEAN MODE)';
  const values: Value[] = match === '' ? [] : [match];
  return many(db, `${CARD}${where} ORDER BY asset.accession LIMIT 5000`, values);
}

export const listCardsOf = (db: Executor, ids: readonly string[]): Promise<CardRow[]> =>
  many(db, `${CARD} WHERE asset.id IN (${placesFor(ids)})`, [...ids]);

/** The steps of the version each of these stands with in the catalogue. */
export async function listCurrentSteps(db: Executor, ids: readonly string[]): Promise<Map<string, Step[]>> {
  const rows = await many<{ id: string; steps: string }>(
    db,
    `SELECT asset.id, version.steps FROM asset JOIN version ON version.id = asset.current_version_id WHERE asset.id IN (${placesFor(ids)})`,
    [...ids],
  );
  return new Map(rows.map(({ id, steps }) => [id, JSON.parse(steps) as Step[]]));
}

export const findCard = (db: Executor, id: string): Promise<CardRow | null> =>
  maybeOne(db, `${CARD} WHERE asset.id = ?`, [id]);

export const countCatalogued = async (db: Executor): Promise<number> =>
  (await one<{ n: number }>(db, "SELECT COUNT(*) AS n FROM asset WHERE state = 'catalogued'")).n;

export interface VersionRow {
  id: string;
  number: number;
  state: 'making' | 'made' | 'failed';
  message: string | null;
  createdAt: Date;
  personName: string;
  modelSha256: string | null;
  portraitSha256: string | null;
  steps: Step[];
  code: string[];
  outcomes: StepOutcome[];
  before: Figures | null;
  after: Figures | null;
  checks: CheckLine[];
}

type StoredVersion = Omit<VersionRow, 'steps' | 'code' | 'outcomes' | 'before' | 'after' | 'checks'> &
  Record<'steps' | 'code', string> &
  Record<'outcomes' | 'before' | 'after' | 'checks', string | null>;

export async function listVersions(db: Executor, assetId: string): Promise<VersionRow[]> {
  const rows = await many<StoredVersion>(
    db,
    `SELECT version.id, number, state, message, version.created_at AS createdAt, person.name AS personName, model_sha256 AS modelSha256, portrait_sha256 AS portraitSha256,
       steps, code, outcomes, figures_before AS \`before\`, figures_after AS \`after\`, checks
     FROM version JOIN person ON person.id = version.person_id WHERE asset_id = ? ORDER BY number DESC LIMIT 50`,
    [assetId],
  );
  const parse = <T>(text: string | null, empty: T): T => (text === null ? empty : (JSON.parse(text) as T));
  return rows.map((row) => ({
    ...row,
    steps: JSON.parse(row.steps) as Step[],
    code: JSON.parse(row.code) as string[],
    outcomes: parse<StepOutcome[]>(row.outcomes, []),
    before: parse<Figures | null>(row.before, null),
    after: parse<Figures | null>(row.after, null),
    checks: parse<CheckLine[]>(row.checks, []),
  }));
}
