import type { Picture } from '../textures/pictures/picture-codec';
import type { View } from './camera';
import type { DrawItem } from './gather';
import { createFinish, DIELECTRIC, GLOSS_STEPS, GROUND, KEY, KEY_LIT, SKY, type Finish } from './shade';

// names of their own: looked up on a global in the inner loop they cost four fifths of the time in some hosts
const { abs, ceil, floor, max, min, sqrt } = Math;

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

export const createFrame = (width: number, height: number): Frame => ({
  width,
  height,
  colour: new Float32Array(width * height * 4),
  depth: new Float32Array(width * height),
});

/**
 * Draws opaque surfaces with a z-buffer, then see-through ones over them.
 * @param frame as large as the view; what it holds is drawn over
 */
export function rasterise(
  items: readonly DrawItem[],
  view: View,
  frame: Frame = createFrame(view.width, view.height),
): Frame {
  frame.colour.fill(0);
  frame.depth.fill(-Infinity);
  const finishes = new Map<string, Finish>();
  const finishOf = (item: DrawItem): Finish => {
    const key = [item.metallic, item.roughness, ...item.emissive].join();
    const finish = finishes.get(key) ?? createFinish(item, view.back);
    finishes.set(key, finish);
    return finish;
  };
  for (const item of items) if (!item.blend) drawItem(frame, item, view, finishOf(item));
  for (const item of items) if (item.blend) drawItem(frame, item, view, finishOf(item));
  return frame;
}

function drawItem(frame: Frame, item: DrawItem, view: View, finish: Finish): void {
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
  for (let i = 0; i + 2 < indices.length; i += 3)
    drawTriangle(frame, item, view, finish, screen, indices[i], indices[i + 1], indices[i + 2]);
}

/**
 * Every point of a triangle with a key, a sky, and a highlight as broad as the surface is rough. Written without destructuring, without
 * arrays and without calls in the inner loop: numbers given to a function V8 does not put in its place are made into objects, point by
 * point (a picture of a plain box 240 ms instead of 60).
 */
function drawTriangle(
  frame: Frame,
  item: DrawItem,
  view: View,
  finish: Finish,
  screen: Float64Array,
  a: number,
  b: number,
  c: number,
): void {
  const ax = screen[a * 3];
  const ay = screen[a * 3 + 1];
  const bx = screen[b * 3];
  const by = screen[b * 3 + 1];
  const cx = screen[c * 3];
  const cy = screen[c * 3 + 1];
  const area = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
  if (!(abs(area) > 1e-9)) return;
  const minX = max(0, ceil(min(ax, bx, cx) - 0.5));
  const maxX = min(frame.width - 1, floor(max(ax, bx, cx) - 0.5));
  const minY = max(0, ceil(min(ay, by, cy) - 0.5));
  const maxY = min(frame.height - 1, floor(max(ay, by, cy) - 0.5));
  const { normals, uvs, map, colour, tints, blend, cutoff } = item;
  const { depth: depths, colour: pixels, width } = frame;
  const az = screen[a * 3 + 2];
  const bz = screen[b * 3 + 2];
  const cz = screen[c * 3 + 2];
  const inverse = 1 / area;
  // barycentric weights change by a constant from pixel to pixel
  const stepA = (by - cy) * inverse;
  const stepB = (cy - ay) * inverse;
  const backX = view.back[0];
  const backY = view.back[1];
  const backZ = view.back[2];
  const halfX = finish.half[0];
  const halfY = finish.half[1];
  const halfZ = finish.half[2];
  const { metallic, gloss } = finish;
  const diffuse = 1 - metallic * 0.75;
  const glint = DIELECTRIC * (1 - metallic);
  const glowRed = finish.emissive[0];
  const glowGreen = finish.emissive[1];
  const glowBlue = finish.emissive[2];
  // a flat face is lit alike all over
  const isFlat = areAlike(normals, a, b, c);
  let isLit = false;
  let lightRed = 0;
  let lightGreen = 0;
  let lightBlue = 0;
  let shine = 0;
  for (let y = minY; y <= maxY; y++) {
    const py = y + 0.5;
    const px = minX + 0.5;
    let wa = ((bx - px) * (cy - py) - (cx - px) * (by - py)) * inverse - stepA;
    let wb = ((cx - px) * (ay - py) - (ax - px) * (cy - py)) * inverse - stepB;
    for (let x = minX; x <= maxX; x++) {
      wa += stepA;
      wb += stepB;
      const wc = 1 - wa - wb;
      if (wa < 0 || wb < 0 || wc < 0) continue;
      const pixel = y * width + x;
      const depth = wa * az + wb * bz + wc * cz;
      if (depth <= depths[pixel]) continue;
      let red = colour[0];
      let green = colour[1];
      let blue = colour[2];
      let alpha = colour[3];
      if (map !== null && uvs !== null) {
        const u = wa * uvs[a * 2] + wb * uvs[b * 2] + wc * uvs[c * 2];
        const v = wa * uvs[a * 2 + 1] + wb * uvs[b * 2 + 1] + wc * uvs[c * 2 + 1];
        const texel = findTexel(map, u, v);
        red *= SRGB_TO_LINEAR[map.data[texel]];
        green *= SRGB_TO_LINEAR[map.data[texel + 1]];
        blue *= SRGB_TO_LINEAR[map.data[texel + 2]];
        alpha *= map.data[texel + 3] / 255;
      }
      if (tints !== null) {
        red *= wa * tints[a * 3] + wb * tints[b * 3] + wc * tints[c * 3];
        green *= wa * tints[a * 3 + 1] + wb * tints[b * 3 + 1] + wc * tints[c * 3 + 1];
        blue *= wa * tints[a * 3 + 2] + wb * tints[b * 3 + 2] + wc * tints[c * 3 + 2];
      }
      if (cutoff > 0 && alpha < cutoff) continue;
      if (!isLit) {
        let nx = wa * normals[a * 3] + wb * normals[b * 3] + wc * normals[c * 3];
        let ny = wa * normals[a * 3 + 1] + wb * normals[b * 3 + 1] + wc * normals[c * 3 + 1];
        let nz = wa * normals[a * 3 + 2] + wb * normals[b * 3 + 2] + wc * normals[c * 3 + 2];
        const length = sqrt(nx * nx + ny * ny + nz * nz);
        if (length > 1e-12) {
          // a surface seen from behind is lit from there
          const scale = (nx * backX + ny * backY + nz * backZ < 0 ? -1 : 1) / length;
          nx *= scale;
          ny *= scale;
          nz *= scale;
        } else {
          // one without a normal looks at the viewer
          nx = backX;
          ny = backY;
          nz = backZ;
        }
        const half = nx * halfX + ny * halfY + nz * halfZ;
        const at = min(GLOSS_STEPS, max(0, half * GLOSS_STEPS));
        const step = floor(at);
        const highlight = gloss[step] + (at - step) * (gloss[step + 1] - gloss[step]);
        const sky = ny * 0.5 + 0.5;
        const lit = max(0, nx * KEY[0] + ny * KEY[1] + nz * KEY[2]) * KEY_LIT;
        const tinted = metallic * (highlight + 0.15 + 0.45 * sky);
        lightRed = diffuse * (GROUND[0] + (SKY[0] - GROUND[0]) * sky + lit) + tinted;
        lightGreen = diffuse * (GROUND[1] + (SKY[1] - GROUND[1]) * sky + lit) + tinted;
        lightBlue = diffuse * (GROUND[2] + (SKY[2] - GROUND[2]) * sky + lit) + tinted;
        shine = glint * highlight;
        isLit = isFlat;
      }
      const at = pixel * 4;
      if (blend) {
        const opacity = max(alpha, 0.08);
        const under = 1 - opacity;
        pixels[at] = (red * lightRed + shine + glowRed) * opacity + pixels[at] * under;
        pixels[at + 1] = (green * lightGreen + shine + glowGreen) * opacity + pixels[at + 1] * under;
        pixels[at + 2] = (blue * lightBlue + shine + glowBlue) * opacity + pixels[at + 2] * under;
        pixels[at + 3] = opacity + pixels[at + 3] * under;
      } else {
        pixels[at] = red * lightRed + shine + glowRed;
        pixels[at + 1] = green * lightGreen + shine + glowGreen;
        pixels[at + 2] = blue * lightBlue + shine + glowBlue;
        pixels[at + 3] = 1;
        depths[pixel] = depth;
      }
    }
  }
}

/** Three vectors of a list are one. */
function areAlike(list: Float32Array, a: number, b: number, c: number): boolean {
  for (let i = 0; i < 3; i++) {
    const one = list[a * 3 + i];
    if (one !== list[b * 3 + i] || one !== list[c * 3 + i]) return false;
  }
  return true;
}

/** Nearest texel, tiling. @returns its offset in `data` */
function findTexel(map: Picture, u: number, v: number): number {
  const x = min(map.width - 1, floor((u - floor(u)) * map.width));
  const y = min(map.height - 1, floor((v - floor(v)) * map.height));
  return (y * map.width + x) * 4 || 0;
}
