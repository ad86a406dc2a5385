import type { Arrival, Find } from '@haveld/contract/api/arrivals';
import type { RightsRules } from '@haveld/contract/api/rights';
import type { AssetState } from '@haveld/contract/asset-state';
import { proposeJoin, type JoinCandidate } from '@haveld/core/finds/deciding/propose-join';
import type { Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import { countOpenPairs } from '../duplicates/queries';
import * as arrivalQueries from '../finds/arrival-queries';
import * as fileQueries from '../finds/file-queries';
import * as findQueries from '../finds/find-queries';
import * as readingQueries from '../finds/reading-queries';
import { loadRules } from '../house/rule-queries';
import { findOpenJob } from '../jobs/job-queries';
import { listKitsOfArrival } from '../kits/queries';
import { proposeByRules } from '../rights/propose-by-rules';
import * as queries from './queries';

const SHOWN = 60;

/** Files of an arrival a screen lists; the rest is counted. */
const FILES_SHOWN = 400;

type AssetOf = ReadonlyMap<string, { id: string; state: AssetState }>;

/** @param assets by find. @returns the latest arrivals as the screen shows them */
export async function listArrivals({ pool }: Dependencies, assets: AssetOf): Promise<Arrival[]> {
  const rows = await arrivalQueries.listArrivals(pool, SHOWN);
  const arrivals = await Promise.all(rows.map((row) => describeArrival(pool, row, assets)));
  const candidates = arrivals.map(describeCandidate);
  return arrivals.map((arrival, i) => ({
    ...arrival,
    joins: isOpen(arrival) ? proposeJoin(candidates[i], candidates) : null,
  }));
}

const isOpen = ({ state, finds }: Arrival): boolean => state === 'ready' && finds.every((find) => find.asset === null);

const describeCandidate = ({ id, name, finds, files }: Arrival): JoinCandidate => ({
  id,
  name,
  finds: finds.length,
  pictures: files.filter(({ kind }) => kind === 'picture').length,
  mapsMissing: finds.reduce((sum, find) => sum + find.mapsTotal - find.mapsFound, 0),
});

async function describeArrival(db: Executor, row: arrivalQueries.ArrivalRow, assets: AssetOf): Promise<Arrival> {
  const [rules, received, files, totals, finds, links, readings, kits, doubles] = await Promise.all([
    loadRules(db),
    queries.listReceived(db, row.id),
    fileQueries.listFiles(db, row.id, FILES_SHOWN),
    fileQueries.sumFiles(db, row.id),
    findQueries.listFinds(db, row.id),
    findQueries.listFindLinks(db, row.id),
    readingQueries.listReadings(db, row.id),
    listKitsOfArrival(db, row.id),
    countOpenPairs(db, row.id),
  ]);
  const readingOf = new Map(readings.map((reading) => [reading.findId, reading]));
  const usesOf = new Map<number, { findId: string; role: string }[]>();
  // a piece of a kit in one file uses what the file uses
  const pieces = new Set(
    finds.filter(({ kitId }) => kits.some((kit) => kit.id === kitId && kit.sourceFindId)).map(({ id }) => id),
  );
  for (const { findId, fileId, role } of links)
    if (!pieces.has(findId)) usesOf.set(fileId, [...(usesOf.get(fileId) ?? []), { findId, role }]);
  const kitOf = (find: findQueries.FindRow): string | null =>
    find.kitId ?? kits.find((kit) => kit.sourceFindId === find.id)?.id ?? null;
  return {
    id: row.id,
    name: row.name,
    state: row.state,
    message: row.message,
    personName: row.personName,
    createdAt: row.createdAt.toISOString(),
    packedBytes: received.reduce((sum, file) => sum + file.sizeBytes, 0),
    unpackedBytes: totals.unpackedBytes,
    keptBytes: totals.keptBytes,
    fileCount: totals.files,
    received: received.map(({ id, path, sizeBytes, uploadId, sha256 }) => ({
      id,
      path,
      sizeBytes,
      arrived: uploadId !== null || sha256 !== null,
    })),
    files: files.map((file) => ({
      id: file.id,
      path: file.path,
      kind: file.kind,
      format: file.format,
      words: file.words,
      sizeBytes: file.sizeBytes,
      asideReason: file.asideReason,
      uses: usesOf.get(file.id) ?? [],
    })),
    refused: row.refused,
    notes: row.notes,
    locked: row.state === 'locked' ? row.locked : [],
    progress: await describeProgress(db, row, finds),
    joins: null,
    kits: kits.map((kit) => ({
      id: kit.id,
      name: kit.name,
      reason: kit.reason,
      pieces: kit.pieces,
      taken: kit.taken,
      findId: kit.sourceFindId,
    })),
    finds: finds
      .filter(({ id }) => !pieces.has(id))
      .map((find) => ({
        ...describeFind(rules, find, readingOf.get(find.id) ?? null, assets.get(find.id) ?? null),
        kitId: kitOf(find),
        doubles: doubles.get(find.id) ?? 0,
      })),
  };
}

/** Entries while it is opened, finds while they are read. */
async function describeProgress(
  db: Executor,
  { id, state }: arrivalQueries.ArrivalRow,
  finds: readonly findQueries.FindRow[],
): Promise<Arrival['progress']> {
  if (state === 'opening') {
    const job = await findOpenJob(db, 'open-arrival', id);
    return { words: 'entries opened', done: job?.done ?? 0, total: job?.total ?? 0 };
  }
  if (state !== 'reading') return null;
  return { words: 'finds read', done: finds.filter((find) => find.state !== 'waiting').length, total: finds.length };
}

function describeFind(
  rules: RightsRules,
  find: findQueries.FindRow,
  reading: readingQueries.ReadingRow | null,
  asset: Find['asset'],
): Omit<Find, 'kitId' | 'doubles'> {
  const open = reading?.findings.filter((finding) => finding.mark !== 'holds') ?? [];
  const proposed = reading ? proposeByRules(rules, reading.rights, find.name) : null;
  return {
    id: find.id,
    name: find.kitId ? find.name : (proposed?.title ?? find.name),
    modelPath: find.modelPath,
    reason: find.reason,
    question: find.question,
    arrivalId: find.arrivalId,
    state: find.state,
    message: find.message,
    portraitSha256: reading?.portraitSha256 ?? null,
    triangles: reading?.figures.triangles ?? null,
    licenceId: proposed?.licenceId ?? null,
    licencesNamed: reading?.rights.licences.map((licence) => licence.id) ?? [],
    author: proposed?.author ?? null,
    mapsFound: reading?.maps.filter((map) => map.status === 'found' || map.status === 'embedded').length ?? 0,
    mapsTotal: reading?.maps.length ?? 0,
    mapsOffered: open.filter((finding) => finding.heading === 'textures' && finding.choices.length > 0).length,
    look: open.filter((finding) => finding.mark === 'look').length,
    blocks: open.filter((finding) => finding.mark === 'blocks').length,
    words: open
      .filter((finding) => finding.heading !== 'structure')
      .slice(0, 3)
      .map((finding) => finding.title),
    asset: asset && { id: asset.id, state: asset.state },
  };
}
