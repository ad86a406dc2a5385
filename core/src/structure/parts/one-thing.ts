import { meaningOf } from './name-habits';
import type { PartRow } from './part-rows';

/**
 * Parts that are one thing where they stand together, by the words of their names: one of the first with all that touches it of the
 * second. What turns or opens by itself (wheels, doors, lids, drawers) is never among them. Common practice, no source.
 */
const ONE_THING: { name: string; of: RegExp; and: RegExp }[] = [
  {
    name: 'tree',
    of: /\b(trunk|tree trunk|bole|bark)\b/,
    and: /\b(crown|canopy|foliage|leaf|leaves|branch|branches|twigs|needles)\b/,
  },
  { name: 'plant', of: /\b(pot|planter|flower ?pot)\b/, and: /\b(plant|soil|earth|leaf|leaves|stem|stems|cactus)\b/ },
  {
    name: 'vase',
    of: /\bvase\b/,
    and: /\b(flower|flowers|blossom|blossoms|bouquet|stem|stems|leaf|leaves|twigs|water)\b/,
  },
];

export interface OneThing {
  name: string;
  /** The one the others belong to first: it gives the pivot. */
  parts: PartRow[];
}

/** @returns parts that are one thing, hanging in one place and touching; none of them moves by a clip or a skin */
export function listOneThings(rows: readonly PartRow[]): OneThing[] {
  const shown = rows.filter((row) => row.kind === 'shape' && row.size && row.centre && !row.isMoved);
  return ONE_THING.flatMap(({ name, of, and }) => {
    const members = shown.filter((row) => and.test(wordsOf(row)) && !of.test(wordsOf(row)));
    const taken = new Set<PartRow>();
    return shown
      .filter((row) => of.test(wordsOf(row)))
      .flatMap((first): OneThing[] => {
        const parts = [first];
        for (let at = 0; at < parts.length; at++)
          for (const other of members)
            if (!taken.has(other) && other.parentId === first.parentId && touches(parts[at], other)) {
              taken.add(other);
              parts.push(other);
            }
        return parts.length > 1 ? [{ name, parts }] : [];
      });
  });
}

/** By its name; where that says nothing, by what it is made of. */
const wordsOf = ({ name, materials }: PartRow): string => meaningOf(name) || materials.map(meaningOf).join(' ');

const touches = (a: PartRow, b: PartRow): boolean =>
  [0, 1, 2].every((axis) => Math.abs(a.centre![axis] - b.centre![axis]) <= (a.size![axis] + b.size![axis]) / 2);
