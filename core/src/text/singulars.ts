/** @returns a word of English in lower case and what it may be the plural of, the word itself first */
export const singularsOf = (word: string): string[] => [
  word,
  ...(word.endsWith('ies') ? [`${word.slice(0, -3)}y`] : []),
  ...(word.endsWith('ves') ? [`${word.slice(0, -3)}f`, `${word.slice(0, -3)}fe`] : []),
  ...(word.endsWith('es') ? [word.slice(0, -2)] : []),
  ...(word.endsWith('s') ? [word.slice(0, -1)] : []),
];
