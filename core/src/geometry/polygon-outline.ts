/**
 * Puts a polygon together again from the triangles it was cut into.
 * @param indices vertex numbers, three a triangle
 * @param from first index of the polygon's first triangle
 * @param triangles how many there are
 * @returns the outline's vertices in winding order; null where the triangles do not form one ring
 */
export function computePolygonOutline(indices: ArrayLike<number>, from: number, triangles: number): number[] | null {
  if (triangles === 1) return [indices[from], indices[from + 1], indices[from + 2]];
  const edges: [number, number][] = [];
  for (let t = 0; t < triangles; t++) {
    for (let c = 0; c < 3; c++) edges.push([indices[from + t * 3 + c], indices[from + t * 3 + ((c + 1) % 3)]]);
  }
  // an inner edge is walked once each way; the outline's edges only once
  const next = new Map<number, number>();
  for (const [a, b] of edges) {
    if (edges.some(([c, d]) => c === b && d === a)) continue;
    if (next.has(a)) return null;
    next.set(a, b);
  }
  const start = indices[from];
  const outline: number[] = [];
  for (let at: number | undefined = start; outline.length < next.size;) {
    outline.push(at);
    at = next.get(at);
    if (at === undefined || (at === start && outline.length < next.size)) return null;
  }
  return outline.length === triangles + 2 ? outline : null;
}
