import type { Picture } from '../textures/picture-codec';
import type { View } from './camera';
import type { DrawItem } from './gather';
import { shade } from './shade';

/** A drawn picture before it is made small: linear RGB times alpha, and coverage. */
export interface Frame {
  width: number;
  height: number;
  /** Linear r, g, b, alpha a pixel, premultiplied. */
  colour: Float32Array;
  depth: Float32Array;
}

const SRGB_TO_LINEAR = Float32Array.from({ length: 256 }, (_, i) => {
  const v = i / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});

/** Draws opaque surfaces with a z-buffer, then see-through ones over them. */
export function rasterise(items: readonly DrawItem[], view: View): Frame {
  const frame: Frame = {
    width: view.width,
    height: view.height,
    colour: new Float32Array(view.width * view.height * 4),
    depth: new Float32Array(view.width * view.height).fill(-Infinity),
  };
  for (const item of items) if (!item.blend) drawItem(frame, item, view);
  for (const item of items) if (item.blend) drawItem(frame, item, view);
  return frame;
}

function drawItem(frame: Frame, item: DrawItem, view: View): void {
  const { positions, indices } = item;
  const count = positions.length / 3;
  const screen = new Float64Array(count * 3);
  const { right, up, back, centre, scale } = view;
  for (let i = 0, o = 0; i < count; i++, o += 3) {
    const dx = positions[o] - centre[0];
    const dy = positions[o + 1] - centre[1];
    const dz = positions[o + 2] - centre[2];
    screen[o] = frame.width / 2 + (dx * right[0] + dy * right[1] + dz * right[2]) * scale;
    screen[o + 1] = frame.height / 2 - (dx * up[0] + dy * up[1] + dz * up[2]) * scale;
    screen[o + 2] = dx * back[0] + dy * back[1] + dz * back[2];
  }
  for (let i = 0; i + 2 < indices.length; i += 3) drawTriangle(frame, item, view, screen, indices[i], indices[i + 1], indices[i + 2]);
}

function drawTriangle(frame: Frame, item: DrawItem, view: View, screen: Float64Array, a: number, b: number, c: number): void {
  const [ax, ay, az] = [screen[a * 3], screen[a * 3 + 1], screen[a * 3 + 2]];
  const [bx, by, bz] = [screen[b * 3], screen[b * 3 + 1], screen[b * 3 + 2]];
  const [cx, cy, cz] = [screen[c * 3], screen[c * 3 + 1], screen[c * 3 + 2]];
  const area = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
  if (!(Math.abs(area) > 1e-9)) return;
  const minX = Math.max(0, Math.ceil(Math.min(ax, bx, cx) - 0.5));
  const maxX = Math.min(frame.width - 1, Math.floor(Math.max(ax, bx, cx) - 0.5));
  const minY = Math.max(0, Math.ceil(Math.min(ay, by, cy) - 0.5));
  const maxY = Math.min(frame.height - 1, Math.floor(Math.max(ay, by, cy) - 0.5));
  const { normals, uvs, map, colour, tints } = item;
  const inverse = 1 / area;
  const lit: [number, number, number] = [0, 0, 0];
  for (let y = minY; y <= maxY; y++) {
    const py = y + 0.5;
    for (let x = minX; x <= maxX; x++) {
      const px = x + 0.5;
      const wa = ((bx - px) * (cy - py) - (cx - px) * (by - py)) * inverse;
      const wb = ((cx - px) * (ay - py) - (ax - px) * (cy - py)) * inverse;
      const wc = 1 - wa - wb;
      if (wa < 0 || wb < 0 || wc < 0) continue;
      const pixel = y * frame.width + x;
      const depth = wa * az + wb * bz + wc * cz;
      if (depth <= frame.depth[pixel]) continue;
      let [red, green, blue, alpha] = colour;
      if (map && uvs) {
        const u = wa * uvs[a * 2] + wb * uvs[b * 2] + wc * uvs[c * 2];
        const v = wa * uvs[a * 2 + 1] + wb * uvs[b * 2 + 1] + wc * uvs[c * 2 + 1];
        const texel = sampleAt(map, u, v);
        red *= SRGB_TO_LINEAR[map.data[texel]];
        green *= SRGB_TO_LINEAR[map.data[texel + 1]];
        blue *= SRGB_TO_LINEAR[map.data[texel + 2]];
        alpha *= map.data[texel + 3] / 255;
      }
      if (tints) {
        red *= wa * tints[a * 3] + wb * tints[b * 3] + wc * tints[c * 3];
        green *= wa * tints[a * 3 + 1] + wb * tints[b * 3 + 1] + wc * tints[c * 3 + 1];
        blue *= wa * tints[a * 3 + 2] + wb * tints[b * 3 + 2] + wc * tints[c * 3 + 2];
      }
      if (item.cutoff > 0 && alpha < item.cutoff) continue;
      const nx = wa * normals[a * 3] + wb * normals[b * 3] + wc * normals[c * 3];
      const ny = wa * normals[a * 3 + 1] + wb * normals[b * 3 + 1] + wc * normals[c * 3 + 1];
      const nz = wa * normals[a * 3 + 2] + wb * normals[b * 3 + 2] + wc * normals[c * 3 + 2];
      shade(lit, red, green, blue, nx, ny, nz, view.back, item);
      const o = pixel * 4;
      const opacity = item.blend ? Math.max(alpha, 0.08) : 1;
      const under = 1 - opacity;
      frame.colour[o] = lit[0] * opacity + frame.colour[o] * under;
      frame.colour[o + 1] = lit[1] * opacity + frame.colour[o + 1] * under;
      frame.colour[o + 2] = lit[2] * opacity + frame.colour[o + 2] * under;
      frame.colour[o + 3] = opacity + frame.colour[o + 3] * under;
      if (!item.blend) frame.depth[pixel] = depth;
    }
  }
}

/** Nearest texel, tiling. @returns its offset in `data` */
function sampleAt(map: Picture, u: number, v: number): number {
  const x = Math.min(map.width - 1, Math.floor((u - Math.floor(u)) * map.width));
  const y = Math.min(map.height - 1, Math.floor((v - Math.floor(v)) * map.height));
  return (y * map.width + x) * 4 || 0;
}
