import { QuestionSchema, type Facet } from '@haveld/contract/api/catalogue';
import { BUILT_IN_BOOK } from '@haveld/core/rights/licence-book';
import { describeHit } from './hit-words';
import { isNarrowed, QUESTION_PARTS } from './question-parts';

const partOf = (facet: Facet) => QUESTION_PARTS.find((part) => part.facet === facet)!;

test.each([
  ['size', '0.5-2', '0.50 m to 2.00 m long'],
  ['size', '-0.1', 'up to 0.10 m long'],
  ['size', '20-', 'over 20.00 m long'],
  ['trait', 'clips', 'with animation clips'],
  ['licence', 'CC-BY-4.0', 'under CC BY 4.0'],
  ['since', 'week', 'added this week'],
  ['used', 'never', 'never used'],
  ['material', 'oak', 'of oak'],
] as const)('%s %s is said as “%s”', (facet, value, words) => {
  const part = partOf(facet);
  expect(part.say(value, part.label({ value }, BUILT_IN_BOOK))).toBe(words);
});

test('every part of a sentence is asked for by its value, and taken away by none', () => {
  for (const part of QUESTION_PARTS) {
    const value = { size: '0.5-2', colour: 'red', trait: 'clips', since: 'week' }[part.facet as string] ?? 'some';
    const asked = QuestionSchema.parse(part.ask(value));
    expect([part.facet, part.valueOf(asked), isNarrowed(asked)]).toEqual([part.facet, value, true]);
    const none = Object.fromEntries(Object.entries(part.ask('')).filter(([, one]) => one !== ''));
    expect(isNarrowed(QuestionSchema.parse(none))).toBe(false);
  }
});

test('why an asset is found is told where its name does not show it', () => {
  const reason = { asked: 'sofas', found: 'couch', likeness: 'same-meaning', field: 'name' } as const;
  expect(describeHit([reason])).toBe('“couch” in its name means “sofas”');
  expect(describeHit([{ ...reason, found: 'sofa', likeness: 'same' }])).toBe('');
  expect(
    describeHit([
      { asked: 'bouy', found: 'buoy', likeness: 'spelt-nearly', field: 'name' },
      { asked: 'lid', found: 'lid', likeness: 'same', field: 'part' },
      { asked: 'boat', found: 'dinghy', likeness: 'narrower', field: 'tag' },
      { asked: 'dinghy', found: 'boat', likeness: 'wider', field: 'name' },
    ]),
  ).toBe(
    '“buoy” in its name, for “bouy”; “lid” is a part; “dinghy” in a tag is a kind of “boat”; “dinghy” is a kind of “boat” in its name',
  );
});
