const { abs, max, min, sqrt } = Math;

/** Planes of triangles: the unit normal and the distance from the origin, four numbers each; no normal where there is no area. */
export function listPlanes(p: Float32Array, indices: Uint32Array): Float32Array {
  const planes = new Float32Array((indices.length / 3) * 4);
  for (let t = 0; t < indices.length / 3; t++) {
    const [a, b, c] = [indices[t * 3] * 3, indices[t * 3 + 1] * 3, indices[t * 3 + 2] * 3];
    const [ux, uy, uz] = [p[b] - p[a], p[b + 1] - p[a + 1], p[b + 2] - p[a + 2]];
    const [vx, vy, vz] = [p[c] - p[a], p[c + 1] - p[a + 1], p[c + 2] - p[a + 2]];
    const [nx, ny, nz] = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const length = sqrt(nx * nx + ny * ny + nz * nz);
    if (!(length > 0)) continue;
    planes[t * 4] = nx / length;
    planes[t * 4 + 1] = ny / length;
    planes[t * 4 + 2] = nz / length;
    planes[t * 4 + 3] = (nx * p[a] + ny * p[a + 1] + nz * p[a + 2]) / length;
  }
  return planes;
}

const reach = new Float64Array(3);
/** How far each corner of a triangle lies before a plane. */
function measureReach(p: Float32Array, indices: Uint32Array, t: number, planes: Float32Array, of: number): void {
  for (let k = 0; k < 3; k++) {
    const o = indices[t * 3 + k] * 3;
    reach[k] =
      planes[of * 4] * p[o] + planes[of * 4 + 1] * p[o + 1] + planes[of * 4 + 2] * p[o + 2] - planes[of * 4 + 3];
  }
}

const span = new Float64Array(2);
/** Where a triangle meets the line two planes share, along an axis; `reach` holds how far its corners lie from the other's plane. */
function measureSpan(p: Float32Array, indices: Uint32Array, t: number, axis: number): void {
  span[0] = Infinity;
  span[1] = -Infinity;
  for (let k = 0; k < 3; k++) {
    const next = (k + 1) % 3;
    const [from, to] = [reach[k], reach[next]];
    if (from > 0 === to > 0) continue;
    const [a, b] = [p[indices[t * 3 + k] * 3 + axis], p[indices[t * 3 + next] * 3 + axis]];
    const at = a + ((b - a) * from) / (from - to);
    span[0] = min(span[0], at);
    span[1] = max(span[1], at);
  }
}

/**
 * Whether two triangles go through one another (Möller 1997): each has corners on both sides of the other's plane, by more than
 * `least`, and they meet on a line longer than that. What only touches does not.
 */
export function isCrossing(
  p: Float32Array,
  indices: Uint32Array,
  planes: Float32Array,
  a: number,
  b: number,
  least: number,
): boolean {
  measureReach(p, indices, b, planes, a);
  if (min(reach[0], reach[1], reach[2]) > -least || max(reach[0], reach[1], reach[2]) < least) return false;
  // the axis the shared line runs along most
  const [ax, ay, az] = [planes[a * 4], planes[a * 4 + 1], planes[a * 4 + 2]];
  const [bx, by, bz] = [planes[b * 4], planes[b * 4 + 1], planes[b * 4 + 2]];
  const line = [ay * bz - az * by, az * bx - ax * bz, ax * by - ay * bx];
  const axis = line.reduce((most, v, i) => (abs(v) > abs(line[most]) ? i : most), 0);
  measureSpan(p, indices, b, axis);
  const [low, high] = span;
  measureReach(p, indices, a, planes, b);
  if (min(reach[0], reach[1], reach[2]) > -least || max(reach[0], reach[1], reach[2]) < least) return false;
  measureSpan(p, indices, a, axis);
  const stretch = sqrt(line[0] ** 2 + line[1] ** 2 + line[2] ** 2) / (abs(line[axis]) || 1);
  return (min(high, span[1]) - max(low, span[0])) * stretch > least;
}

/** Corners of a polygon in a plane, xy each; clipping three lines by three makes six at most. */
const polygon = { now: new Float64Array(24), next: new Float64Array(24) };
const flat = new Float64Array(12);

/**
 * Whether two nearly parallel triangles lie on one another: where one is seen above the other they share at least `share` of the
 * smaller one's area, nowhere farther apart than `apart`.
 */
export function isLyingOn(
  p: Float32Array,
  indices: Uint32Array,
  planes: Float32Array,
  a: number,
  b: number,
  { apart, share }: { apart: number; share: number },
): boolean {
  measureReach(p, indices, b, planes, a);
  if (min(reach[0], reach[1], reach[2]) > apart || max(reach[0], reach[1], reach[2]) < -apart) return false;
  // looked at along the axis the plane faces most, heights apart left out
  const facing = [abs(planes[a * 4]), abs(planes[a * 4 + 1]), abs(planes[a * 4 + 2])];
  const drop = facing[0] >= facing[1] && facing[0] >= facing[2] ? 0 : facing[1] >= facing[2] ? 1 : 2;
  const [x, y] = [(drop + 1) % 3, (drop + 2) % 3];
  for (let k = 0; k < 3; k++) {
    const [oa, ob] = [indices[a * 3 + k] * 3, indices[b * 3 + k] * 3];
    flat[k * 2] = p[oa + x];
    flat[k * 2 + 1] = p[oa + y];
    flat[6 + k * 2] = p[ob + x];
    flat[7 + k * 2] = p[ob + y];
  }
  const turnA = signedArea(flat, 0, 3);
  const turnB = signedArea(flat, 6, 3);
  const least = share * min(abs(turnA), abs(turnB));
  if (!(least > 0) || isApart(0, 6, turnA) || isApart(6, 0, turnB)) return false;
  const corners = clip(turnA);
  if (corners < 3 || abs(signedArea(polygon.now, 0, corners)) < least) return false;
  // how far the two planes are apart at each corner of what they share
  const [na, nb] = [a * 4, b * 4];
  for (let k = 0; k < corners; k++) {
    const [u, v] = [polygon.now[k * 2], polygon.now[k * 2 + 1]];
    const heightA = (planes[na + 3] - planes[na + x] * u - planes[na + y] * v) / planes[na + drop];
    const heightB = (planes[nb + 3] - planes[nb + x] * u - planes[nb + y] * v) / planes[nb + drop];
    if (abs(heightA - heightB) * abs(planes[na + drop]) > apart) return false;
  }
  return true;
}

/** True where an edge of one has all corners of the other beyond it, or on it. */
function isApart(of: number, other: number, turn: number): boolean {
  const sign = turn > 0 ? 1 : -1;
  for (let k = 0; k < 3; k++) {
    const [i, j] = [of + k * 2, of + ((k + 1) % 3) * 2];
    const [ex, ey] = [flat[j] - flat[i], flat[j + 1] - flat[i + 1]];
    const slack = abs(turn) * 1e-6;
    let isOut = true;
    for (let m = 0; m < 3 && isOut; m++) {
      const [qx, qy] = [flat[other + m * 2] - flat[i], flat[other + m * 2 + 1] - flat[i + 1]];
      isOut = (ex * qy - ey * qx) * sign <= slack;
    }
    if (isOut) return true;
  }
  return false;
}

/** Cuts the second triangle by the edges of the first (Sutherland and Hodgman 1974). @returns corners in `polygon.now` */
function clip(turn: number): number {
  const sign = turn > 0 ? 1 : -1;
  polygon.now.set(flat.subarray(6, 12));
  let count = 3;
  for (let k = 0; k < 3 && count > 0; k++) {
    const [i, j] = [k * 2, ((k + 1) % 3) * 2];
    const [ox, oy, ex, ey] = [flat[i], flat[i + 1], flat[j] - flat[i], flat[j + 1] - flat[i + 1]];
    let kept = 0;
    for (let m = 0; m < count; m++) {
      const n = (m + 1) % count;
      const [px, py, qx, qy] = [polygon.now[m * 2], polygon.now[m * 2 + 1], polygon.now[n * 2], polygon.now[n * 2 + 1]];
      const before = (ex * (py - oy) - ey * (px - ox)) * sign;
      const after = (ex * (qy - oy) - ey * (qx - ox)) * sign;
      if (before >= 0) {
        polygon.next[kept * 2] = px;
        polygon.next[kept++ * 2 + 1] = py;
      }
      if (before >= 0 !== after >= 0) {
        const at = before / (before - after);
        polygon.next[kept * 2] = px + (qx - px) * at;
        polygon.next[kept++ * 2 + 1] = py + (qy - py) * at;
      }
    }
    count = kept;
    [polygon.now, polygon.next] = [polygon.next, polygon.now];
  }
  return count;
}

/** Twice the area, above zero where it goes round counter-clockwise. */
function signedArea(q: Float64Array, from: number, count: number): number {
  let sum = 0;
  for (let k = 0; k < count; k++) {
    const [i, j] = [from + k * 2, from + ((k + 1) % count) * 2];
    sum += q[i] * q[j + 1] - q[j] * q[i + 1];
  }
  return sum;
}
