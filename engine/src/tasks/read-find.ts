import type { Document } from '@gltf-transform/core';
import type { RightsFinding } from '@haveld/contract/licence';
import type { LogEntry, SourceFacts } from '@haveld/contract/report';
import { readModel } from '@haveld/core/formats/read-model';
import { drawOrthographic, drawThumbnail, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { standUpright } from '@haveld/core/placement/orientation/stand-upright';
import type { StatedSize } from '@haveld/core/placement/size/stated-size';
import { detectRights } from '@haveld/core/rights/detect';
import { writeGlb } from '@haveld/core/scene/document/document-io';
import { getDocumentSource, getMaterialSource } from '@haveld/core/scene/document/source-data';
import { describeSource } from '@haveld/core/scene/document/source-facts';
import { listPieces, type PieceProposal } from '@haveld/core/structure/list-pieces';
import { getLicenceTextIndex } from '../licence-texts';
import { encodeDrawn, sharpCodec } from '../pictures/sharp-codec';
import { createReadingContext } from '../reading/reading-context';
import type { FolderStore } from '../store/folder-store';
import { collectRights, listSizesSaid } from './collect-rights';
import { createFileSource, type FindFile } from './find-files';
import { keepMaps } from './keep-maps';
import type { TaskContext } from './task';

export interface ReadInput {
  /** Path of the model among the files. */
  model: string;
  files: FindFile[];
  /** A piece of a kit is drawn from the front too. */
  isPiece?: boolean;
}

export interface ReadResult {
  documentSha256: string;
  /** Hashes of the pictures in it; the store has them. */
  maps: string[];
  /** Maps it names that are not where it says. */
  missing: string[];
  thumbnailSha256: string | null;
  log: LogEntry[];
  rights: RightsFinding;
  stated: StatedSize[];
  source: SourceFacts;
  /** Several things in one file. */
  pieces: PieceProposal | null;
  orthographic: { sha256: string; width: number; height: number } | null;
}

/** Reads a find: its document, what was lost or odd, whose it says it is, and a first picture as received. */
export async function readFind(
  { model, files, isPiece = false }: ReadInput,
  context: TaskContext,
): Promise<ReadResult> {
  context.progress(0, 4, 'stage');
  const { document, log } = await readModel(model, createReadingContext(createFileSource(files, context.store)));
  context.progress(1, 4, 'stage');
  const described = getDocumentSource(document);
  const sources = await collectRights(files, described, model, context.store);
  const rights = detectRights(sources, { model, files: files.map(({ path }) => path) }, getLicenceTextIndex());
  context.progress(2, 4, 'stage');
  const maps = await keepMaps(document, context.store);
  const stored = await context.store.put(await writeGlb(document));
  context.progress(3, 4, 'stage');
  const drawing = await prepareDrawing(document, sharpCodec);
  const thumbnail =
    drawing &&
    (await context.store.put(await encodeDrawn(drawThumbnail(drawing, described.declaredUnit === 'm' ? 1 : null))));
  return {
    documentSha256: stored.sha256,
    maps,
    missing: listMissingTextures(document),
    thumbnailSha256: thumbnail?.sha256 ?? null,
    log,
    rights,
    stated: listSizesSaid(sources.texts, rights.claims),
    source: describeSource(document),
    pieces: isPiece ? null : listPieces(document),
    orthographic: isPiece && drawing ? await drawFront(document, context.store) : null,
  };
}

function listMissingTextures(document: Document): string[] {
  const references = document
    .getRoot()
    .listMaterials()
    .flatMap((material) => getMaterialSource(material).maps ?? []);
  return references
    .filter(({ status }) => status === 'missing' || status === 'elsewhere')
    .map(({ reference }) => reference);
}

/** From the front, standing as the file declares. */
async function drawFront(document: Document, store: FolderStore): Promise<ReadResult['orthographic']> {
  standUpright(document, getDocumentSource(document).declaredUp);
  const drawing = await prepareDrawing(document, sharpCodec);
  if (!drawing) return null;
  const { picture, width, height } = drawOrthographic(drawing, 240);
  return { sha256: (await store.put(await encodeDrawn(picture))).sha256, width, height };
}
