import { findTypicalSize } from './typical-sizes';

/** Words that say nothing of what a thing is. Ours. */
const EMPTY =
  /^(old|new|small|large|big|little|wooden|metal|steel|iron|stone|low|high|poly|model|final|scan|asset|prop|free|with|without|set|pack|kit|version|part|piece|left|right|front|back)$/;

/** @returns true where two names are of the same kind of thing: by the table of typical sizes, else by what they end in */
export function isSimilar(name: string, other: string): boolean {
  const [typical, others] = [findTypicalSize(name), findTypicalSize(other)];
  if (typical || others) return typical === others;
  const [noun, otherNoun] = [nounOf(name), nounOf(other)];
  return noun !== null && noun === otherNoun;
}

/** The last word that is a word: `sea_chest_v2` → `chest`. */
function nounOf(name: string): string | null {
  const words = name
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length >= 4 && !EMPTY.test(word));
  return words.at(-1)?.replace(/s$/, '') ?? null;
}
