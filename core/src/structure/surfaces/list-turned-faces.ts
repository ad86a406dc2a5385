import type { Shells } from './find-shells';
import type { PartSurface } from './gather-surface';

const { abs, max, min, sqrt } = Math;

/** Polygons that should look the other way. */
export interface TurnedFaces {
  /** 1 for a polygon to be turned. */
  turned: Uint8Array;
  /** Polygons that look another way than those around them. */
  against: number;
  /** Polygons of closed shells that look inwards as a whole. */
  inwards: number;
}

/**
 * A shell with so little border for its area encloses nearly something, and its outside is known: border² below this times its area. A
 * box without a lid has 3.2, half a ball 6.3, a sheet 12.6 and more. Ours.
 */
const NEARLY_CLOSED = 5;

/**
 * Says which polygons have to be turned so that those of a shell agree and look outwards. A closed shell looks away from what it
 * encloses, but one inside another is a hollow and stays. An open one that disagrees goes the way it would look outwards if its borders
 * were closed, else the way most of its area looks; one that agrees stays as it is: a room is built to be seen from within.
 */
export function listTurnedFaces(surface: PartSurface, shells: Shells): TurnedFaces {
  const sums = sumShells(surface, shells);
  const hollow = new Hollows(surface, shells, sums);
  const turned = new Uint8Array(shells.shellOf.length);
  const changes = new Uint32Array(shells.shells);
  const turnsFirst = Uint8Array.from(changes, (_, s) => (shouldTurnFirst(s, sums, hollow) ? 1 : 0));
  for (let k = 0; k < turned.length; k++) {
    const s = shells.shellOf[k];
    if (shells.oneSided[s]) continue;
    turned[k] = shells.turned[k] ^ turnsFirst[s];
    changes[s] += turned[k];
  }
  let [against, inwards] = [0, 0];
  for (let s = 0; s < changes.length; s++)
    if (changes[s] === sums.polygons[s]) inwards += changes[s];
    else against += changes[s];
  return { turned, against, inwards };
}

/** Whether the first polygon of a shell looks the wrong way. */
function shouldTurnFirst(s: number, { area, turnedArea, volume, open }: ShellSums, hollow: Hollows): boolean {
  const agrees = turnedArea[s] === 0;
  const isSolid = abs(volume[s]) > 1e-6 * area[s] ** 1.5;
  if (open[s] === 0 && isSolid) return volume[s] < 0 && !(agrees && hollow.has(s));
  if (agrees) return false;
  if (isSolid && open[s] ** 2 < NEARLY_CLOSED * area[s]) return volume[s] < 0;
  return turnedArea[s] > area[s] / 2;
}

/** Of each shell, in the part's own space. */
interface ShellSums {
  polygons: Uint32Array;
  area: Float64Array;
  /** Of polygons that look another way than the first. */
  turnedArea: Float64Array;
  /** Enclosed if all looked as the first does, its borders closed towards their middle. */
  volume: Float64Array;
  /** Length of its border; edges where more than two meet count as one. */
  open: Float64Array;
  /** The lower and the upper end along x, y, z. */
  box: Float64Array;
}

function sumShells(surface: PartSurface, { shellOf, shells, turned }: Shells): ShellSums {
  const { positions: p, points, table, polygonOf } = surface;
  const { edgeOf, uses, ends } = table;
  const polygons = new Uint32Array(shells);
  const [area, turnedArea, volume, open] = [0, 1, 2, 3].map(() => new Float64Array(shells));
  const box = new Float64Array(shells * 6).map((_, i) => (i % 6 < 3 ? Infinity : -Infinity));
  for (let k = 0; k < shellOf.length; k++) polygons[shellOf[k]]++;
  const middles = findBorderMiddles(surface, shellOf, shells);
  for (let t = 0; t < polygonOf.length; t++) {
    const isTurned = turned[polygonOf[t]] === 1;
    const s = shellOf[polygonOf[t]];
    const a = points[t * 3] * 3;
    const b = points[t * 3 + 1] * 3;
    const c = points[t * 3 + 2] * 3;
    for (let axis = 0; axis < 3; axis++) {
      const low = min(p[a + axis], p[b + axis], p[c + axis]);
      const high = max(p[a + axis], p[b + axis], p[c + axis]);
      if (low < box[s * 6 + axis]) box[s * 6 + axis] = low;
      if (high > box[s * 6 + 3 + axis]) box[s * 6 + 3 + axis] = high;
    }
    const ux = p[b] - p[a];
    const uy = p[b + 1] - p[a + 1];
    const uz = p[b + 2] - p[a + 2];
    const vx = p[c] - p[a];
    const vy = p[c + 1] - p[a + 1];
    const vz = p[c + 2] - p[a + 2];
    const nx = uy * vz - uz * vy;
    const ny = uz * vx - ux * vz;
    const nz = ux * vy - uy * vx;
    const own = sqrt(nx * nx + ny * ny + nz * nz) / 2;
    area[s] += own;
    if (isTurned) turnedArea[s] += own;
    const enclosed =
      ((p[a] - middles[s * 3]) * nx + (p[a + 1] - middles[s * 3 + 1]) * ny + (p[a + 2] - middles[s * 3 + 2]) * nz) / 6;
    volume[s] += isTurned ? -enclosed : enclosed;
    for (let corner = t * 3; corner < t * 3 + 3; corner++) {
      const edge = edgeOf[corner];
      if (edge >= 0 && uses[edge] !== 2) open[s] += lengthOf(p, ends[edge * 2] * 3, ends[edge * 2 + 1] * 3);
    }
  }
  return { polygons, area, turnedArea, volume, open, box };
}

const lengthOf = (p: Float32Array, from: number, to: number): number =>
  sqrt((p[from] - p[to]) ** 2 + (p[from + 1] - p[to + 1]) ** 2 + (p[from + 2] - p[to + 2]) ** 2);

/** The middle of the border of each shell; of a closed one a place of it. Fans from there to the border add nothing to its volume. */
function findBorderMiddles(
  { positions, points, table, polygonOf }: PartSurface,
  shellOf: Int32Array,
  shells: number,
): Float64Array {
  const middles = new Float64Array(shells * 3);
  const counts = new Uint32Array(shells);
  const first = new Int32Array(shells).fill(-1);
  for (let c = 0; c < points.length; c++) {
    const s = shellOf[polygonOf[(c / 3) | 0]];
    if (first[s] < 0) first[s] = points[c];
    const edge = table.edgeOf[c];
    if (edge < 0 || table.uses[edge] === 2) continue;
    counts[s]++;
    for (let axis = 0; axis < 3; axis++) middles[s * 3 + axis] += positions[points[c] * 3 + axis];
  }
  for (let s = 0; s < shells; s++)
    for (let axis = 0; axis < 3; axis++)
      middles[s * 3 + axis] = counts[s] > 0 ? middles[s * 3 + axis] / counts[s] : positions[first[s] * 3 + axis];
  return middles;
}

/** Shells that lie within another closed one. */
class Hollows {
  readonly #surface: PartSurface;
  readonly #shells: Shells;
  readonly #sums: ShellSums;
  #trianglesOf: number[][] | null = null;

  constructor(surface: PartSurface, shells: Shells, sums: ShellSums) {
    this.#surface = surface;
    this.#shells = shells;
    this.#sums = sums;
  }

  /** True where an odd number of closed shells is around it. */
  has(shell: number): boolean {
    const { shells } = this.#shells;
    const [first] = this.#listTriangles(shell);
    if (first === undefined) return false;
    const { positions, points } = this.#surface;
    const place = points[first * 3] * 3;
    const at: [number, number, number] = [positions[place], positions[place + 1], positions[place + 2]];
    let around = 0;
    for (let s = 0; s < shells; s++)
      if (s !== shell && this.#sums.open[s] === 0 && this.#isBoxAround(s, shell) && this.#isWithin(s, at)) around++;
    return around % 2 === 1;
  }

  #isBoxAround(outer: number, inner: number): boolean {
    const { box } = this.#sums;
    for (let axis = 0; axis < 3; axis++)
      if (box[outer * 6 + axis] >= box[inner * 6 + axis] || box[outer * 6 + 3 + axis] <= box[inner * 6 + 3 + axis])
        return false;
    return true;
  }

  #listTriangles(shell: number): number[] {
    if (!this.#trianglesOf) {
      const { shellOf, shells } = this.#shells;
      const all: number[][] = Array.from({ length: shells }, () => []);
      this.#surface.polygonOf.forEach((k, t) => all[shellOf[k]].push(t));
      this.#trianglesOf = all;
    }
    return this.#trianglesOf[shell];
  }

  /** By how often a ray crosses the shell; it goes a way no edge is likely to lie. */
  #isWithin(shell: number, [x, y, z]: [number, number, number]): boolean {
    const { positions: p, points } = this.#surface;
    const [dx, dy, dz] = [0.57, 0.3917, 0.7219];
    let crossings = 0;
    for (const t of this.#listTriangles(shell)) {
      const [a, b, c] = [points[t * 3] * 3, points[t * 3 + 1] * 3, points[t * 3 + 2] * 3];
      const [ux, uy, uz] = [p[b] - p[a], p[b + 1] - p[a + 1], p[b + 2] - p[a + 2]];
      const [vx, vy, vz] = [p[c] - p[a], p[c + 1] - p[a + 1], p[c + 2] - p[a + 2]];
      // Möller and Trumbore 1997
      const [hx, hy, hz] = [dy * vz - dz * vy, dz * vx - dx * vz, dx * vy - dy * vx];
      const det = ux * hx + uy * hy + uz * hz;
      if (det === 0) continue;
      const [sx, sy, sz] = [x - p[a], y - p[a + 1], z - p[a + 2]];
      const u = (sx * hx + sy * hy + sz * hz) / det;
      if (u < 0 || u > 1) continue;
      const [qx, qy, qz] = [sy * uz - sz * uy, sz * ux - sx * uz, sx * uy - sy * ux];
      const v = (dx * qx + dy * qy + dz * qz) / det;
      if (v < 0 || u + v > 1) continue;
      if ((vx * qx + vy * qy + vz * qz) / det > 0) crossings++;
    }
    return crossings % 2 === 1;
  }
}
