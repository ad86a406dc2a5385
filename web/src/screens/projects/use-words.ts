import type { IntendedUse, Use } from '@haveld/contract/licence';

export const USE_WORDS: Record<Use, string> = {
  internal: 'used inside the house',
  rendered: 'pictures, film or a show',
  build: 'a playable or web build that contains the model',
  file: 'the file to a client',
  sale: 'selling it as a model',
  print: 'printing it as an object or a sheet',
};

export const ARRANGEMENT_WORDS: Record<IntendedUse['arrangement'], string> = {
  'side-by-side': 'its models stand side by side, each itself',
  merged: 'its models become one new work',
  unsaid: 'not said whether its models become one new work',
};

/** What a project is for, in a line. */
export function describeUse(use: IntendedUse): string {
  return [
    use.uses.map((each) => USE_WORDS[each]).join(', '),
    use.commercial ? 'commercial' : 'non-commercial',
    ARRANGEMENT_WORDS[use.arrangement],
    use.releaseLicence === '' ? '' : `released under ${use.releaseLicence}`,
    use.locks ? 'its files are locked' : '',
    use.territory,
    use.seats === null ? '' : `${use.seats} people`,
    use.until === '' ? '' : `until ${use.until}`,
  ]
    .filter((part) => part !== '')
    .join(' · ');
}
