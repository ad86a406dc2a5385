import type { Side } from './overlay';

/** Where a side is drawn, pixels from the left of the view. */
export interface Pane {
  /** What its camera fills. */
  left: number;
  width: number;
  /** What of it is let through. */
  from: number;
  to: number;
}

export interface PaneChoice {
  /** Of the view, pixels. */
  width: number;
  /** One side alone; null for both. */
  only: Side | null;
  /** True where both are one picture with a wipe; false sets them beside one another. */
  isWiped: boolean;
  /** Where the wipe stands: 0 all treated, 1 all received. */
  wipe: number;
}

/** Shares the view out. A wipe has both fill it; beside one another each has its half. Null for a side that is not to be seen. */
export function sharePanes({ width, only, isWiped, wipe }: PaneChoice): Record<Side, Pane | null> {
  const whole: Pane = { left: 0, width, from: 0, to: width };
  if (only) return { received: null, treated: null, [only]: whole };
  const cut = Math.round(width * (isWiped ? wipe : 0.5));
  const halves = { received: { from: 0, to: cut }, treated: { from: cut, to: width } };
  const paneOf = ({ from, to }: { from: number; to: number }): Pane | null =>
    to - from < 1 ? null : isWiped ? { ...whole, from, to } : { left: from, width: to - from, from, to };
  return { received: paneOf(halves.received), treated: paneOf(halves.treated) };
}
