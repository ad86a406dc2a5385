import earcut from 'earcut';

/**
 * Cuts one polygon into triangles.
 * @param points xyz per corner, in order
 * @param size corners
 * @param dst receives corner numbers (0 to size - 1), three a triangle, from `at` on
 * @returns triangles written: always `size - 2`, so polygon sizes alone tell which triangles are whose
 */
export function triangulatePolygon(points: Float64Array, size: number, dst: Int32Array, at: number): number {
  if (size === 4 && !isConvexQuad(points)) {
    // cut from the reflex corner's side: the diagonal 1–3 instead of 0–2
    dst.set([0, 1, 3, 1, 2, 3], at);
    if (!isFolded(points)) return 2;
  }
  if (size > 4 || (size === 4 && !isConvexQuad(points))) {
    const cut = earcut(projectPolygon(points, size), undefined, 2);
    if (cut.length === (size - 2) * 3) {
      dst.set(cut, at);
      return size - 2;
    }
  }
  for (let i = 0; i < size - 2; i++) {
    dst[at + i * 3] = 0;
    dst[at + i * 3 + 1] = i + 1;
    dst[at + i * 3 + 2] = i + 2;
  }
  return size - 2;
}

/** Newell's method (Sutherland, Sproull and Schumacker 1974): the area normal of any polygon, flat or not. */
function newellNormal(points: Float64Array, size: number): [number, number, number] {
  let x = 0;
  let y = 0;
  let z = 0;
  for (let i = 0; i < size; i++) {
    const a = i * 3;
    const b = ((i + 1) % size) * 3;
    x += (points[a + 1] - points[b + 1]) * (points[a + 2] + points[b + 2]);
    y += (points[a + 2] - points[b + 2]) * (points[a] + points[b]);
    z += (points[a] - points[b]) * (points[a + 1] + points[b + 1]);
  }
  return [x, y, z];
}

/** Drops the axis the polygon faces most, keeping its winding. */
function projectPolygon(points: Float64Array, size: number): number[] {
  const normal = newellNormal(points, size);
  const strongest = normal.reduce((best, v, i) => (Math.abs(v) > Math.abs(normal[best]) ? i : best), 0);
  const [u, v] = [
    [1, 2],
    [2, 0],
    [0, 1],
  ][strongest];
  const flip = normal[strongest] < 0 ? -1 : 1;
  const flat: number[] = [];
  for (let i = 0; i < size; i++) flat.push(points[i * 3 + u] * flip, points[i * 3 + v]);
  return flat;
}

function cornerTurn(points: Float64Array, a: number, b: number, c: number): [number, number, number] {
  const ux = points[b * 3] - points[a * 3];
  const uy = points[b * 3 + 1] - points[a * 3 + 1];
  const uz = points[b * 3 + 2] - points[a * 3 + 2];
  const vx = points[c * 3] - points[b * 3];
  const vy = points[c * 3 + 1] - points[b * 3 + 1];
  const vz = points[c * 3 + 2] - points[b * 3 + 2];
  return [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
}

const dot = (a: number[], b: number[]): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** A quad may be cut 0–2 where both halves face the same way. */
function isConvexQuad(points: Float64Array): boolean {
  return dot(cornerTurn(points, 0, 1, 2), cornerTurn(points, 0, 2, 3)) >= 0;
}

function isFolded(points: Float64Array): boolean {
  return dot(cornerTurn(points, 0, 1, 3), cornerTurn(points, 1, 2, 3)) < 0;
}
