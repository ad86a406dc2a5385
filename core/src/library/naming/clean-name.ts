import { NAME_WORDS } from '../../finds/names/name-words';
import { isNoun, singularOf } from '../words/meanings';

/** Said of a download, and not of the thing; several words as one. Common practice, no source. */
const NOISE = new Set(
  'freebie download downloads freedownload 3d 3dmodel 3dmodels asset assets gameready lowpoly lopoly highpoly hipoly midpoly pbr uhd hires lowres textured untextured uvmapped unwrapped royaltyfree cc0 ccby untitled vrready arready'.split(
    ' ',
  ),
);

/** Noise at the beginning or the end of a name: a model ship is a thing. */
const NOISE_AT_START = new Set(['free']);
const NOISE_AT_END = new Set(['free', 'model', 'models', 'hd']);

/** `by Somebody`, `© 2024 …`, `| Free download`: whose it is, or where it was, at the end of a title. */
const TAIL = /\s+(?:[|–—]\s.*|©.*|(?:(?:made|modelled|modeled|created|designed)\s+)?by\s+\p{Lu}.*)$/u;

/** `(1)`, `[free]`, `{v2}`: a browser’s counter, or a remark. */
const REMARK = /[([{]\s*(?:\d{1,2}|[^()[\]{}]*)\s*[)\]}]/gu;

/** At the end of a name alone: elsewhere `low`, `copy` and `m` are words. */
const ENDINGS = NAME_WORDS.filter(
  ({ kind, isWeak }) => kind === 'copy' || (isWeak && (kind === 'lod' || kind === 'edition')),
);
const ANYWHERE = NAME_WORDS.filter(
  ({ kind, isWeak }) => !isWeak && kind !== 'copy' && kind !== 'variant' && kind !== 'map-role',
);

/** Marks before a name: static mesh, skinned mesh. */
const PREFIXES = new Set(['sm', 'sk', 'skm']);

const SHOUTED = /^[^\p{Ll}]*\p{Lu}[^\p{Ll}]{3,}$/u;

/**
 * A name to keep, out of a file’s name or a page’s title: what says how the download was made, which edition it is, whose it is and where it was is
 * taken out; what says what the thing is stays as it was written.
 * @returns the text as it is where nothing would be left
 */
export function cleanName(text: string): string {
  const plain = text
    .replace(/_+/g, ' ')
    .replace(TAIL, '')
    .replace(REMARK, (remark) => (keepsRemark(remark) ? remark : ' '));
  const words = splitNameWords(plain);
  const kept = dropPhrases(words);
  while (kept.length > 1 && NOISE_AT_START.has(plainWord(kept[0]))) kept.shift();
  while (kept.length > 1 && isEnding(kept.at(-1)!)) kept.pop();
  if (kept.length > 1 && PREFIXES.has(kept[0].toLowerCase())) kept.shift();
  if (!kept.some((word) => /\p{L}{2}/u.test(word) || /\p{Lo}/u.test(word))) return text.trim();
  const name = kept.join(' ').replace(/^[\s,.;:–-]+|[\s,;:–-]+$/gu, '');
  const calm = SHOUTED.test(name) ? name.toLowerCase() : name;
  return calm.charAt(0).toUpperCase() + calm.slice(1);
}

const isEnding = (word: string): boolean =>
  NOISE_AT_END.has(plainWord(word)) || ENDINGS.some((rule) => fitsRule(rule, word));

/** What is said of the thing stays: `Crate (open)`. */
function keepsRemark(remark: string): boolean {
  const words = splitNameWords(remark.slice(1, -1));
  return dropPhrases(words).some((word) => /\p{L}{2}/u.test(word));
}

/** At spaces; where there is none, at strokes and capitals and before figures: `OldChair2` is `Old Chair 2`. */
function splitNameWords(text: string): string[] {
  const trimmed = text.trim();
  const spaced = /\s/.test(trimmed) ? trimmed : trimmed.replace(/(?<=[\p{L}\p{N}]{2})-+(?=[\p{L}\p{N}]{2})/gu, ' ');
  return spaced
    .replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2')
    .replace(/(\p{Ll}{3,})(\d{1,3})(?=\s|$)/gu, '$1 $2')
    .split(/\s+/)
    .filter((word) => /[\p{L}\p{N}]/u.test(word));
}

/** Words one by one, and two that are one (`low poly`, `3D-model`). */
function dropPhrases(words: readonly string[]): string[] {
  const kept: string[] = [];
  for (let i = 0; i < words.length; i++) {
    const word = plainWord(words[i]);
    if (i + 1 < words.length && NOISE.has(word + plainWord(words[i + 1]))) i++;
    else if (!NOISE.has(word) && !isQualifier(words[i])) kept.push(words[i]);
  }
  return kept;
}

/** Some words for an edition name a thing too: racing cycles stay what they are. */
const isQualifier = (word: string): boolean =>
  ANYWHERE.some((rule) => fitsRule(rule, word) && (rule.kind !== 'edition' || !isNoun(singularOf(plainWord(word)))));

const plainWord = (word: string): string => word.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');

const fitsRule = ({ words, pattern, isOfPictures }: (typeof NAME_WORDS)[number], word: string): boolean =>
  !isOfPictures && (words?.includes(plainWord(word)) || pattern?.test(plainWord(word)) || false);
