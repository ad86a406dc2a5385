import {
  CardFindingSchema,
  LineUpCardSchema,
  type CardChoice,
  type CardFinding,
  type LineUpCard,
} from '@haveld/contract/api/line-up';
import type { Step } from '@haveld/contract/step';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import {
  factorFor,
  heightBy,
  isReady,
  listMates,
  orderBySize,
  otherGuess,
  sidesOf,
  sizeSource,
  stepsOf,
} from './read-card';

const scale = (factor: number): Step => ({ kind: 'scale', schema: 1, factor, label: '' });
const choice = (id: string, confidence: number, factor = 1): CardChoice => ({
  id,
  label: id,
  confidence,
  scale: factor,
});
const guess = exampleOf(CardFindingSchema, {
  kind: 'size',
  key: 'size',
  steps: [scale(0.01)],
  choices: [choice('cm', 0.7, 0.01), choice('none', 0.2), choice('in', 0.1, 0.0254)],
} as Partly<CardFinding>);
const card = (more: Partly<LineUpCard> = {}): LineUpCard =>
  exampleOf(LineUpCardSchema, {
    hasSize: true,
    busy: null,
    standing: { sha256: null, box: { min: [-1, 0, 0], max: [1, 0.5, 0] } },
    guessed: [],
    asked: [],
    steps: [],
    decided: [],
    ...more,
  } as Partly<LineUpCard>);

test('sides are metres from the front, and none where no size is known or nothing was drawn', () => {
  expect(sidesOf(card())).toEqual({ widthM: 2, heightM: 0.5 });
  expect(sidesOf(card({ hasSize: false }))).toEqual({ widthM: null, heightM: null });
  expect(sidesOf(card({ standing: null }))).toEqual({ widthM: null, heightM: null });
});

test('the other guess is the next likely one that is a size, and none that nobody would believe', () => {
  expect(otherGuess(guess)?.id).toBe('in');
  expect(otherGuess({ ...guess, choices: [guess.choices[0], choice('in', 0.01)] })).toBeNull();
  expect(otherGuess({ ...guess, choices: [guess.choices[0], choice('none', 0.3)] })).toBeNull();
});

test('by another guess it is as much higher as its factor is larger', () => {
  const pencilled = card({ guessed: [guess] });
  expect(heightBy(pencilled, guess.choices[2])).toBeCloseTo(0.5 * 2.54, 9);
  expect(heightBy(pencilled, guess.choices[0])).toBeCloseTo(0.5, 9);
});

test('what was taken goes before what is guessed', () => {
  const taken = card({ guessed: [guess], steps: [{ findingKey: 'size', step: scale(3) }] });
  expect(stepsOf(taken, 'size')).toEqual([scale(3)]);
  expect(stepsOf(card({ guessed: [guess] }), 'size')).toEqual([scale(0.01)]);
  expect(stepsOf(card(), 'size')).toEqual([]);
});

test('a height that is said is reached from the factor that stands; what is flat cannot be made high', () => {
  expect(factorFor(card({ guessed: [guess] }), 1)).toBeCloseTo(0.02, 9);
  expect(factorFor(card({ standing: { sha256: null, box: { min: [0, 0, 0], max: [1, 0, 1] } } }), 1)).toBeNull();
  expect(factorFor(card({ standing: null }), 1)).toBeNull();
});

test('what asks something, or is being made, does not go into the catalogue', () => {
  expect(isReady(card({ guessed: [guess] }))).toBe(true);
  expect(isReady(card({ asked: [guess] }))).toBe(false);
  expect(isReady(card({ busy: 'being made' }))).toBe(false);
  // what is being drawn anew was not seen yet
  expect(isReady(card({ busy: 'being drawn' }))).toBe(false);
  expect(isReady(card({ standing: null }))).toBe(false);
});

test.each([
  ['measured', 'as it came'],
  ['haveld', 'by Haveld'],
  ['glance', 'by a glance'],
  ['person', 'as you said'],
] as const)('a size decided by %s is told “%s”', (by, words) => {
  expect(sizeSource(card({ decided: [{ kind: 'size', by }] }))).toBe(words);
});

test('the highest stands first, and what has no size last', () => {
  const high = card({ name: 'high', standing: { sha256: null, box: { min: [0, 0, 0], max: [1, 3, 1] } } });
  const none = card({ name: 'none', hasSize: false });
  expect(orderBySize([none, card({ name: 'low' }), high]).map(({ name }) => name)).toEqual(['high', 'low', 'none']);
});

test('mates are those whose size is open: of the author where he is known, else of the arrival', () => {
  const by = (id: string, author: string, arrivalName: string, more: Partly<LineUpCard> = {}): LineUpCard =>
    card({ id, arrivalName, provenance: { author, authorUnknown: author === '' }, guessed: [guess], ...more });
  const one = by('one', 'Tor', 'a.zip');
  const all = [
    one,
    by('his', 'Tor', 'b.zip'),
    by('beside', 'Ines', 'a.zip'),
    by('settled', 'Tor', 'a.zip', { guessed: [] }),
    by('asked', 'Tor', 'c.zip', { guessed: [], asked: [guess] }),
  ];
  expect(listMates(all, one, 'in')).toEqual({ ids: ['his', 'asked'], by: 'author' });
  // what is drawn so already needs no offer, what is asked about does
  expect(listMates(all, one, 'cm')).toEqual({ ids: ['asked'], by: 'author' });
  expect(listMates(all, one, 'ft')).toEqual({ ids: [], by: 'arrival' });
  const nobody = by('nobody', '', 'a.zip');
  expect(listMates([...all, nobody], nobody, 'in')).toEqual({ ids: ['one', 'beside'], by: 'arrival' });
});
