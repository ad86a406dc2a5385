import type { Evidence } from '@haveld/contract/finding';
import { formatLength } from './units';

interface Grid {
  /** By the longest side, in metres, from the coarsest on. */
  steps: { from: number; step: number; words: string }[];
  /** How often a side of a thing made in these measures lies on it. Ours, on the open furniture's tuning authors. */
  hit: number;
}

/** What made things are measured in; the smaller they are, the finer. */
const GRIDS: Grid[] = [
  {
    steps: [
      { from: 0.25, step: 0.005, words: 'whole half-centimetres' },
      { from: 0.05, step: 0.001, words: 'whole millimetres' },
      { from: 0, step: 0.0005, words: 'whole half-millimetres' },
    ],
    hit: 0.5,
  },
  {
    steps: [
      { from: 0.25, step: 0.0127, words: 'whole half-inches' },
      { from: 0.05, step: 0.003175, words: 'whole eighths of an inch' },
      { from: 0, step: 0.0015875, words: 'whole sixteenths of an inch' },
    ],
    hit: 0.25,
  },
];
/** How far off a grid a side may lie: the rounding of what exporters write. */
const SLACK = 1e-4;
/** How often things are made in either. */
const GRID_SHARE = [0.6, 0.1];

export interface Roundness {
  /** How many times likelier these measures are for a thing at its real size than for one of no scale. */
  ratio: number;
  /** What may be said of it; null where it speaks for nothing. */
  evidence: Evidence | null;
}

/**
 * Do the sides lie on measures people use? Sides are compared at their real size, whatever unit the file counts in.
 * @param sides metres
 */
export function judgeRoundness(sides: readonly number[]): Roundness {
  // a square base says what one side says
  const different = sides.filter(
    (side, i) => side > 0 && sides.findIndex((other) => Math.abs(other - side) < side * 1e-4) === i,
  );
  let ratio = 1 - GRID_SHARE.reduce((sum, share) => sum + share, 0);
  let evidence: Evidence | null = null;
  let best = 1;
  const longest = Math.max(...sides);
  GRIDS.forEach(({ steps, hit }, g) => {
    const { step, words } = steps.find(({ from }) => longest >= from)!;
    let likelier = 1;
    let on = 0;
    for (const side of different) {
      const slack = Math.max(SLACK * side, step * 1e-3);
      // on a small thing the grid is too coarse to say anything
      if (side < step * 4) continue;
      const chance = Math.min(1, (2 * slack) / step);
      const isOn = Math.abs(side / step - Math.round(side / step)) * step <= slack;
      if (isOn) on++;
      likelier *= isOn ? hit / chance + (1 - hit) : 1 - hit;
    }
    ratio += GRID_SHARE[g] * likelier;
    if (likelier > best && on > 0) {
      best = likelier;
      const shown = different.filter((side) => Math.abs(side / step - Math.round(side / step)) * step <= SLACK * side);
      evidence = {
        text: `${on === different.length ? 'its sides are' : `${on} of ${different.length} sides ${on === 1 ? 'is' : 'are'}`} ${words}`,
        figure: shown.slice(0, 3).map(formatLength).join(', '),
      };
    }
  });
  return { ratio, evidence: ratio > 2 ? evidence : null };
}
