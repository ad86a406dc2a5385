/** A figure of one piece that stands out among those of its kit. */
export interface OddFigure {
  piece: number;
  /** How many times the middle one it is. */
  times: number;
}

/** So many times larger or smaller than the middle of the kit stands out. Ours. */
const STANDS_OUT = 8;
const FEWEST = 5;

/**
 * @param values one figure of every piece; what is not above 0 is left out
 * @returns pieces whose figure stands out, the farthest first
 */
export function listOddFigures(values: readonly number[]): OddFigure[] {
  const known = values.filter((value) => value > 0).sort((a, b) => a - b);
  if (known.length < FEWEST) return [];
  const middle = known[known.length >> 1];
  return values
    .flatMap((value, piece): OddFigure[] => {
      const times = value / middle;
      return value > 0 && (times > STANDS_OUT || times < 1 / STANDS_OUT) ? [{ piece, times }] : [];
    })
    .sort((a, b) => Math.abs(Math.log(b.times)) - Math.abs(Math.log(a.times)));
}
