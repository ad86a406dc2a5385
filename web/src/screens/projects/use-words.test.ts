import type { IntendedUse } from '@haveld/contract/licence';
import { PLAIN_USE } from '@haveld/core/rights/plain-use';
import { describeUse } from './use-words';

const USE: IntendedUse = { ...PLAIN_USE, commercial: true };

test('a use is told in a line, and nothing of it that was not said', () => {
  expect(describeUse(USE)).toBe('pictures, film or a show · commercial · its models stand side by side, each itself');
  expect(
    describeUse({
      ...USE,
      commercial: false,
      arrangement: 'unsaid',
      seats: 4,
      until: '2027-09-30',
      locks: true,
      releaseLicence: 'CC-BY-SA-4.0',
    }),
  ).toBe(
    'pictures, film or a show · non-commercial · not said whether its models become one new work · released under CC-BY-SA-4.0 · its files are locked · 4 people · until 2027-09-30',
  );
});
