import { createHash } from 'node:crypto';
import { drawOrthographic, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { standUpright } from '@haveld/core/placement/orientation/stand-upright';
import { readGlb } from '@haveld/core/scene/document/document-io';
import type { Picture, PictureCodec } from '@haveld/core/textures/pictures/picture-codec';
import { sharpCodec } from '../pictures/sharp-codec';
import { openKitFile, type Pick } from './pick-pieces';
import type { TaskContext } from './task';

export interface DrawPiecesInput {
  documentSha256: string;
  pieces: (Pick & { longestPx: number })[];
  /** As the kit's file declares. */
  up: 'x' | 'y' | 'z' | null;
}

/** One a piece, in order; null where there is nothing to draw. */
export type DrawPiecesResult = ({ sha256: string; width: number; height: number } | null)[];

/** Draws pieces of a kit from the front, each taken out of the file alone; maps they share are decoded once. */
export async function drawPieces(
  { documentSha256, pieces, up }: DrawPiecesInput,
  { store, progress }: TaskContext,
): Promise<DrawPiecesResult> {
  const kit = await openKitFile(documentSha256, store);
  const codec = rememberPictures(sharpCodec);
  const drawn: DrawPiecesResult = [];
  for (const [i, piece] of pieces.entries()) {
    progress(i, pieces.length, 'piece');
    const document = await readGlb(await kit.pick(piece));
    standUpright(document, up);
    const drawing = await prepareDrawing(document, codec);
    const orthographic = drawing && drawOrthographic(drawing, piece.longestPx);
    drawn.push(
      orthographic && {
        sha256: (await store.put(await codec.encodePng(orthographic.picture))).sha256,
        width: orthographic.width,
        height: orthographic.height,
      },
    );
  }
  return drawn;
}

/** The same bytes are decoded once. */
function rememberPictures(codec: PictureCodec): PictureCodec {
  const known = new Map<string, Promise<Picture>>();
  return {
    ...codec,
    decode(bytes) {
      const key = createHash('sha256').update(bytes).digest('hex');
      const picture = known.get(key) ?? codec.decode(bytes);
      known.set(key, picture);
      return picture;
    },
  };
}
