/**
 * Words as MariaDB's boolean full-text mode takes them: every one has to be there, as the beginning of a word.
 * Characters that mode gives a meaning to, and all else that is no letter or digit, part words.
 * @returns empty where nothing is left to look for
 */
export const toBooleanMode = (words: string): string =>
  (words.match(/[\p{L}\p{N}]+/gu) ?? []).map((word) => `+${word}*`).join(' ');
