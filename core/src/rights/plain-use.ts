import type { IntendedUse } from '@haveld/contract/licence';

/** A use of which nothing is said but what is asked: models shown side by side, without locks, limits or an end. */
export const PLAIN_USE: IntendedUse = {
  uses: ['rendered'],
  commercial: false,
  releaseLicence: '',
  arrangement: 'side-by-side',
  locks: false,
  territory: '',
  seats: null,
  until: '',
};
