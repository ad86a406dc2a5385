import { formatLength } from '../units';

/** Modules are built on such a grid where nothing else is known, metres. Common practice, no source. */
const GRID = 0.25;

/** Nearer to the grid than this share of its width, a module is meant to fill it. Ours. */
const MEANT = 0.08;

/** Less than this nobody sees, metres. */
const SEEN = 0.0005;

export interface RowOf {
  /** From one to the next, metres. */
  pitch: number;
  /** Between neighbours; below 0 they overlap. */
  gap: number;
  summary: string;
}

/**
 * How a piece stands in a row of its own kind.
 * @param width metres
 * @param module of its kit, metres; null where it has none
 */
export function describeRow(width: number, count: number, module: number | null = null): RowOf {
  const grid = module ?? GRID;
  const whole = Math.max(1, Math.round(width / grid)) * grid;
  const pitch = Math.abs(whole - width) <= width * MEANT ? whole : width;
  const gap = pitch - width;
  const every = `${count} in a row, every ${formatLength(pitch)}`;
  const words =
    Math.abs(gap) < SEEN
      ? `${every}: they meet`
      : gap > 0
        ? `${every}: gaps of ${formatLength(gap)}`
        : `${every}: they overlap by ${formatLength(-gap)}`;
  return { pitch, gap, summary: words };
}
