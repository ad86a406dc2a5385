import type { Box } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { rotateBox } from '../../geometry/rotate-box';
import { boxSize } from '../../scene/measures/bounds';
import { findPivotPlace } from '../pivot/judge-pivot';

/**
 * Where the box of a model comes to lie by the steps that place it, without the model. What leans and what has a place of its own
 * by its shape (its foot, its balance point) is taken by its box.
 * @param box as received
 */
export function placeBox(box: Box, steps: readonly Step[]): Box {
  let placed = box;
  for (const step of steps) {
    if (step.kind === 'scale') placed = { min: times(placed.min, step.factor), max: times(placed.max, step.factor) };
    else if (step.kind === 'rotate') placed = rotateBox(placed, step);
    else if (step.kind === 'set-front-axis') placed = rotateBox(placed, { axis: 'y', degrees: step.degrees });
    else if (step.kind === 'set-pivot') placed = shift(placed, step);
  }
  return placed;
}

const times = (v: Box['min'], factor: number): Box['min'] => v.map((value) => value * factor) as Box['min'];

function shift(box: Box, { at, onGround, point }: Extract<Step, { kind: 'set-pivot' }>): Box {
  const by =
    at === 'kept' || (at === 'point' && !point)
      ? [0, onGround ? box.min[1] : 0, 0]
      : at === 'point'
        ? boxSize(box).map((side, axis) => box.min[axis] + side * point![axis])
        : findPivotPlace({ box, balance: null }, at);
  const moved = (v: Box['min']): Box['min'] => v.map((value, axis) => value - by[axis]) as Box['min'];
  return { min: moved(box.min), max: moved(box.max) };
}
