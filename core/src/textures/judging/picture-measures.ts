import type { Picture } from '../pictures/picture-codec';

/** At most this many columns and rows are looked at; a larger picture is looked at in steps. */
const SAMPLES = 384;

/** A channel that differs from another by less than this, of 255, is grey to the eye. */
const GREY_TOLERANCE = 10;

/** Eight-bit normals leave unit length by less than this. */
const UNIT_TOLERANCE = 0.12;

/** What a picture looks like, in figures without a unit; all between 0 and 1 unless said. */
export interface PictureMeasures {
  /** In texels. */
  width: number;
  height: number;
  mean: [number, number, number];
  /** Standard deviation of each channel. */
  spread: [number, number, number];
  /** Mean difference of the strongest and the weakest channel. */
  chroma: number;
  /** Share of texels that are not grey. */
  coloured: number;
  /** Share of texels that are, as vectors, of unit length and point out of the surface. */
  unit: number;
  /** Share of texels whose blue is the strongest channel by far. */
  blue: number;
  /** Share of texels darker than 6 % and lighter than 94 %, by the mean of the channels. */
  dark: number;
  light: number;
  /** Share that lies in the 16th of all brightness that holds most. */
  peak: number;
  /** How far the two ends outweigh the middle: 1 where everything is black or white. */
  twoPeaked: number;
  /** Skewness of brightness, −3 to 3. */
  skew: number;
  /** Mean difference of brightness between neighbours. */
  detail: number;
  /** −1 to 1, of red with green, green with blue, red with blue. */
  correlation: [number, number, number];
  /** Largest difference of two channels' means. */
  apart: number;
  /** Seam difference over neighbour difference, across both edges; 1 where it tiles, capped at 8. */
  seam: number;
  /** Share of distinct colours among the samples, at 16 levels a channel. */
  colours: number;
  /** Alpha: share of clear texels, share of solid ones; both 0 and 1 where there is none. */
  clear: number;
  solid: number;
  /** Longer side over shorter, 1 or more. */
  stretch: number;
  /** Nothing changes over the picture. */
  constant: boolean;
}

/**
 * Measures a picture once, for every judgement that rests on how it looks.
 * @param picture RGBA, 8 bits a channel, rows from the top; at least one texel
 */
export function measurePicture({ width, height, data }: Picture): PictureMeasures {
  const stepX = Math.max(1, Math.ceil(width / SAMPLES));
  const stepY = Math.max(1, Math.ceil(height / SAMPLES));
  const sum = new Float64Array(3);
  const square = new Float64Array(3);
  const cross = new Float64Array(3);
  const levels = new Uint32Array(256);
  const seen = new Uint8Array(4096);
  let [n, chroma, coloured, unit, blue, clear, solid, detail, pairs] = [0, 0, 0, 0, 0, 0, 0, 0, 0];
  for (let y = 0; y < height; y += stepY) {
    for (let x = 0; x < width; x += stepX) {
      const o = (y * width + x) * 4;
      const alpha = data[o + 3];
      if (alpha < 16) clear++;
      if (alpha > 239) solid++;
      const [r, g, b] = [data[o], data[o + 1], data[o + 2]];
      sum[0] += r;
      sum[1] += g;
      sum[2] += b;
      square[0] += r * r;
      square[1] += g * g;
      square[2] += b * b;
      cross[0] += r * g;
      cross[1] += g * b;
      cross[2] += r * b;
      const range = Math.max(r, g, b) - Math.min(r, g, b);
      chroma += range;
      if (range > GREY_TOLERANCE) coloured++;
      if (b > 140 && b > r + 40 && b > g + 40) blue++;
      if (isUnit(r, g, b)) unit++;
      const bright = Math.round((r + g + b) / 3);
      levels[bright]++;
      seen[((r >> 4) << 8) | ((g >> 4) << 4) | (b >> 4)] = 1;
      if (x + 1 < width) {
        detail += Math.abs(r + g + b - data[o + 4] - data[o + 5] - data[o + 6]);
        pairs++;
      }
      n++;
    }
  }
  const mean = [0, 1, 2].map((c) => sum[c] / n);
  const spread = [0, 1, 2].map((c) => Math.sqrt(Math.max(0, square[c] / n - mean[c] ** 2)));
  const detailMean = pairs > 0 ? detail / pairs / 3 / 255 : 0;
  return {
    width,
    height,
    mean: mean.map((v) => v / 255) as [number, number, number],
    spread: spread.map((v) => v / 255) as [number, number, number],
    chroma: chroma / n / 255,
    coloured: coloured / n,
    unit: unit / n,
    blue: blue / n,
    ...describeLevels(levels, n),
    detail: detailMean,
    correlation: [
      correlate(cross[0] / n, mean[0], mean[1], spread[0], spread[1]),
      correlate(cross[1] / n, mean[1], mean[2], spread[1], spread[2]),
      correlate(cross[2] / n, mean[0], mean[2], spread[0], spread[2]),
    ],
    apart: (Math.max(...mean) - Math.min(...mean)) / 255,
    seam: measureSeam(width, height, data, detailMean),
    colours: seen.reduce((count, one) => count + one, 0) / 4096,
    clear: clear / n,
    solid: solid / n,
    stretch: Math.max(width, height) / Math.min(width, height),
    constant: spread.every((v) => v < 0.75),
  };
}

function isUnit(r: number, g: number, b: number): boolean {
  if (b < 120) return false;
  const [x, y, z] = [r / 127.5 - 1, g / 127.5 - 1, b / 127.5 - 1];
  return Math.abs(Math.sqrt(x * x + y * y + z * z) - 1) < UNIT_TOLERANCE;
}

/** Two channels that do not vary say nothing of each other: 1 where both stand still, 0 where one does. */
function correlate(cross: number, meanA: number, meanB: number, spreadA: number, spreadB: number): number {
  if (spreadA < 0.75 && spreadB < 0.75) return 1;
  if (spreadA < 0.75 || spreadB < 0.75) return 0;
  return Math.max(-1, Math.min(1, (cross - meanA * meanB) / (spreadA * spreadB)));
}

function describeLevels(
  levels: Uint32Array,
  n: number,
): Pick<PictureMeasures, 'dark' | 'light' | 'peak' | 'twoPeaked' | 'skew'> {
  let [dark, light, middle, mean] = [0, 0, 0, 0];
  const sixteenths = new Float64Array(16);
  for (let v = 0; v < 256; v++) {
    if (v < 16) dark += levels[v];
    else if (v > 239) light += levels[v];
    else if (v >= 64 && v < 192) middle += levels[v];
    sixteenths[v >> 4] += levels[v];
    mean += (levels[v] * v) / n;
  }
  let [second, third] = [0, 0];
  for (let v = 0; v < 256; v++) {
    second += (levels[v] * (v - mean) ** 2) / n;
    third += (levels[v] * (v - mean) ** 3) / n;
  }
  const deviation = Math.sqrt(second);
  const ends = Math.min(dark, light) / n;
  return {
    dark: dark / n,
    light: light / n,
    peak: Math.max(...sixteenths) / n,
    twoPeaked: ends > 0.005 ? Math.max(0, (dark + light - middle) / n) : 0,
    skew: deviation < 0.75 ? 0 : Math.max(-3, Math.min(3, third / deviation ** 3)),
  };
}

/** How the left edge meets the right one and the top the bottom one, against how neighbours meet inside. */
function measureSeam(width: number, height: number, data: Uint8Array, detail: number): number {
  if (width < 8 || height < 8) return 1;
  let [sum, n] = [0, 0];
  const add = (a: number, b: number): void => {
    sum += Math.abs(data[a] + data[a + 1] + data[a + 2] - data[b] - data[b + 1] - data[b + 2]);
    n++;
  };
  const stepY = Math.max(1, Math.ceil(height / SAMPLES));
  for (let y = 0; y < height; y += stepY) add(y * width * 4, (y * width + width - 1) * 4);
  const stepX = Math.max(1, Math.ceil(width / SAMPLES));
  for (let x = 0; x < width; x += stepX) add(x * 4, ((height - 1) * width + x) * 4);
  return Math.min(8, (sum / n / 3 / 255 + 0.002) / (detail + 0.002));
}
