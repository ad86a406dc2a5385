import { createRequire } from 'node:module';
import type { Terms } from '@haveld/contract/terms';
import { BUILT_IN, BUILT_IN_BOOK } from '../licence-book';
import { CC_KINDS, CC_PUBLISHED, CC_VERSIONS, type CcKind } from './creative-commons';

/** Clause numbers against the legal code as SPDX publishes it (`spdx-license-list`, npm, CC0-1.0). */
const full = createRequire(import.meta.url)('spdx-license-list/full') as Record<string, { licenseText: string }>;
const textOf = (id: string): string => full[id].licenseText.replace(/\s+/g, ' ');

/** Where a section of a text begins and the next one does. */
function section(text: string, from: string, to: string): string {
  const start = text.indexOf(from);
  expect(start).toBeGreaterThan(-1);
  return text.slice(start, text.indexOf(to, start + 1));
}

/** The letter of the point that holds these words. */
function letterOf(text: string, words: RegExp): string {
  const at = text.search(words);
  expect([words.source, at > -1]).toEqual([words.source, true]);
  const letters = [...text.slice(0, at).matchAll(/(?:^| )([a-g])\. /g)];
  return letters.at(-1)![1];
}

describe.each(CC_KINDS)('Creative Commons %s 4.0', (kind) => {
  const terms = BUILT_IN_BOOK.getTerms(`CC-${kind}-4.0`);
  const text = textOf(terms.id);
  const scope = section(text, 'Section 2 – Scope', 'Section 3 –');
  const conditions = section(text, 'Section 3 – License Conditions', 'Section 4 –');

  test('section 2(a)(1) grants reproducing and sharing under A, adapted material under B', () => {
    expect(scope).toMatch(/1\. Subject to the terms .*A\. reproduce and Share the Licensed Material/);
    expect(terms.passOn.clause).toBe('section 2(a)(1)(A)');
    const adapted =
      /B\. (produce(?: and reproduce|, reproduce),[^.]*)\./.exec(scope)?.[1] ?? /B\. (produce[^.]*)\./.exec(scope)![1];
    expect(terms.adapt).toEqual({ grant: 'yes', clause: 'section 2(a)(1)(B)' });
    expect(terms.shareAdapted.grant).toBe(/but not Share/.test(adapted) ? 'unshared' : 'yes');
  });

  test('commercial use hangs on the definition its clause names', () => {
    const letter = /\b([a-z])\. NonCommercial means/.exec(text)?.[1];
    expect(terms.commercial).toEqual(
      letter
        ? { grant: 'no', clause: `sections 2(a)(1) and 1(${letter})` }
        : { grant: 'yes', clause: 'section 2(a)(1)' },
    );
  });

  test('attribution, stating changes, naming the licence, locks, endorsement and share-alike stand where the sheet says', () => {
    expect(conditions).toMatch(
      /a\. Attribution\. 1\. .*A\. retain the following.*B\. indicate if You modified.*C\. indicate the Licensed Material is licensed/,
    );
    expect([terms.attribution!.clause, terms.stateChanges!.clause, terms.notice!.clause]).toEqual([
      'section 3(a)(1)(A)',
      'section 3(a)(1)(B)',
      'section 3(a)(1)(C)',
    ]);
    expect(terms.noLocks!.clause).toBe(`section 2(a)(5)(${/([A-C])\. No downstream restrictions/.exec(scope)![1]})`);
    expect(scope).toMatch(/6\. No endorsement/);
    expect(terms.noEndorsement!.clause).toBe('section 2(a)(6)');
    expect(terms.shareAlike?.clause ?? null).toBe(/b\. ShareAlike/.test(conditions) ? 'section 3(b)(1)' : null);
    expect(scope).toMatch(/4\. Media and formats; technical modifications allowed/);
  });
});

describe.each(['3.0', '2.5', '2.0'] as const)('Creative Commons %s', (version) => {
  test.each(CC_KINDS)('%s', (kind: CcKind) => {
    const terms = BUILT_IN_BOOK.getTerms(`CC-${kind}-${version}`);
    const text = textOf(terms.id);
    const grant = section(text, '3. License Grant', '4. Restrictions');
    const limits = section(text, '4. Restrictions', '5. Representations');
    const at = (letter: string): string => `section 4(${letter})`;
    expect(terms.attribution!.clause).toBe(at(letterOf(limits, /keep intact all copyright notices for the Work and/)));
    if (kind.includes('NC'))
      expect(terms.commercial.clause).toBe(
        at(letterOf(limits, /(?<=\. )You may not exercise any of the rights|You may not exercise any of the rights/)),
      );
    if (kind.includes('SA'))
      expect(terms.shareAlike!.clause).toBe(at(letterOf(limits, /(an Adaptation|a Derivative Work) only under/)));
    // SPDX's text of BY-NC 2.5 breaks its point (a) in two, before "You may not sublicense"
    if (terms.id !== 'CC-BY-NC-2.5') expect(terms.noLocks!.clause).toBe(at(letterOf(limits, /technological measures/)));
    expect(terms.adapt.grant).toBe(/to create and reproduce/i.test(grant) ? 'yes' : 'no');
    if (!kind.includes('ND'))
      expect(terms.adapt.clause).toBe(`section 3(${letterOf(grant, /to create and reproduce/i)})`);
    expect(terms.noEndorsement === null).toBe(!/endorsement/.test(limits));
    // "technically necessary" modifications are granted by the last paragraph of section 3, to no-derivatives too
    expect(grant).toMatch(/modifications as are technically necessary/);
  });
});

const CLAUSES: [id: string, (terms: Terms) => string, RegExp][] = [
  [
    'GPL-2.0-only',
    (terms) => terms.stateChanges!.clause,
    /2\. You may modify.*a\) You must cause the modified files to carry prominent notices/,
  ],
  [
    'GPL-2.0-only',
    (terms) => terms.shareAlike!.clause,
    /2\. You may modify.*b\) You must cause any work that you distribute or publish.*licensed as a whole/,
  ],
  [
    'GPL-3.0-only',
    (terms) => terms.shareAlike!.clause,
    /5\. Conveying Modified Source Versions\..*c\) You must license the entire work, as a whole/,
  ],
  [
    'GPL-3.0-only',
    (terms) => terms.stateChanges!.clause,
    /5\. Conveying Modified Source Versions\..*a\) The work must carry prominent notices stating that you modified it/,
  ],
  ['GPL-3.0-only', (terms) => terms.noLocks!.clause, /3\. Protecting Users' Legal Rights From Anti-Circumvention Law/],
  [
    'LGPL-2.1-only',
    (terms) => terms.shareAlike!.clause,
    /2\. You may modify.*c\) You must cause the whole of the work to be licensed/,
  ],
  [
    'AGPL-3.0-only',
    (terms) => terms.shareAlike!.clause,
    /5\. Conveying Modified Source Versions\..*c\) You must license the entire work/,
  ],
  [
    'Apache-2.0',
    (terms) => terms.stateChanges!.clause,
    /4\. Redistribution\..*\(b\) You must cause any modified files to carry prominent notices/,
  ],
  [
    'Apache-2.0',
    (terms) => terms.attribution!.clause,
    /4\. Redistribution\..*\(c\) You must retain.*attribution notices/,
  ],
  [
    'Apache-2.0',
    (terms) => terms.notice!.clause,
    /4\. Redistribution\..*\(a\) You must give any other recipients.*a copy of this License/,
  ],
  [
    'LAL-1.3',
    (terms) => terms.attribution!.clause,
    /2\.2 LA LIBERTÉ DE DIFFUSER.*indiquer au destinataire le nom de chaque auteur/,
  ],
  [
    'LAL-1.3',
    (terms) => terms.shareAlike!.clause,
    /2\.3 LA LIBERTÉ DE MODIFIER.*diffuser cette œuvre conséquente avec la même licence/,
  ],
  ['ODbL-1.0', (terms) => terms.shareAlike!.clause, /4\.4 Share alike/],
  ['ODbL-1.0', (terms) => terms.noLocks!.clause, /4\.7 Technological measures/],
  ['ODbL-1.0', (terms) => terms.notice!.clause, /4\.2 Notices/],
  [
    'CC0-1.0',
    (terms) => terms.commercial.clause,
    /2\. Waiver\..*for any purpose whatsoever, including without limitation commercial/,
  ],
];

test.each(CLAUSES)('%s: %p', (id, clauseOf, words) => {
  const clause = clauseOf(BUILT_IN_BOOK.getTerms(id));
  expect(textOf(id)).toMatch(words);
  // the number of the sheet is the number that stands in the text
  const number = /^(?:section|condition) ([\d.]+)/.exec(clause)![1];
  expect(words.source.replaceAll('\\', '')).toContain(number.replace(/\.$/, ''));
});

test('every built-in licence SPDX lists stands under its SPDX identifier and once', () => {
  const ids = BUILT_IN.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  for (const id of ids) expect([id, id.startsWith('LicenseRef-') || id in full]).toEqual([id, true]);
  expect(CC_PUBLISHED).toHaveLength(CC_VERSIONS.length * CC_KINDS.length);
});

test('a kind without a version grants nothing that one of the four versions does not', () => {
  for (const kind of CC_KINDS) {
    const unstated = BUILT_IN_BOOK.getTerms(`LicenseRef-CC-${kind}-unstated`);
    for (const version of CC_VERSIONS) {
      const stated = BUILT_IN_BOOK.getTerms(`CC-${kind}-${version}`);
      for (const term of ['commercial', 'adapt', 'shareAdapted', 'passOn', 'largerWork'] as const)
        if (unstated[term].grant === 'yes')
          expect([kind, version, term, stated[term].grant]).toEqual([kind, version, term, 'yes']);
    }
  }
});
