import type { Answer, Finding } from '@haveld/contract/finding';
import type { Step } from '@haveld/contract/step';
import { createBoxDocument } from '../testing/documents';
import { assess } from './assess';
import { examine, type Examination } from './examination';
import { listSaid, type Said } from './said';

/** A post of 90 that stands along Z about its origin: taken for Y up it hangs half below the ground. */
const look = (said?: Said): Examination =>
  examine({
    document: createBoxDocument([-10, -10, 0], [10, 10, 90], 'post'),
    name: 'thing',
    log: [],
    pictures: [],
    belonging: new Set(),
    stated: [],
    said,
  });
const pivotOf = (said?: Said): Finding => assess(look(said)).find(({ kind }) => kind === 'pivot')!;
const Z_UP = { axis: 'x', degrees: -90 } as const;

test('where it stands is judged by what was said of its stance, whatever is likeliest', () => {
  const asItCame = pivotOf({ turn: null });
  expect(asItCame.mark).toBe('look');
  expect(asItCame.title).toMatch(/below the ground|off the base centre/);
  expect(pivotOf({ turn: Z_UP })).toMatchObject({
    mark: 'holds',
    title: 'Stands on the ground, pivot at its base centre',
  });
  expect(look({ turn: Z_UP }).uprightSize).toEqual([20, 90, 20]);
});

test('a turn that is none of those that were judged makes nothing sure', () => {
  const odd = look({ turn: { axis: 'z', degrees: 180 } });
  expect(odd.stance).toBe(odd.up[0]);
  expect(odd.isUpright).toBe(look().isUpright);
  expect(pivotOf({ turn: { axis: 'z', degrees: 180 } })).toEqual(pivotOf());
  expect(look({ turn: Z_UP }).isUpright).toBe(true);
});

test('what was said of its stance changes no evidence for it: the question stays as it was judged', () => {
  const up = (said?: Said): Finding => assess(look(said)).find(({ kind }) => kind === 'up')!;
  expect(up({ turn: Z_UP }).choices).toEqual(up().choices);
});

test('lengths are metres of the size that was said, and shares of itself while nothing was', () => {
  const open = [pivotOf({ turn: null }).title, ...pivotOf({ turn: null }).evidence.map(({ figure }) => figure)].join(
    ' ',
  );
  expect(open).toContain('% of its longest side');
  const said = [
    pivotOf({ turn: null, factor: 0.01 }).title,
    ...pivotOf({ turn: null, factor: 0.01 }).evidence.map(({ figure }) => figure),
  ].join(' ');
  expect(said).not.toContain('longest side');
  expect(said).toMatch(/0\.\d+ m|\d+ mm/);
  expect(look({ factor: 0.01 }).metresAUnit).toBe(0.01);
});

const scale = (factor: number): Step => ({ kind: 'scale', schema: 1, factor, label: '' });
const rotate = (axis: 'x' | 'z', degrees: -90 | 90): Step => ({ kind: 'rotate', schema: 1, axis, degrees });
const finding = (key: 'up' | 'size', choices: Record<string, Step[]>): Finding =>
  ({
    kind: key,
    key,
    choices: Object.entries(choices).map(([id, steps]) => ({ id, label: id, steps, confidence: 0.5, evidence: [] })),
  }) as unknown as Finding;
const FINDINGS = [
  finding('up', { y: [], z: [rotate('x', -90)] }),
  finding('size', { cm: [scale(0.01)], m: [], none: [] }),
];
const said = (answers: Record<string, Answer>): Said => listSaid(new Map(Object.entries(answers)), FINDINGS);
const taken = (choiceId: string): Answer => ({ kind: 'taken', choiceId });
const own = (...steps: Step[]): Answer => ({ kind: 'own', steps, summary: 'by hand' });

test('what was said is known by the steps of the answer, whoever gave it', () => {
  expect(said({ up: taken('z'), size: taken('cm') })).toEqual({ turn: Z_UP, factor: 0.01 });
  expect(said({ up: taken('y'), size: taken('m') })).toEqual({ turn: null, factor: 1 });
  expect(said({ up: own(rotate('z', 90)), size: own(scale(2)) })).toEqual({
    turn: { axis: 'z', degrees: 90 },
    factor: 2,
  });
});

test('nothing is said by what was set aside, what has no real size, what is offered no more, and turns of its own', () => {
  expect(said({})).toEqual({});
  expect(said({ up: { kind: 'set-aside', reason: 'lies anyhow' }, size: taken('none') })).toEqual({});
  expect(said({ up: taken('no such'), size: taken('no such') })).toEqual({});
  expect(said({ up: own(rotate('x', 90), rotate('z', 90)) })).toEqual({});
});
