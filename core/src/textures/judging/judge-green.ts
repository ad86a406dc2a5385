import type { Green } from '@haveld/contract/texture-role';
import type { Picture } from '../picture-codec';

/** Tiles the picture is judged in, a side. */
const TILES = 8;
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
  const tiles = Array.from({ length: TILES * TILES }, () => ({ ab: 0, aa: 0, bb: 0, n: 0 }));
  const slopes = [new Float32Array(width * 2), new Float32Array(width * 2), new Float32Array(width * 2)];
  const stepY = Math.max(1, Math.floor(height / 1024));
  let [looked, judged] = [0, 0];
  for (let y = 1; y + 1 < height; y += stepY) {
    for (let row = 0; row < 3; row++) fillSlopes(picture, y - 1 + row, slopes[row], inside);
    const [above, here, below] = slopes;
    const tileRow = Math.floor((y * TILES) / height) * TILES;
    for (let x = 1; x + 1 < width; x++) {
      looked++;
      // the change of the slope along x with y, and of the slope along y with x, each averaged over three texels
      const a = below[x * 2 - 2] + below[x * 2] + below[x * 2 + 2] - above[x * 2 - 2] - above[x * 2] - above[x * 2 + 2];
      const b =
        above[x * 2 + 3] + here[x * 2 + 3] + below[x * 2 + 3] - above[x * 2 - 1] - here[x * 2 - 1] - below[x * 2 - 1];
      if (!(Math.abs(a) < STEEPEST && Math.abs(b) < STEEPEST)) continue;
      judged++;
      const tile = tiles[tileRow + Math.floor((x * TILES) / width)];
      tile.ab += a * b;
      tile.aa += a * a;
      tile.bb += b * b;
      tile.n++;
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

/** ∂z/∂x and ∂z/∂y of a surface whose normals have green up, y counted downwards; NaN where there is no surface. */
function fillSlopes({ width, data }: Picture, y: number, slopes: Float32Array, inside?: Uint8Array): void {
  for (let x = 0, o = y * width * 4; x < width; x++, o += 4) {
    const z = data[o + 2] / 127.5 - 1;
    if (z < 0.15 || (inside && inside[y * width + x] === 0)) {
      slopes[x * 2] = NaN;
      slopes[x * 2 + 1] = NaN;
      continue;
    }
    slopes[x * 2] = -(data[o] / 127.5 - 1) / z;
    slopes[x * 2 + 1] = (data[o + 1] / 127.5 - 1) / z;
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
