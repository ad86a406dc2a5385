import type { Terms } from '@haveld/contract/terms';
import { freeTerms, yes } from './free-terms';

/** Waivers and marks: nothing is asked in return. */
export const PUBLIC_DOMAIN: readonly Terms[] = [
  freeTerms(
    'CC0-1.0',
    'Creative Commons Zero 1.0 Universal',
    'CC0 1.0',
    'https://creativecommons.org/publicdomain/zero/1.0/',
    {
      commercial: yes('section 2'),
      adapt: yes('section 2'),
      shareAdapted: yes('section 2'),
      passOn: yes('section 2'),
      largerWork: yes('section 2'),
      learning: yes('section 2'),
    },
  ),
  freeTerms(
    'CC-PDM-1.0',
    'Public Domain Mark 1.0',
    'Public Domain Mark',
    'https://creativecommons.org/publicdomain/mark/1.0/',
    {
      note: 'A mark, not a grant: somebody says the work is free of known restrictions, and warrants nothing.',
      learning: yes(),
      noEndorsement: { clause: 'Other Information' },
    },
  ),
  freeTerms('LicenseRef-public-domain', 'Public domain, said in words', 'public domain', '', {
    note: 'Somebody says so in words; no waiver and no mark is named.',
    house: 'look',
    learning: yes(),
  }),
  freeTerms('Unlicense', 'The Unlicense', 'Unlicense', 'https://unlicense.org/', {
    commercial: yes('second paragraph'),
    adapt: yes('second paragraph'),
    shareAdapted: yes('second paragraph'),
    passOn: yes('second paragraph'),
    largerWork: yes('second paragraph'),
    learning: yes('second paragraph'),
  }),
];
