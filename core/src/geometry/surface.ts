/** Triangles in one space. */
export interface Surface {
  /** xyz per vertex. */
  positions: Float64Array;
  /** Three vertices a triangle; null where the vertices themselves come in threes. */
  indices: ArrayLike<number> | null;
}
