/**
 * The convex hull of points in a plane (A. M. Andrew's monotone chain, 1979).
 * @param points two coordinates each
 * @returns corners counter-clockwise, two coordinates each; fewer than three where the points lie on a line
 */
export function computeHull2d(points: Float64Array): Float64Array {
  const order = Uint32Array.from({ length: points.length / 2 }, (_, i) => i).sort(
    (i, j) => points[i * 2] - points[j * 2] || points[i * 2 + 1] - points[j * 2 + 1],
  );
  const turn = (a: number, b: number, c: number): number =>
    (points[b * 2] - points[a * 2]) * (points[c * 2 + 1] - points[a * 2 + 1]) -
    (points[b * 2 + 1] - points[a * 2 + 1]) * (points[c * 2] - points[a * 2]);
  const build = (indices: Iterable<number>): number[] => {
    const chain: number[] = [];
    for (const i of indices) {
      while (chain.length > 1 && turn(chain[chain.length - 2], chain[chain.length - 1], i) <= 0) chain.pop();
      chain.push(i);
    }
    chain.pop();
    return chain;
  };
  const corners = [...build(order), ...build(order.slice().reverse())];
  return Float64Array.from(corners.flatMap((i) => [points[i * 2], points[i * 2 + 1]]));
}

/** Area of a hull that runs counter-clockwise. */
export function computeHullArea(hull: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < hull.length; i += 2) {
    const j = (i + 2) % hull.length;
    sum += hull[i] * hull[j + 1] - hull[j] * hull[i + 1];
  }
  return sum / 2;
}

/** @returns how far inside a hull a point lies, from its nearest side; below 0 outside */
export function measureInside(hull: Float64Array, u: number, v: number): number {
  if (hull.length < 6) return -Infinity;
  let least = Infinity;
  for (let i = 0; i < hull.length; i += 2) {
    const j = (i + 2) % hull.length;
    const [du, dv] = [hull[j] - hull[i], hull[j + 1] - hull[i + 1]];
    const length = Math.hypot(du, dv);
    if (length > 0) least = Math.min(least, (du * (v - hull[i + 1]) - dv * (u - hull[i])) / length);
  }
  return least;
}
