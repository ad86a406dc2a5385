import type { Terms } from '@haveld/contract/terms';
import { freeTerms, yes } from './free-terms';

/** Permissive licences written for programs and used for models all the same. */
const permissive = (id: string, name: string, url: string, notice: string, differs: Partial<Terms> = {}): Terms =>
  freeTerms(id, name, id, url, { notice: { clause: notice }, ...differs });

const PERMISSIVE: Terms[] = [
  permissive('MIT', 'MIT License', 'https://opensource.org/license/mit', 'second paragraph', {
    commercial: yes('first paragraph'),
    adapt: yes('first paragraph'),
    shareAdapted: yes('first paragraph'),
    passOn: yes('first paragraph'),
    largerWork: yes('first paragraph'),
  }),
  permissive(
    'BSD-2-Clause',
    'BSD 2-Clause License',
    'https://opensource.org/license/bsd-2-clause',
    'conditions 1 and 2',
  ),
  permissive(
    'BSD-3-Clause',
    'BSD 3-Clause License',
    'https://opensource.org/license/bsd-3-clause',
    'conditions 1 and 2',
    {
      noEndorsement: { clause: 'condition 3' },
    },
  ),
  permissive('Apache-2.0', 'Apache License 2.0', 'https://www.apache.org/licenses/LICENSE-2.0', 'section 4(a)', {
    commercial: yes('section 2'),
    adapt: yes('section 2'),
    shareAdapted: yes('section 4'),
    passOn: yes('section 4'),
    largerWork: yes('section 4'),
    attribution: { clause: 'section 4(c)' },
    stateChanges: { clause: 'section 4(b)' },
    noEndorsement: { clause: 'section 6' },
  }),
];

interface CopyleftClauses {
  url: string;
  notice: string;
  stateChanges: string;
  shareAlike: string;
  passOn: string;
  wholeWork: boolean;
  noLocks: string | null;
}

const COPYLEFT: [family: 'GPL' | 'LGPL' | 'AGPL', version: string, name: string, clauses: CopyleftClauses][] = [
  [
    'GPL',
    '2.0',
    'GNU General Public License',
    {
      url: 'https://www.gnu.org/licenses/old-licenses/gpl-2.0.html',
      notice: 'section 1',
      stateChanges: 'section 2(a)',
      shareAlike: 'section 2(b)',
      passOn: 'section 1',
      wholeWork: true,
      noLocks: 'section 6',
    },
  ],
  [
    'GPL',
    '3.0',
    'GNU General Public License',
    {
      url: 'https://www.gnu.org/licenses/gpl-3.0.html',
      notice: 'section 4',
      stateChanges: 'section 5(a)',
      shareAlike: 'section 5(c)',
      passOn: 'section 4',
      wholeWork: true,
      noLocks: 'section 3',
    },
  ],
  [
    'LGPL',
    '2.1',
    'GNU Lesser General Public License',
    {
      url: 'https://www.gnu.org/licenses/old-licenses/lgpl-2.1.html',
      notice: 'section 1',
      stateChanges: 'section 2(b)',
      shareAlike: 'section 2(c)',
      passOn: 'section 1',
      wholeWork: false,
      noLocks: 'section 10',
    },
  ],
  [
    'LGPL',
    '3.0',
    'GNU Lesser General Public License',
    {
      url: 'https://www.gnu.org/licenses/lgpl-3.0.html',
      notice: 'section 4',
      stateChanges: 'section 2',
      shareAlike: 'section 2',
      passOn: 'section 4',
      wholeWork: false,
      noLocks: null,
    },
  ],
  [
    'AGPL',
    '3.0',
    'GNU Affero General Public License',
    {
      url: 'https://www.gnu.org/licenses/agpl-3.0.html',
      notice: 'section 4',
      stateChanges: 'section 5(a)',
      shareAlike: 'section 5(c)',
      passOn: 'section 4',
      wholeWork: true,
      noLocks: 'section 3',
    },
  ],
];

function describeCopyleft(): Terms[] {
  return COPYLEFT.flatMap(([family, version, name, at]) =>
    (['only', 'or-later'] as const).map((reach) => {
      const later = reach === 'or-later' ? ' or later' : '';
      return freeTerms(
        `${family}-${version}-${reach}`,
        `${name} ${version}${later}`,
        `${family} ${version}${later}`,
        at.url,
        {
          house: 'look',
          commercial: yes(at.passOn),
          adapt: yes(at.stateChanges),
          shareAdapted: yes(at.shareAlike),
          passOn: yes(at.passOn),
          largerWork: yes(at.shareAlike),
          stateChanges: { clause: at.stateChanges },
          notice: { clause: at.notice },
          shareAlike: { clause: at.shareAlike, with: listLater(family, version, reach), wholeWork: at.wholeWork },
          noLocks: at.noLocks === null ? null : { clause: at.noLocks },
        },
      );
    }),
  );
}

/** Licences a changed version may go out under: `or later` reaches every later one; LGPL may become GPL (2.1 section 3). */
function listLater(family: string, version: string, reach: 'only' | 'or-later'): string[] {
  const reached = COPYLEFT.filter(
    ([other, at]) => other === family && (reach === 'or-later' ? at >= version : at === version),
  );
  const ids = reached.flatMap(([, at]) => [`${family}-${at}-only`, `${family}-${at}-or-later`]);
  if (family !== 'LGPL') return ids;
  return [
    ...ids,
    ...(version === '2.1' ? ['GPL-2.0-only', 'GPL-2.0-or-later'] : []),
    'GPL-3.0-only',
    'GPL-3.0-or-later',
  ];
}

/** Named without a version: any version ever published may be chosen (GPL 2.0 section 9, LGPL 2.1 section 13). */
function describeAnyVersion(): Terms[] {
  const copyleft = describeCopyleft();
  return (
    [
      ['GPL', '1.0', 'GPL-2.0-or-later'],
      ['LGPL', '2.0', 'LGPL-2.1-or-later'],
    ] as const
  ).map(([family, version, like]) => {
    const terms = copyleft.find(({ id }) => id === like)!;
    return {
      ...terms,
      id: `${family}-${version}-or-later`,
      name: terms.name.replace(/\d\.\d or later$/, `${version} or later`),
      short: `${family}, any version`,
      note: `Terms as in ${like}, which may be chosen.`,
    };
  });
}

export const SOFTWARE: readonly Terms[] = [...PERMISSIVE, ...describeCopyleft(), ...describeAnyVersion()];
