import fc from 'fast-check';
import { isNear } from './is-near';
import { Vocabulary } from './vocabulary';

/** Optimal string alignment by its definition (Damerau 1964; Wagner and Fischer's table). */
function distance(a: string, b: string): number {
  const table = Array.from({ length: a.length + 1 }, (_, i) => Array.from({ length: b.length + 1 }, (_, j) => i + j));
  for (let i = 1; i <= a.length; i++)
    for (let j = 1; j <= b.length; j++) {
      const swap =
        i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1] ? table[i - 2][j - 2] + 1 : Infinity;
      table[i][j] = Math.min(
        table[i - 1][j] + 1,
        table[i][j - 1] + 1,
        table[i - 1][j - 1] + (a[i - 1] === b[j - 1] ? 0 : 1),
        swap,
      );
    }
  return table[a.length][b.length];
}

const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), minLength: 0, maxLength: 7 });

test('two words are near when their distance of Damerau is one', () => {
  fc.assert(fc.property(word, word, (a, b) => expect(isNear(a, b)).toBe(distance(a, b) === 1)));
});

test('a vocabulary finds every near word, whether it came lately or is sorted', () => {
  const long = fc.string({ unit: fc.constantFrom('a', 'b', 'c'), minLength: 4, maxLength: 8 });
  fc.assert(
    fc.property(fc.uniqueArray(long, { minLength: 1, maxLength: 60 }), long, fc.boolean(), (words, asked, isSorted) => {
      const vocabulary = new Vocabulary();
      for (const one of words) vocabulary.add(one);
      if (isSorted) for (let i = 0; i < 600; i++) vocabulary.add(`zz${i}`);
      expect(vocabulary.listNear(asked).sort()).toEqual(words.filter((one) => distance(asked, one) === 1).sort());
    }),
  );
});

test('words that begin so come without the word itself, from both parts of a vocabulary', () => {
  const vocabulary = new Vocabulary();
  for (let i = 0; i < 512; i++) vocabulary.add(`w${i}`);
  vocabulary.listLonger('w', 1);
  for (const one of ['lamp', 'lampshade', 'lamppost']) vocabulary.add(one);
  expect(vocabulary.listLonger('lamp', 10).sort()).toEqual(['lamppost', 'lampshade']);
  expect(vocabulary.listLonger('w51', 10)).toEqual(['w510', 'w511']);
  expect(vocabulary.listLonger('w', 7)).toHaveLength(7);
});
