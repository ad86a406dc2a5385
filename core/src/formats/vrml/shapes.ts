import type { PolygonMesh } from '../../geometry/polygon-mesh';

/** Corners round what is turned. */
const ROUND = 32;

const { sin, cos, PI } = Math;

/** A box about the origin. @param size its sides; 2 each where none is said (clause 6.6) */
export function makeBox([x, y, z]: readonly number[]): PolygonMesh {
  const positions: number[] = [];
  for (const k of [-1, 1])
    for (const j of [-1, 1]) for (const i of [-1, 1]) positions.push((i * x) / 2, (j * y) / 2, (k * z) / 2);
  const corners = [0, 2, 3, 1, 4, 5, 7, 6, 0, 1, 5, 4, 2, 6, 7, 3, 0, 4, 6, 2, 1, 3, 7, 5];
  return mesh(positions, corners, new Array<number>(6).fill(4), 0);
}

/** A ball about the origin (clause 6.42). */
export function makeSphere(radius: number): PolygonMesh {
  const rings = ROUND / 2;
  const profile = Array.from({ length: rings + 1 }, (_, i) => {
    const angle = (i / rings) * PI;
    return [radius * sin(angle), radius * cos(angle)] as const;
  });
  return turn(profile, 180);
}

/** About Y, its middle at the origin (clause 6.12). Parts left out are not there. */
export function makeCylinder(
  radius: number,
  height: number,
  shown: { side: boolean; bottom: boolean; top: boolean },
): PolygonMesh {
  const half = height / 2;
  const profile: (readonly [number, number])[] = [];
  if (shown.top) profile.push([0, half]);
  profile.push([radius, half], [radius, -half]);
  if (shown.bottom) profile.push([0, -half]);
  return turn(profile, 60, shown.side ? -1 : shown.top ? 1 : 0);
}

/** About Y, its tip up, the middle of its height at the origin (clause 6.10). */
export function makeCone(radius: number, height: number, shown: { side: boolean; bottom: boolean }): PolygonMesh {
  const half = height / 2;
  const profile: (readonly [number, number])[] = [
    [0, half],
    [radius, -half],
  ];
  if (shown.bottom) profile.push([0, -half]);
  return turn(profile, 60, shown.side ? -1 : 0);
}

/**
 * Turns a profile about Y.
 * @param profile distance from the axis and height, from the top down
 * @param left the band between two points of it that is left out; -1 for none
 */
function turn(profile: readonly (readonly [number, number])[], degrees: number, left = -1): PolygonMesh {
  const positions: number[] = [];
  const at = profile.map(([radius, height]) => {
    const first = positions.length / 3;
    const count = radius > 0 ? ROUND : 1;
    for (let i = 0; i < count; i++) {
      const angle = (i / ROUND) * 2 * PI;
      positions.push(radius * sin(angle), height, radius * cos(angle));
    }
    return { first, count };
  });
  const corners: number[] = [];
  const sizes: number[] = [];
  for (let band = 0; band + 1 < profile.length; band++) {
    if (band === left) continue;
    const [upper, lower] = [at[band], at[band + 1]];
    const [above, below] = [upper, lower].map(
      ({ first, count }) =>
        (i: number) =>
          first + ((i % ROUND) % count),
    );
    for (let i = 0; i < ROUND; i++) {
      const ring = [above(i), below(i), below(i + 1), above(i + 1)];
      const polygon = ring.filter((point, k) => point !== ring[(k + 1) % 4]);
      corners.push(...polygon);
      sizes.push(polygon.length);
    }
  }
  return mesh(positions, corners, sizes, degrees);
}

/** A field of heights over X and Z (clause 6.17). @param heights row after row along X */
export function makeElevation(
  { columns, rows, dx, dz }: { columns: number; rows: number; dx: number; dz: number },
  heights: ArrayLike<number>,
  degrees: number,
): PolygonMesh {
  const positions: number[] = [];
  for (let z = 0; z < rows; z++)
    for (let x = 0; x < columns; x++) positions.push(x * dx, heights[z * columns + x] ?? 0, z * dz);
  const corners: number[] = [];
  for (let z = 0; z + 1 < rows; z++)
    for (let x = 0; x + 1 < columns; x++) {
      const a = z * columns + x;
      corners.push(a, a + columns, a + columns + 1, a + 1);
    }
  return mesh(positions, corners, new Array<number>(corners.length / 4).fill(4), degrees);
}

const mesh = (
  positions: readonly number[],
  corners: readonly number[],
  sizes: readonly number[],
  degrees: number,
): PolygonMesh => ({
  positions: Float64Array.from(positions),
  corners: Int32Array.from(corners),
  sizes: Int32Array.from(sizes),
  normals: null,
  uvs: [],
  colours: [],
  smoothing: { by: 'angle', degrees },
});
