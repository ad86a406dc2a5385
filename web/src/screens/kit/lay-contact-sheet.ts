import type { Piece } from '@haveld/contract/api/kits';
import { SHEET_PIXELS } from '@haveld/core/picture/sheet-pixels';

/** A piece on the sheet, in pixels. */
export interface Place {
  piece: Piece;
  widthPx: number;
  heightPx: number;
  columnPx: number;
  /** Height of the ground it stands on. */
  rowPx: number;
}

const { largest: LARGEST_PX, frame: FRAME_PX } = SHEET_PIXELS;

/** The smallest piece is never less than this. */
const LEAST_PX = 3;
const NARROWEST_PX = 124;

/**
 * Lays pieces out for a contact sheet.
 * @param atOneScale the same number of pixels for the same length; else each fills its own frame
 * @returns places in order, and pixels a unit of the file where they share one scale
 */
export function layContactSheet(pieces: readonly Piece[], atOneScale: boolean): { places: Place[]; scale: number } {
  const sizes = pieces.map(sizeOf);
  const largest = Math.max(1e-9, ...sizes.flat());
  const scale = LARGEST_PX / largest;
  const places = pieces.map((piece, i): Place => {
    const [width, height] = sizes[i];
    const own = atOneScale ? scale : FRAME_PX / Math.max(width, height, 1e-9);
    const widthPx = Math.max(LEAST_PX, width * own);
    return {
      piece,
      widthPx,
      heightPx: Math.max(LEAST_PX, height * own),
      columnPx: Math.max(NARROWEST_PX, widthPx + 16),
      rowPx: 0,
    };
  });
  const rowPx = Math.max(0, ...places.map(({ heightPx }) => heightPx)) + 12;
  return { places: places.map((place) => ({ ...place, rowPx })), scale };
}

/** Of the picture where there is one, else of the piece as the file has it. */
const sizeOf = ({ pictureWidth, pictureHeight, width, height }: Piece): [number, number] => [
  pictureWidth ?? width,
  pictureHeight ?? height,
];
