import { listLookedFor } from '@haveld/core/placement/size/search-words';

/**
 * Words as MariaDB's boolean full-text mode takes them: every one has to be there, as the beginning of a word, or, where
 * it is a plural, as the whole word for one of them. Characters that mode gives a meaning to, and all else that is no letter or digit, part words.
 * @returns empty where nothing is left to look for
 */
export const toBooleanMode = (words: string): string =>
  (words.match(/[\p{L}\p{N}]+/gu) ?? [])
    .map((word) => listLookedFor(word))
    .map(([asIs, ...ones]) => (ones.length > 0 ? `+(${[`${asIs}*`, ...ones].join(' ')})` : `+${asIs}*`))
    .join(' ');
