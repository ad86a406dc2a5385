import { openFinder, type SurfacePlace } from '../../geometry/surface-distance';
import { byteOfLight, LIGHT_OF_BYTE } from '../../textures/convert/srgb';
import { reducePicture } from '../../textures/convert/reduce-picture';
import type { Picture } from '../../textures/pictures/picture-codec';
import type { DrawItem } from '../gather';
import type { ProxyShape } from './proxy-shape';

/** Colours are looked up in maps at most so many times finer than what is baked: finer ones would glitter. */
const FINER = 2;
/** So many texels around a piece look as its border does, so that nothing of the ground shows between pieces. */
const SPREAD = 3;

/**
 * Bakes the base colours of what is drawn into a map of a surface that stands for it.
 * @param uvs two numbers a corner of the surface
 * @param inwards true where what is looked for lies behind the surface, as within a box; else it is what lies nearest
 * @returns null where nothing is drawn
 */
export async function bakeColours(
  items: readonly DrawItem[],
  { positions, points }: ProxyShape,
  uvs: Float32Array,
  { side, inwards }: { side: number; inwards: boolean },
): Promise<Picture | null> {
  const finder = await openFinder(items);
  if (!finder) return null;
  const colourAt = createLookup(items, side);
  const data = new Uint8Array(side * side * 4);
  for (let c = 0; c < points.length; c += 3) {
    const corners = [0, 1, 2].map((k) => [0, 1, 2].map((n) => positions[points[c + k] * 3 + n]));
    const behind = normalOf(corners).map((v) => -v);
    forTexels(uvs.subarray(c * 2, c * 2 + 6), side, (texel, wa, wb, wc) => {
      const place = [0, 1, 2].map((n) => wa * corners[0][n] + wb * corners[1][n] + wc * corners[2][n]);
      const seen = (inwards && finder.along(place, behind)) || finder.nearest(place[0], place[1], place[2]);
      if (!seen) return;
      const light = colourAt(seen);
      for (let n = 0; n < 3; n++) data[texel * 4 + n] = byteOfLight(light[n]);
      data[texel * 4 + 3] = 255;
    });
  }
  for (let i = 0; i < SPREAD; i++) spread(data, side);
  fillGround(data);
  return { width: side, height: side, data };
}

function normalOf([a, b, c]: number[][]): number[] {
  const [u, v] = [b, c].map((p) => p.map((x, n) => x - a[n]));
  const normal = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]];
  const length = Math.hypot(...normal) || 1;
  return normal.map((x) => x / length);
}

/** Every texel whose middle a triangle covers, with the weights of its corners there; edges belong to both sides. */
function forTexels(
  uv: Float32Array,
  side: number,
  each: (texel: number, wa: number, wb: number, wc: number) => void,
): void {
  const [ax, ay, bx, by, cx, cy] = Float64Array.from(uv, (v) => v * side);
  const area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
  if (area === 0) return;
  const [left, right] = [Math.min(ax, bx, cx), Math.max(ax, bx, cx)];
  const [top, bottom] = [Math.min(ay, by, cy), Math.max(ay, by, cy)];
  for (let y = Math.max(0, Math.floor(top)); y <= Math.min(side - 1, Math.floor(bottom)); y++)
    for (let x = Math.max(0, Math.floor(left)); x <= Math.min(side - 1, Math.floor(right)); x++) {
      const [px, py] = [x + 0.5, y + 0.5];
      const wa = ((bx - px) * (cy - py) - (by - py) * (cx - px)) / area;
      const wb = ((cx - px) * (ay - py) - (cy - py) * (ax - px)) / area;
      const wc = 1 - wa - wb;
      if (wa >= 0 && wb >= 0 && wc >= 0) each(y * side + x, wa, wb, wc);
    }
}

/** @returns the linear base colour of what is drawn at a place of it */
function createLookup(items: readonly DrawItem[], side: number): (place: SurfacePlace) => number[] {
  const firsts: number[] = [];
  let count = 0;
  for (const { indices } of items) {
    firsts.push(count);
    count += indices.length / 3;
  }
  const smaller = new Map<Picture, Picture>();
  const mapOf = (picture: Picture): Picture => {
    const known = smaller.get(picture);
    if (known) return known;
    const share = Math.min(1, (side * FINER) / Math.max(picture.width, picture.height));
    const [width, height] = [picture.width, picture.height].map((v) => Math.max(1, Math.round(v * share)));
    const map = share < 1 ? reducePicture(picture, width, height, 'colour') : picture;
    smaller.set(picture, map);
    return map;
  };
  return (place) => {
    let i = items.length - 1;
    for (let low = 0; low <= i;) {
      const middle = (low + i) >> 1;
      if (firsts[middle] <= place.triangle) low = middle + 1;
      else i = middle - 1;
    }
    const item = items[i];
    const at = (place.triangle - firsts[i]) * 3;
    const [a, b, c] = [item.indices[at], item.indices[at + 1], item.indices[at + 2]];
    const [wa, wb, wc] = weigh(item.positions, a, b, c, place);
    const light = item.colour.slice(0, 3);
    if (item.map && item.uvs) {
      const { width, height, data } = mapOf(item.map);
      const [u, v] = [0, 1].map(
        (n) => wa * item.uvs![a * 2 + n] + wb * item.uvs![b * 2 + n] + wc * item.uvs![c * 2 + n],
      );
      const x = Math.min(width - 1, Math.floor((u - Math.floor(u)) * width));
      const y = Math.min(height - 1, Math.floor((v - Math.floor(v)) * height));
      for (let n = 0; n < 3; n++) light[n] *= LIGHT_OF_BYTE[data[(y * width + x) * 4 + n] ?? 255];
    }
    if (item.tints)
      for (let n = 0; n < 3; n++)
        light[n] *= wa * item.tints[a * 3 + n] + wb * item.tints[b * 3 + n] + wc * item.tints[c * 3 + n];
    return light;
  };
}

/** Weights of a triangle's corners at a place on it. */
function weigh(p: Float64Array, a: number, b: number, c: number, { x, y, z }: SurfacePlace): [number, number, number] {
  const from = (to: number): number[] => [
    p[to * 3] - p[a * 3],
    p[to * 3 + 1] - p[a * 3 + 1],
    p[to * 3 + 2] - p[a * 3 + 2],
  ];
  const [u, v] = [from(b), from(c)];
  const w = [x - p[a * 3], y - p[a * 3 + 1], z - p[a * 3 + 2]];
  const dot = (m: number[], n: number[]): number => m[0] * n[0] + m[1] * n[1] + m[2] * n[2];
  const [uu, uv, vv, uw, vw] = [dot(u, u), dot(u, v), dot(v, v), dot(u, w), dot(v, w)];
  const area = uu * vv - uv * uv;
  if (!(area > 0)) return [1, 0, 0];
  const wb = Math.min(1, Math.max(0, (vv * uw - uv * vw) / area));
  const wc = Math.min(1 - wb, Math.max(0, (uu * vw - uv * uw) / area));
  return [1 - wb - wc, wb, wc];
}

/** Empty texels beside full ones take their mean. */
function spread(data: Uint8Array, side: number): void {
  const before = data.slice();
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const o = (y * side + x) * 4;
      if (before[o + 3] > 0) continue;
      let count = 0;
      const sums = [0, 0, 0];
      for (const [dx, dy] of [
        [-1, 0],
        [1, 0],
        [0, -1],
        [0, 1],
      ]) {
        if (x + dx < 0 || x + dx >= side || y + dy < 0 || y + dy >= side) continue;
        const from = ((y + dy) * side + x + dx) * 4;
        if (before[from + 3] === 0) continue;
        count++;
        for (let n = 0; n < 3; n++) sums[n] += before[from + n];
      }
      if (count > 0) data.set([...sums.map((sum) => Math.round(sum / count)), 255], o);
    }
}

/** What nothing lies on is of the mean colour, so that smaller copies do not darken. */
function fillGround(data: Uint8Array): void {
  const sums = [0, 0, 0];
  let count = 0;
  for (let o = 0; o < data.length; o += 4) {
    if (data[o + 3] === 0) continue;
    count++;
    for (let n = 0; n < 3; n++) sums[n] += data[o + n];
  }
  const mean = [...sums.map((sum) => Math.round(sum / Math.max(1, count))), 255];
  for (let o = 0; o < data.length; o += 4) if (data[o + 3] === 0) data.set(mean, o);
}
