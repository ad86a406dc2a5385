import type { SourceFacts } from '@haveld/contract/report';
import { drawThumbnail, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { getDocumentSource } from '@haveld/core/scene/document/source-data';
import { describeSource } from '@haveld/core/scene/document/source-facts';
import { encodeDrawn, sharpCodec } from '../pictures/sharp-codec';
import { openKitFile, type Pick } from './pick-pieces';
import type { TaskContext } from './task';

export interface TakePieceInput {
  /** Of the kit. */
  documentSha256: string;
  piece: Pick;
}

export interface TakePieceResult {
  /** Of the piece alone. */
  documentSha256: string;
  thumbnailSha256: string | null;
  source: SourceFacts;
}

/** Takes one piece out of a kit: its own document, and a picture of it. Only its bytes are read. */
export async function takePiece(
  { documentSha256, piece }: TakePieceInput,
  { store }: TaskContext,
): Promise<TakePieceResult> {
  const bytes = await (await openKitFile(documentSha256, store)).pick(piece);
  const document = await readGlb(bytes);
  const stored = await store.put(bytes);
  const drawing = await prepareDrawing(document, sharpCodec);
  const scale = getDocumentSource(document).declaredUnit === 'm' ? 1 : null;
  const thumbnail = drawing && (await store.put(await encodeDrawn(drawThumbnail(drawing, scale))));
  return {
    documentSha256: stored.sha256,
    thumbnailSha256: thumbnail?.sha256 ?? null,
    source: describeSource(document),
  };
}
