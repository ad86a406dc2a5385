import type { Step } from '@haveld/contract/step';
import type { RememberedMap } from '@haveld/core/textures/relink/map-match';
import { readNameParts } from '@haveld/core/textures/relink/name-parts';
import { formatAccession } from '../assets/accession';
import type { Executor } from '../database/pool';
import * as queries from './queries';

/** Writes down which picture a person took for a name, so that the next delivery of the same author is not asked about it. */
export async function rememberMap(
  tx: Executor,
  given: {
    author: string;
    wanted: string;
    step: Extract<Step, { kind: 'relink-map' }>;
    assetId: string;
    personId: string;
  },
): Promise<void> {
  if (given.author === '' || given.wanted === '') return;
  await queries.upsertMemory(tx, {
    author: given.author,
    wanted: readNameParts(given.wanted).name.slice(0, 300),
    slot: given.step.slot,
    takenStem: readNameParts(given.step.path).stem.slice(0, 300),
    takenSha256: given.step.sha256,
    assetId: given.assetId,
    personId: given.personId,
  });
}

/** What was decided for names of this author before. */
export async function listRemembered(
  db: Executor,
  author: string,
  missing: readonly string[],
): Promise<RememberedMap[]> {
  if (author === '' || missing.length === 0) return [];
  const names = [...new Set(missing.map((name) => readNameParts(name).name.slice(0, 300)))];
  return (await queries.listMemories(db, author, names)).map(({ accession, personName, ...memory }) => ({
    ...memory,
    summary: `${personName} took it so for ${formatAccession(accession)}`,
  }));
}
