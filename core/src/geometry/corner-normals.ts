import type { CornerLayer, PolygonMesh, SmoothingRule } from './polygon-mesh';

const { sqrt, cos, PI } = Math;

/** Where more polygons than this meet in one point, an angle is judged against the mean of them all: pairs would cost their square. */
const CROWD = 256;

/**
 * Normals for every corner: the source's own where it has them, else the area-weighted sum over the polygons of one surface.
 * @returns the source's layer untouched where it is complete; unit normals per control point where all is one surface; else per
 *   corner, `index` null
 */
export function completeNormals(mesh: PolygonMesh): CornerLayer {
  const given = mesh.normals;
  if (given && (given.index === null || !given.index.includes(-1))) return given;
  if (!given && isOneSurface(mesh.smoothing, mesh.sizes.length))
    return { width: 3, values: computePointNormals(mesh), index: mesh.corners };
  const values = computeCornerNormals(mesh, mesh.smoothing);
  for (let c = 0; given?.index && c < given.index.length; c++) {
    const at = given.index[c] * 3;
    if (at < 0) continue;
    values[c * 3] = given.values[at];
    values[c * 3 + 1] = given.values[at + 1];
    values[c * 3 + 2] = given.values[at + 2];
  }
  return { width: 3, values, index: null };
}

/** @returns true where every polygon shades as one with every other it meets */
function isOneSurface(rule: SmoothingRule, polygons: number): boolean {
  if (rule.by === 'none') return false;
  if (rule.by === 'angle') return rule.degrees >= 180;
  const first = rule.ofPolygon[0];
  if (!first) return false;
  for (let k = 1; k < polygons; k++) if (rule.ofPolygon[k] !== first) return false;
  return true;
}

/** @returns a unit normal per control point, the sum over all polygons that meet there; zero where there is none */
function computePointNormals({ positions, corners, sizes }: Surface): Float32Array {
  const normals = computePolygonNormals({ positions, corners, sizes });
  const sums = new Float64Array(positions.length);
  for (let k = 0, c = 0; k < sizes.length; k++) {
    for (let i = 0; i < sizes[k]; i++, c++) {
      const point = corners[c] * 3;
      sums[point] += normals[k * 3];
      sums[point + 1] += normals[k * 3 + 1];
      sums[point + 2] += normals[k * 3 + 2];
    }
  }
  const dst = new Float32Array(sums.length);
  for (let o = 0; o < sums.length; o += 3) {
    const length = sqrt(sums[o] * sums[o] + sums[o + 1] * sums[o + 1] + sums[o + 2] * sums[o + 2]);
    if (length > 1e-30) for (let axis = 0; axis < 3; axis++) dst[o + axis] = sums[o + axis] / length;
  }
  return dst;
}

type Surface = Pick<PolygonMesh, 'positions' | 'corners' | 'sizes'>;

/** Area normal of every polygon (Newell), not unit: its length is twice the area. xyz per polygon. */
export function computePolygonNormals({ positions: p, corners, sizes }: Surface): Float64Array {
  const dst = new Float64Array(sizes.length * 3);
  for (let k = 0, start = 0; k < sizes.length; start += sizes[k++]) {
    const size = sizes[k];
    let x = 0;
    let y = 0;
    let z = 0;
    for (let i = 0, a = corners[start + size - 1] * 3; i < size; i++) {
      const b = corners[start + i] * 3;
      x += (p[a + 1] - p[b + 1]) * (p[a + 2] + p[b + 2]);
      y += (p[a + 2] - p[b + 2]) * (p[a] + p[b]);
      z += (p[a] - p[b]) * (p[a + 1] + p[b + 1]);
      a = b;
    }
    dst[k * 3] = x;
    dst[k * 3 + 1] = y;
    dst[k * 3 + 2] = z;
  }
  return dst;
}

/** @returns a unit normal per corner; where a surface has no area, zero */
export function computeCornerNormals(mesh: Surface, rule: SmoothingRule): Float32Array {
  const { corners, sizes } = mesh;
  const polygonNormals = computePolygonNormals(mesh);
  const dst = new Float32Array(corners.length * 3);
  const polygonOf = new Int32Array(corners.length);
  for (let k = 0, c = 0; k < sizes.length; k++) for (let i = 0; i < sizes[k]; i++) polygonOf[c++] = k;
  const isFlat = rule.by === 'none';
  const around = isFlat ? null : listCornersAround(mesh);
  const joins = isFlat ? null : createJoin(rule, polygonNormals);
  const sum = [0, 0, 0];
  for (let c = 0; c < corners.length; c++) {
    const own = polygonOf[c] * 3;
    sum[0] = polygonNormals[own];
    sum[1] = polygonNormals[own + 1];
    sum[2] = polygonNormals[own + 2];
    if (around && joins) {
      const from = around.starts[corners[c]];
      const to = around.starts[corners[c] + 1];
      if (to - from > CROWD) addCrowd(sum, around.list, from, to, polygonOf, polygonNormals);
      else
        for (let i = from; i < to; i++) {
          const other = polygonOf[around.list[i]];
          if (other * 3 === own || !joins(polygonOf[c], other)) continue;
          sum[0] += polygonNormals[other * 3];
          sum[1] += polygonNormals[other * 3 + 1];
          sum[2] += polygonNormals[other * 3 + 2];
        }
    }
    const length = sqrt(sum[0] * sum[0] + sum[1] * sum[1] + sum[2] * sum[2]);
    if (length > 1e-30) for (let axis = 0; axis < 3; axis++) dst[c * 3 + axis] = sum[axis] / length;
  }
  return dst;
}

/** Corners by control point: those of point `v` are `list[starts[v]]` up to `list[starts[v + 1]]`. */
function listCornersAround({ positions, corners }: Surface): { starts: Int32Array; list: Int32Array } {
  const starts = new Int32Array(positions.length / 3 + 1);
  for (const v of corners) starts[v + 1]++;
  for (let v = 1; v < starts.length; v++) starts[v] += starts[v - 1];
  const fill = starts.slice();
  const list = new Int32Array(corners.length);
  for (let c = 0; c < corners.length; c++) list[fill[corners[c]]++] = c;
  return { starts, list };
}

/** Do two polygons that meet shade as one surface? */
function createJoin(rule: SmoothingRule, normals: Float64Array): (a: number, b: number) => boolean {
  switch (rule.by) {
    case 'none':
      return () => false;
    case 'groups':
      return (a, b) => rule.ofPolygon[a] !== 0 && rule.ofPolygon[a] === rule.ofPolygon[b];
    case 'bits':
      return (a, b) => (rule.ofPolygon[a] & rule.ofPolygon[b]) !== 0;
    case 'angle': {
      const limit = cos((rule.degrees * PI) / 180);
      const inverse = new Float64Array(normals.length / 3);
      for (let k = 0; k < inverse.length; k++) {
        const length = sqrt(normals[k * 3] ** 2 + normals[k * 3 + 1] ** 2 + normals[k * 3 + 2] ** 2);
        inverse[k] = length > 0 ? 1 / length : 0;
      }
      return (a, b) =>
        (normals[a * 3] * normals[b * 3] +
          normals[a * 3 + 1] * normals[b * 3 + 1] +
          normals[a * 3 + 2] * normals[b * 3 + 2]) *
          inverse[a] *
          inverse[b] >=
        limit;
    }
  }
}

/** A fan of hundreds of slivers is one tip. */
function addCrowd(
  sum: number[],
  list: Int32Array,
  from: number,
  to: number,
  polygonOf: Int32Array,
  normals: Float64Array,
): void {
  const step = Math.ceil((to - from) / CROWD);
  for (let i = from; i < to; i += step) {
    const other = polygonOf[list[i]] * 3;
    sum[0] += normals[other];
    sum[1] += normals[other + 1];
    sum[2] += normals[other + 2];
  }
}
