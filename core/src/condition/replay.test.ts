import type { Answer } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import { answerFindings } from './answers';
import { makeFinding } from './make-finding';
import { planReplay, type Treated } from './replay';

const scale = (factor: number): Step => ({ kind: 'scale', schema: 1, factor, label: '' });
const choice = (id: string, factor: number) => ({
  id,
  label: `choice ${id}`,
  confidence: 0.6,
  evidence: [],
  steps: [scale(factor)],
});
const size = makeFinding({
  kind: 'size',
  mark: 'look',
  title: 'Its size is open',
  choices: [choice('cm', 0.01), choice('m', 1)],
});
const licence = makeFinding({ kind: 'rights:licence', mark: 'look', title: 'Licence' });
const levels: Step = { kind: 'set-levels', schema: 1, levels: [{ by: 'share', share: 0.5 }] };

const treated = (answers: Record<string, Answer> = {}, steps: Treated['steps'] = []): Treated => ({
  answers: new Map(Object.entries(answers)),
  steps,
});
const replay = (earlier: Treated, standing: Treated = treated(), findings = [size, licence]) =>
  planReplay(earlier, answerFindings(findings, standing.answers), standing);
const cm: Answer = { kind: 'taken', choiceId: 'cm' };

test('the same answer is given to the same question, with the steps it has here', () => {
  expect(replay(treated({ size: cm })).answers).toEqual([
    { key: 'size', title: 'Its size is open', label: 'choice cm', answer: cm, steps: [scale(0.01)] },
  ]);
  const own: Answer = { kind: 'own', steps: [scale(0.5)], summary: 'half as large' };
  expect(replay(treated({ size: own })).answers).toMatchObject([{ label: 'half as large', steps: [scale(0.5)] }]);
  const left: Answer = { kind: 'set-aside', reason: 'as it came' };
  expect(replay(treated({ size: left })).answers).toMatchObject([{ label: 'left: as it came', steps: [] }]);
});

test('an answer that is none of the choices here, and one about rights, is not given', () => {
  expect(replay(treated({ size: { kind: 'taken', choiceId: 'inch' } })).answers).toEqual([]);
  expect(replay(treated({ 'rights:licence': { kind: 'set-aside', reason: 'looked' } })).answers).toEqual([]);
  expect(replay(treated({ 'up-axis': cm })).answers).toEqual([]);
});

test('what a person has answered here stands; what Haveld took by itself gives way to a person’s answer', () => {
  const here = (answer: Answer) => treated({ size: answer });
  expect(replay(treated({ size: cm }), here({ kind: 'taken', choiceId: 'm' })).answers).toEqual([]);
  expect(replay(treated({ size: cm }), here({ kind: 'taken', choiceId: 'm', by: 'haveld' })).answers).toHaveLength(1);
  expect(replay(treated({ size: cm }), here({ kind: 'taken', choiceId: 'cm', by: 'haveld' })).answers).toEqual([]);
});

test('steps of a person’s own come along as far as they are switched on, under their keys', () => {
  const row = (findingKey: string | null, step: Step, enabled = true) => ({ findingKey, step, enabled });
  const earlier = treated({}, [
    row('own:levels', levels),
    row('own:off', levels, false),
    row('own:house:t1', levels),
    row('size', scale(2)),
    row(null, scale(3)),
  ]);
  expect(replay(earlier).own).toEqual([{ key: 'own:levels', steps: [levels] }]);
  expect(replay(earlier, treated({}, [row('own:levels', levels)])).own).toEqual([]);
});

test('what was borrowed stays behind: whose it is would not be written down', () => {
  const borrowed = { kind: 'borrow-part', schema: 1, from: { id: 'x' } } as unknown as Step;
  const earlier = treated({}, [{ findingKey: 'own:borrow:1', step: borrowed, enabled: true }]);
  expect(replay(earlier).own).toEqual([]);
});
