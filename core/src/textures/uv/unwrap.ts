import type { PotpackBox } from 'potpack';
import { buildEdgeTable } from '../../geometry/edge-table';

export interface Unwrapped {
  /** uv a corner, three corners a triangle, 0 to 1, rows from the top. */
  uvs: Float32Array;
  /** Pieces the surface was cut into. */
  charts: number;
  /** How much of the square the pieces' boxes cover. */
  filled: number;
}

/** Faces that turn away from a piece's middle by more than this are another piece: none is shown smaller than 0.64 of its size. Ours. */
const COS = Math.cos((50 * Math.PI) / 180);
/** How much of the square pieces cover at first; what does not fit is made smaller. Ours. */
const FILL = 0.55;

/**
 * Lays a surface out flat so that no place of the picture belongs to two places of it: for light and colours that are baked. Cut into
 * pieces that look one way, each seen from there, of one scale, apart from one another.
 * @param positions xyz a point
 * @param points the point at each corner, three corners a triangle
 * @param side of the picture in texels it is meant for
 * @param margin between pieces, texels
 */
export async function unwrap(
  positions: ArrayLike<number>,
  points: Uint32Array,
  { side, margin }: { side: number; margin: number },
): Promise<Unwrapped> {
  const { default: potpack } = await import('potpack');
  const { normals, areas, total } = measureFaces(positions, points);
  if (total === 0) return { uvs: new Float32Array(points.length * 2), charts: 0, filled: 0 };
  const texel = Math.sqrt(total / (side * side * FILL));
  const grown = growCharts(positions, points, { normals, areas, texel });
  const packed = packCharts(potpack, grown.charts, side, margin);
  const unit = 1 / Math.max(side, packed.longest);
  const uvs = new Float32Array(points.length * 2);
  for (let c = 0; c < points.length; c++) {
    const chart = grown.chartOf[(c / 3) | 0];
    for (let n = 0; n < 2; n++)
      uvs[c * 2 + n] = (packed.at[chart * 2 + n] + grown.flat[c * 2 + n] * packed.scale) * unit;
  }
  return { uvs, charts: grown.charts.length, filled: packed.covered * unit * unit };
}

interface Packed {
  /** Of the charts, so that they fit. */
  scale: number;
  /** Upper left of each, texels. */
  at: Float64Array;
  longest: number;
  /** By their boxes, texels. */
  covered: number;
}

/** Tries sizes until the charts just fit; many small ones may be more margin than fits, then the picture is thought larger. */
function packCharts(
  potpack: (boxes: PotpackBox[]) => { w: number; h: number; fill: number },
  charts: Grown['charts'],
  side: number,
  margin: number,
): Packed {
  let best: Packed | null = null;
  let scale = 1;
  for (let tries = 0; tries < 8; tries++) {
    const boxes = charts.map(({ width, height }, i) => ({
      i,
      x: 0,
      y: 0,
      w: Math.ceil(width * scale) + margin,
      h: Math.ceil(height * scale) + margin,
    }));
    const { w, h, fill } = potpack(boxes);
    const longest = Math.max(w, h);
    const fits = longest <= side;
    if (!best || (fits ? best.longest > side || scale > best.scale : longest < best.longest)) {
      const at = new Float64Array(charts.length * 2);
      for (const { i, x, y } of boxes) at.set([x + margin / 2, y + margin / 2], i * 2);
      best = { scale, at, longest, covered: fill * w * h };
    }
    if (fits && longest > side * 0.95) break;
    scale *= Math.min(2, Math.max(0.5, (side / longest) * (fits ? 0.99 : 0.97)));
  }
  return best!;
}

function measureFaces(positions: ArrayLike<number>, points: Uint32Array) {
  const count = points.length / 3;
  const normals = new Float32Array(count * 3);
  const areas = new Float32Array(count);
  let total = 0;
  for (let t = 0; t < count; t++) {
    const [a, b, c] = [points[t * 3] * 3, points[t * 3 + 1] * 3, points[t * 3 + 2] * 3];
    const [ux, uy, uz] = [
      positions[b] - positions[a],
      positions[b + 1] - positions[a + 1],
      positions[b + 2] - positions[a + 2],
    ];
    const [vx, vy, vz] = [
      positions[c] - positions[a],
      positions[c + 1] - positions[a + 1],
      positions[c + 2] - positions[a + 2],
    ];
    const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const length = Math.hypot(x, y, z);
    areas[t] = length / 2;
    total += length / 2;
    if (length > 0) normals.set([x / length, y / length, z / length], t * 3);
  }
  return { normals, areas, total };
}

interface Grown {
  /** Sides of each, in texels. */
  charts: { width: number; height: number }[];
  chartOf: Int32Array;
  /** xy a corner, texels from the upper left of its chart. */
  flat: Float32Array;
}

/** From the largest face on that has no place yet, over edges where two faces agree, as long as they look its way and lie on none of it. */
function growCharts(
  positions: ArrayLike<number>,
  points: Uint32Array,
  { normals, areas, texel }: { normals: Float32Array; areas: Float32Array; texel: number },
): Grown {
  const count = areas.length;
  const table = buildEdgeTable(points, positions.length / 3);
  const across = pairFaces(points, table);
  const chartOf = new Int32Array(count).fill(-1);
  const flat = new Float32Array(points.length * 2);
  const charts: Grown['charts'] = [];
  const cells = new CellSet(count);
  const queue = new Int32Array(count);
  const order = Uint32Array.from({ length: count }, (_, t) => t).sort((a, b) => areas[b] - areas[a] || a - b);
  const corners = new Float64Array(6);
  for (const seed of order) {
    if (chartOf[seed] >= 0) continue;
    const chart = charts.length;
    const frame = frameOf(normals, seed, texel);
    cells.begin();
    let [from, to] = [0, 0];
    const lay = (t: number): boolean => {
      for (let k = 0; k < 3; k++) {
        const p = points[t * 3 + k] * 3;
        for (let n = 0; n < 2; n++)
          corners[k * 2 + n] =
            positions[p] * frame[n * 3] + positions[p + 1] * frame[n * 3 + 1] + positions[p + 2] * frame[n * 3 + 2];
      }
      if (!cells.cover(corners)) return false;
      flat.set(corners, t * 6);
      chartOf[t] = chart;
      queue[to++] = t;
      return true;
    };
    cells.isFirst = true;
    lay(seed);
    cells.isFirst = false;
    while (from < to) {
      const t = queue[from++];
      for (let k = 0; k < 3; k++) {
        const next = across[t * 3 + k];
        if (next < 0 || chartOf[next] >= 0) continue;
        const looks =
          normals[seed * 3] * normals[next * 3] +
          normals[seed * 3 + 1] * normals[next * 3 + 1] +
          normals[seed * 3 + 2] * normals[next * 3 + 2];
        // what has no area looks no way, and lies wherever it hangs
        if (looks >= COS || areas[next] === 0) lay(next);
      }
    }
    charts.push(settle(flat, queue.subarray(0, to)));
  }
  return { charts, chartOf, flat };
}

/** @returns the triangle beyond each edge, by the corner it begins at; -1 where there is none, several, or one that looks the other way */
function pairFaces(points: Uint32Array, { edges, edgeOf, uses, net }: ReturnType<typeof buildEdgeTable>): Int32Array {
  const first = new Int32Array(edges).fill(-1);
  const across = new Int32Array(points.length).fill(-1);
  for (let c = 0; c < points.length; c++) {
    const edge = edgeOf[c];
    if (edge < 0 || uses[edge] !== 2 || net[edge] !== 0) continue;
    if (first[edge] < 0) first[edge] = c;
    else {
      across[c] = (first[edge] / 3) | 0;
      across[first[edge]] = (c / 3) | 0;
    }
  }
  return across;
}

/** Two ways across a face's normal, at right angles, in texels a unit: seen from in front the first goes right and the second down. */
function frameOf(normals: Float32Array, t: number, texel: number): Float64Array {
  const [x, y, z] = [normals[t * 3], normals[t * 3 + 1], normals[t * 3 + 2]];
  const other = Math.abs(y) < 0.9 ? [0, 1, 0] : [0, 0, 1];
  const right = [other[1] * z - other[2] * y, other[2] * x - other[0] * z, other[0] * y - other[1] * x];
  const length = Math.hypot(...right) || 1;
  const [rx, ry, rz] = right.map((v) => v / length);
  const down = [y * rz - z * ry, z * rx - x * rz, x * ry - y * rx].map((v) => -v);
  return Float64Array.from([rx, ry, rz, ...down], (v) => v / texel);
}

/** Turns a chart so that its box is small, and moves it to the upper left. @returns the box */
function settle(flat: Float32Array, faces: Int32Array): { width: number; height: number } {
  let best = { size: Infinity, cos: 1, sin: 0, left: 0, top: 0, width: 0, height: 0 };
  // a chart that is a whole turn's share is looked at, larger ones by a part of their corners
  const step = Math.max(1, Math.floor(faces.length / 400));
  for (let degrees = 0; degrees < 90; degrees += 5) {
    const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    const box = boxOf(flat, faces, cos, sin, step);
    if (box.width * box.height < best.size * 0.999) best = { size: box.width * box.height, cos, sin, ...box };
  }
  // all of them lying: the packer fills rows of a height
  if (best.width < best.height) best = { ...best, cos: -best.sin, sin: best.cos };
  const { cos, sin } = best;
  const { left, top, width, height } = boxOf(flat, faces, cos, sin, 1);
  for (const t of faces)
    for (let o = t * 6; o < t * 6 + 6; o += 2) {
      const [x, y] = [flat[o], flat[o + 1]];
      flat[o] = x * cos - y * sin - left;
      flat[o + 1] = x * sin + y * cos - top;
    }
  return { width, height };
}

function boxOf(flat: Float32Array, faces: Int32Array, cos: number, sin: number, step: number) {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (let i = 0; i < faces.length; i += step)
    for (let o = faces[i] * 6; o < faces[i] * 6 + 6; o += 2) {
      const x = flat[o] * cos - flat[o + 1] * sin;
      const y = flat[o] * sin + flat[o + 1] * cos;
      if (x < left) left = x;
      if (x > right) right = x;
      if (y < top) top = y;
      if (y > bottom) bottom = y;
    }
  return { left, top, width: right - left, height: bottom - top };
}

/** A center this near to an edge, as a share of its triangle, belongs to no side. */
const ON_EDGE = 1e-6;

/** Texels a chart covers, so that nothing is laid on them twice. */
class CellSet {
  #keys: Int32Array;
  #stamps: Int32Array;
  #mask: number;
  #stamp = 0;
  #held = 0;
  /** Nothing lies there yet: what is laid is not looked for. */
  isFirst = false;
  readonly #found: number[] = [];

  constructor(faces: number) {
    const capacity = 2 ** Math.ceil(Math.log2(Math.max(1 << 12, faces * 2)));
    this.#keys = new Int32Array(capacity);
    this.#stamps = new Int32Array(capacity);
    this.#mask = capacity - 1;
  }

  /** Another chart begins: what was there is forgotten. */
  begin(): void {
    this.#stamp++;
    this.#held = 0;
  }

  /** @param corners xy, three of them, in cells @returns false where something lies there; then nothing is laid */
  cover([ax, ay, bx, by, cx, cy]: Float64Array): boolean {
    const area = (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);
    if (area === 0) return true;
    const found = this.#found;
    found.length = 0;
    const top = Math.ceil(Math.min(ay, by, cy) - 0.5);
    const bottom = Math.floor(Math.max(ay, by, cy) - 0.5);
    const left = Math.ceil(Math.min(ax, bx, cx) - 0.5);
    const right = Math.floor(Math.max(ax, bx, cx) - 0.5);
    for (let row = top; row <= bottom; row++)
      for (let column = left; column <= right; column++) {
        const [x, y] = [column + 0.5, row + 0.5];
        const u = ((bx - x) * (cy - y) - (by - y) * (cx - x)) / area;
        const v = ((cx - x) * (ay - y) - (cy - y) * (ax - x)) / area;
        if (u <= ON_EDGE || v <= ON_EDGE || u + v >= 1 - ON_EDGE) continue;
        const key = Math.imul(row, 65536) + column;
        if (!this.isFirst && this.#has(key)) return false;
        found.push(key);
      }
    for (const key of found) this.#add(key);
    return true;
  }

  #has(key: number): boolean {
    for (let slot = hash(key) & this.#mask; this.#stamps[slot] === this.#stamp; slot = (slot + 1) & this.#mask)
      if (this.#keys[slot] === key) return true;
    return false;
  }

  #add(key: number): void {
    if (this.#held * 2 > this.#mask) this.#grow();
    let slot = hash(key) & this.#mask;
    while (this.#stamps[slot] === this.#stamp && this.#keys[slot] !== key) slot = (slot + 1) & this.#mask;
    if (this.#stamps[slot] !== this.#stamp) this.#held++;
    this.#stamps[slot] = this.#stamp;
    this.#keys[slot] = key;
  }

  #grow(): void {
    const [keys, stamps] = [this.#keys, this.#stamps];
    this.#keys = new Int32Array(keys.length * 2);
    this.#stamps = new Int32Array(keys.length * 2);
    this.#mask = keys.length * 2 - 1;
    this.#held = 0;
    for (let i = 0; i < keys.length; i++) if (stamps[i] === this.#stamp) this.#add(keys[i]);
  }
}

function hash(key: number): number {
  const mixed = Math.imul(key ^ (key >>> 15), 0x9e3779b1);
  return mixed ^ (mixed >>> 13);
}
