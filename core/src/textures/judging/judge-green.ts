import type { Green } from '@haveld/contract/texture-role';
import type { Picture } from '../pictures/picture-codec';

/** Tiles the picture is judged in, a side. */
const TILES = 8;

/** At most about so many rows are judged, spread over the picture. */
const ROWS = 256;

/** A slope steeper than this is a seam or no surface: it says nothing of the convention. */
const STEEPEST = 4;

/**
 * How sure the tiles together have to be: standard errors of their mean from zero, fewer where the slopes fit well. Ours, set on
 * maps whose height came with them (the tuning sets of measures/src/parts/material-sets.ts).
 */
const DECIDED_FROM = [
  { margin: 4, fit: 0.02 },
  { margin: 2.2, fit: 0.5 },
];

/** A picture whose slopes change less than this from texel to texel, root mean square, is flat. */
const FLAT_BELOW = 0.004;

export interface GreenJudgement {
  /** Null where it stays undecided. */
  green: Green | null;
  /** −1 to 1: how well the slopes fit a surface with green up (above 0) or down (below 0). */
  fit: number;
  /** Standard errors from zero. */
  margin: number;
  /** Share of the picture that could be judged. */
  judged: number;
}

interface Tile {
  ab: number;
  aa: number;
  bb: number;
  n: number;
}

/**
 * Which way the green of a tangent-space normal map points. The slopes of a surface z(x, y) are the gradient of z, so
 * ∂(∂z/∂x)/∂y = ∂(∂z/∂y)/∂x: the sign of green for which this holds better is right. It settles green against red only;
 * a map with both turned over fits as well as one with neither.
 * @param picture a normal map, RGBA, rows from the top
 * @param inside 1 where a texel is covered by the layout, of the picture's size; left out where the layout is not known
 */
export function judgeGreen(picture: Picture, inside?: Uint8Array): GreenJudgement {
  const { width, height } = picture;
  const undecided = { green: null, fit: 0, margin: 0, judged: 0 };
  if (width < 16 || height < 16) return undecided;
  const tiles = Array.from({ length: TILES * TILES }, (): Tile => ({ ab: 0, aa: 0, bb: 0, n: 0 }));
  const slopes = [new Float32Array(width * 2), new Float32Array(width * 2), new Float32Array(width * 2)];
  const stepY = Math.max(1, Math.floor(height / ROWS));
  let [looked, judged] = [0, 0];
  for (let y = 1; y + 1 < height; y += stepY) {
    for (let row = 0; row < 3; row++) fillSlopes(picture, y - 1 + row, slopes[row], inside);
    const tileRow = Math.floor((y * TILES) / height) * TILES;
    for (let column = 0; column < TILES; column++) {
      const from = Math.max(1, Math.floor((column * width) / TILES));
      const to = Math.min(width - 1, Math.floor(((column + 1) * width) / TILES));
      judged += addRow(tiles[tileRow + column], slopes, from, to);
      looked += to - from;
    }
  }
  if (judged === 0) return undecided;
  const energy = tiles.reduce((sum, { aa, bb }) => sum + aa + bb, 0) / judged / 18;
  const total = tiles.reduce((sum, tile) => ({ ab: sum.ab + tile.ab, aa: sum.aa + tile.aa, bb: sum.bb + tile.bb }), {
    ab: 0,
    aa: 0,
    bb: 0,
  });
  const fit = total.aa > 0 && total.bb > 0 ? total.ab / Math.sqrt(total.aa * total.bb) : 0;
  const margin = measureMargin(tiles, Math.sqrt((total.aa * total.bb) / tiles.length ** 2));
  const isDecided =
    Math.sqrt(energy) >= FLAT_BELOW &&
    DECIDED_FROM.some((from) => Math.abs(margin) >= from.margin && Math.abs(fit) >= from.fit);
  return { green: isDecided ? (fit > 0 ? 'up' : 'down') : null, fit, margin, judged: judged / looked };
}

/** @returns how many texels of a piece of a row could be judged */
function addRow(tile: Tile, [above, here, below]: readonly Float32Array[], from: number, to: number): number {
  let ab = 0;
  let aa = 0;
  let bb = 0;
  let n = 0;
  for (let x = from, k = from * 2; x < to; x++, k += 2) {
    // the change of the slope along x with y, and of the slope along y with x, each averaged over three texels
    const a = below[k - 2] + below[k] + below[k + 2] - above[k - 2] - above[k] - above[k + 2];
    const b = above[k + 3] + here[k + 3] + below[k + 3] - above[k - 1] - here[k - 1] - below[k - 1];
    if (!(a < STEEPEST && a > -STEEPEST && b < STEEPEST && b > -STEEPEST)) continue;
    ab += a * b;
    aa += a * a;
    bb += b * b;
    n++;
  }
  tile.ab += ab;
  tile.aa += aa;
  tile.bb += bb;
  tile.n += n;
  return n;
}

/** The part of a vector a byte stands for, and one over it; NaN where it does not point out of the surface. */
const PART: Float32Array = Float32Array.from({ length: 256 }, (_, byte) => byte / 127.5 - 1);
const ONE_OVER: Float32Array = PART.map((part) => (part < 0.15 ? NaN : 1 / part));

/** ∂z/∂x and ∂z/∂y of a surface whose normals have green up, y counted downwards; NaN where there is no surface. */
function fillSlopes({ width, data }: Picture, y: number, slopes: Float32Array, inside?: Uint8Array): void {
  for (let x = 0, o = y * width * 4; x < width; x++, o += 4) {
    const scale = inside && inside[y * width + x] === 0 ? NaN : ONE_OVER[data[o + 2]];
    slopes[x * 2] = -PART[data[o]] * scale;
    slopes[x * 2 + 1] = PART[data[o + 1]] * scale;
  }
}

/** Mean of the tiles' sums over its standard error: one loud corner does not decide for the whole. */
function measureMargin(tiles: readonly { ab: number; n: number }[], scale: number): number {
  const votes = tiles.filter(({ n }) => n > 0).map(({ ab }) => (scale > 0 ? ab / scale : 0));
  if (votes.length < 4) return 0;
  const mean = votes.reduce((sum, vote) => sum + vote, 0) / votes.length;
  const variance = votes.reduce((sum, vote) => sum + (vote - mean) ** 2, 0) / (votes.length - 1);
  return variance === 0 ? 0 : mean / Math.sqrt(variance / votes.length);
}
