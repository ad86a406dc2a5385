import { houseName } from '../../text/house-name';
import { makeUnique } from '../../text/make-unique';
import { meaningOf } from './name-habits';
import type { PartRow } from './part-rows';

export interface ProposedName {
  id: string;
  name: string;
}

/**
 * Names for parts that have none of their own: by their group, their material, their shape, and where they are on the model, which
 * faces +Z with +X on its left (glTF 2.0, 3.4).
 * @param rows every part of one model, upright and facing the front
 */
export function proposeNames(rows: readonly PartRow[]): ProposedName[] {
  const byId = new Map(rows.map((row) => [row.id, row]));
  const wanted = rows.filter((row) => row.kind === 'shape' && meaningOf(row.name) === '');
  const groups = new Map<string, PartRow[]>();
  for (const row of wanted) {
    const base = chooseBase(row, byId);
    groups.set(base, [...(groups.get(base) ?? []), row]);
  }
  const proposed = [...groups].flatMap(([base, members]) => {
    const places = placeApart(members, rows);
    return members.map((row, i) => ({ id: row.id, name: [base, ...places[i]].join('_') }));
  });
  const going = new Set(wanted.map(({ id }) => id));
  const kept = rows.filter(({ id }) => !going.has(id)).map(({ name }) => name);
  const names = makeUnique(
    proposed.map(({ name }) => name),
    kept,
  );
  return proposed.map(({ id }, i) => ({ id, name: names[i] }));
}

/** A letter of another script. */
const FOREIGN = /(?=\p{L})\P{Script=Latin}/u;

/** Names in Latin letters for parts that are called in another script, each unlike all others. */
export async function writeInLatin(rows: readonly PartRow[]): Promise<ProposedName[]> {
  const foreign = rows.filter(({ name }) => FOREIGN.test(name));
  if (foreign.length === 0) return [];
  // tables for every script, wanted by few
  const { default: anyAscii } = await import('any-ascii');
  const kept = rows.filter(({ name }) => !FOREIGN.test(name)).map(({ name }) => name);
  // signs of their own, as of Chinese, are words: any-ascii begins each with a capital
  const written = foreign.map(({ name }) => houseName(anyAscii(name).replace(/([a-z])([A-Z])/g, '$1 $2')));
  const names = makeUnique(written, kept);
  return foreign.map(({ id }, i) => ({ id, name: names[i] }));
}

/** What its group is called, else what it is made of and how it is shaped. */
function chooseBase(row: PartRow, byId: ReadonlyMap<string, PartRow>): string {
  for (let above = row.parentId === null ? undefined : byId.get(row.parentId); above;) {
    const meaning = above.depth > 0 ? meaningOf(above.name) : '';
    // what is alone in a group is not called as the group is
    if (meaning)
      return houseName(above.oddities.includes('alone-in-group') ? `${meaning} ${describeShape(row.size)}` : meaning);
    above = above.parentId === null ? undefined : byId.get(above.parentId);
  }
  const [material] = row.materials.map(meaningOf).filter((meaning) => meaning !== '');
  return houseName([material, describeShape(row.size)].filter(Boolean).join(' '));
}

/** A rod is four times as long as it is wide; a panel an eighth as thick as it is wide. Ours. */
function describeShape(size: PartRow['size']): string {
  if (!size) return 'part';
  const [long, middle, short] = [...size].sort((a, b) => b - a);
  if (short < middle / 8) return long > middle * 8 ? 'strip' : 'panel';
  if (long > middle * 4) return 'rod';
  return 'block';
}

const PLACES = {
  x: ['right', 'left'],
  y: ['lower', 'upper'],
  z: ['back', 'front'],
} as const;
type Axis = keyof typeof PLACES;
/** In the order a person says them. */
const TELLING: Axis[][] = [['x'], ['z'], ['y'], ['z', 'x'], ['y', 'x'], ['y', 'z'], ['y', 'z', 'x']];

/** Words that tell parts of one name apart by where they are; numbers where no words do. */
function placeApart(members: readonly PartRow[], all: readonly PartRow[]): string[][] {
  if (members.length === 1) return [[]];
  const centres = members.map(({ centre }) => centre ?? [0, 0, 0]);
  const middle = middleOf(all);
  for (const axes of TELLING) {
    if (members.length > 2 ** axes.length) continue;
    const words = centres.map((centre) => axes.map((axis) => sideOf(centre, middle, axis)));
    const isTold = words.every((own) => own.every((word) => word !== null));
    if (isTold && new Set(words.map((own) => own.join())).size === members.length) return words as string[][];
  }
  return members.map((_, i) => [String(i + 1)]);
}

/** A side is one only clearly off the middle. */
const OFF = 0.05;

function sideOf(centre: readonly number[], middle: Middle, axis: Axis): string | null {
  const i = 'xyz'.indexOf(axis);
  const off = centre[i] - middle.centre[i];
  if (!(Math.abs(off) > middle.size[i] * OFF)) return null;
  return PLACES[axis][off > 0 ? 1 : 0];
}

interface Middle {
  centre: number[];
  size: number[];
}

function middleOf(rows: readonly PartRow[]): Middle {
  const min = [Infinity, Infinity, Infinity];
  const max = [-Infinity, -Infinity, -Infinity];
  for (const { centre, size } of rows) {
    if (!centre || !size) continue;
    for (let i = 0; i < 3; i++) {
      min[i] = Math.min(min[i], centre[i] - size[i] / 2);
      max[i] = Math.max(max[i], centre[i] + size[i] / 2);
    }
  }
  return { centre: min.map((v, i) => (v + max[i]) / 2), size: max.map((v, i) => v - min[i]) };
}
