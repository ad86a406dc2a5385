import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { examplePartRow } from '../../testing/example-part-row';
import { arrangeRows, findAlike, findOfMaterial, findParts, listAbove, withBelow } from './arrange-rows';
import { nameGroup, PART_ACTIONS } from './part-actions';

const row = (id: string, depth: number, parentId: string | null, more: Partial<PartRow> = {}): PartRow =>
  examplePartRow({ id, name: id, depth, parentId, ...more });

const ROWS = [
  row('root', 0, null, { kind: 'group', triangles: 0, materials: [] }),
  row('door', 1, 'root', { kind: 'group', triangles: 0, materials: [] }),
  row('slat_2', 2, 'door', { size: [0.1, 2, 1], triangles: 40 }),
  row('slat_10', 2, 'door', { size: [1, 0.1, 2], triangles: 40 }),
  row('hinge', 1, 'root', { materials: ['brass'], oddities: ['tiny'] }),
];
const ids = (plan: readonly { row: PartRow }[]): string[] => plan.map((one) => one.row.id);
const NONE: ReadonlySet<string> = new Set();

test('as they hang, parents stand before children, and what is folded hides what hangs in it', () => {
  const open = arrangeRows(ROWS, { order: 'hang', words: '', folded: NONE });
  expect(open.map(({ level, below }) => [level, below])).toEqual([
    [0, 4],
    [1, 2],
    [2, 0],
    [2, 0],
    [1, 0],
  ]);
  expect(ids(arrangeRows(ROWS, { order: 'hang', words: '', folded: new Set(['door']) }))).toEqual([
    'root',
    'door',
    'hinge',
  ]);
});

test('numbers in names count as numbers; sizes go by the longest side, the largest first', () => {
  expect(ids(arrangeRows(ROWS, { order: 'name', words: 'slat', folded: NONE }))).toEqual(['slat_2', 'slat_10']);
  expect(ids(arrangeRows(ROWS, { order: 'size', words: '', folded: NONE })).slice(0, 2)).toEqual(['slat_2', 'slat_10']);
  expect(ids(arrangeRows(ROWS, { order: 'odd', words: '', folded: NONE }))).toEqual(['hinge']);
});

test('words find names and materials; a pattern has to fit the whole of one', () => {
  const found = (words: string): string[] => findParts(ROWS, words).map(({ id }) => id);
  expect(found('BRASS')).toEqual(['hinge']);
  expect(found('slat_?')).toEqual(['slat_2']);
  expect(found('*_1*')).toEqual(['slat_10']);
  expect(found('slat')).toEqual(['slat_2', 'slat_10']);
  expect(found('slat_(')).toEqual([]);
  expect(found('  ')).toHaveLength(5);
});

test('alike are parts of as many triangles and the same sides, whichever way they lie', () => {
  expect(findAlike(ROWS, new Set(['slat_2']))).toEqual(['slat_2', 'slat_10']);
  expect(findOfMaterial(ROWS, new Set(['hinge']))).toEqual(['hinge']);
  expect([...listAbove(ROWS, 'slat_2')]).toEqual(['door', 'root']);
  expect([...withBelow(ROWS, new Set(['door']))]).toEqual(['door', 'slat_2', 'slat_10']);
});

test('a group is called by the words its parts begin with; where there are none, by the first', () => {
  expect(nameGroup([row('DoorLeft_1', 0, null), row('DoorRight', 0, null)])).toBe('door');
  expect(nameGroup([row('slat_2', 0, null), row('hinge', 0, null)])).toBe('slat_2_group');
});

test('what a clip moves is not joined, grouped or hung elsewhere, and a group shows nothing to be split', () => {
  const whyNot = (id: string, chosen: PartRow[]) => PART_ACTIONS.find((one) => one.id === id)!.whyNot(chosen);
  const moved = row('vane', 1, 'root', { isMoved: true });
  for (const id of ['join', 'group', 'top']) expect(whyNot(id, [moved, ROWS[2]])).toContain('clip or a skin');
  expect(whyNot('split', [ROWS[1]])).toBe('Choose one part that shows something.');
  expect(whyNot('dissolve', [ROWS[1]])).toBeNull();
  expect(whyNot('dissolve', [ROWS[1], ROWS[2]])).not.toBeNull();
});
