import type { Piece } from './list-pieces';

/** How a piece stood in its kit, and how it was moved so that it stands by itself. */
export interface PiecePlace {
  /** Its box and its own origin in the kit, document units. */
  min: [number, number, number];
  max: [number, number, number];
  origin: [number, number, number];
  /** What is added to its place; the opposite puts it back. */
  shift: [number, number, number];
  /** `own` where its origin lies in or near it and was kept, `base` where it stands on the middle of its base instead. */
  pivot: 'own' | 'base';
}

/** An origin this part of a box's size outside of it is still its own. */
const NEAR = 0.25;

/** @param up axis that points up in the document: 0, 1 or 2 */
export function placePiece({ box: { min, max }, origin }: Pick<Piece, 'box' | 'origin'>, up: 0 | 1 | 2): PiecePlace {
  const isOwn = origin.every((v, i) => {
    const reach = (max[i] - min[i]) * NEAR;
    return v >= min[i] - reach && v <= max[i] + reach;
  });
  const base = min.map((low, i) => (i === up ? low : (low + max[i]) / 2));
  const shift = (isOwn ? origin : base).map((v) => (v === 0 ? 0 : -v)) as PiecePlace['shift'];
  return { min, max, origin, shift, pivot: isOwn ? 'own' : 'base' };
}
