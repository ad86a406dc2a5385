import type { Finding } from '@haveld/contract/finding';
import { HEADINGS } from '@haveld/contract/heading';
import type { FindingKind } from '@haveld/contract/finding-kinds';
import { answerFindings, listAnswerSteps, listMissing, listSureOpen, takeEverySure } from './answers';
import { makeFinding } from './make-finding';

const finding = (kind: FindingKind, change: Parameters<typeof makeFinding>[0] | object = {}): Finding =>
  makeFinding({
    kind,
    mark: 'look',
    title: kind,
    choices: [{ id: 'a', label: 'a', steps: [], confidence: 1, evidence: [] }],
    ...change,
  });
const TAKEN = { kind: 'taken' as const, choiceId: 'a' };

test('what holds is settled, what is answered is settled, the rest is open', () => {
  const sheet = answerFindings(
    [finding('root', { mark: 'holds' }), finding('up'), finding('size')],
    new Map([['up', TAKEN]]),
  );
  expect(sheet.map((row) => row.settled)).toEqual([true, true, false]);
});

test('an answer does not settle rights that block', () => {
  const rights = finding('rights:licence', { mark: 'blocks' });
  expect(answerFindings([rights], new Map([['rights:licence', TAKEN]]))[0].settled).toBe(false);
  expect(answerFindings([{ ...rights, mark: 'look' }], new Map([['rights:licence', TAKEN]]))[0].settled).toBe(true);
});

test('a sure finding waits for an unsure one it rests on', () => {
  const rows = [finding('stranger'), finding('size', { sure: true, after: ['stranger'] })];
  expect(listSureOpen(answerFindings(rows, new Map()))).toEqual([]);
  expect(listSureOpen(answerFindings(rows, new Map([['stranger', TAKEN]]))).map((row) => row.key)).toEqual(['size']);
  const both = [finding('size', { sure: true, after: ['stranger'] }), finding('stranger', { sure: true })];
  expect(listSureOpen(answerFindings(both, new Map())).map((row) => row.key)).toEqual(['stranger', 'size']);
});

test('the catalogue needs what blocks, the size, and a word on strangers; nothing else', () => {
  const rows = [
    finding('map', { of: 'oak:baseColor', mark: 'blocks', title: 'oak.png did not arrive' }),
    finding('size'),
    finding('stranger', { of: 'floor:x', title: 'x looks like a floor' }),
    finding('pivot'),
  ];
  expect(listMissing(answerFindings(rows, new Map()))).toEqual([
    'oak.png did not arrive.',
    'Its size is not settled.',
    'x looks like a floor: is it part of the model?',
  ]);
});

test('taking every sure proposal bakes what was scaled, and leaves the rest open', () => {
  const scale = { kind: 'scale' as const, schema: 1 as const, factor: 0.01, words: 'cm' };
  const rows = [
    finding('size', { sure: true, choices: [{ id: 'cm', label: 'cm', steps: [scale], confidence: 1, evidence: [] }] }),
    finding('pivot'),
  ];
  const still = takeEverySure([...rows, finding('bake-transforms', { mark: 'holds' })], HEADINGS);
  expect(still.steps).toEqual([scale, { kind: 'bake-transforms', schema: 1 }]);
  expect(still.sheet.map((row) => row.settled)).toEqual([true, false, true]);
  expect(takeEverySure(rows, HEADINGS).steps).toEqual([scale]);
  expect(takeEverySure(rows, ['textures']).steps).toEqual([]);
});

test('an answer that is no choice of its finding is refused', () => {
  expect(() => listAnswerSteps(finding('size'), { kind: 'taken', choiceId: 'furlong' })).toThrow(
    'not among the choices',
  );
  expect(listAnswerSteps(finding('size'), { kind: 'set-aside', reason: 'it is a sign' })).toEqual([]);
});
