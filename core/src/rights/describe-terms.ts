import type { FindingMark } from '@haveld/contract/finding';
import type { Term, Terms } from '@haveld/contract/terms';

/** One line of a term sheet in plain words. */
export interface TermSentence {
  mark: FindingMark;
  text: string;
  clause: string;
}

const GRANTS: [
  keyof Terms & ('commercial' | 'adapt' | 'shareAdapted' | 'largerWork' | 'passOn' | 'learning'),
  Record<Term['grant'], string>,
][] = [
  [
    'commercial',
    {
      yes: 'May be used to earn money.',
      no: 'May not be used to earn money.',
      ask: 'Earning money with it needs the owner’s word.',
      unshared: 'May earn money only unshared.',
      silent: 'Says nothing of earning money.',
    },
  ],
  [
    'largerWork',
    {
      yes: 'May stand in a larger work: a film, a picture, a build.',
      no: 'May not stand in a larger work.',
      ask: 'Using it in a larger work needs the owner’s word.',
      unshared: 'May stand in a larger work that is not shared.',
      silent: 'Says nothing of larger works.',
    },
  ],
  [
    'adapt',
    {
      yes: 'May be changed.',
      no: 'May not be changed, but for what another format calls for.',
      ask: 'Changing it needs the owner’s word.',
      unshared: 'May be changed as long as it is not shared.',
      silent: 'Says nothing of changes.',
    },
  ],
  [
    'shareAdapted',
    {
      yes: 'A changed version may be shared.',
      no: 'A changed version may not be shared.',
      ask: 'Sharing a changed version needs the owner’s word.',
      unshared: 'A changed version may be made and not shared.',
      silent: 'Says nothing of sharing a changed version.',
    },
  ],
  [
    'passOn',
    {
      yes: 'The file itself may be handed on.',
      no: 'The file itself may not be handed on.',
      ask: 'Handing the file on needs the owner’s word.',
      unshared: 'The file stays in the house.',
      silent: 'Says nothing of handing the file on.',
    },
  ],
  [
    'learning',
    {
      yes: 'A machine may learn from it.',
      no: 'No machine may learn from it.',
      ask: 'Machine learning needs the owner’s word.',
      unshared: 'A machine may learn from it, unshared.',
      silent: 'Does not name machine learning.',
    },
  ],
];

const GRANT_MARKS: Record<Term['grant'], FindingMark> = {
  yes: 'holds',
  no: 'blocks',
  ask: 'look',
  unshared: 'look',
  silent: 'look',
};

/** A term sheet in plain sentences, each with its clause: first what is granted, then what is asked, then the limits. */
export function listTermSentences(terms: Terms): TermSentence[] {
  const sentences: TermSentence[] = GRANTS.map(([name, words]) => ({
    mark: GRANT_MARKS[terms[name].grant],
    text: words[terms[name].grant],
    clause: terms[name].clause,
  }));
  const asked = (mark: FindingMark, text: string, duty: { clause: string } | null): void => {
    if (duty) sentences.push({ mark, text, clause: duty.clause });
  };
  asked('look', 'The author has to be named, with source and licence.', terms.attribution);
  asked('look', 'Changes have to be stated.', terms.stateChanges);
  asked('look', `A changed version goes out under ${listWith(terms)}.`, terms.shareAlike);
  asked('look', 'The licence text, or its address, goes with it.', terms.notice);
  asked('look', 'No technical locks may be put on it.', terms.noLocks);
  asked('look', 'It may not look as if the author stood behind the use.', terms.noEndorsement);
  asked('blocks', 'For reports and comments only.', terms.editorialOnly);
  asked('blocks', 'For private persons only.', terms.personalOnly);
  if (terms.seats !== null)
    sentences.push({
      mark: 'look',
      text: `For ${terms.seats} ${terms.seats === 1 ? 'person' : 'people'} at most.`,
      clause: '',
    });
  if (terms.months !== null) sentences.push({ mark: 'look', text: `Ends after ${terms.months} months.`, clause: '' });
  if (terms.territory !== '') sentences.push({ mark: 'look', text: `Only in ${terms.territory}.`, clause: '' });
  if (terms.fee !== 'none')
    sentences.push({ mark: 'look', text: terms.fee === 'paid' ? 'Has a price.' : 'A price may be asked.', clause: '' });
  return sentences;
}

function listWith({ short, shareAlike }: Terms): string {
  const others = (shareAlike?.with ?? []).filter((id) => !id.includes('-IGO') && !/-[A-Z]{2}$/.test(id));
  return others.length === 0 ? `${short} too` : `${short}, or ${others.slice(0, 6).join(', ')}`;
}
