import type { Terms } from '@haveld/contract/terms';
import { ask, closedTerms, freeTerms, no, yes } from './free-terms';

export const UNKNOWN_LICENCE = 'LicenseRef-unknown';
export const OWN_WORK = 'LicenseRef-own-work';
export const COMMISSIONED = 'LicenseRef-commissioned';

/** What is no licence and has to be said all the same: whose it is by right, and where nothing is granted. */
export const STANDINGS: readonly Terms[] = [
  freeTerms(OWN_WORK, 'Own work', 'own work', '', { learning: yes() }),
  freeTerms(COMMISSIONED, 'Commissioned work', 'commissioned', '', {
    note: 'What may be done stands in the agreement.',
    fee: 'paid',
    learning: ask(),
  }),
  freeTerms('LicenseRef-non-commercial', 'Non-commercial use, terms not stated', 'non-commercial', '', {
    house: 'never',
    commercial: no(),
    adapt: ask(),
    shareAdapted: ask(),
    passOn: ask(),
    largerWork: ask(),
    learning: ask(),
    attribution: { clause: '' },
  }),
  freeTerms('LicenseRef-editorial', 'Editorial use only', 'editorial only', '', {
    house: 'never',
    commercial: no(),
    adapt: ask(),
    shareAdapted: ask(),
    passOn: no(),
    largerWork: ask(),
    learning: no(),
    editorialOnly: { clause: '' },
    attribution: { clause: '' },
  }),
  freeTerms('LicenseRef-personal', 'Personal use only', 'personal only', '', {
    house: 'never',
    commercial: no(),
    adapt: ask(),
    shareAdapted: ask(),
    passOn: no(),
    largerWork: ask(),
    learning: no(),
    personalOnly: { clause: '' },
  }),
  closedTerms('LicenseRef-all-rights-reserved', 'All rights reserved', 'all rights reserved'),
  closedTerms(UNKNOWN_LICENCE, 'Unknown', 'unknown'),
];
