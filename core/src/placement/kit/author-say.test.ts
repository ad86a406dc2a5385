import { judgeSize, OWN_SCALE_ID, type SizeQuestion } from '../size/judge-size';
import { findTypicalSize } from '../size/typical-sizes';
import { sayByAuthor } from './author-say';
import { listUnitShares, type PieceSay } from './kit-say';

const ask = (size: [number, number, number], name: string): SizeQuestion => ({
  size,
  declaredUnit: null,
  typical: findTypicalSize(name),
  stated: [],
});
/** A chair and a wardrobe that are in centimetres beyond doubt, and a vase that may be in inches as well. */
const SETTLED = [ask([45, 90, 50], 'chair'), ask([150, 210, 60], 'wardrobe')];
const VASE = ask([19.3, 31.7, 19.3], 'vase');
const judged = (questions: readonly SizeQuestion[]): PieceSay[] => questions.map((one) => listUnitShares(one, null));

test('what other models by its author say settles what one alone leaves open, and is told', () => {
  const [alone] = judgeSize(VASE);
  const author = sayByAuthor('Ines Falkenrot', judged(SETTLED));
  const [known] = judgeSize({ ...VASE, author });
  expect(known.id).toBe('cm');
  expect(known.confidence).toBeGreaterThan(alone.id === 'cm' ? alone.confidence : 0);
  expect(known.independent).toBe(judgeSize(VASE).find(({ id }) => id === 'cm')!.independent + 1);
  expect(known.evidence.map(({ text, figure }) => `${text}: ${figure}`)).toContain(
    'by all that is seen, other models by Ines Falkenrot are so: 2 models',
  );
});

test('a hundred models of one hand weigh hardly more than three', () => {
  const few = sayByAuthor('x', judged([...SETTLED, SETTLED[0]]))!;
  const many = sayByAuthor('x', judged(Array.from({ length: 100 }, (_, i) => SETTLED[i % 2])))!;
  expect(many.pieces).toBe(100);
  expect(Math.abs(Math.log(many.shares.cm / few.shares.cm))).toBeLessThan(0.2);
});

test('one answer of a person outweighs what was seen of three', () => {
  const answer = { shares: { in: 1 }, isAnswered: true };
  const say = sayByAuthor('x', [...judged([...SETTLED, SETTLED[0]]), answer])!;
  expect(say.isAnswered).toBe(true);
  expect(say.shares.in).toBeGreaterThan(0.2);
  const twice = sayByAuthor('x', [...judged(SETTLED), answer, answer])!;
  expect(twice.shares.in).toBeGreaterThan(twice.shares.cm);
});

test('an author of models without a real scale makes a unit less likely', () => {
  const say = sayByAuthor('x', [
    { shares: { [OWN_SCALE_ID]: 1 }, isAnswered: true },
    { shares: { [OWN_SCALE_ID]: 1 }, isAnswered: true },
  ]);
  const sumOf = (question: SizeQuestion): number =>
    judgeSize(question).reduce((sum, { confidence }) => sum + confidence, 0);
  expect(sumOf({ ...VASE, author: say })).toBeLessThan(sumOf(VASE));
});

test('what others said does not come back to them', () => {
  const author = sayByAuthor('x', judged(SETTLED));
  expect(listUnitShares({ ...VASE, author }, null)).toEqual(listUnitShares(VASE, null));
});

test('nobody, and models that say nothing, say nothing', () => {
  expect(sayByAuthor('', judged(SETTLED))).toBeNull();
  expect(sayByAuthor('x', [])).toBeNull();
  expect(sayByAuthor('x', [listUnitShares(null, null)])).toBeNull();
});
