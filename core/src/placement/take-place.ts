import type { Box } from '@haveld/contract/report';
import type { StepOf } from '@haveld/contract/step';
import { boxSize } from '../scene/measures/bounds';

/** How one model takes the place of another: as large, facing the same way, turning about the same place of itself. */
export interface PlaceTaking {
  /** Times the size it has. */
  factor: number;
  /** About Y, where its sides fit crosswise only; null where they fit as they are. */
  degrees: StepOf<'set-front-axis'>['degrees'] | null;
  /** Where the other one's pivot lies, in shares of its box. */
  point: [number, number, number];
  /** By how much each side then differs from the other one's: 0.04 is 4 % more. Null where that one has no such side. */
  differs: { width: number | null; height: number | null; depth: number | null };
}

/** Lower than this share of its longest side, a thing is flat: its height says nothing of its size. Ours. */
const FLAT = 0.3;

/** Crosswise has to fit this much better, as a factor, before a model is turned for it. Ours. */
const CROSSWISE = 1.5;

/**
 * @param own box of the model as it stands now, metres
 * @param other box of the one whose place it takes, its pivot at the origin, metres
 * @returns null where either has no extent
 */
export function planPlaceTaking(own: Box, other: Box): PlaceTaking | null {
  const mine = boxSize(own);
  const theirs = boxSize(other);
  if (!(Math.max(...mine) > 0) || !(Math.max(...theirs) > 0)) return null;
  const ratio = ([width, , depth]: number[]): number => (width > 0 && depth > 0 ? Math.log(width / depth) : 0);
  const asItIs = Math.abs(ratio(mine) - ratio(theirs));
  const across = Math.abs(-ratio(mine) - ratio(theirs));
  const isAcross = asItIs - across > Math.log(CROSSWISE);
  const turned: [number, number, number] = isAcross ? [mine[2], mine[1], mine[0]] : mine;
  const isFlat = theirs[1] < Math.max(...theirs) * FLAT || turned[1] <= 0;
  const factor = isFlat ? Math.max(...theirs) / Math.max(...turned) : theirs[1] / turned[1];
  const differ = (axis: number): number | null =>
    theirs[axis] > 0 ? (turned[axis] * factor) / theirs[axis] - 1 : null;
  return {
    factor,
    degrees: isAcross ? 90 : null,
    point: theirs.map((side, axis) => (side > 0 ? (0 - other.min[axis]) / side : 0.5)) as [number, number, number],
    differs: { width: differ(0), height: differ(1), depth: differ(2) },
  };
}
