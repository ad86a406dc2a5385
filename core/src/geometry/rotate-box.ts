import type { Box } from '@haveld/contract/report';
import type { StepOf } from '@haveld/contract/step';

/**
 * A box after a quarter or half turn.
 * @param turn counter-clockwise seen from the axis' tip; null leaves it as it is
 */
export function rotateBox({ min, max }: Box, turn: Pick<StepOf<'rotate'>, 'axis' | 'degrees'> | null): Box {
  if (!turn) return { min, max };
  const axis = { x: 0, y: 1, z: 2 }[turn.axis];
  const [a, b] = [(axis + 1) % 3, (axis + 2) % 3];
  const turned: Box = { min: [...min], max: [...max] };
  const set = (to: number, from: number, sign: 1 | -1): void => {
    turned.min[to] = sign === 1 ? min[from] : -max[from];
    turned.max[to] = sign === 1 ? max[from] : -min[from];
  };
  if (turn.degrees === 180) {
    set(a, a, -1);
    set(b, b, -1);
  } else {
    // a right-handed quarter turn takes a to b and b to −a
    set(b, a, turn.degrees === 90 ? 1 : -1);
    set(a, b, turn.degrees === 90 ? -1 : 1);
  }
  return turned;
}
