import { splitWords } from '../../text/head-words';
import { singularsOf } from '../../text/singulars';
import { compoundHead } from './typical-sizes';

/** What is left of a shorter plural is no word: `es`, `gas`. */
const SHORTEST = 3;

/**
 * Words a text is found by beside those it is written in: its parts (`cafe_chair`, `CafeChair`), what they are the plural of
 * (`chairs`), and what a compound is a kind of (`armchair`).
 * @returns each once, in lower case
 */
export function listSearchWords(text: string): string[] {
  const parts = splitWords(text);
  return [...new Set(parts.flatMap((part) => [...singularsOf(part), ...singularsOf(compoundHead(part) ?? part)]))];
}

/** @returns what somebody who looks for this word may find instead: `chair` for `chairs`, the word itself first */
export const listLookedFor = (word: string): string[] => {
  const [asIs, ...ones] = singularsOf(word.toLowerCase());
  return [asIs, ...ones.filter((one) => one.length >= SHORTEST)];
};
