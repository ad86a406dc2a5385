import type { PartRef, Step } from '@haveld/contract/step';
import { meaningOf } from '@haveld/core/structure/parts/name-habits';
import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { houseName } from '@haveld/core/text/house-name';

/** Something that can be done to the chosen parts. */
export interface PartAction {
  id:
    | 'join'
    | 'group'
    | 'group-materials'
    | 'group-names'
    | 'group-near'
    | 'sort'
    | 'dissolve'
    | 'top'
    | 'split'
    | 'split-materials'
    | 'own'
    | 'take-out';
  label: string;
  /** The key that does it. */
  keyName: string;
  /** Why it cannot be done to these; null where it can. */
  whyNot: (chosen: readonly PartRow[]) => string | null;
  steps: (refs: readonly PartRef[], chosen: readonly PartRow[]) => Step[];
  /** A word for what it would take away. */
  isGrave?: boolean;
}

const shapes = (chosen: readonly PartRow[]): PartRow[] => chosen.filter(({ kind }) => kind === 'shape');

const notOneShape = (chosen: readonly PartRow[]): string | null =>
  chosen.length === 1 && chosen[0].kind === 'shape' ? null : 'Choose one part that shows something.';

/** What a part is made of; several materials are one kind of their own. */
const materialOf = ({ materials }: PartRow): string => [...materials].sort().join(' and ');

/** The first word a part's name means something by: `slat_4` and `slat.left` are slats. */
const beginningOf = ({ name }: PartRow): string => meaningOf(name).split(' ')[0] ?? '';

/** Parts whose boxes come nearer than this share of what is chosen touch. Ours. */
const TOUCHING = 0.01;

/** What hangs together by touching, called after the first of it: the boxes of parts, near enough. */
function nearnessOf(chosen: readonly PartRow[]): (row: PartRow) => string {
  const shown = chosen.filter(({ size }) => size !== null);
  const whole = [0, 1, 2].map((axis) => {
    const ends = shown.map(({ centre, size }) => [centre![axis] - size![axis] / 2, centre![axis] + size![axis] / 2]);
    return Math.max(...ends.map(([, high]) => high)) - Math.min(...ends.map(([low]) => low));
  });
  const near = TOUCHING * Math.max(0, ...whole);
  const groupOf = new Map<PartRow, string>();
  for (const first of shown) {
    if (groupOf.has(first)) continue;
    const name = meaningOf(first.name) || 'group';
    const taken = new Set(groupOf.values());
    let called = name;
    for (let n = 2; taken.has(called); n++) called = `${name} ${n}`;
    const open = [first];
    groupOf.set(first, called);
    for (let at = open.pop(); at; at = open.pop())
      for (const other of shown)
        if (!groupOf.has(other) && touches(at, other, near)) {
          groupOf.set(other, called);
          open.push(other);
        }
  }
  return (row) => groupOf.get(row) ?? '';
}

const touches = (a: PartRow, b: PartRow, near: number): boolean =>
  [0, 1, 2].every((axis) => Math.abs(a.centre![axis] - b.centre![axis]) <= (a.size![axis] + b.size![axis]) / 2 + near);

/** Two groups or more have to come of it, each of two parts or more. */
function whyNotApart(chosen: readonly PartRow[], kindOf: (row: PartRow) => string, why: string): string | null {
  if (chosen.some(({ isMoved }) => isMoved)) return 'A clip or a skin moves one of them.';
  const shown = shapes(chosen);
  if (shown.length < 3) return 'Choose three parts or more that show something.';
  const kinds = new Set(shown.map(kindOf));
  return kinds.size > 1 && listApart(shown, kindOf).length > 0 ? null : why;
}

/** Parts of each kind that has two or more, in the order they were chosen. */
function listApart(chosen: readonly PartRow[], kindOf: (row: PartRow) => string): [string, number[]][] {
  const kinds = new Map<string, number[]>();
  chosen.forEach((row, i) => {
    const kind = row.kind === 'shape' ? kindOf(row) : '';
    if (kind !== '') kinds.set(kind, [...(kinds.get(kind) ?? []), i]);
  });
  return [...kinds].filter(([, members]) => members.length > 1);
}

/** A group a kind, named after it. */
const groupApart = (refs: readonly PartRef[], chosen: readonly PartRow[], kindOf: (row: PartRow) => string): Step[] =>
  listApart(chosen, kindOf).map(([kind, members]) => ({
    kind: 'group-parts',
    schema: 1,
    parts: members.map((i) => refs[i]),
    name: houseName(kind) || 'group',
  }));

/** What can be done, in the order it is offered. */
export const PART_ACTIONS: PartAction[] = [
  {
    id: 'join',
    label: 'Join into one',
    keyName: 'o',
    whyNot: (chosen) =>
      shapes(chosen).length < 2
        ? 'Choose two parts or more that show something.'
        : chosen.some(({ isMoved }) => isMoved)
          ? 'A clip or a skin moves one of them.'
          : null,
    steps: (refs, chosen) => [{ kind: 'join-parts', schema: 1, parts: [...refs], name: nameOf(chosen[0]) }],
  },
  {
    id: 'group',
    label: 'Put into a group',
    keyName: 'g',
    whyNot: (chosen) => (chosen.some(({ isMoved }) => isMoved) ? 'A clip or a skin moves one of them.' : null),
    steps: (refs, chosen) => [{ kind: 'group-parts', schema: 1, parts: [...refs], name: nameGroup(chosen) }],
  },
  {
    id: 'group-materials',
    label: 'Group by material',
    keyName: 'l',
    whyNot: (chosen) => whyNotApart(chosen, materialOf, 'They are of one material.'),
    steps: (refs, chosen) => groupApart(refs, chosen, materialOf),
  },
  {
    id: 'group-names',
    label: 'Group by name',
    keyName: 'c',
    whyNot: (chosen) => whyNotApart(chosen, beginningOf, 'Their names begin alike, or not at all.'),
    steps: (refs, chosen) => groupApart(refs, chosen, beginningOf),
  },
  {
    id: 'group-near',
    label: 'Group what touches',
    keyName: 'shift+g',
    whyNot: (chosen) =>
      whyNotApart(chosen, nearnessOf(chosen), 'They all touch, or none touches another: no groups come of it.'),
    steps: (refs, chosen) => groupApart(refs, chosen, nearnessOf(chosen)),
  },
  {
    id: 'dissolve',
    label: 'Dissolve the group',
    keyName: 'd',
    whyNot: (chosen) =>
      chosen.every(({ kind }) => kind === 'group') ? null : 'Only a group that shows nothing itself can be dissolved.',
    steps: (refs) => [{ kind: 'dissolve-groups', schema: 1, parts: [...refs] }],
  },
  {
    id: 'top',
    label: 'Hang at the top',
    keyName: 'e',
    whyNot: (chosen) =>
      chosen.every(({ parentId }) => parentId === null)
        ? 'They hang at the top.'
        : chosen.some(({ isMoved }) => isMoved)
          ? 'A clip or a skin moves one of them.'
          : null,
    steps: (refs) => [{ kind: 'hang-parts', schema: 1, parts: [...refs], under: null }],
  },
  {
    id: 'sort',
    label: 'Sort below by name',
    keyName: 'shift+s',
    whyNot: (chosen) => (chosen.every(({ kind }) => kind === 'group') ? null : 'Only what hangs in a group is sorted.'),
    steps: (refs) => [{ kind: 'sort-parts', schema: 1, parts: [...refs] }],
  },
  {
    id: 'split',
    label: 'Split into pieces',
    keyName: 'p',
    whyNot: notOneShape,
    steps: ([part]) => [{ kind: 'split-part', schema: 1, part, by: 'islands', tolerance: 1e-5 }],
  },
  {
    id: 'split-materials',
    label: 'Split by material',
    keyName: 'm',
    whyNot: (chosen) => notOneShape(chosen) ?? (chosen[0].materials.length > 1 ? null : 'It has one material.'),
    steps: ([part]) => [{ kind: 'split-part', schema: 1, part, by: 'materials', tolerance: 0 }],
  },
  {
    id: 'own',
    label: 'Own geometry',
    keyName: 'y',
    whyNot: (chosen) => (chosen.some(({ instances }) => instances > 1) ? null : 'None of them is an instance.'),
    steps: (refs) => [{ kind: 'own-geometry', schema: 1, parts: [...refs] }],
  },
  {
    id: 'take-out',
    label: 'Take out',
    keyName: 't',
    isGrave: true,
    whyNot: () => null,
    steps: (refs) => [{ kind: 'take-out', schema: 1, parts: [...refs] }],
  },
];

/** By the words that the names begin with alike. */
export function nameGroup(chosen: readonly PartRow[]): string {
  const names = chosen.map(({ name }) => meaningOf(name).split(' '));
  const [first] = names;
  const apart = first.findIndex((word, i) => names.some((other) => other[i] !== word));
  const shared = apart < 0 ? first : first.slice(0, apart);
  return shared.join('') === '' || names.length === 1
    ? `${houseName(nameOf(chosen[0]))}_group`
    : houseName(shared.join(' '));
}

const nameOf = ({ name }: PartRow): string => name || 'part';
