import { growBoxTree, isMet, type BoxTree } from '../../geometry/box-tree';
import { findIslands } from '../../geometry/find-islands';
import type { AllFaces } from './gather-faces';

const { abs, ceil, cos, floor, max, min, PI, sin, sqrt } = Math;

/** It is looked at from so many sides, evenly all around, in an order that leaps, until they show nothing new. Ours. */
const VIEWS = 48;
const LEAP = 29;
/** Pixels along a view: more than this many triangles need so many. Ours. */
const SIDES = [
  { above: 0, side: 384 },
  { above: 20_000, side: 640 },
  { above: 200_000, side: 768 },
];
/** So many views in a row that show less than this share of new faces are enough. Ours. */
const ENOUGH = { views: 4, share: 5e-4 };
/** From each place of a face it is looked outwards in so many directions. Ours. */
const WAYS = 40;
/** Of what hangs together and no view shows so many are asked, evenly taken: where none looks out, none does. Ours. */
const SAMPLE = 60;
/** So many rays in all; what is left then counts as seen. Ours. */
const MOST_RAYS = 1_500_000;
/** Shares of the corners: the middle, and a place near each corner. */
const PLACES = [
  [1 / 3, 1 / 3, 1 / 3],
  [0.9, 0.05, 0.05],
  [0.05, 0.9, 0.05],
  [0.05, 0.05, 0.9],
];

/** Faces nobody can see. */
export interface Hidden {
  /** 1 for each triangle that cannot be seen from outside. */
  hidden: Uint8Array;
  /** Triangles of which nobody looked whether they can be seen: they count as seen. */
  unasked: number;
}

/**
 * Looks which faces can be seen from outside, from whatever side, as if all were seen from both sides and nothing that is seen through
 * hid anything. First from afar; what no view shows looks out from its own places, and is hidden where every way ends on a face. Of a
 * large piece that hangs together a sample is asked first, and the rest only where one of them looks out.
 * @param tell is told the share that is done
 */
export function findHidden(faces: AllFaces, tell: (done: number) => void = () => {}): Hidden {
  const triangles = faces.indices.length / 3;
  const seen = new Uint8Array(triangles);
  const isSeenThrough = (t: number): boolean => faces.parts[faces.partOf[t]].isSeenThrough;
  const side = SIDES.findLast(({ above }) => triangles >= above)!.side;
  const directions = spreadDirections(VIEWS);
  let unseen = triangles;
  for (let i = 0, idle = 0; i < VIEWS && idle < ENOUGH.views && unseen > 0; i++) {
    const shown = markSeenFrom(faces, directions[(i * LEAP) % VIEWS], side, isSeenThrough, seen);
    unseen -= shown;
    idle = shown < ENOUGH.share * triangles ? idle + 1 : 0;
    tell((0.6 * (i + 1)) / VIEWS);
  }
  const open: number[] = [];
  // what has no area is nobody's to see
  for (let t = 0; t < triangles; t++) if (!seen[t] && faceNormal(faces, t)) open.push(t);
  const hidden = new Uint8Array(triangles);
  const tree = growOpaque(faces, isSeenThrough);
  const ways = spreadDirections(WAYS);
  let [asked, rays, unasked] = [0, 0, 0];
  /** @returns true where none of them looks out */
  const ask = (some: readonly number[]): boolean => {
    let areAll = true;
    for (const t of some) {
      if (rays >= MOST_RAYS) {
        unasked++;
        areAll = false;
        continue;
      }
      const { isOut, tried } = looksOut(faces, tree, ways, t);
      hidden[t] = isOut ? 0 : 1;
      if (isOut) areAll = false;
      rays += tried;
    }
    return areAll;
  };
  for (const group of listGroups(faces, open)) {
    const stride = Math.max(1, Math.floor(group.length / SAMPLE));
    const sample = group.filter((_, i) => i % stride === 0);
    if (ask(sample)) for (const t of group) hidden[t] = 1;
    else ask(group.filter((_, i) => i % stride !== 0));
    asked += group.length;
    tell(0.6 + (0.4 * asked) / open.length);
  }
  tell(1);
  return { hidden, unasked };
}

/** Triangles that hang together with one another, the smallest groups first. */
function listGroups({ positions, indices }: AllFaces, triangles: readonly number[]): number[][] {
  const corners = new Uint32Array(triangles.length * 3);
  triangles.forEach((t, i) => corners.set(indices.subarray(t * 3, t * 3 + 3), i * 3));
  const { islandOf, islands } = findIslands(positions, corners);
  const groups = Array.from({ length: islands }, (): number[] => []);
  triangles.forEach((t, i) => groups[islandOf[i]].push(t));
  return groups.sort((a, b) => a.length - b.length);
}

/** What hides others. */
const growOpaque = ({ positions, indices }: AllFaces, isSeenThrough: (t: number) => boolean): BoxTree =>
  growBoxTree(
    positions,
    indices.filter((_, c) => !isSeenThrough((c - (c % 3)) / 3)),
  );

/** Evenly over the ball (the golden spiral). */
function spreadDirections(count: number): [number, number, number][] {
  const golden = PI * (3 - sqrt(5));
  return Array.from({ length: count }, (_, i) => {
    const y = 1 - (2 * (i + 0.5)) / count;
    const r = sqrt(1 - y * y);
    return [r * cos(golden * i), y, r * sin(golden * i)];
  });
}

/** Draws what stands before what, and marks what is to be seen. @returns how many triangles were not seen before */
function markSeenFrom(
  { positions: p, indices, size }: AllFaces,
  [dx, dy, dz]: [number, number, number],
  side: number,
  isSeenThrough: (t: number) => boolean,
  seen: Uint8Array,
): number {
  // two axes across the view
  const helper = abs(dy) < 0.9 ? [0, 1, 0] : [1, 0, 0];
  let [ux, uy, uz] = [
    helper[1] * dz - helper[2] * dy,
    helper[2] * dx - helper[0] * dz,
    helper[0] * dy - helper[1] * dx,
  ];
  const length = sqrt(ux * ux + uy * uy + uz * uz);
  [ux, uy, uz] = [ux / length, uy / length, uz / length];
  const [vx, vy, vz] = [dy * uz - dz * uy, dz * ux - dx * uz, dx * uy - dy * ux];
  // a box turned any way fits; middles of pixels are whole numbers
  const scale = side / (size * 1.74);
  const points = p.length / 3;
  const sx = new Float32Array(points);
  const sy = new Float32Array(points);
  const sz = new Float32Array(points);
  for (let i = 0; i < points; i++) {
    const [x, y, z] = [p[i * 3], p[i * 3 + 1], p[i * 3 + 2]];
    sx[i] = (ux * x + uy * y + uz * z) * scale + side / 2;
    sy[i] = (vx * x + vy * y + vz * z) * scale + side / 2;
    sz[i] = dx * x + dy * y + dz * z;
  }
  const depth = new Float32Array(side * side).fill(-Infinity);
  const shown = new Int32Array(side * side).fill(-1);
  let fresh = 0;
  const draw = (t: number, isOver: boolean): void => {
    const [a, b, c] = [indices[t * 3], indices[t * 3 + 1], indices[t * 3 + 2]];
    const [ax, ay, bx, by, cx, cy] = [sx[a], sy[a], sx[b], sy[b], sx[c], sy[c]];
    const area = (bx - ax) * (cy - ay) - (cx - ax) * (by - ay);
    if (area === 0) return;
    const x0 = max(0, ceil(min(ax, bx, cx)));
    const x1 = min(side - 1, floor(max(ax, bx, cx)));
    const y0 = max(0, ceil(min(ay, by, cy)));
    const y1 = min(side - 1, floor(max(ay, by, cy)));
    // shares of two corners, and the depth, along a row and from row to row
    const [shareB, shareC] = [(cy - ay) / area, (ay - by) / area];
    const [stepB, stepC] = [(ax - cx) / area, (bx - ax) / area];
    const [zb, zc] = [sz[b] - sz[a], sz[c] - sz[a]];
    for (let y = y0; y <= y1; y++) {
      let wb = (x0 - ax) * shareB + (y - ay) * stepB;
      let wc = (x0 - ax) * shareC + (y - ay) * stepC;
      for (let x = x0, at = y * side + x0; x <= x1; x++, at++, wb += shareB, wc += shareC) {
        if (wb < 0 || wc < 0 || wb + wc > 1) continue;
        const z = sz[a] + wb * zb + wc * zc;
        if (z < depth[at]) continue;
        if (!isOver) {
          depth[at] = z;
          shown[at] = t;
        } else if (!seen[t]) {
          seen[t] = 1;
          fresh++;
        }
      }
    }
  };
  const triangles = indices.length / 3;
  let over = 0;
  for (let t = 0; t < triangles; t++)
    if (isSeenThrough(t)) over++;
    else draw(t, false);
  // what is seen through is laid over the rest, and hides nothing
  if (over > 0) for (let t = 0; t < triangles; t++) if (isSeenThrough(t)) draw(t, true);
  for (const t of shown)
    if (t >= 0 && !seen[t]) {
      seen[t] = 1;
      fresh++;
    }
  return fresh;
}

/** Whether some way from a place of a face leads outside, and how many were tried. First straight away from it, for most look out there. */
function looksOut(
  { positions: p, indices, size }: AllFaces,
  tree: BoxTree,
  ways: readonly (readonly number[])[],
  t: number,
): { isOut: boolean; tried: number } {
  const near = size * 1e-6;
  const [a, b, c] = [indices[t * 3] * 3, indices[t * 3 + 1] * 3, indices[t * 3 + 2] * 3];
  const places = PLACES.map(([i, j, k]) =>
    [0, 1, 2].map((axis) => i * p[a + axis] + j * p[b + axis] + k * p[c + axis]),
  );
  const away = faceNormal({ positions: p, indices }, t) ?? [0, 1, 0];
  let tried = 0;
  for (const way of [away, away.map((v) => -v), ...ways])
    for (const from of places) {
      tried++;
      if (!isMet(tree, from, way, near)) return { isOut: true, tried };
    }
  return { isOut: false, tried };
}

/** @returns the unit normal of a face; null where it has no area */
function faceNormal(
  { positions: p, indices }: Pick<AllFaces, 'positions' | 'indices'>,
  t: number,
): [number, number, number] | null {
  const [a, b, c] = [indices[t * 3] * 3, indices[t * 3 + 1] * 3, indices[t * 3 + 2] * 3];
  const [ux, uy, uz] = [p[b] - p[a], p[b + 1] - p[a + 1], p[b + 2] - p[a + 2]];
  const [vx, vy, vz] = [p[c] - p[a], p[c + 1] - p[a + 1], p[c + 2] - p[a + 2]];
  const [x, y, z] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
  const length = sqrt(x * x + y * y + z * z);
  return length > 0 ? [x / length, y / length, z / length] : null;
}
