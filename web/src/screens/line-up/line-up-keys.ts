/** What a key does in the line-up while no field is open; the card in hand is meant. */
export const LINE_UP_KEYS = {
  left: { shown: '←', words: 'the one before' },
  right: { shown: '→', words: 'the next' },
  j: { shown: 'j', words: 'the next in pencil or with a question' },
  k: { shown: 'k', words: 'the one before that' },
  h: { shown: 'h', words: 'then its height: 78 cm' },
  o: { shown: 'o', words: 'the other guess' },
  x: { shown: 'x', words: 'tip forwards' },
  z: { shown: 'z', words: 'tip sideways' },
  y: { shown: 'y', words: 'turn round' },
  n: { shown: 'n', words: 'rename' },
  g: { shown: 'g', words: 'category' },
  t: { shown: 't', words: 'tags' },
  digits: { shown: '1 2 3', words: 'an answer to its first question' },
  l: { shown: 'l', words: 'leave the missing map out' },
  space: { shown: 'Space', words: 'choose several' },
  enter: { shown: 'Enter', words: 'open it' },
  a: { shown: 'a', words: 'all of these are right' },
} as const;

export type LineUpKey = keyof typeof LINE_UP_KEYS;
