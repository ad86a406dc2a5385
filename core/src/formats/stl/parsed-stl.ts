/** One solid: the corners of its triangles, and a colour each triangle may have. */
export interface StlSolid {
  name: string;
  /** xyz per corner, three corners a triangle. */
  points: Float32Array;
  /** rgb per triangle, 0 to 1; null where none has one. */
  colours: Float32Array | null;
}

/** `lost` where something of the file is not in the model. */
export interface Damage {
  text: string;
  missing: boolean;
  line?: number;
}

export interface ParsedStl {
  solids: StlSolid[];
  header: string;
  /** Sentences about what could not be read. */
  damages: Damage[];
}
