import { LINE_UP_KEYS } from './line-up-keys';

/** Kept by the strip across the top. */
const EVERYWHERE = ['/', '?'];

test('every key of the line-up does one thing, and none of the strip’s', () => {
  const shown = Object.values(LINE_UP_KEYS).flatMap((key) => key.shown.split(' '));
  expect(new Set(shown).size).toBe(shown.length);
  expect(shown.filter((key) => EVERYWHERE.includes(key))).toEqual([]);
});

test('each says what it does', () => {
  const words = Object.values(LINE_UP_KEYS).map((key) => key.words);
  expect(words.every((said) => said.length > 2)).toBe(true);
  expect(new Set(words).size).toBe(words.length);
});
