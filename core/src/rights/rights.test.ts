import { createRequire } from 'node:module';
import { composeCredit } from './credits';
import { detectRights } from './detect';
import { getTerms, LICENCES } from './licences';
import { computeTextSimilarity } from './licence-text-similarity';
import { proposeProvenance } from './propose-provenance';
import { judgeUse } from './verdict';

// spdx-license-list (npm, CC0-1.0): the texts as SPDX publishes them
const full = createRequire(import.meta.url)('spdx-license-list/full') as Record<string, { licenseText: string }>;
const known = Object.fromEntries(LICENCES.filter(({ id }) => full[id]).map(({ id }) => [id, full[id].licenseText]));
const SIX = ['CC-BY-4.0', 'CC-BY-SA-4.0', 'CC-BY-NC-4.0', 'CC-BY-NC-SA-4.0', 'CC-BY-ND-4.0', 'CC-BY-NC-ND-4.0'];

const detect = (text: string, file = 'readme.txt') => detectRights([{ file, text, firstLine: 1 }], known);
const idsOf = (text: string): string[] => detect(text).licences.map((licence) => licence.id);

test.each(SIX)('the SPDX text of %s is recognised as itself, ahead of every other', (id) => {
  const found = computeTextSimilarity(full[id].licenseText, known)!;
  expect(found.id).toBe(id);
  expect(found.similarity).toBe(1);
  expect(found.runnerUp!.similarity).toBeLessThan(0.97);
  expect(idsOf(full[id].licenseText)).toEqual([id]);
});

test.each(SIX)('the text of %s without its first 15 and last 10 lines is still recognised', (id) => {
  expect(computeTextSimilarity(full[id].licenseText.split('\n').slice(15, -10).join('\n'), known)!.id).toBe(id);
});

// invented notices, in the manner people write them
test.each([
  ['This work is licensed under CC BY 4.0', ['CC-BY-4.0']],
  ['License: CC-BY-NC-SA 3.0', ['CC-BY-NC-SA-3.0']],
  ['CC BY-NC 4.0 https://creativecommons.org/licenses/by-nc/4.0/', ['CC-BY-NC-4.0']],
  ['Creative Commons Attribution-NonCommercial 4.0 International', ['CC-BY-NC-4.0']],
  ['Creative Commons Attribution-NoDerivs 3.0 Unported', ['CC-BY-ND-3.0']],
  ['Creative Commons Attribution Share Alike 4.0', ['CC-BY-SA-4.0']],
  ['see http://creativecommons.org/licenses/by-nc-nd/4.0/legalcode', ['CC-BY-NC-ND-4.0']],
  ['CC0 - no rights reserved', ['CC0-1.0']],
  ['https://creativecommons.org/publicdomain/mark/1.0/', ['CC-PDM-1.0']],
  ['Released under the MIT License', ['MIT']],
  ['under CC-BY Creative Commons Attribution 3.0\nunder CC-BY Creative Commons Attribution 3.0', ['CC-BY-3.0']],
  ['Free Art License 1.3', ['LAL-1.3']],
  ['All rights reserved.', ['LicenseRef-all-rights-reserved']],
  ['free for non commercial use', ['LicenseRef-non-commercial']],
  ['Free 3D model! Enjoy :)', []],
  ['Thanks for downloading', []],
  ['by the way, no attribution needed', []],
])('“%s” is %j', (text, ids) => {
  expect(idsOf(text)).toEqual(ids);
});

test('a version nobody stated is a guess and says so', () => {
  const [licence] = detect('Licensed CC BY').licences;
  expect(licence).toMatchObject({ id: 'CC-BY-4.0', confidence: 0.6 });
  expect(licence.evidence.text).toContain('not stated');
});

test('free of charge is not a grant, and is shown as such', () => {
  const found = detect('Totally free download, royalty-free!');
  expect(found.licences).toEqual([]);
  expect(found.notGrants[0]).toMatchObject({ file: 'readme.txt', line: 1 });
  expect(proposeProvenance(found, 'x').licenceId).toBe('LicenseRef-unknown');
});

test('a text and an address that name two licences leave the licence open', () => {
  const found = detect(
    'released under Creative Commons Attribution 4.0\nhttps://creativecommons.org/licenses/by-nc/4.0/',
  );
  expect(found.licences.map((licence) => licence.id).sort()).toEqual(['CC-BY-4.0', 'CC-BY-NC-4.0']);
  expect(proposeProvenance(found, 'x').licenceId).toBe('LicenseRef-unknown');
});

test.each([
  ['Author: Tor Aldersund', 'Tor Aldersund'],
  ['Modelled by Ines Falkenrot, 2026', 'Ines Falkenrot, 2026'],
  ['© 2024 Runa Vestermoor. All rights reserved', 'Runa Vestermoor'],
  ['Copyright (c) 2020-2024 Henke Strandvik', 'Henke Strandvik'],
  ['Copyright Runa Vestermoor, CC0 1.0', 'Runa Vestermoor'],
  ['“Gull” by Henke Strandvik is licensed under CC BY 4.0', 'Henke Strandvik'],
  ['please credit Ines Falkenrot.', 'Ines Falkenrot'],
])('“%s” names %s', (text, name) => {
  expect(detect(text).authors[0].name).toBe(name);
});

test('evidence carries file, line and passage', () => {
  const [licence] = detect('one\ntwo\nLicence: CC BY 4.0', 'docs/readme.txt').licences;
  expect(licence.evidence).toMatchObject({ file: 'docs/readme.txt', line: 3, passage: 'Licence: CC BY 4.0' });
});

test('the source is an address that is no licence', () => {
  const found = detect('https://creativecommons.org/licenses/by/4.0/\nhttps://quayside-models.example/x.');
  expect(found.sources.map((source) => source.url)).toEqual(['https://quayside-models.example/x']);
  expect(proposeProvenance(found, 'x')).toMatchObject({
    source: 'quayside-models.example',
    pageUrl: 'https://quayside-models.example/x',
  });
});

// clauses read from the SPDX texts themselves
test.each([
  ['CC-BY-NC-4.0', 'i'],
  ['CC-BY-NC-SA-4.0', 'k'],
  ['CC-BY-NC-ND-4.0', 'h'],
])('%s defines NonCommercial in section 1(%s), which the verdict names', (id, letter) => {
  expect(full[id].licenseText).toMatch(new RegExp(`\\b${letter}\\.\\s+NonCommercial means`));
  expect(judgeUse(id, { commercial: true, changed: false }).reasons[0]).toContain(`1(${letter})`);
});

test.each([
  ['CC0-1.0', true, 'allowed'],
  ['CC-BY-4.0', true, 'allowed-with-duties'],
  ['CC-BY-SA-4.0', true, 'allowed-with-duties'],
  ['CC-BY-NC-4.0', true, 'not-allowed'],
  ['CC-BY-NC-4.0', false, 'allowed-with-duties'],
  ['CC-BY-ND-4.0', true, 'ask-first'],
  ['CC-BY-ND-3.0', true, 'not-allowed'],
  ['LicenseRef-own-work', true, 'allowed'],
  ['LicenseRef-all-rights-reserved', false, 'ask-first'],
  ['LicenseRef-unknown', false, 'not-allowed'],
] as const)('a changed version under %s, commercial: %s, is %s', (id, commercial, verdict) => {
  expect(judgeUse(id, { commercial, changed: true }).verdict).toBe(verdict);
});

test('every verdict has a reason', () => {
  for (const { id } of LICENCES) {
    for (const commercial of [true, false])
      for (const changed of [true, false])
        expect(judgeUse(id, { commercial, changed }).reasons.length).toBeGreaterThan(0);
  }
});

test('a credit names title, author, source, licence and changes', () => {
  const provenance = {
    title: 'Barograph',
    author: 'Ines Falkenrot',
    authorUnknown: false,
    licenceId: 'CC-BY-4.0',
    source: 'Quayside Models',
    pageUrl: 'https://quayside-models.example/b',
    pageText: '',
  };
  expect(composeCredit(provenance, ['scaled to real size', 'set upright'])).toBe(
    '“Barograph” by Ines Falkenrot, Quayside Models, https://quayside-models.example/b. CC BY 4.0 (https://creativecommons.org/licenses/by/4.0/). Changed: scaled to real size; set upright.',
  );
  expect(composeCredit({ ...provenance, author: '', licenceId: 'LicenseRef-own-work' }, [])).toContain(
    'by an unknown author',
  );
});

test('an unknown identifier is a mistake of the caller', () => {
  expect(() => getTerms('CC-BY-9.9')).toThrow('no such licence');
});
