/** What a licence grants and asks. Every term names the clause that says so, where the licence has clauses. */
export interface Terms {
  /** SPDX identifier, or `LicenseRef-` where SPDX has none. */
  id: string;
  name: string;
  /** As it stands in a credit and on a card. */
  short: string;
  url: string;
  /** `taken` without a question, `look` after one, `never` for commercial projects, `closed`: no grant at all (house rules). */
  house: 'taken' | 'look' | 'never' | 'closed';
  commercial: Term;
  changes: Term;
  /** Handing the file itself on, as part of a hand-over. */
  passOn: Term;
  attribution: Duty | null;
  stateChanges: Duty | null;
  shareAlike: Duty | null;
  notice: Duty | null;
}

export interface Term {
  grant: 'yes' | 'no' | 'ask' | 'unshared';
  clause: string;
}

export interface Duty {
  clause: string;
}

const YES: Term = { grant: 'yes', clause: '' };
const NO: Term = { grant: 'no', clause: '' };
const ASK: Term = { grant: 'ask', clause: '' };

/** Clause that defines NonCommercial in each 4.0 text: it moves with the definitions around it. */
const NONCOMMERCIAL_4: Record<string, string> = { 'BY-NC': '1(i)', 'BY-NC-SA': '1(k)', 'BY-NC-ND': '1(h)' };

/** The six Creative Commons licences of one version, from their legal codes. */
function creativeCommons(version: '3.0' | '4.0'): Terms[] {
  const v4 = version === '4.0';
  return (['BY', 'BY-SA', 'BY-NC', 'BY-NC-SA', 'BY-ND', 'BY-NC-ND'] as const).map((kind): Terms => {
    const nc = kind.includes('NC');
    const nd = kind.includes('ND');
    const sa = kind.includes('SA');
    const grantClause = v4 ? 'section 2(a)(1)' : 'section 3';
    return {
      id: `CC-${kind}-${version}`,
      name: `Creative Commons ${CC_NAMES[kind]} ${version}${v4 ? ' International' : ' Unported'}`,
      short: `CC ${kind} ${version}`,
      url: `https://creativecommons.org/licenses/${kind.toLowerCase()}/${version}/`,
      house: nc ? 'never' : nd || sa ? 'look' : 'taken',
      commercial: nc
        ? { grant: 'no', clause: v4 ? `sections 2(a)(1) and ${NONCOMMERCIAL_4[kind]}` : 'section 4' }
        : { grant: 'yes', clause: grantClause },
      changes: nd
        ? { grant: v4 ? 'unshared' : 'no', clause: v4 ? 'section 2(a)(1)(B)' : 'section 3' }
        : { grant: 'yes', clause: v4 ? 'section 2(a)(1)(B)' : 'section 3(b)' },
      passOn: { grant: 'yes', clause: v4 ? 'section 2(a)(1)(A)' : 'section 3(a)' },
      attribution: { clause: v4 ? 'section 3(a)(1)(A)' : 'section 4' },
      stateChanges: { clause: v4 ? 'section 3(a)(1)(B)' : 'section 3(b)' },
      shareAlike: sa ? { clause: v4 ? 'section 3(b)(1)' : 'section 4(b)' } : null,
      notice: null,
    };
  });
}

const CC_NAMES = {
  BY: 'Attribution',
  'BY-SA': 'Attribution-ShareAlike',
  'BY-NC': 'Attribution-NonCommercial',
  'BY-NC-SA': 'Attribution-NonCommercial-ShareAlike',
  'BY-ND': 'Attribution-NoDerivatives',
  'BY-NC-ND': 'Attribution-NonCommercial-NoDerivatives',
} as const;

const free = (id: string, name: string, short: string, url: string): Terms => ({
  id,
  name,
  short,
  url,
  house: 'taken',
  commercial: YES,
  changes: YES,
  passOn: YES,
  attribution: null,
  stateChanges: null,
  shareAlike: null,
  notice: null,
});

/** Every licence Haveld knows; a studio's own come later. Order is the order of choice in a list. */
export const LICENCES: readonly Terms[] = [
  free(
    'CC0-1.0',
    'Creative Commons Zero 1.0 Universal',
    'CC0 1.0',
    'https://creativecommons.org/publicdomain/zero/1.0/',
  ),
  free('CC-PDM-1.0', 'Public Domain Mark 1.0', 'public domain', 'https://creativecommons.org/publicdomain/mark/1.0/'),
  ...creativeCommons('4.0'),
  ...creativeCommons('3.0'),
  {
    ...free('MIT', 'MIT License', 'MIT', 'https://opensource.org/license/mit'),
    notice: { clause: 'second paragraph' },
  },
  {
    ...free('LAL-1.3', 'Free Art License 1.3', 'Free Art 1.3', 'https://artlibre.org/licence/lal/en/'),
    house: 'look',
    attribution: { clause: 'section 2.2' },
    shareAlike: { clause: 'section 3' },
  },
  free('LicenseRef-own-work', 'Own work', 'own work', ''),
  { ...free('LicenseRef-commissioned', 'Commissioned work', 'commissioned', ''), changes: YES },
  {
    ...free('LicenseRef-non-commercial', 'Non-commercial use, terms not stated', 'non-commercial', ''),
    house: 'never',
    commercial: NO,
    changes: ASK,
    passOn: ASK,
    attribution: { clause: '' },
  },
  {
    ...free('LicenseRef-all-rights-reserved', 'All rights reserved', 'all rights reserved', ''),
    house: 'closed',
    commercial: ASK,
    changes: ASK,
    passOn: ASK,
  },
  {
    ...free('LicenseRef-unknown', 'Unknown', 'unknown', ''),
    house: 'closed',
    commercial: ASK,
    changes: ASK,
    passOn: ASK,
  },
];

export const UNKNOWN_LICENCE = 'LicenseRef-unknown';

const BY_ID = new Map(LICENCES.map((terms) => [terms.id, terms]));

/** @throws {Error} for an identifier that is not in the list */
export function getTerms(id: string): Terms {
  const terms = BY_ID.get(id);
  if (!terms) throw new Error(`getTerms: no such licence, got ${id}`);
  return terms;
}

export const isKnownLicence = (id: string): boolean => BY_ID.has(id);
