import type { ShapeSignature } from './shape-signature';

/** How far two signatures of one model may lie apart; measured on open models written in other formats, units, orientations and triangulations (docs/sorting.md). */
export const SHAPE_TOLERANCE = {
  /** Of `middle` and `small`. */
  spread: 0.004,
  /** Of `fullness`, by the larger. */
  fullness: 0.01,
  /** Sum of absolute differences of both profiles; 4 at most. */
  profile: 0.03,
} as const;

export const SHAPE_RELATIONS = ['same-shape', 'mirrored'] as const;
export type ShapeRelation = (typeof SHAPE_RELATIONS)[number];

export interface ShapeComparison {
  relation: ShapeRelation;
  /** The second's size by the first's; 1 in the same unit. */
  scale: number;
  /** How far the profiles lie apart, 0 to 4. */
  distance: number;
}

/** @returns null where the two are different shapes */
export function compareShapes(a: ShapeSignature, b: ShapeSignature): ShapeComparison | null {
  const isNear =
    Math.abs(a.middleSpread - b.middleSpread) <= SHAPE_TOLERANCE.spread &&
    Math.abs(a.smallestSpread - b.smallestSpread) <= SHAPE_TOLERANCE.spread &&
    Math.abs(a.fullness - b.fullness) <= SHAPE_TOLERANCE.fullness * Math.max(a.fullness, b.fullness);
  if (!isNear) return null;
  const distance = a.profile.reduce((sum, value, i) => sum + Math.abs(value - b.profile[i]), 0);
  if (distance > SHAPE_TOLERANCE.profile) return null;
  const isMirrored = a.handedness * b.handedness < 0;
  return { relation: isMirrored ? 'mirrored' : 'same-shape', scale: b.radiusOfGyration / a.radiusOfGyration, distance };
}
