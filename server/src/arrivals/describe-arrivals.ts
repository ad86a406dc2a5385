import type { Arrival, Find } from '@haveld/contract/api/arrivals';
import { isReady, standsAlone, wantsDecision, type FindStand } from '@haveld/contract/arrival-decisions';
import { DomainError } from '@haveld/contract/error';
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

/** Files that are looked through, and of them those a list shows; the rest is counted. */
const FILES_SHOWN = 400;
const FILES_LISTED = 60;

/** Finds with a card of their own, and pieces of each kit, that a list shows of an arrival. */
const FINDS_LISTED = 24;
const NO_FILES: fileQueries.FileTotals = { files: 0, unpackedBytes: 0, keptBytes: 0 };

/** @returns the latest arrivals as the screen shows them: a dozen statements, however many there are */
export async function listArrivals(db: Executor): Promise<Arrival[]> {
  const rows = await arrivalQueries.listArrivals(db, SHOWN);
  const contents = await loadContents(
    db,
    rows.map(({ id }) => id),
    FINDS_LISTED,
  );
  const arrivals = rows.map((row) => describeArrival(row, contents));
  const candidates = arrivals.map(describeCandidate);
  return arrivals.map((arrival, i) => {
    const joins = isOpen(arrival) ? proposeJoin(candidates[i], candidates) : null;
    return {
      ...arrival,
      files: arrival.files.filter(({ excludedReason }, at) => at < FILES_LISTED || excludedReason !== null),
      joins,
      counts: { ...arrival.counts, decisions: arrival.counts.decisions + Number(joins !== null) },
    };
  });
}

/**
 * One arrival with all that is in it.
 * @throws {DomainError} where it is not here any more
 */
export async function getArrival(db: Executor, id: string): Promise<Arrival> {
  const row = await arrivalQueries.getArrival(db, id);
  if (!row) throw new DomainError('not-found', 'This arrival is not here any more.');
  return describeArrival(row, await loadContents(db, [id], Infinity));
}

type Contents = Awaited<ReturnType<typeof loadContents>>;

/** What is in these arrivals, by arrival; readings, assets and pairs by find. @param most finds of each arrival, and pieces of each kit, whose readings are read */
async function loadContents(db: Executor, ids: readonly string[], most: number) {
  const [rules, received, files, totals, finds, links, kits, pairs, assets, opening] = await Promise.all([
    loadRules(db),
    queries.listReceived(db, ids),
    fileQueries.listFirstFiles(db, ids, FILES_SHOWN),
    fileQueries.sumFiles(db, ids),
    findQueries.listFinds(db, ids),
    findQueries.listFindLinks(db, ids),
    listKits(db, ids),
    countOpenPairs(db, ids),
    listAssetsOfArrivals(db, ids),
    listOpenJobsOf(db, 'open-arrival', ids),
  ]);
  const assetOf = new Map(assets.map((asset) => [asset.findId, asset]));
  const held = groupRows(kits, ({ arrivalId }) => arrivalId);
  const stands = groupRows(
    finds.flatMap((find) => standOf(find, held.get(find.arrivalId) ?? [], pairs, assetOf)),
    ({ find }) => find.arrivalId,
  );
  const shown = [...stands.values()].flatMap((list) => listShown(list, most));
  const readings = await readingQueries.listReadingsOf(
    db,
    shown.map(({ find }) => find.id),
  );
  return {
    rules,
    received: groupRows(received, ({ arrivalId }) => arrivalId),
    files: groupRows(files, ({ arrivalId }) => arrivalId),
    totals,
    finds: groupRows(finds, ({ arrivalId }) => arrivalId),
    stands,
    shown: groupRows(shown, ({ find }) => find.arrivalId),
    links: groupRows(links, ({ fileId }) => fileId),
    readings: new Map(readings.map((reading) => [reading.findId, reading])),
    kits: held,
    opening,
  };
}

/** A find and how it stands. */
interface Standing {
  find: findQueries.FindRow;
  stand: FindStand & Pick<Find, 'asset'>;
}

/** @returns nothing of a piece of a kit in one file: it uses what the file uses, and the file stands for it */
function standOf(
  find: findQueries.FindRow,
  kits: readonly { id: string; sourceFindId: string | null }[],
  pairs: ReadonlyMap<string, number>,
  assets: ReadonlyMap<string, NonNullable<Find['asset']>>,
): Standing[] {
  if (kits.some((kit) => kit.id === find.kitId && kit.sourceFindId)) return [];
  const asset = assets.get(find.id);
  const { state, question } = find;
  return [
    {
      find,
      stand: {
        state,
        question,
        kitId: find.kitId ?? kits.find((kit) => kit.sourceFindId === find.id)?.id ?? null,
        duplicates: pairs.get(find.id) ?? 0,
        asset: asset ? { id: asset.id, state: asset.state } : null,
      },
    },
  ];
}

/** Those that ask something first, each kit's first pieces, all else in its order. */
function listShown(standings: readonly Standing[], most: number): Standing[] {
  const alone = standings.filter(({ stand }) => standsAlone(stand));
  const asking = alone.filter(({ stand }) => wantsDecision(stand));
  const others = alone.filter(({ stand }) => !wantsDecision(stand));
  const first = new Set([...asking, ...others].slice(0, most));
  const pieces = new Map<string | null, number>();
  return standings.filter((one) => {
    if (first.has(one)) return true;
    if (one.stand.kitId === null) return false;
    const before = pieces.get(one.stand.kitId) ?? 0;
    pieces.set(one.stand.kitId, before + 1);
    return before < most;
  });
}

const isOpen = ({ state, counts }: Arrival): boolean => state === 'ready' && counts.taken === 0;

const describeCandidate = ({ id, name, finds, files, counts }: Arrival): JoinCandidate => ({
  id,
  name,
  finds: counts.finds,
  pictures: files.filter(({ kind }) => kind === 'picture').length,
  mapsMissing: finds.reduce((sum, find) => sum + find.mapsTotal - find.mapsFound, 0),
});

function describeArrival(row: arrivalQueries.ArrivalRow, contents: Contents): Arrival {
  const received = contents.received.get(row.id) ?? [];
  const totals = contents.totals.get(row.id) ?? NO_FILES;
  const finds = contents.finds.get(row.id) ?? [];
  const kits = contents.kits.get(row.id) ?? [];
  const stands = contents.stands.get(row.id) ?? [];
  const standing = new Set(stands.map(({ find }) => find.id));
  return {
    id: row.id,
    name: row.name,
    state: row.state,
    message: row.message,
    personId: row.personId,
    personName: row.personName,
    gift: row.giver === null ? null : { giver: row.giver, linkName: row.givenBy ?? '' },
    createdAt: row.createdAt.toISOString(),
    packedBytes: received.reduce((sum, file) => sum + file.sizeBytes, 0),
    unpackedBytes: totals.unpackedBytes,
    keptBytes: totals.keptBytes,
    fileCount: totals.files,
    received: (row.state === 'receiving' ? received : []).map(({ id, path, sizeBytes, uploadId, sha256 }) => ({
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
        .filter(({ findId }) => standing.has(findId))
        .map(({ findId, role }) => ({ findId, role })),
    })),
    refused: row.refused,
    notes: row.notes,
    linedUp: row.linedUp,
    locked: row.state === 'locked' ? row.locked : [],
    progress: describeProgress(row, finds, contents.opening.get(row.id)),
    joins: null,
    kits: kits.map((kit) => ({
      id: kit.id,
      name: kit.name,
      reason: kit.reason,
      pieces: kit.pieces,
      taken: kit.taken,
      triangles: kit.triangles,
      findId: kit.sourceFindId,
    })),
    finds: (contents.shown.get(row.id) ?? []).map(({ find, stand }) => ({
      ...describeFind(contents.rules, find, contents.readings.get(find.id) ?? null),
      ...stand,
    })),
    counts: countStands(row, kits, stands),
  };
}

function countStands(
  { state }: arrivalQueries.ArrivalRow,
  kits: readonly { taken: number; sourceFindId: string | null }[],
  stands: readonly Standing[],
): Arrival['counts'] {
  const count = (is: (stand: Standing['stand']) => boolean): number => stands.filter(({ stand }) => is(stand)).length;
  const taken = new Set(stands.filter(({ stand }) => stand.asset !== null).map(({ find }) => find.id));
  const openKits = kits.filter((kit) => kit.taken === 0 && !(kit.sourceFindId && taken.has(kit.sourceFindId)));
  return {
    finds: stands.length,
    alone: count(standsAlone),
    ready: count(isReady),
    decisions: Number(state === 'locked') + openKits.length + count(wantsDecision),
    taken: taken.size,
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
): Omit<Find, keyof Standing['stand']> {
  const open = reading?.findings.filter((finding) => finding.mark !== 'holds') ?? [];
  const proposed = reading ? proposeByRules(rules, reading) : null;
  return {
    id: find.id,
    name: find.kitId ? find.name : (proposed?.title ?? find.name),
    modelPath: find.modelPath,
    reason: find.reason,
    arrivalId: find.arrivalId,
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
  };
}
