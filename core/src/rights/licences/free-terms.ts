import type { Term, Terms } from '@haveld/contract/terms';

export const yes = (clause = ''): Term => ({ grant: 'yes', clause });
export const no = (clause = ''): Term => ({ grant: 'no', clause });
export const ask = (clause = ''): Term => ({ grant: 'ask', clause });
export const SILENT: Term = { grant: 'silent', clause: '' };

/** A term sheet that allows everything and asks nothing; a licence says where it differs. */
export function freeTerms(id: string, name: string, short: string, url: string, differs: Partial<Terms> = {}): Terms {
  return {
    id,
    name,
    short,
    url,
    house: 'taken',
    note: '',
    commercial: yes(),
    adapt: yes(),
    shareAdapted: yes(),
    passOn: yes(),
    largerWork: yes(),
    learning: SILENT,
    attribution: null,
    stateChanges: null,
    shareAlike: null,
    notice: null,
    noLocks: null,
    noEndorsement: null,
    editorialOnly: null,
    personalOnly: null,
    seats: null,
    months: null,
    territory: '',
    fee: 'none',
    ...differs,
  };
}

/** A term sheet that grants nothing without the owner's word. */
export const closedTerms = (id: string, name: string, short: string, differs: Partial<Terms> = {}): Terms =>
  freeTerms(id, name, short, '', {
    house: 'closed',
    commercial: ask(),
    adapt: ask(),
    shareAdapted: ask(),
    passOn: ask(),
    largerWork: ask(),
    learning: ask(),
    fee: 'asked',
    ...differs,
  });
