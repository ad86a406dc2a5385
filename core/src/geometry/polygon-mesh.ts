/** Values a mesh has per corner: normals, a layout, colours. */
export interface CornerLayer {
  name?: string;
  /** Numbers an element has. */
  width: number;
  values: Float32Array | Float64Array;
  /** Element of `values` per corner, -1 where a corner has none; null where corner `c` has element `c`. */
  index: Int32Array | null;
}

/**
 * Which polygons shade as one surface. `groups`: those of the same number, 0 with none. `bits`: those that share a bit.
 * `angle`: those that meet at less than `degrees`.
 */
export type SmoothingRule =
  { by: 'groups' | 'bits'; ofPolygon: ArrayLike<number> } | { by: 'angle'; degrees: number } | { by: 'none' };

/** A mesh as source files have it: control points shared between polygons, everything else per corner. */
export interface PolygonMesh {
  /** xyz per control point. */
  positions: Float32Array | Float64Array;
  /** Control point per corner, polygon after polygon. */
  corners: Int32Array;
  /** Corners of each polygon, 3 and up. */
  sizes: Int32Array;
  /** Null where the source has none: they are then computed by `smoothing`. */
  normals: CornerLayer | null;
  uvs: CornerLayer[];
  colours: CornerLayer[];
  smoothing: SmoothingRule;
  /** Weight per corner of the edge from it to the next corner of its polygon; null where the source has none. */
  creases?: Float32Array | null;
}

/** @returns the first corner of each polygon */
export function computeCornerStarts(sizes: Int32Array): Int32Array {
  const starts = new Int32Array(sizes.length);
  for (let k = 1; k < sizes.length; k++) starts[k] = starts[k - 1] + sizes[k - 1];
  return starts;
}
