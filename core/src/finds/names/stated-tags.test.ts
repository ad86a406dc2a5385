import { listStatedTags } from './stated-tags';

test.each([
  ['Bell buoy\nTags: Harbour, brass lamp, Sea.\n', ['harbour', 'brass lamp', 'sea']],
  ['Keywords: buoy; bell; buoy', ['buoy', 'bell']],
  ['tags = #harbour #lowpoly', ['harbour', 'lowpoly']],
  ['* Schlagwörter: Boje, Glocke', ['boje', 'glocke']],
])('%j states %j', (text, tags) => {
  expect(listStatedTags(text)).toEqual(tags);
});

test.each([
  'The price tags are by me.',
  'Tags:\n',
  'Name tags, badges and so on',
  'vintage: 1920',
  'Tag-based search of the library',
  'Tags – small labels of brass – hang on each',
  'tag: v1.2.0',
  '* tags: **',
  'Tags: <a href="/boat">boat</a>',
  'Keywords: https://models.example/tags/boat',
])('%j states none', (text) => {
  expect(listStatedTags(text)).toEqual([]);
});

test('a sentence behind the word is no tag', () => {
  expect(listStatedTags(`Tags: ${'a very long sentence about it '.repeat(3)}, sea`)).toEqual(['sea']);
});
