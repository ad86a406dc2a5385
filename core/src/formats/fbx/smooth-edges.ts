/**
 * Groups polygons that are joined by smooth edges. A hard edge that ends within a surface cannot be said in groups: the
 * surface on its two sides is one group then.
 * @param isSmooth per corner, whether the edge from it to the next corner of its polygon is smooth
 * @returns a group per polygon, from 1; 0 for a polygon that no smooth edge joins to another
 */
export function groupBySmoothEdges(
  { corners, sizes }: { corners: Int32Array; sizes: Int32Array },
  isSmooth: ArrayLike<number>,
): Int32Array {
  const parents = Int32Array.from(sizes, (_, k) => k);
  const find = (k: number): number => {
    while (parents[k] !== k) k = parents[k] = parents[parents[k]];
    return k;
  };
  // edges chained by their lower point; an edge is hard where either of its two polygons says so
  const heads = new Int32Array(corners.reduce((max, v) => Math.max(max, v), 0) + 1).fill(-1);
  const next = new Int32Array(corners.length);
  const upper = new Int32Array(corners.length);
  const polygonOf = new Int32Array(corners.length);
  for (let k = 0, start = 0; k < sizes.length; start += sizes[k++]) {
    for (let i = 0; i < sizes[k]; i++) {
      const c = start + i;
      const a = corners[c];
      const b = corners[start + ((i + 1) % sizes[k])];
      const low = a < b ? a : b;
      upper[c] = a < b ? b : a;
      polygonOf[c] = k;
      let other = heads[low];
      while (other >= 0 && upper[other] !== upper[c]) other = next[other];
      if (other >= 0) {
        if (isSmooth[c] !== 0 && isSmooth[other] !== 0) parents[find(k)] = find(polygonOf[other]);
        continue;
      }
      next[c] = heads[low];
      heads[low] = c;
    }
  }
  const members = new Int32Array(sizes.length);
  for (let k = 0; k < sizes.length; k++) members[find(k)]++;
  const numbers = new Map<number, number>();
  return Int32Array.from(sizes, (_, k) => {
    const root = find(k);
    if (members[root] === 1) return 0;
    if (!numbers.has(root)) numbers.set(root, numbers.size + 1);
    return numbers.get(root)!;
  });
}
