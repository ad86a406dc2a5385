import { SIDES_FACED } from '@haveld/contract/api/habits';
import type { StepOf } from '@haveld/contract/step';
import { quarterTurnMatrix } from '../../scene/matrix';
import { boxSize } from '../../scene/measures/bounds';
import { measureMirror, measureQuarterTurn } from '../orientation/measure-mirror';
import type { SurfaceMeasures } from '../orientation/surface-measures';

/** Sides a model may face, seen standing: to the viewer, to its left hand … +Z is where glTF 2.0, section 3.4, has the front. */
export const FRONTS = SIDES_FACED;
export type FrontId = (typeof FRONTS)[number];

/** What speaks for facing one side, as numbers about 0 to 1. */
export interface FrontFeatures {
  /** How alike its left and its right are, and how alike front and back. */
  alikeSides: number;
  alikeEnds: number;
  /** How much flatter its back is than its front. */
  flatBack: number;
  /** How far the middle of its upper half lies towards the back, and that of the whole. */
  upperBack: number;
  middleBack: number;
  /** Width over depth, as a logarithm. */
  wide: number;
}

export const FRONT_FEATURES = [
  'alikeSides',
  'alikeEnds',
  'flatBack',
  'upperBack',
  'middleBack',
  'wide',
] as const satisfies readonly (keyof FrontFeatures)[];

export interface FrontShape {
  features: Record<FrontId, FrontFeatures>;
  /** 0 to 1: how alike it is from all four sides. */
  alikeRound: number;
}

type Turn = Pick<StepOf<'rotate'>, 'axis' | 'degrees'>;

/**
 * @param surface measured in the axes of the file
 * @param turn what makes it Y up; null where it is
 */
export function measureFront(surface: SurfaceMeasures, turn: Turn | null): FrontShape {
  const size = boxSize(surface.box);
  const up = toFile([0, 1, 0], turn);
  const upper = meanAbove(surface, up);
  const alike = [0, 1, 2].map((axis) => (axis === up.axis ? 0 : measureMirror(surface.cells, axis)));
  const features = Object.fromEntries(
    FRONTS.map((id): [FrontId, FrontFeatures] => {
      const along = toFile([id === '+x' ? 1 : id === '-x' ? -1 : 0, 0, id === '+z' ? 1 : id === '-z' ? -1 : 0], turn);
      const across = 3 - along.axis - up.axis;
      const back = (point: readonly number[]): number => {
        const middle = (surface.box.min[along.axis] + surface.box.max[along.axis]) / 2;
        return (-along.sign * (point[along.axis] - middle)) / Math.max(size[along.axis], 1e-300);
      };
      const front = along.axis * 2 + (along.sign > 0 ? 1 : 0);
      return [
        id,
        {
          alikeSides: alike[across],
          alikeEnds: alike[along.axis],
          flatBack: Math.min(1, surface.flat[front ^ 1]) - Math.min(1, surface.flat[front]),
          upperBack: upper ? back(upper) : 0,
          middleBack: back(surface.centre),
          wide: clamp(Math.log(Math.max(size[across], 1e-300) / Math.max(size[along.axis], 1e-300))),
        },
      ];
    }),
  ) as Record<FrontId, FrontFeatures>;
  const sides = [0, 1, 2].filter((axis) => axis !== up.axis).map((axis) => size[axis]);
  const isSquare = Math.abs(sides[0] - sides[1]) <= 0.02 * Math.max(...sides);
  return { features, alikeRound: isSquare ? measureQuarterTurn(surface.cells, up.axis) : 0 };
}

const clamp = (value: number): number => Math.max(-2.5, Math.min(2.5, value || 0));

/** Where a direction of the standing model lies in the file: an axis and a sign. */
function toFile(direction: readonly [number, number, number], turn: Turn | null): { axis: number; sign: number } {
  const m = turn ? quarterTurnMatrix(turn.axis, turn.degrees) : null;
  const [x, y, z] = direction;
  // the inverse of a turn is its transpose
  const own = m
    ? [m[0] * x + m[1] * y + m[2] * z, m[4] * x + m[5] * y + m[6] * z, m[8] * x + m[9] * y + m[10] * z]
    : direction;
  const axis = own.findIndex((value) => Math.abs(value) > 0.5);
  return { axis, sign: Math.sign(own[axis]) };
}

/** Mean of the surface above the middle of its height; null where there is none. */
function meanAbove({ points, box }: SurfaceMeasures, up: { axis: number; sign: number }): number[] | null {
  const middle = (box.min[up.axis] + box.max[up.axis]) / 2;
  const sum = [0, 0, 0];
  let count = 0;
  for (let o = 0; o < points.length; o += 3) {
    if ((points[o + up.axis] - middle) * up.sign <= 0) continue;
    for (let axis = 0; axis < 3; axis++) sum[axis] += points[o + axis];
    count++;
  }
  return count > 0 ? sum.map((value) => value / count) : null;
}
