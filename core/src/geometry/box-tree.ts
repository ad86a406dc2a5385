const { max, min, ceil, log2 } = Math;

/** Triangles in a tree of boxes, in the order of a curve that fills space (Morton 1966), so that near ones lie near. */
export interface BoxTree {
  /** The triangle at each leaf. */
  order: Uint32Array;
  /** Leaves, a power of two: node 1 is the top, node n has 2n and 2n + 1 below it, leaf i is node leaves + i. */
  leaves: number;
  /** Lower and upper ends of each node, xyz: six numbers; inverted where nothing is in it. */
  boxes: Float32Array;
  positions: Float32Array;
  indices: Uint32Array;
}

/** Along each axis so many steps of the curve. */
const STEPS = 1024;
/** A key and its triangle share one number of 53 bits. */
const MOST_TRIANGLES = 2 ** 23;

/**
 * @param positions xyz a vertex
 * @param indices three vertices a triangle
 * @param grown what each box is larger by on every side, in the unit of the positions
 * @throws {RangeError} above 8 M triangles
 */
export function growBoxTree(positions: Float32Array, indices: Uint32Array, grown = 0): BoxTree {
  const count = indices.length / 3;
  if (count > MOST_TRIANGLES)
    throw new RangeError('It has more than 8 million triangles: too many to look through one by one.');
  const leaves = 2 ** ceil(log2(max(1, count)));
  const boxes = new Float32Array(leaves * 2 * 6);
  for (let n = 0; n < leaves * 2; n++) {
    boxes.fill(Infinity, n * 6, n * 6 + 3);
    boxes.fill(-Infinity, n * 6 + 3, n * 6 + 6);
  }
  const order = sortByPlace(positions, indices);
  for (let i = 0; i < count; i++) {
    const o = (leaves + i) * 6;
    for (let c = order[i] * 3; c < order[i] * 3 + 3; c++)
      for (let axis = 0; axis < 3; axis++) {
        const v = positions[indices[c] * 3 + axis];
        boxes[o + axis] = min(boxes[o + axis], v - grown);
        boxes[o + 3 + axis] = max(boxes[o + 3 + axis], v + grown);
      }
  }
  for (let n = leaves - 1; n >= 1; n--)
    for (let axis = 0; axis < 3; axis++) {
      const [a, b] = [n * 12 + axis, n * 12 + 6 + axis];
      boxes[n * 6 + axis] = min(boxes[a], boxes[b]);
      boxes[n * 6 + 3 + axis] = max(boxes[a + 3], boxes[b + 3]);
    }
  return { order, leaves, boxes, positions, indices };
}

function sortByPlace(positions: Float32Array, indices: Uint32Array): Uint32Array {
  const count = indices.length / 3;
  const low = [Infinity, Infinity, Infinity];
  let side = 0;
  for (let axis = 0; axis < 3; axis++) {
    let high = -Infinity;
    for (let o = axis; o < positions.length; o += 3) {
      low[axis] = min(low[axis], positions[o]);
      high = max(high, positions[o]);
    }
    side = max(side, high - low[axis]);
  }
  const scale = side > 0 ? (STEPS - 1) / (side * 3) : 0;
  const keys = new Float64Array(count);
  for (let t = 0; t < count; t++) {
    let key = 0;
    for (let axis = 0; axis < 3; axis++) {
      let sum = -3 * low[axis];
      for (let c = t * 3; c < t * 3 + 3; c++) sum += positions[indices[c] * 3 + axis];
      key |= spread(sum * scale) << axis;
    }
    keys[t] = (key >>> 0) * MOST_TRIANGLES + t;
  }
  keys.sort();
  return Uint32Array.from(keys, (key) => key % MOST_TRIANGLES);
}

/** Ten bits, each two places from the next. */
function spread(step: number): number {
  let v = step & 0x3ff;
  v = (v | (v << 16)) & 0x030000ff;
  v = (v | (v << 8)) & 0x0300f00f;
  v = (v | (v << 4)) & 0x030c30c3;
  return (v | (v << 2)) & 0x09249249;
}

const stack = new Int32Array(1024);

/** Tells every two triangles whose boxes touch, each pair once: the tree is gone down twice at once. */
export function forEachPair({ order, leaves, boxes }: BoxTree, tell: (a: number, b: number) => void): void {
  let size = 0;
  const push = (a: number, b: number): void => {
    stack[size++] = a;
    stack[size++] = b;
  };
  push(1, 1);
  while (size > 0) {
    const b = stack[--size];
    const a = stack[--size];
    if (a === b) {
      if (a >= leaves) continue;
      push(a * 2, a * 2 + 1);
      push(a * 2 + 1, a * 2 + 1);
      push(a * 2, a * 2);
      continue;
    }
    const [o, q] = [a * 6, b * 6];
    if (
      boxes[o] > boxes[q + 3] ||
      boxes[o + 3] < boxes[q] ||
      boxes[o + 1] > boxes[q + 4] ||
      boxes[o + 4] < boxes[q + 1] ||
      boxes[o + 2] > boxes[q + 5] ||
      boxes[o + 5] < boxes[q + 2]
    )
      continue;
    // both are of one depth, for all leaves are
    if (a >= leaves) tell(order[a - leaves], order[b - leaves]);
    else {
      push(a * 2 + 1, b * 2 + 1);
      push(a * 2 + 1, b * 2);
      push(a * 2, b * 2 + 1);
      push(a * 2, b * 2);
    }
  }
}

/**
 * @param from where a ray begins
 * @param along need not be of unit length; what it meets nearer than `near` times that does not count
 * @returns true where a triangle stands in its way, whichever side it shows
 */
export function isMet(tree: BoxTree, from: readonly number[], along: readonly number[], near: number): boolean {
  const { leaves, boxes } = tree;
  const fx = from[0];
  const fy = from[1];
  const fz = from[2];
  const ix = 1 / along[0];
  const iy = 1 / along[1];
  const iz = 1 / along[2];
  let size = 0;
  stack[size++] = 1;
  while (size > 0) {
    const n = stack[--size];
    const b = n * 6;
    // what is empty is inverted
    if (boxes[b] > boxes[b + 3]) continue;
    const x0 = (boxes[b] - fx) * ix;
    const x1 = (boxes[b + 3] - fx) * ix;
    const y0 = (boxes[b + 1] - fy) * iy;
    const y1 = (boxes[b + 4] - fy) * iy;
    const z0 = (boxes[b + 2] - fz) * iz;
    const z1 = (boxes[b + 5] - fz) * iz;
    let enters = x0 < x1 ? x0 : x1;
    let exits = x0 < x1 ? x1 : x0;
    enters = max(enters, y0 < y1 ? y0 : y1);
    exits = min(exits, y0 < y1 ? y1 : y0);
    enters = max(enters, z0 < z1 ? z0 : z1);
    exits = min(exits, z0 < z1 ? z1 : z0);
    if (!(exits >= enters && exits >= near)) continue;
    if (n < leaves) {
      stack[size++] = n * 2;
      stack[size++] = n * 2 + 1;
    } else if (meets(tree, tree.order[n - leaves], fx, fy, fz, along, near)) return true;
  }
  return false;
}

/** Möller and Trumbore 1997, from both sides. */
function meets(
  { positions: p, indices }: BoxTree,
  t: number,
  fx: number,
  fy: number,
  fz: number,
  along: readonly number[],
  near: number,
): boolean {
  const a = indices[t * 3] * 3;
  const b = indices[t * 3 + 1] * 3;
  const c = indices[t * 3 + 2] * 3;
  const ux = p[b] - p[a];
  const uy = p[b + 1] - p[a + 1];
  const uz = p[b + 2] - p[a + 2];
  const vx = p[c] - p[a];
  const vy = p[c + 1] - p[a + 1];
  const vz = p[c + 2] - p[a + 2];
  const px = along[1] * vz - along[2] * vy;
  const py = along[2] * vx - along[0] * vz;
  const pz = along[0] * vy - along[1] * vx;
  const det = ux * px + uy * py + uz * pz;
  if (det === 0) return false;
  const sx = fx - p[a];
  const sy = fy - p[a + 1];
  const sz = fz - p[a + 2];
  const u = (sx * px + sy * py + sz * pz) / det;
  if (u < 0 || u > 1) return false;
  const qx = sy * uz - sz * uy;
  const qy = sz * ux - sx * uz;
  const qz = sx * uy - sy * ux;
  const v = (along[0] * qx + along[1] * qy + along[2] * qz) / det;
  if (v < 0 || u + v > 1) return false;
  return (vx * qx + vy * qy + vz * qz) / det > near;
}
