import { formatLength } from '../units';

/** A side of a piece that is no multiple of its kit's module. */
export interface OffModule {
  piece: number;
  side: 'width' | 'height' | 'depth';
  /** Metres, signed: how much longer than the nearest multiple. */
  off: number;
}

export interface KitModule {
  /** Metres. */
  module: number;
  /** Share of the sides that are multiples of it. */
  share: number;
  odd: OffModule[];
  summary: string;
}

/** What kits are built on, metres, the coarser first. Common practice, no source. */
const MODULES = [4, 3, 2.5, 2, 1.5, 1.25, 1.2, 1, 0.8, 0.75, 0.6, 0.5, 0.4, 0.3, 0.25, 0.2, 0.125, 0.1];

/** A side so near a multiple is one: a share of the module, and metres. Ours. */
const NEAR = { share: 0.01, metres: 0.002 };

/** A module fits where so many of the sides are multiples, of so many sides at least. Ours. */
const FITS_FROM = 0.8;
const FEWEST_SIDES = 8;

/** Of sides that fall anywhere a fine module holds many by chance: it has to hold so many times more. Ours. */
const ABOVE_CHANCE = 3;

/** Finer than this, metres, sides may be multiples only because people round: it is a module where nothing misses it. Ours. */
const FINE = 0.25;
const SIDES = ['width', 'height', 'depth'] as const;

/**
 * The coarsest length of which the sides of a kit's pieces are multiples. Sides thinner than half of it say nothing: panels and
 * posts have a thickness of their own.
 * @param sizes width, height, depth of each piece, metres
 * @returns null where they follow none
 */
export function findModule(sizes: readonly (readonly [number, number, number])[]): KitModule | null {
  for (const module of MODULES) {
    const slack = Math.max(NEAR.metres, module * NEAR.share);
    const sides = sizes.flatMap((size, piece) =>
      SIDES.flatMap((side, axis) => (size[axis] > module / 2 ? [{ piece, side, length: size[axis] }] : [])),
    );
    // a module that only a few pieces reach is not that of the kit
    const reached = new Set(sides.map(({ piece }) => piece)).size;
    if (sides.length < FEWEST_SIDES || reached < sizes.length * FITS_FROM) continue;
    const offs = sides.map(({ piece, side, length }): OffModule => ({
      piece,
      side,
      off: length - Math.round(length / module) * module,
    }));
    const odd = offs.filter(({ off }) => Math.abs(off) > slack);
    const share = 1 - odd.length / sides.length;
    if (module < FINE && odd.length > 0) continue;
    const byChance = (2 * slack) / module;
    if (share < FITS_FROM || share < Math.min(0.95, byChance * ABOVE_CHANCE)) continue;
    const words =
      odd.length === 0
        ? `all sides are multiples of ${formatLength(module)}`
        : `${sides.length - odd.length} of ${sides.length} sides are multiples of ${formatLength(module)}`;
    return { module, share, odd, summary: words };
  }
  return null;
}
