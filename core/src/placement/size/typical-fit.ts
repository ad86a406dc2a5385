import type { TypicalSize } from './kind-rows';

type Sides = readonly [width: number, height: number, depth: number];

/** How a box compares with things of a kind. */
export interface TypicalFit {
  /** Logarithm of how many times larger than the middle one it is as a whole. */
  larger: number;
  /** Standard deviation of that among things of the kind. */
  spread: number;
  /** How far its proportions are from theirs: the sum of squares of three deviates of which two are free. */
  strangeness: number;
}

/** A side is at least this share of the longest: what is drawn without thickness has one all the same. */
const LEAST_SIDE = 0.004;

/**
 * Compares a box with things of a kind, width and depth whichever way round they fit better. How large it is and which proportions it
 * has are independent of one another: the first is the mean of its sides' deviations, each weighed by how sure it is.
 * @param size width, height, depth in metres, above zero
 */
export function compareWithTypical([width, height, depth]: Sides, typical: TypicalSize): TypicalFit {
  const across = fit([width, height, depth], typical);
  const turned = fit([depth, height, width], typical);
  return turned.strangeness < across.strangeness ? turned : across;
}

function fit(size: Sides, { middle, spread }: TypicalSize): TypicalFit {
  const least = LEAST_SIDE * Math.max(...size);
  const off = size.map((side, i) => Math.log(Math.max(side, least) / middle[i]));
  const weights = spread.sides.map((side) => 1 / (side * side));
  const sum = weights[0] + weights[1] + weights[2];
  const larger = off.reduce((total, one, i) => total + one * weights[i], 0) / sum;
  return {
    larger,
    spread: Math.sqrt(spread.whole ** 2 + 1 / sum),
    strangeness: off.reduce((total, one, i) => total + weights[i] * (one - larger) ** 2, 0),
  };
}

/** Proportions stray further than a normal distribution has it: Student's t of so many degrees of freedom. Fitted by eye. */
const TAIL = 3;

/** @returns logarithm of how likely these proportions are among things of the kind, against the most usual ones; at most 0 */
export const scoreProportions = ({ strangeness }: TypicalFit): number =>
  (-(TAIL + 2) / 2) * Math.log(1 + strangeness / TAIL);

/** A name is read wrong about this often, and where its word has no row of its own. Ours. */
const MISREAD = { row: 0.06, inherited: 0.5 };

/** How likely these proportions are where a thing is something else, against the most usual ones of its name. Ours. */
const ANY_SHAPE = 0.05;

/** @returns 0 to 1: how likely a box is of the kind its name says, by its proportions */
export function likelihoodOfKind(fit: TypicalFit, { isInherited }: TypicalSize): number {
  const misread = isInherited ? MISREAD.inherited : MISREAD.row;
  const own = (1 - misread) * Math.exp(scoreProportions(fit));
  return own / (own + misread * ANY_SHAPE);
}

/**
 * Which way up a box is most like things of a kind.
 * @returns its sides in that order: width, height, depth
 */
export function standAsUsual(size: Sides, typical: TypicalSize): Sides {
  const [a, b, c] = size;
  const ways: Sides[] = [size, [b, a, c], [a, c, b]];
  const strangeness = ways.map((sides) => compareWithTypical(sides, typical).strangeness);
  return ways[strangeness.indexOf(Math.min(...strangeness))];
}

/** Where the word that decides has proportions so unlike it, and another word of the name so like it, the other is meant. Ours. */
const MEANT = { unlike: -4, better: 3 };

/**
 * Of what a name may say, what the proportions agree with, whichever way up.
 * @param size the sides of its box, in any unit, above zero
 */
export function chooseTypical(candidates: readonly TypicalSize[], size: Sides): TypicalSize | null {
  if (candidates.length < 2) return candidates[0] ?? null;
  const scores = candidates.map((typical) =>
    scoreProportions(compareWithTypical(standAsUsual(size, typical), typical)),
  );
  const best = scores.indexOf(Math.max(...scores));
  return scores[0] < MEANT.unlike && scores[best] > scores[0] + MEANT.better ? candidates[best] : candidates[0];
}

/** Height where a thing is about as high as it is long, else its longest side: what people say of its size. */
export const saidSide = ({ middle: [width, height, depth] }: TypicalSize): 'height' | 'longest' =>
  height >= 0.6 * Math.max(width, depth) ? 'height' : 'longest';

/** @returns the range nine of ten lie in along what is said of them, metres */
export function usualRange(typical: TypicalSize): { min: number; max: number } {
  const side = saidSide(typical) === 'height' ? 1 : typical.middle.indexOf(Math.max(...typical.middle));
  const factor = Math.exp(1.64 * Math.hypot(typical.spread.whole, typical.spread.sides[side]));
  return { min: typical.middle[side] / factor, max: typical.middle[side] * factor };
}
