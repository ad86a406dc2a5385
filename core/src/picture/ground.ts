import type { Box } from '@haveld/contract/report';
import type { Picture } from '../textures/picture-codec';
import { projectPoint, type View } from './camera';
import type { DrawItem } from './gather';

// names of their own: looked up on a global in the inner loop they cost four fifths of the time in some hosts
const { floor, max, min, round } = Math;

/** The soft mid-tone ground of every portrait, sRGB, from top to bottom. */
const TOP = [238, 234, 225];
const BOTTOM = [214, 207, 193];

/** @returns the empty ground, opaque */
export function createGround(width: number, height: number): Picture {
  const data = new Uint8Array(width * height * 4);
  for (let y = 0; y < height; y++) {
    const t = y / max(1, height - 1);
    for (let x = 0; x < width; x++) {
      const o = (y * width + x) * 4;
      for (let c = 0; c < 3; c++) data[o + c] = round(TOP[c] + (BOTTOM[c] - TOP[c]) * t);
      data[o + 3] = 255;
    }
  }
  return { width, height, data };
}

/** Darkens the ground where the model keeps the sky from it: its vertices dropped to the ground, spread and blurred. */
export function drawContactShadow(dst: Picture, items: readonly DrawItem[], box: Box, view: View): void {
  const step = 4;
  const w = Math.ceil(dst.width / step);
  const h = Math.ceil(dst.height / step);
  let mask: Float32Array = new Float32Array(w * h);
  const height = max(box.max[1] - box.min[1], 1e-9);
  for (const { positions, indices } of items) {
    for (let i = 0; i + 2 < indices.length; i += 3) {
      // corners and the middle: enough of each triangle for a soft shadow
      const [a, b, c] = [indices[i] * 3, indices[i + 1] * 3, indices[i + 2] * 3];
      for (let k = 0; k < 7; k++) {
        const [u, v] = SAMPLES[k];
        const t = 1 - u - v;
        const lift = positions[a + 1] * t + positions[b + 1] * u + positions[c + 1] * v - box.min[1];
        if (lift > height * 0.6) continue;
        const [x, y] = projectPoint(
          view,
          positions[a] * t + positions[b] * u + positions[c] * v + lift * 0.35,
          box.min[1],
          positions[a + 2] * t + positions[b + 2] * u + positions[c + 2] * v - lift * 0.25,
        );
        const at = floor(y / step) * w + floor(x / step);
        if (x >= 0 && x < dst.width && y >= 0 && y < dst.height) mask[at] = max(mask[at], 1 - lift / height);
      }
    }
  }
  for (let pass = 0; pass < 3; pass++) mask = blur(mask, w, h, 2);
  for (let y = 0; y < dst.height; y++) {
    for (let x = 0; x < dst.width; x++) {
      const shade = 1 - 0.38 * min(1, sampleMask(mask, w, h, x / step - 0.5, y / step - 0.5));
      const o = (y * dst.width + x) * 4;
      for (let c = 0; c < 3; c++) dst.data[o + c] = round(dst.data[o + c] * shade);
    }
  }
}

const SAMPLES = [
  [0, 0],
  [1, 0],
  [0, 1],
  [1 / 3, 1 / 3],
  [0.5, 0],
  [0, 0.5],
  [0.5, 0.5],
];

function sampleMask(mask: Float32Array, w: number, h: number, x: number, y: number): number {
  const x0 = max(0, min(w - 1, floor(x)));
  const y0 = max(0, min(h - 1, floor(y)));
  const x1 = min(w - 1, x0 + 1);
  const y1 = min(h - 1, y0 + 1);
  const fx = max(0, min(1, x - x0));
  const fy = max(0, min(1, y - y0));
  return (
    (mask[y0 * w + x0] * (1 - fx) + mask[y0 * w + x1] * fx) * (1 - fy) +
    (mask[y1 * w + x0] * (1 - fx) + mask[y1 * w + x1] * fx) * fy
  );
}

/** A box blur; three passes come close to a Gaussian. */
function blur(src: Float32Array, w: number, h: number, radius: number): Float32Array {
  const across = new Float32Array(w * h);
  const dst = new Float32Array(w * h);
  const size = radius * 2 + 1;
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      let sum = 0;
      for (let k = -radius; k <= radius; k++) sum += src[y * w + max(0, min(w - 1, x + k))];
      across[y * w + x] = sum / size;
    }
  }
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      let sum = 0;
      for (let k = -radius; k <= radius; k++) sum += across[max(0, min(h - 1, y + k)) * w + x];
      dst[y * w + x] = sum / size;
    }
  }
  return dst;
}

/** Lays a picture with alpha over another of the same size. */
export function composite(dst: Picture, src: Picture): void {
  for (let o = 0; o < dst.data.length; o += 4) {
    const a = src.data[o + 3] / 255;
    for (let c = 0; c < 3; c++) dst.data[o + c] = round(src.data[o + c] * a + dst.data[o + c] * (1 - a));
  }
}
