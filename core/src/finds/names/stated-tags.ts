import { MOST_TAGS, splitTags, TagsSchema } from '@haveld/contract/tag';

/** `Tags: harbour, brass`, `Keywords = …`, `Schlagwörter: …` on a line of its own. Common practice, no source. */
const LINE =
  /^[ \t*#>-]*(?:tags|key ?words|schlagw(?:ö|oe)rter|mots[- ]cl(?:é|e)s|palabras clave|parole chiave)[ \t]*[:=][ \t]*(.+)$/gimu;

/** Words, and what joins them: no address, no markup, no sign alone. */
const IS_TAG = /^[\p{L}\p{N}](?:[\p{L}\p{M}\p{N} .'’&+-]*[\p{L}\p{M}\p{N}+])?$/u;

/** Longer ones are sentences. */
const LONGEST = 40;

/** @returns tags that the texts beside a model state, each once */
export function listStatedTags(text: string): string[] {
  const said = [...text.matchAll(LINE)].flatMap(([, list]) => {
    // without a comma each word is one, as hash tags are
    const parts = /[,;]/.test(list) ? splitTags(list) : list.split(/\s+/);
    return parts.map((part) => part.replace(/^[\s#"']+|[\s."']+$/g, ''));
  });
  return listPlainTags(said);
}

/** @returns of words that somebody gave as tags those that are some, each once */
export function listPlainTags(said: readonly string[]): string[] {
  const tags = said.filter((tag) => IS_TAG.test(tag) && tag.length <= LONGEST);
  return TagsSchema.parse([...new Set(tags.map((tag) => tag.toLowerCase()))].slice(0, MOST_TAGS));
}
