/** Every edge of some triangles once. */
export interface EdgeTable {
  edges: number;
  /** Two points an edge, the lower number first. */
  ends: Uint32Array;
  /** The edge from each corner to the next one of its triangle; -1 throughout a triangle that has two corners in one place. */
  edgeOf: Int32Array;
  /** Triangles at each edge: 1 at an open border, 2 within a surface. */
  uses: Uint32Array;
  /** How often each edge is walked from its lower point on more than the other way: 0 where its triangles agree. */
  net: Int32Array;
}

/**
 * Numbers the edges of triangles by sorting them by their two ends, so that the cost is linear whatever hangs on one point.
 * @param points the point at each corner, three corners a triangle
 * @param pointCount how many points there are
 */
export function buildEdgeTable(points: ArrayLike<number>, pointCount: number): EdgeTable {
  const corners = points.length - (points.length % 3);
  const [low, high] = [new Uint32Array(corners), new Uint32Array(corners)];
  for (let first = 0; first < corners; first += 3) {
    const [a, b, c] = [points[first], points[first + 1], points[first + 2]];
    // what has collapsed to a line hangs between its neighbours as if it were not there
    if (a === b || b === c || c === a) continue;
    setEnds(low, high, first, a, b);
    setEnds(low, high, first + 1, b, c);
    setEnds(low, high, first + 2, c, a);
  }
  const { sorted, starts } = sortBy(low, pointCount);
  const edgeOf = new Int32Array(corners).fill(-1);
  const ends = new Uint32Array(corners * 2);
  const uses = new Uint32Array(corners);
  const net = new Int32Array(corners);
  let edges = 0;
  for (let point = 0; point < pointCount; point++) {
    const [from, to] = [starts[point], starts[point + 1]];
    // few hang on most points; those of a fan are sorted, so that they do not cost their square
    if (to - from > CROWD) sorted.subarray(from, to).sort((c, d) => high[c] - high[d]);
    const first = edges;
    for (let i = from; i < to; i++) {
      const c = sorted[i];
      if (high[c] === point) continue;
      let edge = edges - 1;
      if (to - from > CROWD) edge = edge >= first && ends[edge * 2 + 1] === high[c] ? edge : -1;
      else while (edge >= first && ends[edge * 2 + 1] !== high[c]) edge--;
      if (edge < first) {
        edge = edges++;
        ends[edge * 2] = point;
        ends[edge * 2 + 1] = high[c];
      }
      edgeOf[c] = edge;
      uses[edge]++;
      net[edge] += points[c] === point ? 1 : -1;
    }
  }
  return {
    edges,
    ends: ends.slice(0, edges * 2),
    edgeOf,
    uses: uses.slice(0, edges),
    net: net.slice(0, edges),
  };
}

/** More corners than these on one point are sorted rather than looked through. */
const CROWD = 32;

function setEnds(low: Uint32Array, high: Uint32Array, corner: number, a: number, b: number): void {
  low[corner] = a < b ? a : b;
  high[corner] = a < b ? b : a;
}

/** @returns the corner after one in its triangle */
export const nextCorner = (corner: number): number => (corner % 3 === 2 ? corner - 2 : corner + 1);

/** Counting sort. @returns numbers of the keys in their order, and where those of each key begin */
function sortBy(keys: Uint32Array, keyCount: number): { sorted: Uint32Array; starts: Uint32Array } {
  const starts = new Uint32Array(keyCount + 1);
  for (let i = 0; i < keys.length; i++) starts[keys[i] + 1]++;
  for (let k = 0; k < keyCount; k++) starts[k + 1] += starts[k];
  const next = starts.slice();
  const sorted = new Uint32Array(keys.length);
  for (let i = 0; i < keys.length; i++) sorted[next[keys[i]]++] = i;
  return { sorted, starts };
}
