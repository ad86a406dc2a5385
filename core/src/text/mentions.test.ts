import { listMentioned } from './mentions';

const PEOPLE = [
  { id: '1', signIn: 'maja' },
  { id: '2', signIn: 'o.brand' },
  { id: '3', signIn: 'møller' },
  { id: '4', signIn: 'maj' },
];

test.each([
  ['@maja look at this', ['1']],
  ['for @Maja, and @o.brand.', ['1', '2']],
  ['(@møller)', ['3']],
  ['@maja @maja', ['1']],
  ['write to help@maja.example', []],
  ['@nobody and @', []],
  ['@maj', ['4']],
])('“%s”', (text, ids) => {
  expect(listMentioned(text, PEOPLE)).toEqual(ids);
});
