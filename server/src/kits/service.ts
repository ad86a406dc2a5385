import { randomUUID } from 'node:crypto';
import type { PoolConnection } from 'mysql2/promise';
import type { Kit, Piece } from '@haveld/contract/api/kits';
import { DomainError } from '@haveld/contract/error';
import { boxSize } from '@haveld/core/scene/measures/bounds';
import type { PieceProposal } from '@haveld/core/structure/list-pieces';
import { placePiece } from '@haveld/core/structure/place-piece';
import { formatAccession } from '../assets/accession';
import { transact, type Executor } from '../database/pool';
import { bumpRevision } from '../database/revision';
import type { Dependencies } from '../dependencies';
import { insertKit } from '../finds/find-queries';
import { getArrivalName, getFindForBench, insertPieceFind } from '../finds/service';
import { findOpenJob, insertJob } from '../jobs/job-queries';
import * as queries from './queries';

const UP = { x: 0, y: 1, z: 2 } as const;

/** A file that was read holds several things: they become a kit whose pieces are drawn, and no more until somebody takes them. */
export async function noteKitFile(tx: PoolConnection, findId: string, proposal: PieceProposal | null): Promise<void> {
  const known = await queries.findKitOfFile(tx, findId);
  if (known) {
    if ((await queries.listPieces(tx, known.id)).some((piece) => piece.findId !== null)) return;
    await queries.deleteKit(tx, known.id);
  }
  if (!proposal) return;
  const { find, reading } = await getFindForBench(tx, findId);
  const id = randomUUID();
  await insertKit(tx, {
    id,
    arrivalId: find.arrivalId,
    name: find.name,
    reason: proposal.summary,
    sourceFindId: findId,
  });
  const up = UP[reading.source.declaredUp ?? 'y'];
  await queries.insertPieces(
    tx,
    proposal.pieces.map((piece, ordinal) => {
      const [width, height, depth] = boxSize(piece.box);
      return {
        kitId: id,
        ordinal,
        name: piece.name,
        selector: { nodeIds: piece.nodeIds },
        triangles: piece.triangles,
        width,
        height,
        depth,
        place: placePiece(piece, up),
        ...NO_PICTURE,
        findId: null,
      };
    }),
  );
  await insertJob(tx, { kind: 'draw-kit', subjectId: id, label: `drawing the pieces of “${find.name}”` });
}

const NO_PICTURE = { pictureSha256: null, pictureWidth: null, pictureHeight: null };

/** A piece that came as a file of its own was read. */
export async function notePieceFile(
  tx: PoolConnection,
  findId: string,
  ordinal: number,
  orthographic: { sha256: string; width: number; height: number } | null,
): Promise<void> {
  const { find, reading } = await getFindForBench(tx, findId);
  if (!find.kitId || (await queries.getKit(tx, find.kitId))?.sourceFindId) return;
  const { triangles, box } = reading.figures;
  const [width, height, depth] = box ? boxSize(box) : [0, 0, 0];
  await queries.deletePieceOfFind(tx, findId);
  await queries.insertPieces(tx, [
    {
      kitId: find.kitId,
      ordinal,
      name: find.name,
      selector: null,
      triangles,
      width,
      height,
      depth,
      place: null,
      pictureSha256: orthographic?.sha256 ?? null,
      pictureWidth: orthographic?.width ?? null,
      pictureHeight: orthographic?.height ?? null,
      findId,
    },
  ]);
}

/** @throws {DomainError} `not-found` */
export async function findKit(db: Executor, id: string): Promise<queries.KitRow> {
  const kit = await queries.getKit(db, id);
  if (!kit) throw new DomainError('not-found', 'There is no such kit.');
  return kit;
}

/** A kit as its contact sheet shows it. @throws {DomainError} where there is none */
export async function getKit({ pool }: Dependencies, id: string): Promise<Kit> {
  const kit = await findKit(pool, id);
  const [pieces, arrivalName, drawing, taking] = await Promise.all([
    queries.listShownPieces(pool, id),
    getArrivalName(pool, kit.arrivalId),
    findOpenJob(pool, 'draw-kit', id),
    findOpenJob(pool, 'take-pieces', id),
  ]);
  const source = kit.sourceFindId ? (await getFindForBench(pool, kit.sourceFindId)).reading.source : null;
  const job = taking ?? drawing;
  return {
    ...kit,
    arrivalName,
    metres: source?.declaredMetres ?? null,
    pieces: pieces.map(describePiece),
    progress: job && { jobId: job.id, label: job.label, done: job.done, total: job.total },
    undrawn: kit.sourceFindId ? pieces.filter(({ pictureSha256 }) => pictureSha256 === null).length : 0,
  };
}

function describePiece(piece: queries.ShownPiece): Piece {
  const {
    kitId: _kit,
    selector: _selector,
    place: _place,
    findId: _find,
    findState: _state,
    assetState: _asset,
    ...shown
  } = piece;
  const { findMessage, accession, ...rest } = shown;
  return {
    ...rest,
    state: stateOf(piece),
    message: findMessage,
    accession: accession === null ? null : formatAccession(accession),
  };
}

function stateOf({ assetState, findState, selector }: queries.ShownPiece): Piece['state'] {
  if (assetState) return assetState;
  if (findState === 'failed' || findState === 'set-aside') return findState;
  return findState === 'waiting' && selector !== null ? 'taking' : 'seen';
}

/** Draws the pieces that have no picture yet, where drawing was stopped. */
export async function drawPieces({ pool }: Dependencies, id: string): Promise<void> {
  await transact(pool, async (tx) => {
    const kit = await findKit(tx, id);
    if (await findOpenJob(tx, 'draw-kit', id)) return;
    await insertJob(tx, { kind: 'draw-kit', subjectId: id, label: `drawing the pieces of “${kit.name}”` });
    await bumpRevision(tx);
  });
}

/** Asks for pieces to be taken to the bench. Each becomes a find of its own at once, so that a restart loses none. */
export async function takePieces({ pool }: Dependencies, id: string, ordinals: readonly number[]): Promise<void> {
  await transact(pool, async (tx) => {
    // of two who pick the same piece the second finds it picked
    await queries.lockKit(tx, id);
    const kit = await findKit(tx, id);
    const pieces = await queries.listPieces(tx, id);
    // in the kit's order, whatever the order of picking
    const wanted = [...ordinals]
      .sort((a, b) => a - b)
      .map((ordinal) => pieces.find((piece) => piece.ordinal === ordinal));
    if (wanted.some((piece) => !piece))
      throw new DomainError('not-found', 'One of these pieces is not in the kit any more.');
    for (const piece of wanted as queries.PieceRow[]) {
      if (piece.findId !== null || kit.sourceFindId === null) continue;
      const findId = await insertPieceFind(tx, kit.sourceFindId, { name: piece.name, kitId: id });
      await queries.setPieceFind(tx, id, piece.ordinal, findId);
    }
    await insertJob(tx, {
      kind: 'take-pieces',
      subjectId: id,
      label: `taking ${ordinals.length} pieces of “${kit.name}”`,
      detail: JSON.stringify(ordinals),
    });
    await bumpRevision(tx);
  });
}
