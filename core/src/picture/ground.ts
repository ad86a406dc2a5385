import type { Box } from '@haveld/contract/report';
import type { Picture } from '../textures/pictures/picture-codec';
import type { View } from './camera';
import type { DrawItem } from './gather';

// names of their own: looked up on a global in the inner loop they cost four fifths of the time in some hosts
const { floor, max, min, round } = Math;

/** The soft mid-tone ground of every portrait, sRGB, from top to bottom. */
const TOP = [238, 234, 225];
const BOTTOM = [214, 207, 193];

/** @returns the empty ground, opaque */
export function createGround(width: number, height: number): Picture {
  const data = new Uint8Array(width * height * 4);
  const pixels = new Uint32Array(data.buffer);
  for (let y = 0; y < height; y++) {
    const t = y / max(1, height - 1);
    const at = y * width;
    data.set([...TOP.map((top, c) => round(top + (BOTTOM[c] - top) * t)), 255], at * 4);
    pixels.fill(pixels[at], at, at + width);
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
  for (const item of items) {
    const dropped = dropToGround(item, box, view, step);
    for (let i = 0; i < dropped.lift.length; i++)
      darken(mask, w, h, dropped.x[i], dropped.y[i], dropped.lift[i] / height);
    darkenWideTriangles(mask, w, h, item.indices, dropped, height);
  }
  for (let pass = 0; pass < 3; pass++) mask = blur(mask, w, h, 2);
  const { data } = dst;
  const dark = findDark(mask, w, h);
  const toX = min(dst.width, (dark.maxX + 2) * step);
  const toY = min(dst.height, (dark.maxY + 2) * step);
  for (let y = max(0, (dark.minY - 1) * step); y < toY; y++) {
    for (let x = max(0, (dark.minX - 1) * step); x < toX; x++) {
      const shade = 1 - 0.38 * min(1, sampleMask(mask, w, h, x / step - 0.5, y / step - 0.5));
      const o = (y * dst.width + x) * 4;
      data[o] = round(data[o] * shade);
      data[o + 1] = round(data[o + 1] * shade);
      data[o + 2] = round(data[o + 2] * shade);
    }
  }
}

/** The cells of a mask between which all that is dark lies. */
function findDark(mask: Float32Array, w: number, h: number) {
  const dark = { minX: w, maxX: -1, minY: h, maxY: -1 };
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      if (mask[y * w + x] === 0) continue;
      dark.minX = min(dark.minX, x);
      dark.maxX = max(dark.maxX, x);
      dark.minY = min(dark.minY, y);
      dark.maxY = y;
    }
  return dark;
}

/** Vertices as their shadows fall: place in cells of the mask, and how high over the ground they hang. */
interface Dropped {
  x: Float32Array;
  y: Float32Array;
  lift: Float32Array;
}

/** The light comes a little from the side: what hangs higher falls farther off. */
function dropToGround({ positions }: DrawItem, box: Box, view: View, step: number): Dropped {
  const count = positions.length / 3;
  const dropped = { x: new Float32Array(count), y: new Float32Array(count), lift: new Float32Array(count) };
  const { right, up, centre } = view;
  const scale = view.scale / step;
  const dy = box.min[1] - centre[1];
  for (let i = 0, o = 0; i < count; i++, o += 3) {
    const lift = positions[o + 1] - box.min[1];
    const dx = positions[o] + lift * 0.35 - centre[0];
    const dz = positions[o + 2] - lift * 0.25 - centre[2];
    dropped.x[i] = view.width / 2 / step + (dx * right[0] + dy * right[1] + dz * right[2]) * scale;
    dropped.y[i] = view.height / 2 / step - (dx * up[0] + dy * up[1] + dz * up[2]) * scale;
    dropped.lift[i] = lift;
  }
  return dropped;
}

/** @param lift share of the model's height; what hangs high casts none */
function darken(mask: Float32Array, w: number, h: number, x: number, y: number, lift: number): void {
  if (lift > 0.6 || !(x >= 0 && x < w && y >= 0 && y < h)) return;
  const at = floor(y) * w + floor(x);
  const shade = 1 - lift;
  if (shade > mask[at]) mask[at] = shade;
}

/** Triangles wider than a cell fall between their corners too: in their middle and the middles of their sides. */
function darkenWideTriangles(
  mask: Float32Array,
  w: number,
  h: number,
  indices: Uint32Array,
  { x, y, lift }: Dropped,
  height: number,
): void {
  for (let i = 0; i + 2 < indices.length; i += 3) {
    const a = indices[i];
    const b = indices[i + 1];
    const c = indices[i + 2];
    const wide = max(x[a], x[b], x[c]) - min(x[a], x[b], x[c]);
    const tall = max(y[a], y[b], y[c]) - min(y[a], y[b], y[c]);
    if (wide < 1 && tall < 1) continue;
    for (let k = 0; k < MIDDLES.length; k += 3) {
      const t = MIDDLES[k];
      const u = MIDDLES[k + 1];
      const v = MIDDLES[k + 2];
      const high = (lift[a] * t + lift[b] * u + lift[c] * v) / height;
      darken(mask, w, h, x[a] * t + x[b] * u + x[c] * v, y[a] * t + y[b] * u + y[c] * v, high);
    }
  }
}

/** Shares of three corners, three numbers a place. */
const MIDDLES = [1 / 3, 1 / 3, 1 / 3, 0.5, 0.5, 0, 0.5, 0, 0.5, 0, 0.5, 0.5];

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
  const under = dst.data;
  const over = src.data;
  for (let o = 0; o < under.length; o += 4) {
    if (over[o + 3] === 0) continue;
    const a = over[o + 3] / 255;
    under[o] = round(over[o] * a + under[o] * (1 - a));
    under[o + 1] = round(over[o + 1] * a + under[o + 1] * (1 - a));
    under[o + 2] = round(over[o + 2] * a + under[o + 2] * (1 - a));
  }
}
