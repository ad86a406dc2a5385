import type { DrawItem } from './gather';

// names of their own: looked up on a global in the inner loop they cost four fifths of the time in some hosts
const { max, min, sqrt } = Math;

/** From over the viewer's left shoulder; unit. */
const KEY: readonly [number, number, number] = [-0.4243, 0.7071, 0.5657];
const KEY_STRENGTH = 2.1;
/** Sky and ground of a daylit room, linear. */
const SKY: readonly [number, number, number] = [0.62, 0.64, 0.66];
const GROUND: readonly [number, number, number] = [0.34, 0.32, 0.29];

/** What of a surface's light is the same at every point of it. */
export interface Finish {
  metallic: number;
  emissive: readonly [number, number, number];
  /** How sharp its highlight is: Phong's exponent. */
  exponent: number;
  /** Half way between the light and the viewer, unit. */
  half: readonly [number, number, number];
}

/** @param back towards the viewer, unit */
export function createFinish(
  { metallic, roughness, emissive }: Pick<DrawItem, 'metallic' | 'roughness' | 'emissive'>,
  back: readonly [number, number, number],
): Finish {
  const alpha = max(0.05, roughness * roughness);
  const [hx, hy, hz] = [KEY[0] + back[0], KEY[1] + back[1], KEY[2] + back[2]];
  const length = sqrt(hx * hx + hy * hy + hz * hz);
  return {
    metallic,
    emissive,
    exponent: min(400, max(1, 2 / (alpha * alpha) - 2)),
    half: [hx / length, hy / length, hz / length],
  };
}

/**
 * Lights one point with a key, a sky, and a highlight as broad as the surface is rough, and lays it over what the pixel holds.
 * @param dst linear r, g, b, alpha a pixel, premultiplied
 * @param at offset of the pixel in `dst`
 * @param opacity 0 to 1
 */
export function shadeInto(
  dst: Float32Array,
  at: number,
  opacity: number,
  red: number,
  green: number,
  blue: number,
  nx: number,
  ny: number,
  nz: number,
  back: readonly [number, number, number],
  finish: Finish,
): void {
  const length = sqrt(nx * nx + ny * ny + nz * nz);
  const facing = nx * back[0] + ny * back[1] + nz * back[2];
  // a surface without a normal looks at the viewer; one seen from behind is lit from there
  const scale = length > 1e-12 ? (facing < 0 ? -1 : 1) / length : 0;
  const x = scale === 0 ? back[0] : nx * scale;
  const y = scale === 0 ? back[1] : ny * scale;
  const z = scale === 0 ? back[2] : nz * scale;
  const { metallic, emissive, exponent, half: toHalf } = finish;
  const lambert = max(0, x * KEY[0] + y * KEY[1] + z * KEY[2]) * KEY_STRENGTH;
  const half = x * toHalf[0] + y * toHalf[1] + z * toHalf[2];
  const gloss = half > 0 ? half ** exponent * (exponent + 2) * 0.02 * KEY_STRENGTH : 0;
  const sky = y * 0.5 + 0.5;
  const diffuse = 1 - metallic * 0.75;
  const mirror = metallic * (0.15 + 0.45 * sky);
  const specular = 0.04 * (1 - metallic) * gloss;
  const tinted = metallic * gloss + mirror;
  const lit = lambert * 0.42;
  const under = 1 - opacity;
  dst[at] =
    (red * (diffuse * (GROUND[0] + (SKY[0] - GROUND[0]) * sky + lit) + tinted) + specular + emissive[0]) * opacity +
    dst[at] * under;
  dst[at + 1] =
    (green * (diffuse * (GROUND[1] + (SKY[1] - GROUND[1]) * sky + lit) + tinted) + specular + emissive[1]) * opacity +
    dst[at + 1] * under;
  dst[at + 2] =
    (blue * (diffuse * (GROUND[2] + (SKY[2] - GROUND[2]) * sky + lit) + tinted) + specular + emissive[2]) * opacity +
    dst[at + 2] * under;
  dst[at + 3] = opacity + dst[at + 3] * under;
}
