type Vector = [number, number, number];
/** Unit quaternion xyzw. */
type Turn = [number, number, number, number];

/** A closed convex surface. */
export interface Hull {
  /** xyz a corner. */
  points: Float32Array;
  /** Three corners a triangle, counter-clockwise seen from outside. */
  indices: Uint32Array;
}

/** What a model is taken for where things collide, world space, metres. Round ones stand along their own Y. */
export type CollisionShape =
  | { kind: 'box'; centre: Vector; turn: Turn; size: Vector }
  | { kind: 'sphere'; centre: Vector; radius: number }
  /** `height`: between the middles of its two ends. */
  | { kind: 'capsule'; centre: Vector; turn: Turn; radius: number; height: number }
  | { kind: 'cylinder'; centre: Vector; turn: Turn; radius: number; height: number }
  | { kind: 'hulls'; hulls: Hull[] };

const { PI, hypot, max } = Math;

/** @returns cubic metres */
export function volumeOf(shape: CollisionShape): number {
  switch (shape.kind) {
    case 'box':
      return shape.size[0] * shape.size[1] * shape.size[2];
    case 'sphere':
      return (4 / 3) * PI * shape.radius ** 3;
    case 'capsule':
      return PI * shape.radius ** 2 * (shape.height + (4 / 3) * shape.radius);
    case 'cylinder':
      return PI * shape.radius ** 2 * shape.height;
    case 'hulls':
      return shape.hulls.reduce((sum, hull) => sum + volumeOfHull(hull), 0);
  }
}

/** By signed tetrahedra. */
export function volumeOfHull({ points: p, indices }: Hull): number {
  let six = 0;
  for (let i = 0; i < indices.length; i += 3) {
    const [a, b, c] = [indices[i] * 3, indices[i + 1] * 3, indices[i + 2] * 3];
    six +=
      p[a] * (p[b + 1] * p[c + 2] - p[b + 2] * p[c + 1]) +
      p[a + 1] * (p[b + 2] * p[c] - p[b] * p[c + 2]) +
      p[a + 2] * (p[b] * p[c + 1] - p[b + 1] * p[c]);
  }
  return six / 6;
}

/** @returns a test whether a place lies within, its border included */
export function createInsideTest(shape: CollisionShape): (x: number, y: number, z: number) => boolean {
  if (shape.kind === 'hulls') {
    const all = shape.hulls.map((hull) => ({ planes: listPlanes(hull), ...boundHull(hull) }));
    return (x, y, z) =>
      all.some(
        ({ planes, low, high }) =>
          x >= low[0] &&
          y >= low[1] &&
          z >= low[2] &&
          x <= high[0] &&
          y <= high[1] &&
          z <= high[2] &&
          isBehind(planes, x, y, z),
      );
  }
  const [cx, cy, cz] = shape.centre;
  if (shape.kind === 'sphere') return (x, y, z) => hypot(x - cx, y - cy, z - cz) <= shape.radius;
  const back = createTurn([-shape.turn[0], -shape.turn[1], -shape.turn[2], shape.turn[3]]);
  return (x, y, z) => {
    const [u, v, w] = back(x - cx, y - cy, z - cz);
    if (shape.kind === 'box')
      return Math.abs(u) <= shape.size[0] / 2 && Math.abs(v) <= shape.size[1] / 2 && Math.abs(w) <= shape.size[2] / 2;
    if (shape.kind === 'cylinder') return Math.abs(v) <= shape.height / 2 && hypot(u, w) <= shape.radius;
    return hypot(u, max(0, Math.abs(v) - shape.height / 2), w) <= shape.radius;
  };
}

function boundHull({ points }: Hull): { low: number[]; high: number[] } {
  const [low, high] = [
    [Infinity, Infinity, Infinity],
    [-Infinity, -Infinity, -Infinity],
  ];
  for (let o = 0; o < points.length; o++) {
    low[o % 3] = Math.min(low[o % 3], points[o]);
    high[o % 3] = max(high[o % 3], points[o]);
  }
  return { low, high };
}

/** Four numbers a plane: its normal and how far it lies along it. */
function listPlanes({ points: p, indices }: Hull): Float64Array {
  const planes = new Float64Array((indices.length / 3) * 4);
  for (let t = 0; t * 3 < indices.length; t++) {
    const [a, b, c] = [indices[t * 3] * 3, indices[t * 3 + 1] * 3, indices[t * 3 + 2] * 3];
    const [ux, uy, uz] = [p[b] - p[a], p[b + 1] - p[a + 1], p[b + 2] - p[a + 2]];
    const [vx, vy, vz] = [p[c] - p[a], p[c + 1] - p[a + 1], p[c + 2] - p[a + 2]];
    const n = [uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx];
    const length = hypot(...n) || 1;
    planes.set([n[0] / length, n[1] / length, n[2] / length], t * 4);
    planes[t * 4 + 3] = (n[0] * p[a] + n[1] * p[a + 1] + n[2] * p[a + 2]) / length;
  }
  return planes;
}

function isBehind(planes: Float64Array, x: number, y: number, z: number): boolean {
  for (let o = 0; o < planes.length; o += 4)
    if (planes[o] * x + planes[o + 1] * y + planes[o + 2] * z > planes[o + 3] + 1e-6) return false;
  return true;
}

/** @returns a function that turns a vector by a unit quaternion */
export function createTurn([qx, qy, qz, qw]: Turn): (x: number, y: number, z: number) => Vector {
  return (x, y, z) => {
    const [tx, ty, tz] = [2 * (qy * z - qz * y), 2 * (qz * x - qx * z), 2 * (qx * y - qy * x)];
    return [x + qw * tx + qy * tz - qz * ty, y + qw * ty + qz * tx - qx * tz, z + qw * tz + qx * ty - qy * tx];
  };
}

/** Two faces of a hull that bend less than this look like one: cosine of 12°. Ours. */
const BENDS = 0.978;

function listSharpEdges(hull: Hull): number[] {
  const { points, indices } = hull;
  const planes = listPlanes(hull);
  const first = new Map<string, number>();
  const ends: number[] = [];
  for (let i = 0; i < indices.length; i++) {
    const [a, b] = [indices[i], indices[i % 3 === 2 ? i - 2 : i + 1]];
    const face = Math.floor(i / 3);
    const other = first.get(`${b}-${a}`);
    first.set(`${a}-${b}`, face);
    if (other === undefined) continue;
    const cosine = [0, 1, 2].reduce((sum, k) => sum + planes[face * 4 + k] * planes[other * 4 + k], 0);
    if (cosine < BENDS) ends.push(...points.subarray(a * 3, a * 3 + 3), ...points.subarray(b * 3, b * 3 + 3));
  }
  return ends;
}

const AROUND = 32;

/** Edges to draw a shape by. @returns both ends of each, xyz, world space */
export function outlineOf(shape: CollisionShape): Float32Array<ArrayBuffer> {
  const ends: number[] = [];
  if (shape.kind === 'hulls') {
    for (const hull of shape.hulls) ends.push(...listSharpEdges(hull));
    return Float32Array.from(ends);
  }
  const turn = createTurn(shape.kind === 'sphere' ? [0, 0, 0, 1] : shape.turn);
  const put = (x: number, y: number, z: number): void => {
    const [tx, ty, tz] = turn(x, y, z);
    ends.push(tx + shape.centre[0], ty + shape.centre[1], tz + shape.centre[2]);
  };
  const line = (from: Vector, to: Vector): void => {
    put(...from);
    put(...to);
  };
  const arc = (of: (angle: number) => Vector, from = 0, to = PI * 2): void => {
    for (let i = 0; i < AROUND; i++) {
      line(of(from + ((to - from) * i) / AROUND), of(from + ((to - from) * (i + 1)) / AROUND));
    }
  };
  if (shape.kind === 'box') {
    const [x, y, z] = shape.size.map((side) => side / 2);
    for (const [a, b] of [
      [-1, -1],
      [-1, 1],
      [1, -1],
      [1, 1],
    ]) {
      line([-x, a * y, b * z], [x, a * y, b * z]);
      line([a * x, -y, b * z], [a * x, y, b * z]);
      line([a * x, b * y, -z], [a * x, b * y, z]);
    }
    return Float32Array.from(ends);
  }
  const { radius: r } = shape;
  const { cos, sin } = Math;
  if (shape.kind === 'sphere') {
    arc((t) => [r * cos(t), r * sin(t), 0]);
    arc((t) => [r * cos(t), 0, r * sin(t)]);
    arc((t) => [0, r * cos(t), r * sin(t)]);
    return Float32Array.from(ends);
  }
  const h = shape.height / 2;
  for (const end of [-h, h]) arc((t) => [r * cos(t), end, r * sin(t)]);
  for (const [x, z] of [
    [1, 0],
    [-1, 0],
    [0, 1],
    [0, -1],
  ])
    line([x * r, -h, z * r], [x * r, h, z * r]);
  if (shape.kind === 'capsule')
    for (const side of [1, -1]) {
      const [from, to] = side > 0 ? [0, PI] : [PI, PI * 2];
      arc((t) => [r * cos(t), side * h + r * sin(t), 0], from, to);
      arc((t) => [0, side * h + r * sin(t), r * cos(t)], from, to);
    }
  return Float32Array.from(ends);
}
