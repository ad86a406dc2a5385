import { randomUUID } from 'node:crypto';
import type { AssetState } from '@haveld/contract/asset-state';
import type { FindingMark } from '@haveld/contract/finding';
import { RightsFindingSchema } from '@haveld/contract/licence';
import { exampleOf } from '@haveld/contract/testing/example-of';
import type { Executor } from '../database/pool';
import { insertMany, one } from '../database/statements';

/** An asset that stands in the library as if it had been brought, read and put right. */
export interface FilledAsset {
  id: string;
  name: string;
  state?: AssetState;
  mark?: FindingMark;
  licenceId?: string;
  author?: string;
  source?: string;
  expiresOn?: string;
}

/** Puts rows of assets into a library, without files behind them. @param assets in the order of their numbers */
export async function fillLibrary(db: Executor, assets: readonly FilledAsset[]): Promise<void> {
  const { id: person } = await one<{ id: string }>(db, 'SELECT id FROM person LIMIT 1');
  const arrival = randomUUID();
  await insertMany(
    db,
    'arrival',
    ['id', 'name', 'state', 'refused', 'person_id'],
    [[arrival, 'filled', 'ready', '[]', person]],
  );
  const rows = assets.map((asset) => ({ ...asset, find: randomUUID(), reading: randomUUID() }));
  await insertMany(
    db,
    'find',
    ['id', 'arrival_id', 'ordinal', 'name', 'model_path', 'reason', 'state'],
    rows.map(({ find, name }, i) => [find, arrival, i, name, `${name}.glb`, '', 'on-bench']),
  );
  const rights = JSON.stringify(exampleOf(RightsFindingSchema));
  await insertMany(
    db,
    'reading',
    [
      'id',
      'find_id',
      'reader_version',
      'document_sha256',
      'source',
      'log',
      'rights',
      'proposed',
      'stated',
      'findings',
      'figures',
      'maps',
      'unused_maps',
    ],
    rows.map(({ find, reading }) => [
      reading,
      find,
      1,
      '0'.repeat(64),
      '{}',
      '[]',
      rights,
      '{}',
      '[]',
      '[]',
      '{}',
      '[]',
      '[]',
    ]),
  );
  await insertMany(
    db,
    'asset',
    ['id', 'find_id', 'reading_id', 'name', 'state', 'findings', 'search_text', 'rights_mark'],
    rows.map(({ id, find, reading, name, state, author, mark }) => [
      id,
      find,
      reading,
      name,
      state ?? 'on-bench',
      '[]',
      `${name} ${author ?? ''}`,
      mark ?? 'holds',
    ]),
  );
  await insertMany(
    db,
    'provenance',
    ['asset_id', 'title', 'author', 'author_unknown', 'licence_id', 'source', 'page_url', 'page_text', 'expires_on'],
    rows.map(({ id, author, licenceId, source, expiresOn }) => [
      id,
      '',
      author ?? '',
      0,
      licenceId ?? 'CC0-1.0',
      source ?? '',
      '',
      '',
      expiresOn ?? '',
    ]),
  );
}

/** A project that holds assets. @returns its id */
export async function fillProject(
  db: Executor,
  given: { name: string; ended?: boolean; assetIds: readonly string[] },
): Promise<string> {
  const { id: person } = await one<{ id: string }>(db, 'SELECT id FROM person LIMIT 1');
  const id = randomUUID();
  const use = JSON.stringify({ uses: ['rendered'], commercial: true });
  await insertMany(
    db,
    'project',
    ['id', 'name', 'purpose', 'intended_use', 'ended_at'],
    [[id, given.name, '', use, given.ended ? new Date() : null]],
  );
  for (const assetId of given.assetIds) {
    const version = randomUUID();
    const { reading } = await one<{ reading: string }>(db, 'SELECT reading_id AS reading FROM asset WHERE id = ?', [
      assetId,
    ]);
    await insertMany(
      db,
      'version',
      ['id', 'asset_id', 'number', 'reading_id', 'steps', 'code', 'state', 'has_size', 'person_id'],
      [[version, assetId, Math.floor(Math.random() * 1e9), reading, '[]', '[]', 'made', 1, person]],
    );
    await insertMany(
      db,
      'hand_over',
      ['id', 'project_id', 'asset_id', 'version_id', 'format', 'maps', 'state', 'credits', 'verdict', 'person_id'],
      [[randomUUID(), id, assetId, version, 'glb', 'png', 'packed', '[]', '{}', person]],
    );
  }
  return id;
}
