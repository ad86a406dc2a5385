/** What a model or material file says of itself before it is read in full. */
export interface Inside {
  /** Files it names: maps, buffers, material files; as it writes them. */
  mentions: string[];
  /** Clips it carries; 0 where there are none or the format has none. */
  clips: number;
  hasSkin: boolean;
  /** Physically based materials, older ones, or none at all. */
  materials: 'physical' | 'shaded' | 'none';
  /** Written as text rather than as numbers. */
  isText: boolean;
}

export const NOTHING_INSIDE: Inside = { mentions: [], clips: 0, hasSkin: false, materials: 'none', isText: false };
