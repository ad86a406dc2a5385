/** Scripts that write without spaces: their words are told by ICU (Unicode Standard Annex 29, with its dictionaries). */
const UNSPACED = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Thai}\p{Script=Khmer}\p{Script=Lao}]/u;
const PARTS = /\p{L}[\p{L}\p{M}]*|\p{N}+/gu;

/** `CafeChair`, `LODChair`: a capital begins a word. */
const CAPITALS = /(?<=\p{Ll})(?=\p{Lu})|(?<=\p{Lu})(?=\p{Lu}\p{Ll})/gu;

/** Letters that compatibility decomposition leaves as they are, and what is written where they cannot be. */
const LETTERS: Record<string, string> = { ß: 'ss', æ: 'ae', œ: 'oe', ø: 'o', đ: 'd', ł: 'l', þ: 'th', ı: 'i' };
const LETTER = new RegExp(`[${Object.keys(LETTERS).join('')}]`, 'gu');
const UMLAUT = /[äöü]/gu;

/** Most words have nothing to fold but their case. */
const PLAIN = /^[ -~]*$/;

let segmenter: Intl.Segmenter | null = null;

/** A word as it is compared: in lower case, without marks (Unicode TR 15 NFKD; `Étagère` is `etagere`). */
export const foldWord = (word: string): string => (PLAIN.test(word) ? word.toLowerCase() : foldMarked(word));

const foldMarked = (word: string): string =>
  word
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(LETTER, (letter) => LETTERS[letter]);

/** How German writes it where there are no dots: `haengematte`. @returns null for a word without them */
export const spellOutUmlauts = (word: string): string | null => {
  const lower = word.toLowerCase().normalize('NFC');
  return UMLAUT.test(lower) ? foldWord(lower.replace(UMLAUT, (letter) => `${letter}e`)) : null;
};

/** @returns the words of a text as they are written, figures apart, in their order */
export function splitText(text: string): string[] {
  const parts = text.replace(CAPITALS, ' ').match(PARTS) ?? [];
  if (!UNSPACED.test(text)) return parts;
  segmenter ??= new Intl.Segmenter('und', { granularity: 'word' });
  return parts.flatMap((part) => {
    if (!UNSPACED.test(part)) return [part];
    return [...segmenter!.segment(part)].filter(({ isWordLike }) => isWordLike).map(({ segment }) => segment);
  });
}
