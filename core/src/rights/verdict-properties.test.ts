import fc from 'fast-check';
import { USES, VERDICTS, type IntendedUse, type Verdict } from '@haveld/contract/licence';
import type { Terms } from '@haveld/contract/terms';
import { judgeUse } from './judge-use';
import { BUILT_IN, BUILT_IN_BOOK, createLicenceBook } from './licence-book';

/** Seeded, so that a failure is the same tomorrow. */
const RUNS = { seed: 20261126, numRuns: 2000 };

const anyTerms = fc.constantFrom(...BUILT_IN);
const anyUse: fc.Arbitrary<IntendedUse> = fc.record({
  // one alone is as common as several: a rule that looks at a single use would hide behind another
  uses: fc.oneof(
    fc.constantFrom(...USES).map((one) => [one]),
    fc.uniqueArray(fc.constantFrom(...USES), { minLength: 1 }),
  ),
  commercial: fc.boolean(),
  releaseLicence: fc.constantFrom('', 'CC-BY-SA-4.0', 'GPL-3.0-only', 'MIT'),
  arrangement: fc.constantFrom('side-by-side' as const, 'merged' as const, 'unsaid' as const),
  locks: fc.boolean(),
  territory: fc.constantFrom('', 'Norway'),
  seats: fc.constantFrom(null, 1, 9),
  until: fc.constantFrom('' as const, '2027-03-31' as const),
});
const anyNature = fc.record({
  changed: fc.boolean(),
  adaptations: fc.constantFrom([], ['display floor left out']),
});

const rank = ({ verdict }: Verdict): number => VERDICTS.indexOf(verdict);
/** Duties are no hardship here: only what is refused or asked counts. */
const severity = (verdict: Verdict): number => Math.max(rank(verdict), VERDICTS.indexOf('allowed-with-duties'));

const STRICTER: [string, (terms: Terms) => Terms][] = [
  ...(['commercial', 'adapt', 'shareAdapted', 'passOn', 'largerWork'] as const).map(
    (name): [string, (terms: Terms) => Terms] => [
      `${name}: no`,
      (terms) => ({ ...terms, [name]: { grant: 'no', clause: '' } }),
    ],
  ),
  ['personal only', (terms) => ({ ...terms, personalOnly: { clause: '' } })],
  ['editorial only', (terms) => ({ ...terms, editorialOnly: { clause: '' } })],
  ['no locks', (terms) => ({ ...terms, noLocks: { clause: '' } })],
  ['fewer people', (terms) => ({ ...terms, seats: 1 })],
];

test.each(STRICTER)('a licence that grants less is never judged more mildly: %s', (_, make) => {
  fc.assert(
    fc.property(anyTerms, anyUse, anyNature, (terms, use, nature) => {
      const judge = (sheet: Terms): number =>
        severity(judgeUse(createLicenceBook([{ ...sheet, id: 'LicenseRef-x' }]), 'LicenseRef-x', use, { nature }));
      expect(judge(make(terms))).toBeGreaterThanOrEqual(judge(terms));
    }),
    RUNS,
  );
});

test('another use beside those there are, or money, never makes a verdict milder', () => {
  fc.assert(
    fc.property(anyTerms, anyUse, anyNature, fc.constantFrom(...USES), ({ id }, use, nature, more) => {
      const judge = (asked: IntendedUse): number => severity(judgeUse(BUILT_IN_BOOK, id, asked, { nature }));
      expect(judge({ ...use, uses: [...new Set([...use.uses, more])] })).toBeGreaterThanOrEqual(judge(use));
      expect(judge({ ...use, commercial: true })).toBeGreaterThanOrEqual(judge({ ...use, commercial: false }));
    }),
    RUNS,
  );
});

test('a choice is as mild as its mildest, several at once as strict as their strictest', () => {
  fc.assert(
    fc.property(anyTerms, anyTerms, anyUse, anyNature, (a, b, use, nature) => {
      const judge = (expression: string): number => severity(judgeUse(BUILT_IN_BOOK, expression, use, { nature }));
      const [one, other] = [judge(a.id), judge(b.id)];
      expect(judge(`${a.id} OR ${b.id}`)).toBe(Math.min(one, other));
      expect(judge(`${a.id} AND ${b.id}`)).toBe(Math.max(one, other));
    }),
    RUNS,
  );
});

test('what is not shared owes nothing, but for the limits of a grant', () => {
  fc.assert(
    fc.property(anyTerms, anyNature, ({ id }, nature) => {
      const use: IntendedUse = {
        uses: ['internal'],
        commercial: false,
        releaseLicence: '',
        arrangement: 'side-by-side',
        locks: false,
        territory: '',
        seats: 1,
        until: '',
      };
      expect(judgeUse(BUILT_IN_BOOK, id, use, { nature }).duties).toEqual([]);
    }),
    RUNS,
  );
});
