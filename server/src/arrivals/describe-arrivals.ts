import type { Arrival, Find } from '@haveld/contract/api/arrivals';
import type { HouseRules } from '@haveld/contract/house-rules';
import { proposeJoin, type JoinCandidate } from '@haveld/core/finds/deciding/propose-join';
import { listAssetsOfArrivals } from '../assets/asset-queries';
import { groupRows } from '../database/group-rows';
import type { Executor } from '../database/pool';
import { countOpenPairs } from '../duplicates/queries';
import * as arrivalQueries from '../finds/arrival-queries';
import * as fileQueries from '../finds/file-queries';
import * as findQueries from '../finds/find-queries';
import * as readingQueries from '../finds/reading-queries';
import { loadRules } from '../house/rule-queries';
import { type OpenJob, listOpenJobsOf } from '../jobs/job-queries';
import { listKits } from '../kits/queries';
import { proposeByRules } from '../rights/propose-by-rules';
import * as queries from './queries';

const SHOWN = 60;

/** Files of an arrival a screen lists; the rest is counted. */
const FILES_SHOWN = 400;
const NO_FILES: fileQueries.FileTotals = { files: 0, unpackedBytes: 0, keptBytes: 0 };

/** @returns the latest arrivals as the screen shows them: a dozen statements, however many there are */
export async function listArrivals(db: Executor): Promise<Arrival[]> {
  const rows = await arrivalQueries.listArrivals(db, SHOWN);
  const contents = await loadContents(
    db,
    rows.map(({ id }) => id),
  );
  const arrivals = rows.map((row) => describeArrival(row, contents));
  const candidates = arrivals.map(describeCandidate);
  return arrivals.map((arrival, i) => ({
    ...arrival,
    joins: isOpen(arrival) ? proposeJoin(candidates[i], candidates) : null,
  }));
}

type Contents = Awaited<ReturnType<typeof loadContents>>;

/** What is in these arrivals, by arrival; readings, assets and pairs by find. */
async function loadContents(db: Executor, ids: readonly string[]) {
  const [rules, received, files, totals, finds, links, readings, kits, pairs, assets, opening] = await Promise.all([
    loadRules(db),
    queries.listReceived(db, ids),
    fileQueries.listFirstFiles(db, ids, FILES_SHOWN),
    fileQueries.sumFiles(db, ids),
    findQueries.listFinds(db, ids),
    findQueries.listFindLinks(db, ids),
    readingQueries.listReadings(db, ids),
    listKits(db, ids),
    countOpenPairs(db, ids),
    listAssetsOfArrivals(db, ids),
    listOpenJobsOf(db, 'open-arrival', ids),
  ]);
  return {
    rules,
    received: groupRows(received, ({ arrivalId }) => arrivalId),
    files: groupRows(files, ({ arrivalId }) => arrivalId),
    totals,
    finds: groupRows(finds, ({ arrivalId }) => arrivalId),
    links: groupRows(links, ({ fileId }) => fileId),
    readings: new Map(readings.map((reading) => [reading.findId, reading])),
    kits: groupRows(kits, ({ arrivalId }) => arrivalId),
    pairs,
    assets: new Map(assets.map((asset) => [asset.findId, asset])),
    opening,
  };
}

const isOpen = ({ state, finds }: Arrival): boolean => state === 'ready' && finds.every((find) => find.asset === null);

const describeCandidate = ({ id, name, finds, files }: Arrival): JoinCandidate => ({
  id,
  name,
  finds: finds.length,
  pictures: files.filter(({ kind }) => kind === 'picture').length,
  mapsMissing: finds.reduce((sum, find) => sum + find.mapsTotal - find.mapsFound, 0),
});

function describeArrival(row: arrivalQueries.ArrivalRow, contents: Contents): Arrival {
  const received = contents.received.get(row.id) ?? [];
  const totals = contents.totals.get(row.id) ?? NO_FILES;
  const finds = contents.finds.get(row.id) ?? [];
  const kits = contents.kits.get(row.id) ?? [];
  // a piece of a kit in one file uses what the file uses
  const pieces = new Set(
    finds.filter(({ kitId }) => kits.some((kit) => kit.id === kitId && kit.sourceFindId)).map(({ id }) => id),
  );
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
    files: (contents.files.get(row.id) ?? []).map((file) => ({
      id: file.id,
      path: file.path,
      kind: file.kind,
      format: file.format,
      summary: file.summary,
      sizeBytes: file.sizeBytes,
      excludedReason: file.excludedReason,
      uses: (contents.links.get(file.id) ?? [])
        .filter(({ findId }) => !pieces.has(findId))
        .map(({ findId, role }) => ({ findId, role })),
    })),
    refused: row.refused,
    notes: row.notes,
    locked: row.state === 'locked' ? row.locked : [],
    progress: describeProgress(row, finds, contents.opening.get(row.id)),
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
        ...describeFind(
          contents.rules,
          find,
          contents.readings.get(find.id) ?? null,
          contents.assets.get(find.id) ?? null,
        ),
        kitId: kitOf(find),
        duplicates: contents.pairs.get(find.id) ?? 0,
      })),
  };
}

/** Entries while it is opened, finds while they are read. */
function describeProgress(
  { state }: arrivalQueries.ArrivalRow,
  finds: readonly findQueries.FindRow[],
  opening: OpenJob | undefined,
): Arrival['progress'] {
  if (state === 'opening') return { label: 'entries opened', done: opening?.done ?? 0, total: opening?.total ?? 0 };
  if (state !== 'reading') return null;
  return { label: 'finds read', done: finds.filter((find) => find.state !== 'waiting').length, total: finds.length };
}

function describeFind(
  rules: HouseRules,
  find: findQueries.FindRow,
  reading: readingQueries.ReadingRow | null,
  asset: Find['asset'],
): Omit<Find, 'kitId' | 'duplicates'> {
  const open = reading?.findings.filter((finding) => finding.mark !== 'holds') ?? [];
  const proposed = reading ? proposeByRules(rules, reading) : null;
  return {
    id: find.id,
    name: find.kitId ? find.name : (proposed?.title ?? find.name),
    modelPath: find.modelPath,
    reason: find.reason,
    question: find.question,
    arrivalId: find.arrivalId,
    state: find.state,
    message: find.message,
    thumbnailSha256: reading?.thumbnailSha256 ?? null,
    triangles: reading?.figures.triangles ?? null,
    licenceId: proposed?.licenceId ?? null,
    licencesNamed: reading?.rights.licences.map((licence) => licence.id) ?? [],
    author: proposed?.author ?? null,
    mapsFound: reading?.maps.filter((map) => map.status === 'found' || map.status === 'embedded').length ?? 0,
    mapsTotal: reading?.maps.length ?? 0,
    mapsOffered: open.filter((finding) => finding.heading === 'textures' && finding.choices.length > 0).length,
    look: open.filter((finding) => finding.mark === 'look').length,
    blocks: open.filter((finding) => finding.mark === 'blocks').length,
    titles: open
      .filter((finding) => finding.heading !== 'structure')
      .slice(0, 3)
      .map((finding) => finding.title),
    asset: asset && { id: asset.id, state: asset.state },
  };
}
