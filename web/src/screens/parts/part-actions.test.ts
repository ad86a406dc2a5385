import type { PartRow } from '@haveld/core/structure/parts/part-rows';
import { examplePartRow } from '../../testing/example-part-row';
import { PART_ACTIONS } from './part-actions';

const refs = (rows: readonly PartRow[]) => rows.map(({ name }) => ({ name, ordinal: 0, signature: 'a' }));
const action = (id: string) => PART_ACTIONS.find((one) => one.id === id)!;
const groups = (id: string, rows: PartRow[]) =>
  action(id)
    .steps(refs(rows), rows)
    .map((step) => step.kind === 'group-parts' && [step.name, step.parts.map(({ name }) => name)]);

const CUPBOARD = [
  examplePartRow({ name: 'shelf_1' }),
  examplePartRow({ name: 'screw_1', materials: ['brass'] }),
  examplePartRow({ name: 'shelf_2' }),
  examplePartRow({ name: 'screw_2', materials: ['brass'] }),
  examplePartRow({ name: 'pane', materials: ['glass'] }),
];

test('each key does one thing', () => {
  const keys = PART_ACTIONS.map(({ keyName }) => keyName);
  expect(new Set(keys).size).toBe(keys.length);
});

test('by material each that has two parts or more becomes a group; what stands alone stays where it is', () => {
  expect(groups('group-materials', CUPBOARD)).toEqual([
    ['oak', ['shelf_1', 'shelf_2']],
    ['brass', ['screw_1', 'screw_2']],
  ]);
});

test('by name those that begin alike, whatever they are made of', () => {
  expect(groups('group-names', [...CUPBOARD, examplePartRow({ name: 'Screw.left', materials: ['steel'] })])).toEqual([
    ['shelf', ['shelf_1', 'shelf_2']],
    ['screw', ['screw_1', 'screw_2', 'Screw.left']],
  ]);
});

test('where it would make one group, or none, it says why not', () => {
  const oak = CUPBOARD.filter(({ materials }) => materials[0] === 'oak');
  expect(action('group-materials').whyNot([...oak, examplePartRow({ name: 'shelf_3' })])).toBe(
    'They are of one material.',
  );
  expect(action('group-materials').whyNot(CUPBOARD)).toBeNull();
  expect(action('group-materials').whyNot(oak)).toBe('Choose three parts or more that show something.');
  expect(
    action('group-names').whyNot(['a1', 'b1', 'c1'].map((name) => examplePartRow({ name: `${name} thing` }))),
  ).not.toBeNull();
  expect(action('group-names').whyNot([...CUPBOARD, examplePartRow({ isMoved: true })])).toBe(
    'A clip or a skin moves one of them.',
  );
});

test('what touches becomes a group, called after its first; a hair apart still touches, a hand does not', () => {
  const at = (name: string, x: number): PartRow =>
    examplePartRow({ name, centre: [x, 0.5, 0], size: [1, 1, 1], parentId: null });
  // two posts with a cap each, one of them a hair off, and a mast by itself
  const rows = [at('post', 0), at('cap', 1), at('post', 5), at('cap', 6.04), at('mast', 9)];
  expect(groups('group-near', rows)).toEqual([
    ['post', ['post', 'cap']],
    ['post_2', ['post', 'cap']],
  ]);
  expect(action('group-near').whyNot(rows)).toBeNull();
  expect(action('group-near').whyNot([at('a post', 0), at('a cap', 1), at('a mast', 2)])).toContain('They all touch');
  expect(action('group-near').whyNot([at('a post', 0), at('a cap', 3), at('a mast', 6)])).not.toBeNull();
});
