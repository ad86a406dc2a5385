import type { Term, Terms } from '@haveld/contract/terms';
import { freeTerms, no, SILENT, yes } from './free-terms';

export const CC_KINDS = ['BY', 'BY-SA', 'BY-NC', 'BY-NC-SA', 'BY-ND', 'BY-NC-ND'] as const;
export type CcKind = (typeof CC_KINDS)[number];
export const CC_VERSIONS = ['4.0', '3.0', '2.5', '2.0'] as const;
export type CcVersion = (typeof CC_VERSIONS)[number];

const CC_NAMES: Record<CcKind, string> = {
  BY: 'Attribution',
  'BY-SA': 'Attribution-ShareAlike',
  'BY-NC': 'Attribution-NonCommercial',
  'BY-NC-SA': 'Attribution-NonCommercial-ShareAlike',
  'BY-ND': 'Attribution-NoDerivatives',
  'BY-NC-ND': 'Attribution-NonCommercial-NoDerivatives',
};

const TERRITORIES: Record<string, string> = {
  '4.0': ' International',
  '3.0': ' Unported',
  '2.5': ' Generic',
  '2.0': ' Generic',
};

/** Ports SPDX lists, by version, with the place they were written for; terms as in the unported text, clauses too. */
const PORTS: [version: CcVersion, port: string, place: string, kinds: CcKind[]][] = [
  ['3.0', 'DE', 'Germany', ['BY', 'BY-SA', 'BY-NC', 'BY-NC-SA', 'BY-ND', 'BY-NC-ND']],
  ['3.0', 'AT', 'Austria', ['BY', 'BY-SA']],
  ['3.0', 'US', 'United States', ['BY']],
  ['3.0', 'AU', 'Australia', ['BY']],
  ['3.0', 'NL', 'Netherlands', ['BY']],
  ['3.0', 'IGO', 'intergovernmental organisations', ['BY', 'BY-SA', 'BY-NC-SA', 'BY-NC-ND']],
  ['2.5', 'AU', 'Australia', ['BY']],
  ['2.0', 'UK', 'England and Wales', ['BY-SA', 'BY-NC-SA']],
  ['2.0', 'FR', 'France', ['BY-NC-SA']],
  ['2.0', 'DE', 'Germany', ['BY-NC-SA']],
];

const has = (kind: CcKind, element: 'NC' | 'ND' | 'SA'): boolean => kind.includes(element);

/** 4.0: the letter under which a text defines NonCommercial moves with the definitions around it. */
const NONCOMMERCIAL_4: Partial<Record<CcKind, string>> = { 'BY-NC': '1(i)', 'BY-NC-SA': '1(k)', 'BY-NC-ND': '1(h)' };

/** Terms of one of the six licences, from its legal code; tests hold every clause to the published text. */
function describeKind(kind: CcKind, version: CcVersion): Terms {
  const terms = version === '4.0' ? describeKind4(kind) : describeEarlierKind(kind, version);
  return freeTerms(
    `CC-${kind}-${version}`,
    `Creative Commons ${CC_NAMES[kind]} ${version}${TERRITORIES[version]}`,
    `CC ${kind} ${version}`,
    `https://creativecommons.org/licenses/${kind.toLowerCase()}/${version}/`,
    { house: has(kind, 'NC') ? 'never' : has(kind, 'ND') || has(kind, 'SA') ? 'look' : 'taken', ...terms },
  );
}

function describeKind4(kind: CcKind): Partial<Terms> {
  const adapted = 'section 2(a)(1)(B)';
  const shareAdapted: Term = has(kind, 'ND') ? { grant: 'unshared', clause: adapted } : yes(adapted);
  return {
    commercial: has(kind, 'NC') ? no(`sections 2(a)(1) and ${NONCOMMERCIAL_4[kind]}`) : yes('section 2(a)(1)'),
    adapt: yes(adapted),
    shareAdapted,
    passOn: yes('section 2(a)(1)(A)'),
    largerWork: yes('section 2(a)(1)(A)'),
    learning: SILENT,
    attribution: { clause: 'section 3(a)(1)(A)' },
    stateChanges: { clause: 'section 3(a)(1)(B)' },
    notice: { clause: 'section 3(a)(1)(C)' },
    shareAlike: has(kind, 'SA')
      ? { clause: 'section 3(b)(1)', with: listCompatible(kind, '4.0'), wholeWork: false }
      : null,
    noLocks: { clause: has(kind, 'SA') ? 'section 2(a)(5)(C)' : 'section 2(a)(5)(B)' },
    noEndorsement: { clause: 'section 2(a)(6)' },
  };
}

/** 3.0 and the two before it share their shape: section 3 grants, section 4 restricts, its letters move with the elements. */
function describeEarlierKind(kind: CcKind, version: '3.0' | '2.5' | '2.0'): Partial<Terms> {
  const isThree = version === '3.0';
  const nd = has(kind, 'ND');
  const sa = has(kind, 'SA');
  const nc = has(kind, 'NC');
  const letters = 'bcde'.split('');
  const shareAlikeAt = sa ? letters.shift() : null;
  const noncommercialAt = nc ? letters.shift() : null;
  const attribution = `section 4(${letters[0]})`;
  const adapt = nd ? no('section 3') : yes('section 3(b)');
  return {
    commercial: nc ? no(`section 4(${noncommercialAt})`) : yes('section 3'),
    adapt,
    shareAdapted: nd ? no('section 3') : yes('section 3(d)'),
    passOn: yes(nd ? 'section 3(b)' : 'section 3(c)'),
    largerWork: yes('section 3(a)'),
    attribution: { clause: attribution },
    stateChanges: nd ? null : { clause: isThree ? 'section 3(b)' : attribution },
    notice: { clause: 'section 4(a)' },
    shareAlike: sa
      ? { clause: `section 4(${shareAlikeAt})`, with: listCompatible(kind, version), wholeWork: false }
      : null,
    noLocks: { clause: 'section 4(a)' },
    noEndorsement: isThree ? { clause: attribution } : null,
  };
}

/**
 * Licences a changed version may go out under. 4.0, section 3(b)(1): same elements, this version or later, or one listed as
 * compatible (the list names Free Art 1.3 and GPL 3.0 for BY-SA 4.0; from memory). 3.0, 2.5 and 2.0: section 4(b), a later version
 * or a port with the same elements. The two CC licences with SA never mix.
 */
function listCompatible(kind: CcKind, version: CcVersion): string[] {
  const later = CC_VERSIONS.filter((candidate) => candidate >= version).map((candidate) => `CC-${kind}-${candidate}`);
  const ports = PORTS.filter(([at, , , kinds]) => at >= version && kinds.includes(kind)).map(
    ([at, port]) => `CC-${kind}-${at}-${port}`,
  );
  const others = kind === 'BY-SA' && version === '4.0' ? ['LAL-1.3', 'GPL-3.0-only', 'GPL-3.0-or-later'] : [];
  return [...later, ...ports, ...others];
}

function describePorts(): Terms[] {
  return PORTS.flatMap(([version, port, place, kinds]) =>
    kinds.map((kind) => {
      const terms = describeKind(kind, version);
      return {
        ...terms,
        id: `${terms.id}-${port}`,
        name: `Creative Commons ${CC_NAMES[kind]} ${version} ${place}`,
        short: `${terms.short} ${port}`,
        url: `${terms.url}${port.toLowerCase()}/`,
        note: 'Terms and clauses as in the unported text it was made from; the port may count its sections otherwise.',
      };
    }),
  );
}

/** A notice that names a kind and no version: nothing is granted that one of the four versions does not grant. */
function describeUnstated(kind: CcKind): Terms {
  const strictest = describeKind(kind, '2.0');
  const clauseless = <T extends { clause: string } | null>(term: T): T => (term ? { ...term, clause: '' } : term);
  return {
    ...strictest,
    id: `LicenseRef-CC-${kind}-unstated`,
    name: `Creative Commons ${CC_NAMES[kind]}, version not stated`,
    short: `CC ${kind}, version not stated`,
    url: '',
    house: has(kind, 'NC') ? 'never' : 'look',
    note: 'Only what all four versions grant; ask which one is meant.',
    commercial: clauseless(strictest.commercial),
    adapt: clauseless(strictest.adapt),
    shareAdapted: clauseless(strictest.shareAdapted),
    passOn: clauseless(strictest.passOn),
    largerWork: clauseless(strictest.largerWork),
    attribution: { clause: '' },
    stateChanges: { clause: '' },
    notice: { clause: '' },
    noLocks: { clause: '' },
    noEndorsement: { clause: '' },
    shareAlike: has(kind, 'SA') ? { clause: '', with: [], wholeWork: false } : null,
  };
}

/** The six in their four versions. */
export const CC_PUBLISHED: readonly Terms[] = CC_VERSIONS.flatMap((version) =>
  CC_KINDS.map((kind) => describeKind(kind, version)),
);

/** The ports SPDX lists. */
export const CC_PORTS: readonly Terms[] = describePorts();

/** Each kind where no version is stated. */
export const CC_UNSTATED: readonly Terms[] = CC_KINDS.map(describeUnstated);
