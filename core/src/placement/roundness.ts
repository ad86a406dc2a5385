import type { Evidence } from '@haveld/contract/finding';
import { formatLength } from './units';

/** Metres of what people measure in, and how often things are made in it. Inches: International yard and pound agreement, 1959. */
const MEASURES = [
  { words: 'round measures', metres: 1, share: 0.6 },
  { words: 'round in inches', metres: 0.0254, share: 0.1 },
];
/** How far off a round figure a side may lie: the rounding of what exporters write. */
const SLACK = 1e-4;
/**
 * How many times likelier a side of so many figures is for a thing at its real size than for one of no scale: two figures one side
 * in a hundred has by chance, three one in ten. Ours, on the open furniture's tuning authors.
 */
const RATIOS = { two: 25, three: 3, more: 0.5 };

export interface Roundness {
  /** How many times likelier these measures are for a thing at its real size than for one of no scale. */
  ratio: number;
  /** What may be said of it; null where it speaks for nothing. */
  evidence: Evidence | null;
}

/**
 * Are the sides measures people use? Sides are looked at at their real size, whatever unit the file counts in; a factor of ten
 * changes nothing, for 45 is as round in millimetres as in metres.
 * @param sides metres
 */
export function judgeRoundness(sides: readonly number[]): Roundness {
  // a square base says what one side says
  const different = sides.filter(
    (side, i) => side > 0 && sides.findIndex((other) => Math.abs(other - side) < side * 1e-4) === i,
  );
  let ratio = 1 - MEASURES.reduce((sum, { share }) => sum + share, 0);
  let [best, evidence]: [number, Evidence | null] = [2, null];
  for (const { words, metres, share } of MEASURES) {
    const likelier = different.reduce((product, side) => product * RATIOS[countFigures(side / metres)], 1);
    ratio += share * likelier;
    const round = different.filter((side) => countFigures(side / metres) !== 'more');
    if (likelier * share <= best || round.length === 0) continue;
    best = likelier * share;
    const which =
      round.length === different.length ? 'its sides are' : `${round.length} of ${different.length} sides are`;
    evidence = { text: `${which} ${words}`, figure: round.slice(0, 3).map(formatLength).join(', ') };
  }
  return { ratio, evidence: ratio > 2 ? evidence : null };
}

/** Figures a number has, but for what rounding may have done to it. */
function countFigures(value: number): keyof typeof RATIOS {
  const decade = 10 ** Math.floor(Math.log10(value));
  const isOn = (step: number): boolean => Math.abs(value - Math.round(value / step) * step) <= value * SLACK;
  return isOn(decade / 10) ? 'two' : isOn(decade / 100) ? 'three' : 'more';
}
