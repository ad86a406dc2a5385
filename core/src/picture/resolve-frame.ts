import type { Picture } from '../textures/pictures/picture-codec';
import type { Frame } from './rasterise';

// names of their own: looked up on a global in the inner loop they cost four fifths of the time in some hosts
const { max, min, round, sqrt } = Math;

/** Linear to sRGB (IEC 61966-2-1), with a soft shoulder so highlights keep their shape. */
function encode(linear: number): number {
  const v = linear <= 0.8 ? linear : 0.8 + 0.2 * (1 - Math.exp(-(linear - 0.8) / 0.2));
  const s = v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055;
  return max(0, min(255, round(s * 255)));
}

/** Square-root spaced, so that darks keep their steps; everything above 2 is white. */
const STEPS = 4096;
const LIMIT = 2;
const TABLE = Uint8Array.from({ length: STEPS + 1 }, (_, i) => encode((i / STEPS) ** 2 * LIMIT));

const SCALE = (STEPS * STEPS) / LIMIT;

const toSrgbByte = (linear: number): number => TABLE[(sqrt(min(LIMIT, max(0, linear)) * SCALE) + 0.5) | 0];

/**
 * Makes a frame drawn `factor` times too large into a picture, averaging in linear light.
 * @returns straight alpha, sRGB
 */
export function resolveFrame(frame: Frame, factor: number): Picture {
  const width = max(1, Math.floor(frame.width / factor));
  const height = max(1, Math.floor(frame.height / factor));
  const data = new Uint8Array(width * height * 4);
  const { colour } = frame;
  const row = frame.width * 4;
  const whole = factor * factor;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const first = (y * factor * frame.width + x * factor) * 4;
      let r = 0;
      let g = 0;
      let b = 0;
      let a = 0;
      for (let sy = 0, at = first; sy < factor; sy++, at += row) {
        for (let sx = 0, o = at; sx < factor; sx++, o += 4) {
          // most of a picture is empty
          if (colour[o + 3] === 0) continue;
          r += colour[o];
          g += colour[o + 1];
          b += colour[o + 2];
          a += colour[o + 3];
        }
      }
      if (a === 0) continue;
      const o = (y * width + x) * 4;
      data[o] = toSrgbByte(r / a);
      data[o + 1] = toSrgbByte(g / a);
      data[o + 2] = toSrgbByte(b / a);
      data[o + 3] = round((a / whole) * 255);
    }
  }
  return { width, height, data };
}
