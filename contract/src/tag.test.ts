import { MOST_TAGS, splitTags, TagsSchema } from './tag';

test('tags are kept in lower case, without blanks at their ends, each once', () => {
  expect(TagsSchema.parse([' Harbour ', 'old   wood', 'HARBOUR'])).toEqual(['harbour', 'old wood']);
  expect(TagsSchema.parse([])).toEqual([]);
});

test('a tag of nothing, one as long as a sentence, or more than are of use are refused', () => {
  expect(TagsSchema.safeParse(['  ']).success).toBe(false);
  expect(TagsSchema.safeParse(['x'.repeat(41)]).success).toBe(false);
  expect(TagsSchema.safeParse(Array.from({ length: MOST_TAGS + 1 }, (_, i) => `tag ${i}`)).success).toBe(false);
});

test('what is typed is parted by commas', () => {
  expect(splitTags('harbour, old wood;brass,, ')).toEqual(['harbour', ' old wood', 'brass']);
});
