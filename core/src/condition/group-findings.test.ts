import type { SheetFinding } from '@haveld/contract/api/bench';
import { groupFindings } from './group-findings';
import { makeFinding } from './make-finding';

const finding = (change: Partial<SheetFinding>): SheetFinding => ({
  ...makeFinding({
    kind: 'size',
    mark: 'look',
    title: 'Is it 0.24 m?',
    choices: [{ id: 'cm', label: 'centimetres', steps: [], confidence: 0.8, evidence: [] }],
  }),
  answer: null,
  settled: false,
  ...change,
});
const metres = [{ id: 'm', label: 'metres', steps: [], confidence: 0.8, evidence: [] }];

test('pieces of the same proposal stand together, whatever their figures; those that differ behind them', () => {
  const [size] = groupFindings([
    { assetId: 'a', findings: [finding({ choices: metres })] },
    { assetId: 'b', findings: [finding({ title: 'Is it 0.31 m?' })] },
    { assetId: 'c', findings: [finding({})] },
  ]);
  expect(size).toMatchObject({ key: 'size', title: 'Size' });
  expect(size.groups.map(({ label, assetIds }) => [label, assetIds])).toEqual([
    ['centimetres', ['b', 'c']],
    ['metres', ['a']],
  ]);
});

test('an answer tells a piece from those without one', () => {
  const [size] = groupFindings([
    { assetId: 'a', findings: [finding({ answer: { kind: 'taken', choiceId: 'cm' }, settled: true })] },
    { assetId: 'b', findings: [finding({})] },
  ]);
  expect(size.groups.map(({ label, settled }) => [label, settled])).toEqual([
    ['centimetres', false],
    ['taken: centimetres', true],
  ]);
});

test('what holds for every piece is left out; what holds for some is not', () => {
  const holds = finding({ kind: 'maps', key: 'maps', mark: 'holds', choices: [], title: 'Maps', settled: true });
  expect(groupFindings([{ assetId: 'a', findings: [holds] }])).toEqual([]);
  expect(
    groupFindings([
      { assetId: 'a', findings: [holds] },
      { assetId: 'b', findings: [finding({ kind: 'maps', key: 'maps', title: 'A map is missing', choices: [] })] },
    ]),
  ).toHaveLength(1);
});

test('no pieces, no findings', () => {
  expect(groupFindings([])).toEqual([]);
});
