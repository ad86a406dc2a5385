import { Document, type ExtensionProperty } from '@gltf-transform/core';
import { readGlb, writeGlb } from '../scene/document/document-io';
import { listCredits, composeCredit } from './credits';
import { isExpression, listLicenceIds, parseExpression } from './expression';
import { writeLetter } from './letter';
import { BUILT_IN_BOOK as book, licenceWords, standingOf } from './licence-book';
import { proposeProvenance } from './propose-provenance';
import { readXmpJson } from './reading/metadata';
import { writeSidecar } from './reuse-sidecar';
import { listSameAuthors } from './same-author';
import { writeSpdxDocument } from './spdx-document';
import { writeCreditsInto } from './write-xmp';

const EMPTY = proposeProvenance(
  { licences: [], authors: [], sources: [], titles: [], basedOn: [], notGrants: [], ownWords: [], claims: [] },
  '',
);
const provenance = {
  ...EMPTY,
  title: 'Bell buoy',
  author: 'Ines Falkenrot',
  licenceId: 'CC-BY-4.0',
  pageUrl: 'https://quayside-models.example/buoy' as const,
};
const credits = listCredits(book, { provenance, further: [], name: 'bell buoy' }, ['set upright']);

test('expressions are choices of sets, and retired GNU names their present ones (SPDX 2.3, annex D)', () => {
  expect(parseExpression('MIT OR (CC-BY-4.0 AND CC0-1.0)')).toEqual([['MIT'], ['CC-BY-4.0', 'CC0-1.0']]);
  expect(parseExpression('(MIT OR CC0-1.0) AND CC-BY-4.0')).toEqual([
    ['MIT', 'CC-BY-4.0'],
    ['CC0-1.0', 'CC-BY-4.0'],
  ]);
  expect(parseExpression('GPL-2.0+')).toEqual([['GPL-2.0-or-later']]);
  expect(parseExpression('GPL-3.0')).toEqual([['GPL-3.0-only']]);
  expect(isExpression('CC-BY')).toBe(false);
  expect(listLicenceIds('MIT OR MIT')).toEqual(['MIT']);
  expect(licenceWords(book, 'CC-BY-SA-3.0 OR GPL-2.0-or-later')).toBe('CC BY-SA 3.0 or GPL 2.0 or later');
});

test('how an expression stands with the house: a choice by its best, a sum by its strictest', () => {
  expect(standingOf(book, 'CC-BY-NC-4.0 OR CC-BY-4.0')).toBe('taken');
  expect(standingOf(book, 'CC-BY-NC-4.0 AND CC-BY-4.0')).toBe('never');
  expect(standingOf(book, 'MPL-2.0')).toBe('closed');
});

test('a GLB says whose it is, in its asset and in an XMP packet that reads back', async () => {
  const document = new Document();
  document.createScene('scene');
  writeCreditsInto(document, credits);
  const again = await readGlb(await writeGlb(document));
  expect(again.getRoot().getAsset().copyright).toBe(composeCredit(credits[0]));
  const packet = again.getRoot().getExtension<{ toJSONLD(): unknown } & ExtensionProperty>('KHR_xmp_json_ld')!;
  expect(readXmpJson(packet.toJSONLD())).toEqual({
    titles: ['Bell buoy'],
    creators: ['Ines Falkenrot'],
    rights: [composeCredit(credits[0]), 'CC BY 4.0'],
    addresses: ['https://creativecommons.org/licenses/by/4.0/', 'https://quayside-models.example/buoy'],
  });
});

test('a sidecar and an SPDX document name holder and licence', () => {
  expect(writeSidecar(credits, 'Tide House')).toContain('SPDX-FileCopyrightText: Ines Falkenrot\n');
  expect(writeSidecar(credits, 'Tide House')).toMatch(/\n\nSPDX-License-Identifier: CC-BY-4\.0\n$/);
  const document = JSON.parse(
    writeSpdxDocument(book, {
      name: 'Tour',
      namespace: 'https://haveld.example/p/1',
      created: '2026-11-26T10:00:00Z',
      packages: [{ accession: 'HV-000001', name: 'Bell buoy', version: 2, credits, sha256: 'a'.repeat(64) }],
    }),
  ) as { spdxVersion: string; packages: Record<string, unknown>[]; documentDescribes: string[] };
  expect(document.spdxVersion).toBe('SPDX-2.3');
  expect(document.documentDescribes).toEqual(['SPDXRef-HV-000001']);
  expect(document.packages[0]).toMatchObject({
    licenseDeclared: 'CC-BY-4.0',
    originator: 'Person: Ines Falkenrot',
    downloadLocation: 'https://quayside-models.example/buoy',
  });
});

test('a letter asks one thing, names the model and what we read', () => {
  const { subject, body } = writeLetter(book, {
    provenance,
    question: 'use it in a production that earns money',
    purpose: 'a touring show',
    house: 'Tide House',
    writer: 'Maja Lindqvist',
  });
  expect(subject).toContain('Bell buoy');
  expect(body).toContain('May we use it in a production that earns money?');
  expect(body).toContain('Creative Commons Attribution 4.0 International');
});

test('one author under two spellings is proposed; two people are not', () => {
  expect(
    listSameAuthors([
      'Tor Aldersund',
      't_aldersund',
      'tor.aldersund',
      'Tora Aldersund',
      'Runa Vestermoor',
      'Henke Strandvik',
    ]),
  ).toEqual([
    { a: 'Tor Aldersund', b: 't_aldersund', reason: 'an initial and the same family name' },
    { a: 'Tor Aldersund', b: 'tor.aldersund', reason: 'the same letters, written otherwise' },
  ]);
  expect(listSameAuthors(['Maëlle Kerguen', 'Maelle Kerguen'])).toHaveLength(1);
});
