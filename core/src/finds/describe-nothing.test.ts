import { describeNothing } from './describe-nothing';

const of = (...kinds: string[]) => kinds.map((kind) => ({ kind }) as never);

test('a damaged archive is called that', () => {
  expect(describeNothing(of('archive'), ['“broken.7z” is cut short or damaged.'])).toBe(
    'No model came out of it. “broken.7z” is cut short or damaged.',
  );
});

test.each([
  [['archive', 'text', 'text'], 'Only texts came, no model. Everything is kept.'],
  [['picture'], 'Only pictures came, no model. Everything is kept.'],
  [['picture', 'text'], 'Only pictures and texts came, no model. Everything is kept.'],
  [['archive', 'other', 'text'], 'No model that can be read was found in it. Everything is kept.'],
  [['archive'], 'No model that can be read was found in it. Everything is kept.'],
])('of %j: %s', (kinds, words) => {
  expect(describeNothing(of(...kinds), [])).toBe(words);
});
