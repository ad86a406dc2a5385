import { count } from '../../text/count';
import { findHoles, type Hole } from './find-holes';
import { findShells, type Shells } from './find-shells';
import type { PartSurface } from './gather-surface';

/** What can be wrong with how faces meet, and how one and several are called. */
export const EDGE_TROUBLES = {
  open: ['open edge', 'open edges'],
  crowded: ['edge where more than two faces meet', 'edges where more than two faces meet'],
  against: ['edge whose two faces look opposite ways', 'edges whose two faces look opposite ways'],
} as const;
export type EdgeTrouble = keyof typeof EDGE_TROUBLES;

export function countTrouble(trouble: EdgeTrouble, number: number): string {
  const [one, several] = EDGE_TROUBLES[trouble];
  return count(number, one, several);
}
export type EdgeCounts = Record<EdgeTrouble, number>;

/** How the faces of a part meet. */
export interface SurfaceState extends EdgeCounts {
  shells: Shells;
  holes: Hole[];
  /** True where no edge is open and none has more than two faces: it encloses something. */
  isClosed: boolean;
}

export function judgeSurface(surface: PartSurface): SurfaceState {
  const counts = countEdges(surface);
  return {
    ...counts,
    shells: findShells(surface),
    holes: findHoles(surface),
    isClosed: counts.open === 0 && counts.crowded === 0,
  };
}

/** Counts the edges of each trouble. */
export function countEdges({ table }: Pick<PartSurface, 'table'>): EdgeCounts {
  const counts: EdgeCounts = { open: 0, crowded: 0, against: 0 };
  for (let edge = 0; edge < table.edges; edge++) {
    const trouble = troubleOf(table.uses[edge], table.net[edge]);
    if (trouble) counts[trouble]++;
  }
  return counts;
}

const troubleOf = (uses: number, net: number): EdgeTrouble | null =>
  uses === 1 ? 'open' : uses > 2 ? 'crowded' : net !== 0 ? 'against' : null;

/** @returns both ends of every edge of a trouble, xyz each, in the part's own space */
export function listTroubledEdges({ table, positions }: PartSurface, trouble: EdgeTrouble): Float32Array<ArrayBuffer> {
  const ends: number[] = [];
  for (let edge = 0; edge < table.edges; edge++) {
    if (troubleOf(table.uses[edge], table.net[edge]) !== trouble) continue;
    for (const end of [table.ends[edge * 2], table.ends[edge * 2 + 1]])
      ends.push(positions[end * 3], positions[end * 3 + 1], positions[end * 3 + 2]);
  }
  return Float32Array.from(ends);
}
