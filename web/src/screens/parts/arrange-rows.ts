import { toNamePattern } from '@haveld/core/text/name-pattern';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';

/** How the plan is ordered: as parts hang, or by what they are. */
export const ORDERS = [
  { id: 'hang', label: 'as they hang' },
  { id: 'size', label: 'by size' },
  { id: 'triangles', label: 'by triangles' },
  { id: 'material', label: 'by material' },
  { id: 'name', label: 'by name' },
  { id: 'odd', label: 'by what is odd' },
] as const;
export type Order = (typeof ORDERS)[number]['id'];

export interface PlanRow {
  row: PartRow;
  /** Levels it stands in by; 0 where the plan is not as they hang. */
  level: number;
  /** How many hang under it, at any depth; 0 where the plan is not as they hang. */
  below: number;
  isFolded: boolean;
}

export interface Arrangement {
  order: Order;
  /** A part of a name or a material, or a pattern with * and ?. */
  words: string;
  folded: ReadonlySet<string>;
}

/** @returns the rows a person sees, in order */
export function arrangeRows(rows: readonly PartRow[], { order, words, folded }: Arrangement): PlanRow[] {
  const found = findParts(rows, words);
  if (order === 'hang' && words.trim() === '') return arrangeByHanging(rows, folded);
  const flat = order === 'odd' ? found.filter(({ oddities }) => oddities.length > 0) : found;
  return sortRows(flat, order).map((row) => ({ row, level: 0, below: 0, isFolded: false }));
}

/** @returns rows whose name or material holds the words, or fits the pattern; all where there are none */
export function findParts(rows: readonly PartRow[], words: string): PartRow[] {
  if (words.trim() === '') return [...rows];
  const fits = toNamePattern(words);
  return rows.filter(
    ({ name, calledBefore, materials }) =>
      fits(name) || (calledBefore !== null && fits(calledBefore)) || materials.some(fits),
  );
}

function arrangeByHanging(rows: readonly PartRow[], folded: ReadonlySet<string>): PlanRow[] {
  const below = countBelow(rows);
  const plan: PlanRow[] = [];
  // rows come parents first: what hangs in a folded one is deeper than it, until one is not
  let foldedAt: number | null = null;
  for (const row of rows) {
    if (foldedAt !== null && row.depth > foldedAt) continue;
    foldedAt = folded.has(row.id) ? row.depth : null;
    plan.push({ row, level: row.depth, below: below.get(row.id) ?? 0, isFolded: foldedAt !== null });
  }
  return plan;
}

function countBelow(rows: readonly PartRow[]): Map<string, number> {
  const below = new Map<string, number>();
  for (const row of [...rows].reverse()) {
    if (row.parentId === null) continue;
    below.set(row.parentId, (below.get(row.parentId) ?? 0) + (below.get(row.id) ?? 0) + 1);
  }
  return below;
}

const longest = ({ size }: PartRow): number => (size ? Math.max(...size) : 0);

function sortRows(rows: readonly PartRow[], order: Order): PartRow[] {
  const compare: Record<Order, (a: PartRow, b: PartRow) => number> = {
    hang: () => 0,
    size: (a, b) => longest(b) - longest(a),
    triangles: (a, b) => b.triangles - a.triangles,
    material: (a, b) => a.materials.join().localeCompare(b.materials.join()),
    name: (a, b) => a.name.localeCompare(b.name, undefined, { numeric: true }),
    odd: (a, b) => b.oddities.length - a.oddities.length,
  };
  return [...rows].sort(compare[order]);
}

/** @returns ids of parts and of all that hangs under them */
export function withBelow(rows: readonly PartRow[], ids: ReadonlySet<string>): Set<string> {
  const all = new Set(ids);
  for (const { id, parentId } of rows) if (parentId !== null && all.has(parentId)) all.add(id);
  return all;
}

/** @returns ids of what a part hangs under, at any height */
export function listAbove(rows: readonly PartRow[], id: string): Set<string> {
  const parentOf = new Map(rows.map((row) => [row.id, row.parentId]));
  const above = new Set<string>();
  for (let at = parentOf.get(id) ?? null; at !== null; at = parentOf.get(at) ?? null) above.add(at);
  return above;
}

/** @returns parts that are like these: of as many triangles and the same extent, whichever way they are turned */
export function findAlike(rows: readonly PartRow[], ids: ReadonlySet<string>): string[] {
  const keys = new Set(rows.filter(({ id }) => ids.has(id)).map(describeLike));
  return rows.filter((row) => row.kind === 'shape' && keys.has(describeLike(row))).map(({ id }) => id);
}

function describeLike({ triangles, size }: PartRow): string {
  const sides = [...(size ?? [])].sort((a, b) => a - b).map((side) => side.toPrecision(2));
  return `${triangles} ${sides.join(' ')}`;
}

/** @returns parts made of any material these are made of */
export function findOfMaterial(rows: readonly PartRow[], ids: ReadonlySet<string>): string[] {
  const materials = new Set(rows.filter(({ id }) => ids.has(id)).flatMap((row) => row.materials));
  return rows.filter((row) => row.materials.some((name) => materials.has(name))).map(({ id }) => id);
}
