/** What stands in a drawer: metres, seen from the front. */
export interface Sized {
  heightM: number | null;
  widthM: number | null;
}

/** A row of things on one ground at one scale. */
export interface Drawer<C extends Sized = Sized> {
  cards: C[];
  /** What the picture's height stands for. */
  heightM: number;
  columnPx: number;
}

const COLUMN_PX = 186;

/** A thing may be this many times higher than another in its drawer; beyond that the small one would vanish. */
const SPREAD = 14;

/** Left free above the highest thing. */
export const HEADROOM_PX = 24;

/**
 * Lays cards into drawers in their order. A drawer ends where it is full or where the next thing is too much larger or smaller
 * for one scale; its scale then fits the highest and the widest.
 * @param widthPx of the ground
 * @param heightPx of a drawer's picture
 */
export function layDrawers<C extends Sized>(cards: readonly C[], widthPx: number, heightPx: number): Drawer<C>[] {
  const columns = Math.max(1, Math.floor(widthPx / COLUMN_PX));
  const columnPx = widthPx / columns;
  const drawers: C[][] = [];
  for (const card of cards) {
    const last = drawers[drawers.length - 1];
    if (last && last.length < columns && fits([...last, card])) last.push(card);
    else drawers.push([card]);
  }
  return drawers.map((drawer) => {
    const highest = Math.max(...drawer.map((card) => card.heightM!));
    const widest = Math.max(...drawer.map((card) => card.widthM!));
    // the widest thing must fit its column as well
    return {
      cards: drawer,
      columnPx,
      heightM: Math.max(highest, (widest * (heightPx - HEADROOM_PX)) / (columnPx - 16), 1e-6),
    };
  });
}

function fits(cards: readonly Sized[]): boolean {
  const heights = cards.map((card) => Math.max(card.heightM!, card.widthM! / 2));
  return Math.max(...heights) <= Math.min(...heights) * SPREAD;
}

/** @returns round metres from 0 up, three to six of them */
export function listTicks(heightM: number): number[] {
  const power = 10 ** Math.floor(Math.log10(heightM / 2.5));
  const step = [1, 2, 5, 10].map((s) => s * power).find((s) => heightM / s <= 5) ?? power * 10;
  return Array.from({ length: Math.floor(heightM / step + 1e-9) + 1 }, (_, i) => Number((i * step).toPrecision(6)));
}

/** Beside a rule. */
export const formatTick = (metres: number): string =>
  metres === 0 ? '0 m' : metres >= 1 || metres === 0.5 ? `${metres} m` : `${Math.round(metres * 100)} cm`;
