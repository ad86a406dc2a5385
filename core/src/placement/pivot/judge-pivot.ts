import type { Pivot } from '@haveld/contract/step';
import type { Box } from '@haveld/contract/report';
import { boxCentre, boxSize } from '../../scene/measures/bounds';

/** A place pivots are put on purpose. */
export type PivotPlace = Exclude<Pivot, 'kept' | 'point'>;

/** What places are found by. */
export interface PivotShape {
  /** Of the model as it stands. */
  box: Box;
  /** Of what it touches the ground with; left out where nobody looked. */
  foot?: Box | null;
  /** Its balance point; null where it has none. */
  balance: readonly number[] | null;
}

/** Off by more than this share of a side, a pivot is not at a place. */
const NEAR = 0.01;

/**
 * Where the pivot came: at a place somebody put it, or anywhere. The pivot is at the origin of the shape.
 * @returns the first of the places it lies at, null where it lies at none
 */
export function judgePivotPlace({ box, foot, balance }: PivotShape): PivotPlace | null {
  const size = boxSize(box);
  const longest = Math.max(...size);
  if (!(longest > 0)) return null;
  const near = (value: number): boolean => Math.abs(value) <= longest * NEAR;
  const isLow = size.map((_, axis) => near(box.min[axis]));
  const isHigh = size.map((_, axis) => near(box.max[axis]));
  const isMiddle = size.map((_, axis) => near((box.min[axis] + box.max[axis]) / 2));
  const isInside = (axis: number): boolean => box.min[axis] <= longest * NEAR && box.max[axis] >= -longest * NEAR;
  const atEnd = (axis: number): boolean => isLow[axis] || isHigh[axis];
  if (isMiddle[0] && isLow[1] && isMiddle[2]) return 'base-centre';
  if (isMiddle[0] && isHigh[1] && isMiddle[2]) return 'ceiling';
  if (isMiddle.every(Boolean)) return 'box-centre';
  if (balance?.every(near)) return 'balance-point';
  if (foot && isLow[1] && isFootBeside(foot, box) && boxCentre(foot).every(near)) return 'foot';
  if (atEnd(0) && isLow[1] && atEnd(2)) return 'corner';
  // a thing that hangs touches the wall with its back, at whatever height
  if (isMiddle[0] && isInside(1) && atEnd(2)) return 'wall';
  if (atEnd(0) && isInside(1) && isInside(2)) return 'hinge';
  return null;
}

/** @returns true where the foot is not what the whole base is: a flagpole's, a crane's */
function isFootBeside(foot: Box, box: Box): boolean {
  const [footWidth, , footDepth] = boxSize(foot);
  const [width, , depth] = boxSize(box);
  return footWidth < width * 0.7 || footDepth < depth * 0.7;
}

/** @returns where a place lies on a shape */
export function findPivotPlace({ box, foot, balance }: PivotShape, at: PivotPlace): [number, number, number] {
  const [x, y, z] = boxCentre(box);
  switch (at) {
    case 'base-centre':
      return [x, box.min[1], z];
    case 'foot': {
      const [footX, , footZ] = boxCentre(foot ?? box);
      return [footX, box.min[1], footZ];
    }
    case 'ceiling':
      return [x, box.max[1], z];
    case 'box-centre':
      return [x, y, z];
    case 'balance-point':
      return balance ? [balance[0], balance[1], balance[2]] : [x, y, z];
    case 'corner':
      return [box.min[0], box.min[1], box.min[2]];
    case 'wall':
      return [x, y, box.min[2]];
    case 'hinge':
      return [box.min[0], box.min[1], z];
  }
}
