/** What follows one of these says something beside the thing: “shelf with books”, “table for two”. */
const PARTED_BY = new Set([
  'with',
  'for',
  'of',
  'in',
  'on',
  'at',
  'by',
  'from',
  'without',
  'mit',
  'avec',
  'con',
  'für',
  'pour',
  'para',
  'von',
  'de',
  'di',
  'du',
  'del',
  'des',
  'della',
  'delle',
  'dei',
  'da',
  'do',
  'dos',
  'das',
  'à',
  'aux',
  'sans',
  'sin',
  'senza',
  'sem',
  'ohne',
  'per',
  'com',
  'en',
]);

/** Said of a thing, wherever it stands in its name. */
export const QUALIFIERS = new Set(
  'the a an old new small large big little mini huge high low left right open closed empty full double single simple basic modern classic antique vintage rustic wooden metal plastic glass steel iron brass leather stone marble oak pine walnut white black red green blue yellow grey gray brown orange pink purple gold silver dark light round square rectangular oval long short tall wide narrow thin thick folded unfolded broken damaged dirty clean final copy lod hd uhd model mesh object obj fbx glb gltf version ver set'.split(
    ' ',
  ),
);

/** @returns the words of a name in their order: split at capitals and signs, in lower case, without figures */
export const splitWords = (name: string): string[] =>
  name
    .replace(/(\p{Ll})(\p{Lu})/gu, '$1 $2')
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 1 || /\p{Lo}/u.test(word));

/**
 * The words that say what a thing is. In a compound of English the last decides and those before it shift it: “knife stand” is a stand;
 * what is said of it after “with” or “for” is left out, and so are words that only describe.
 * @returns in the order of the name; the head is the last
 */
export function headWords(name: string): string[] {
  const words = splitWords(name);
  const end = words.findIndex((word, i) => i > 0 && PARTED_BY.has(word));
  const own = (end < 0 ? words : words.slice(0, end)).filter((word) => !PARTED_BY.has(word));
  const said = own.filter((word) => !QUALIFIERS.has(word));
  return said.length > 0 ? said : own;
}
