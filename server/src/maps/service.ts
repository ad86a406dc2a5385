import { UNKNOWN_LICENCE } from '@haveld/core/rights/licences/standings';
import { isSameAuthor } from '@haveld/core/rights/same-author';
import type { MapFacts, CandidatePicture } from '@haveld/core/textures/map-facts';
import { readNameParts } from '@haveld/core/textures/relink/name-parts';
import { LOOK_VERSION } from '@haveld/engine/pictures/look-at-map';
import type { Executor } from '../database/pool';
import type { Dependencies } from '../dependencies';
import type { TaskOptions, TaskRunner } from '../jobs/task-runner';
import * as queries from './queries';

/** Pictures of one arrival that are looked through for a map that is lost. */
const MOST_OF_ARRIVAL = 600;
const MOST_ELSEWHERE = 120;

/** Pictures opened side by side; each lane is a process of its own. */
const LANES = 2;

/** Looks at pictures nobody has looked at, and gives what was seen of all. @param documentSha256 a document that shows some */
export async function lookAtPictures(
  { pool }: Dependencies,
  tasks: TaskRunner,
  hashes: readonly string[],
  documentSha256: string,
  options: TaskOptions,
): Promise<MapFacts[]> {
  const wanted = [...new Set(hashes)];
  const known = await queries.listFacts(pool, wanted, LOOK_VERSION);
  const left = wanted.filter((sha256) => !known.has(sha256));
  const lanes =
    left.length < 6 ? [left] : Array.from({ length: LANES }, (_, lane) => left.filter((_one, i) => i % LANES === lane));
  const silent = { ...options, onProgress: () => undefined };
  const seen = (
    await Promise.all(
      lanes
        .filter((pictures) => pictures.length > 0)
        .map((pictures) => tasks.run('look-at-maps', { pictures, documentSha256 }, silent)),
    )
  ).flat();
  await queries.saveFacts(pool, seen, LOOK_VERSION);
  return [...known.values(), ...seen];
}

export interface Sought {
  arrivalId: string;
  modelPath: string;
  isPiece: boolean;
  /** Pictures of the find itself. */
  own: readonly { path: string; sha256: string; width: number | null; height: number | null }[];
  /** Names of maps that are not where the file says. */
  missing: readonly string[];
  /** Whose the model is; empty where nobody knows. */
  author: string;
}

/** Pictures that may be the maps of a find: its own, then where else one that is lost may lie. */
export async function listCandidates(db: Executor, sought: Sought): Promise<CandidatePicture[]> {
  const folder = sought.modelPath.slice(0, sought.modelPath.lastIndexOf('/') + 1);
  const own = sought.own.map((picture): CandidatePicture => ({
    ...picture,
    place: picture.path.startsWith(folder) ? 'beside' : 'arrival',
  }));
  if (sought.missing.length === 0) return own;
  const known = new Set(own.map(({ sha256 }) => sha256));
  const near = (await queries.listPicturesOfArrival(db, sought.arrivalId, MOST_OF_ARRIVAL)).filter(
    ({ sha256 }) => !known.has(sha256),
  );
  near.forEach(({ sha256 }) => known.add(sha256));
  const stems = [...new Set(sought.missing.map((name) => readNameParts(name).stem.split('.')[0].slice(0, 190)))];
  const far = (
    await queries.listPicturesByStem(
      db,
      stems.filter((stem) => stem.length > 2),
      sought.arrivalId,
      MOST_ELSEWHERE,
    )
  ).filter(({ sha256 }) => !known.has(sha256));
  return [
    ...own,
    ...near.map(({ path, sha256, width, height }): CandidatePicture => ({
      path,
      sha256,
      width,
      height,
      place: sought.isPiece ? 'sibling' : 'arrival',
    })),
    ...(await describeFar(db, far, sought.author)),
  ];
}

/** Whose a picture of another arrival is, by the assets of that arrival. */
async function describeFar(
  db: Executor,
  far: readonly queries.PictureRow[],
  author: string,
): Promise<CandidatePicture[]> {
  const works = await queries.listWorksOfArrivals(db, [...new Set(far.map(({ arrivalId }) => arrivalId))]);
  return far.map(({ path, sha256, width, height, arrivalId, arrivalName }): CandidatePicture => {
    const ofArrival = works.filter((work) => work.arrivalId === arrivalId);
    const same = ofArrival.find((work) => author !== '' && work.author !== '' && isSameAuthor(work.author, author));
    const work = same ?? ofArrival[0];
    return {
      path,
      sha256,
      width,
      height,
      place: work?.catalogued ? 'library' : 'other-arrival',
      placeWords: work?.catalogued ? `“${work.title}”, in the catalogue` : `the arrival “${arrivalName}”`,
      sameAuthor: same !== undefined,
      work: {
        title: work?.title ?? arrivalName,
        author: work?.author ?? '',
        licenceId: work?.licenceId ?? UNKNOWN_LICENCE,
        pageUrl: work?.pageUrl ?? '',
      },
    };
  });
}
