import type { Term, Terms } from '@haveld/contract/terms';

type Grant = Term['grant'];

/** To whoever is about to grant it: what others may do then. What a licence leaves open is said as not granted. */
const SENTENCES: [keyof Terms & ('commercial' | 'adapt' | 'passOn'), Partial<Record<Grant, string>>, string][] = [
  [
    'commercial',
    { yes: 'Anybody may use it, also in works they sell.', unshared: 'Money may be earned with it only unshared.' },
    'Nobody may use it in works they sell.',
  ],
  [
    'adapt',
    { yes: 'Anybody may change it.', unshared: 'It may be changed as long as the result is not shared.' },
    'Nobody may share a changed version of it.',
  ],
  [
    'passOn',
    { yes: 'Anybody may hand the file on.', unshared: 'The file stays with the house.' },
    'The file may not be handed on.',
  ],
];

/** What a giver grants and gets by a licence, in plain sentences. */
export function describeGrant(terms: Terms): string[] {
  const granted = SENTENCES.map(([name, words, otherwise]) => words[terms[name].grant] ?? otherwise);
  return [
    ...granted,
    terms.attribution ? 'You are named wherever it is used.' : 'Nobody has to name you.',
    ...(terms.shareAlike ? ['Whoever shares a changed version gives it under the same terms.'] : []),
    ...(terms.editorialOnly ? ['Only for reports and comments.'] : []),
    ...(terms.personalOnly ? ['Only for private persons.'] : []),
    // a grant of these kinds has no end; CC 4.0, 2(a)(1) and 6; CC0, 2
    ...(terms.months === null
      ? ['You cannot take the licence back from those who have it by then.']
      : [`It ends after ${terms.months} months.`]),
  ];
}
