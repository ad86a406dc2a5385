import iconv from 'iconv-lite';
import { guessNameEncoding } from '@haveld/engine/archives/guess-name-encoding';
import { createRandom } from '@haveld/core/testing/random';

// Names of files in the words of a language, written as old archives write them, and whether they are read as they were meant. The words
// are the names of countries and currencies of CLDR (in Node.js' Intl), which nobody looked at when the guess was written.
const WRITTEN: readonly (readonly [language: string, codec: string])[] = [
  ['ja', 'cp932'],
  ['zh-Hans', 'gb18030'],
  ['zh-Hant', 'big5'],
  ['ko', 'cp949'],
  ['ru', 'windows-1251'],
  ['ru', 'cp866'],
  ['uk', 'windows-1251'],
  ['cs', 'windows-1250'],
  ['cs', 'cp852'],
  ['pl', 'windows-1250'],
  ['pl', 'cp852'],
  ['de', 'windows-1252'],
  ['de', 'cp850'],
  ['fr', 'windows-1252'],
  ['fr', 'cp850'],
  ['pt', 'windows-1252'],
  ['pt', 'cp850'],
  ['es', 'cp437'],
];
const REGIONS = Array.from({ length: 26 * 26 }, (_, i) => String.fromCharCode(65 + Math.floor(i / 26), 65 + (i % 26)));
const SETS = 50;
const random = createRandom(7);

for (const [language, codec] of WRITTEN) {
  const regions = new Intl.DisplayNames(language, { type: 'region', fallback: 'none' });
  const currencies = new Intl.DisplayNames(language, { type: 'currency', fallback: 'none' });
  const words = [
    ...REGIONS.map((code) => regions.of(code)),
    ...Intl.supportedValuesOf('currency').map((code) => currencies.of(code)),
  ].filter((word): word is string => !!word && iconv.decode(iconv.encode(word, codec), codec) === word);
  const shares = await Promise.all(
    [3, 10].map(async (size) => {
      let right = 0;
      let open = 0;
      for (let set = 0; set < SETS; set++) {
        const names = Array.from({ length: size }, () => `${words[Math.floor(random() * words.length)]}.obj`);
        const raw = names.map((name) => iconv.encode(name, codec));
        const guess = await guessNameEncoding(raw);
        if (!guess) open++;
        else if (raw.every((one, i) => guess.decode(one) === names[i])) right++;
      }
      return `${size} names: ${(100 * right) / SETS} % read as they were meant, ${(100 * open) / SETS} % left to the format`;
    }),
  );
  console.log(`${language.padEnd(8)} ${codec.padEnd(13)} ${shares.join('; ')}`);
}
