import fc from 'fast-check';
import type { Answer } from '@haveld/contract/finding';
import { judgeSize, type SizeQuestion } from '../size/judge-size';
import { findTypicalSize } from '../size/typical-sizes';
import { listKitSays, listUnitShares } from './kit-say';

const ask = (size: [number, number, number], change: Partial<SizeQuestion> = {}): SizeQuestion => ({
  size,
  declaredUnit: null,
  typical: null,
  stated: [],
  ...change,
});

/** Two crates that look like centimetres, and a peg nobody could tell the unit of. */
const CRATES = [
  ask([50, 40, 60], { typical: findTypicalSize('crate') }),
  ask([80, 60, 60], { typical: findTypicalSize('crate') }),
];
const PEG = ask([3.17, 11.3, 3.17]);

test('the rest of a kit settles what a piece by itself leaves open, as one evidence more', () => {
  const [alone] = judgeSize(PEG);
  expect(alone.confidence).toBeLessThan(0.9);
  const says = listKitSays([...CRATES, PEG].map((question) => listUnitShares(question, null)));
  const [inKit] = judgeSize({ ...PEG, kit: says[2] });
  expect(inKit).toMatchObject({
    id: 'cm',
    evidence: expect.arrayContaining([expect.objectContaining({ figure: '2 pieces' })]),
  });
  const before = judgeSize(PEG).find(({ id }) => id === 'cm')!;
  expect(inKit.confidence).toBeGreaterThan(before.confidence);
  expect(inKit.independent).toBe(before.independent + 1);
});

test('a piece says nothing of itself: of two, neither settles the other', () => {
  expect(listKitSays(CRATES.map((question) => listUnitShares(question, null)))).toEqual([null, null]);
  expect(listKitSays([listUnitShares(PEG, null)])).toEqual([null]);
  expect(listKitSays([])).toEqual([]);
});

test('what a person answered for one counts for all others, whatever they look like', () => {
  const answer = { kind: 'taken', choiceId: 'mm' } as const;
  const says = listKitSays([
    listUnitShares(CRATES[0], answer),
    ...[CRATES[1], PEG].map((question) => listUnitShares(question, null)),
  ]);
  expect(says[2]).toMatchObject({ isAnswered: true, pieces: 1 });
  expect(says[2]!.shares.mm).toBeGreaterThan(0.5);
  expect(judgeSize({ ...PEG, kit: says[2] })[0].id).toBe('mm');
  // the one that was answered hears what the others look like
  expect(says[0]).toMatchObject({ isAnswered: false, pieces: 2 });
});

test('what was measured, set aside or read long ago says no unit', () => {
  const own: Answer = { kind: 'own', steps: [], summary: '0.5 m high' };
  expect(listUnitShares(PEG, own)).toEqual({ shares: {}, isAnswered: false });
  expect(listUnitShares(null, null)).toEqual({ shares: {}, isAnswered: false });
  expect(listUnitShares(PEG, { kind: 'set-aside', reason: 'later' }).shares).toHaveProperty('cm');
});

test('property: shares of a say are shares, and many pieces of one hand weigh as four', () => {
  const many = Array.from({ length: 40 }, () => listUnitShares(CRATES[0], null));
  const five = listKitSays(many.slice(0, 5))[0]!;
  const forty = listKitSays(many)[0]!;
  for (const { shares } of [five, forty])
    expect(Object.values(shares).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
  expect(forty.shares.cm).toBeCloseTo(five.shares.cm, 9);
});

test('a scale of their own spreads too: where all others follow no unit, one that looks like one is asked', () => {
  const odd = [2.173, 3.391, 4.717, 5.239].map((side) =>
    ask([side, side * 1.317, side * 0.771], { typical: findTypicalSize('crate') }),
  );
  const table = ask([2.3274, 0.7134, 0.7431], { typical: findTypicalSize('table') });
  const says = listKitSays([...odd, table].map((question) => listUnitShares(question, null)));
  expect(judgeSize({ ...table, kit: says[4] })[0].confidence).toBeLessThan(judgeSize(table)[0].confidence);
});

test('a piece of another unit than its kit is asked, however much it looks like its kind', () => {
  const crate = ask([0.5, 0.4, 0.6], { typical: findTypicalSize('crate') });
  const [alone] = judgeSize(crate);
  expect(alone).toMatchObject({ id: 'm' });
  expect(alone.independent).toBeGreaterThan(0);
  const says = listKitSays([...CRATES, crate].map((question) => listUnitShares(question, null)));
  const inKit = judgeSize({ ...crate, kit: says[2] });
  expect(inKit.find(({ id }) => id === 'm')!.independent).toBe(0);
});

test('property: where a kit says one unit, no other has anything to stand on, whatever the piece looks like', () => {
  const side = fc.double({ min: 0.01, max: 5000, noNaN: true });
  fc.assert(
    fc.property(
      fc.tuple(side, side, side),
      fc.constantFrom('mm', 'cm', 'm', 'in'),
      fc.constantFrom(null, 'm', 'cm'),
      fc.constantFrom('crate', 'table', 'gull', ''),
      (size, said, declaredUnit, name) => {
        const kit = { shares: { [said]: 0.9 }, pieces: 4, isAnswered: false };
        const typical = name === '' ? null : findTypicalSize(name);
        for (const one of judgeSize(ask(size, { declaredUnit, typical, kit })))
          if (one.id !== said) expect(one.independent).toBe(0);
        // a kit that is of two minds forbids nothing
        const unsure = { ...kit, shares: { mm: 0.5, cm: 0.5 } };
        const free = judgeSize(ask(size, { declaredUnit, typical, kit: unsure }));
        expect(free.map(({ id, independent }) => [id, independent]).sort()).toEqual(
          judgeSize(ask(size, { declaredUnit, typical }))
            .map(({ id, independent }) => [id, independent])
            .sort(),
        );
      },
    ),
    { numRuns: 150 },
  );
});
