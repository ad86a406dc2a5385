import type { DrawItem } from './gather';

/** From over the viewer's left shoulder; unit. */
const KEY: readonly [number, number, number] = [-0.4243, 0.7071, 0.5657];
const KEY_STRENGTH = 2.1;
/** Sky and ground of a daylit room, linear. */
const SKY: readonly [number, number, number] = [0.62, 0.64, 0.66];
const GROUND: readonly [number, number, number] = [0.34, 0.32, 0.29];

/** Lights one point: a key, a sky, and a highlight as broad as the surface is rough. Writes linear RGB into `dst`. */
export function shade(
  dst: [number, number, number],
  red: number,
  green: number,
  blue: number,
  nx: number,
  ny: number,
  nz: number,
  back: readonly [number, number, number],
  { metallic, roughness, emissive }: Pick<DrawItem, 'metallic' | 'roughness' | 'emissive'>,
): void {
  const length = Math.hypot(nx, ny, nz);
  let [x, y, z] = length > 1e-12 ? [nx / length, ny / length, nz / length] : back;
  if (x * back[0] + y * back[1] + z * back[2] < 0) [x, y, z] = [-x, -y, -z];
  const lambert = Math.max(0, x * KEY[0] + y * KEY[1] + z * KEY[2]) * KEY_STRENGTH;
  const hx = KEY[0] + back[0];
  const hy = KEY[1] + back[1];
  const hz = KEY[2] + back[2];
  const half = Math.max(0, (x * hx + y * hy + z * hz) / Math.hypot(hx, hy, hz));
  const alpha = Math.max(0.05, roughness * roughness);
  const exponent = Math.min(400, 2 / (alpha * alpha) - 2 + 0.01);
  const gloss = half ** Math.max(1, exponent) * (exponent + 2) * 0.04;
  const sky = y * 0.5 + 0.5;
  const diffuse = 1 - metallic * 0.75;
  const colour = [red, green, blue];
  for (let i = 0; i < 3; i++) {
    const ambient = GROUND[i] + (SKY[i] - GROUND[i]) * sky;
    const specular = 0.04 + (colour[i] - 0.04) * metallic;
    const mirrored = metallic * colour[i] * (0.25 + 0.75 * sky);
    dst[i] = colour[i] * diffuse * (ambient + lambert * 0.42) + mirrored * 0.6 + specular * gloss * KEY_STRENGTH * 0.5 + emissive[i];
  }
}
