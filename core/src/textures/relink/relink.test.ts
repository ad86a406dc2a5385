import { createBrokenLayouts, LATER_KINDS, LAYOUT_KINDS } from '../../testing/broken-layouts';
import { judgeMapSet } from '../judging/judge-map-set';
import { isLetterApart, listAddedWords } from './compare-names';
import { scoreLayout, scoreLayouts } from './judge-layouts';
import type { OfferedMap, WantedMap } from './map-match';
import { matchReferences } from './match-references';
import { readNameParts } from './name-parts';

const SEED = 20261126;

// docs/textures.md prints the figures of these; kinds of the first list were written before the rules
test('none of 560 broken layouts is put right wrongly', () => {
  const scores = [...scoreLayouts(560, SEED).values()];
  const sum = (of: 'right' | 'asked' | 'wrong'): number => scores.reduce((all, score) => all + score[of], 0);
  console.log(
    `560 layouts of ${LAYOUT_KINDS.length} kinds: ${sum('right')} right, ${sum('asked')} asked, ${sum('wrong')} wrong`,
  );
  expect(scores.flatMap(({ errors }) => errors)).toEqual([]);
});

test('nor of 200 of the kinds written later', () => {
  const scores = [...scoreLayouts(200, SEED, LATER_KINDS).values()];
  const sum = (of: 'right' | 'asked' | 'wrong'): number => scores.reduce((all, score) => all + score[of], 0);
  console.log(
    `200 layouts of ${LATER_KINDS.length} later kinds: ${sum('right')} right, ${sum('asked')} asked, ${sum('wrong')} wrong`,
  );
  expect(scores.flatMap(({ errors }) => errors)).toEqual([]);
});

const MUST_ASK = [
  'same name, two contents',
  'same name by another author',
  'none came, maps of another model did',
  'all renamed to numbers',
] as const;

test.each(MUST_ASK)('%s: nothing is taken unasked', (kind) => {
  for (const layout of createBrokenLayouts(12, SEED, [kind]))
    expect(scoreLayout(layout)).toMatchObject({ right: 0, wrong: 0 });
});

const offer = (path: string, over: Partial<OfferedMap> = {}): OfferedMap => ({
  path,
  sha256: path,
  place: 'arrival',
  sameAuthor: true,
  judged: judgeMapSet([{ path, measures: null, slot: null }])[0],
  ...over,
});
const want = (reference: string, over: Partial<WantedMap> = {}): WantedMap => ({
  material: 'oak',
  slot: 'baseColor',
  references: [reference],
  ...over,
});

test('one picture under two names serves both names', () => {
  const decisions = matchReferences(
    [want('a_diff.png'), want('b_diff.png', { material: 'b' })],
    [offer('x/a_diff.png', { sha256: '1' }), offer('x/b_diff.png', { sha256: '1' })],
  );
  expect(decisions.map(({ sure, matches }) => [sure, matches[0].offered.path])).toEqual([
    [true, 'x/a_diff.png'],
    [true, 'x/b_diff.png'],
  ]);
});

test('one name in many materials is one map for all of them', () => {
  const decisions = matchReferences(
    [want('a_diff.png'), want('a_diff.png', { material: 'b' })],
    [offer('x/a_diff.png')],
  );
  expect(decisions.every(({ sure }) => sure)).toBe(true);
});

test('what looks like another role is not sure, whatever its name', () => {
  const asNormal = judgeMapSet([{ path: 'x_normal.png', measures: null, slot: null }])[0];
  const [decision] = matchReferences([want('oak_diff.png')], [offer('x/oak_diff.png', { judged: asNormal })]);
  expect(decision).toMatchObject({ sure: false });
  expect(decision.matches[0].evidence.map(({ text }) => text)).toContain('looks like normal, not base colour');
});

test('what was decided for the same author before is taken again, with who and when', () => {
  const remembered = [
    {
      wanted: 'tx_01.png',
      slot: 'baseColor' as const,
      takenStem: 'planks',
      takenSha256: 'old',
      summary: 'Maja took it so for HV-000012',
    },
  ];
  const wanted = [want('D:\\a\\TX_01.png')];
  const [before] = matchReferences(wanted, [offer('x/planks.jpg'), offer('x/other.jpg')]);
  const [after] = matchReferences(wanted, [offer('x/planks.jpg'), offer('x/other.jpg')], {}, remembered);
  expect(before.sure).toBe(false);
  expect(after).toMatchObject({ sure: true, matches: [{ offered: { path: 'x/planks.jpg' } }] });
  expect(after.matches[0].evidence[0].text).toBe('decided before: Maja took it so for HV-000012');
});

test('two files of the remembered name are asked about again', () => {
  const remembered = [
    { wanted: 'tx_01.png', slot: 'baseColor' as const, takenStem: 'planks', takenSha256: 'old', summary: 'x' },
  ];
  const [decision] = matchReferences(
    [want('tx_01.png')],
    [offer('a/planks.jpg'), offer('b/planks.jpg')],
    {},
    remembered,
  );
  expect(decision.sure).toBe(false);
});

test('nothing wanted, nothing offered: nothing decided', () => {
  expect(matchReferences([], [offer('a.png')])).toEqual([]);
  expect(matchReferences([want('a.png')], [])).toMatchObject([{ sure: false, matches: [] }]);
});

test.each([
  [
    'D:\\maps\\Oak_Top_NRM_2k.TGA',
    { name: 'oak_top_nrm_2k.tga', core: 'oaktopnrm', subject: ['oak', 'top'], role: 'normal' },
  ],
  ['sea%20chart_dif.png', { name: 'sea chart_dif.png', subject: ['sea', 'chart'], role: 'base-colour' }],
  ['100%.png', { name: '100%.png' }],
  ['oak_03_diff (1).png', { core: 'oak03diff', subject: ['oak'], numbers: ['3'], role: 'base-colour' }],
  ['hull_diff.1002.exr', { tile: 1002, subject: ['hull'] }],
  ['hull_diff.<UDIM>.exr', { tile: 0, subject: ['hull'] }],
])('%s is taken apart', (path, expected) => {
  expect(readNameParts(path)).toMatchObject(expected);
});

test.each([
  ['sailcloth', 'sailclotj', true],
  ['sailcloth', 'sialcloth', true],
  ['sailcloth', 'sailclot', true],
  ['wall01', 'wall02', false],
  ['sailcloth', 'sailing', false],
  ['oak', 'oaks', false],
])('%s and %s are a letter apart: %s', (a, b, apart) => {
  expect(isLetterApart(a, b)).toBe(apart);
});

test.each([
  ['oak_diff', 'lamproom_oak_diff', 'lamproom*'],
  ['oak_diff', 'oak_tex_diff', '*tex'],
  ['oak_diff', 'oak_dark_diff', null],
  ['oak_diff', 'red_oak_diff', null],
  ['oak_diff', 'oak_diff', null],
])('from %s to %s adds %s', (from, to, added) => {
  expect(listAddedWords(readNameParts(`${from}.png`), readNameParts(`${to}.png`))).toBe(added);
});
