import { openPages } from './reading/saved-page';
import { createRequire } from 'node:module';
import type { RightsFinding } from '@haveld/contract/licence';
import { HELD_OUT_NOTICES, LATER_NOTICES } from '../testing/corpora';
import { detectRights, nearnessOf, type RightsSources } from './detect';
import { proposeFurtherWorks, proposeProvenance, TAKEN_FROM, weighProposal } from './propose-provenance';
import { createLicenceTextIndex } from './reading/licence-text-index';

const full = createRequire(import.meta.url)('spdx-license-list/full') as Record<string, { licenseText: string }>;
const index = createLicenceTextIndex(
  Object.fromEntries(['MIT', 'CC-BY-4.0', 'CC-BY-NC-4.0', 'BSD-3-Clause'].map((id) => [id, full[id].licenseText])),
);
const SUBJECT = { model: 'heap/props/post.obj', files: ['heap/props/post.obj', 'heap/props/rust.png'] };

const read = (sources: RightsSources): RightsFinding => detectRights(sources, SUBJECT, index);
const detect = (text: string, file = 'heap/props/readme.txt') => read({ texts: [{ file, text, firstLine: 1 }] });
const idsOf = (text: string): string[] => detect(text).licences.map(({ id }) => id);

test.each([
  ['forty written before the rules', HELD_OUT_NOTICES],
  ['thirty written after them', LATER_NOTICES],
])('%s: notices are read as a careful person reads them', (what, notices) => {
  const wrong: string[] = [];
  for (const { name, text, licences, authors } of notices) {
    const found = detect(text);
    const certain = found.licences.filter(({ confidence }) => confidence >= TAKEN_FROM).map(({ id }) => id);
    const ids = [...certain, ...found.basedOn.map(({ licenceId }) => licenceId)].filter((id) => id !== '').sort();
    const names = [...found.authors.map((one) => one.name), ...found.basedOn.map(({ author }) => author)].sort();
    if (ids.join() !== [...licences].sort().join()) wrong.push(`${name}: ${ids.join()}`);
    if (names.join() !== [...authors].sort().join()) wrong.push(`${name}: by ${names.join()}`);
  }
  console.log(`${what}: ${notices.length * 2 - wrong.length} of ${notices.length * 2} readings right`);
  expect(wrong).toEqual([]);
});

// invented notices, in the manner people write them
test.each([
  ['This work is licensed under CC BY 4.0', ['CC-BY-4.0']],
  ['License: CC-BY-NC-SA 3.0', ['CC-BY-NC-SA-3.0']],
  ['CC BY-NC 4.0 https://creativecommons.org/licenses/by-nc/4.0/', ['CC-BY-NC-4.0']],
  ['Creative Commons Attribution-\nNonCommercial 4.0 International', ['CC-BY-NC-4.0']],
  ['// Creative Commons Attribution -\n// ShareAlike 3.0', ['CC-BY-SA-3.0']],
  ['see http://creativecommons.org/licenses/by-nc-nd/4.0/legalcode', ['CC-BY-NC-ND-4.0']],
  ['![badge](https://licensebuttons.net/l/by-sa/4.0/88x31.png)', ['CC-BY-SA-4.0']],
  ['CC BY 2.5 and CC BY 2.5', ['CC-BY-2.5']],
  ['CC0 - no rights reserved', ['CC0-1.0']],
  ['Free Art License', ['LicenseRef-Free-Art-unstated']],
  ['GNU GPL', ['GPL-1.0-or-later']],
  [
    'under version 3 only of the GNU Affero General Public License, version 3 only. You should have received a copy of the GNU Affero General Public License.',
    ['AGPL-3.0-only'],
  ],
  ['© 2024 X Y. All rights reserved. Licensed under CC BY 4.0.', ['CC-BY-4.0']],
  ['free for non commercial use', ['LicenseRef-non-commercial']],
  ['Free 3D model! Enjoy :)', []],
  ['Thanks for downloading', []],
])('%j is %j', (text, ids) => {
  expect(idsOf(text)).toEqual(ids);
});

test('several licences at the receiver’s choice are one statement, and a choice of versions is none', () => {
  const choice =
    '# This file is distributed under Free Art License, see http://artlibre.org/licence/lal/en\n# and under CC-BY Creative Commons Attribution 3.0 Unported, see http://creativecommons.org/licenses/by/3.0/\n# at your choice\n';
  expect(idsOf(choice)).toEqual(['LicenseRef-Free-Art-unstated OR CC-BY-3.0']);
  expect(
    idsOf('GNU General Public License, either version 2 of the License, or (at your option) any later version.'),
  ).toEqual(['GPL-2.0-or-later']);
});

test('a version nobody stated is never made up, and says so', () => {
  const [licence] = detect('Licensed CC BY').licences;
  expect(licence.id).toBe('LicenseRef-CC-BY-unstated');
  expect(licence.evidence.text).toContain('not stated');
});

test('free of charge is not a grant, and is shown as such', () => {
  const found = detect('Totally free download, royalty-free!');
  expect(found.licences).toEqual([]);
  expect(found.notGrants[0]).toMatchObject({ file: 'heap/props/readme.txt', line: 1 });
  expect(proposeProvenance(found, 'x').licenceId).toBe('LicenseRef-unknown');
});

test('words of their own are kept with the passage, and grant no licence', () => {
  const found = detect(
    'You may use it in commercial and personal projects.\nDo not resell the model.\nPlease credit Tor Aldersund.',
  );
  expect(found.licences).toEqual([]);
  expect(found.ownWords.map(({ term, grant }) => `${term} ${grant}`)).toEqual([
    'commercial yes',
    'passOn no',
    'attribution asked',
  ]);
});

test('evidence carries file, line and passage', () => {
  const [licence] = detect('one\ntwo\nLicence: CC BY 4.0', 'heap/docs/readme.txt').licences;
  expect(licence.evidence).toMatchObject({ file: 'heap/docs/readme.txt', line: 3, passage: 'Licence: CC BY 4.0' });
});

describe('nearer and wider evidence', () => {
  test.each([
    ['heap/props/post.txt', 'named-for-it'],
    ['heap/props/LICENSE', 'beside-it'],
    ['heap/LICENSE', 'for-all'],
  ])('%s is %s', (file, nearness) => {
    expect(nearnessOf(file, SUBJECT.model)).toBe(nearness);
  });

  test('the nearer is proposed and the wider shown as a contradiction', () => {
    const found = read({
      texts: [
        { file: 'heap/LICENSE.txt', text: 'CC BY-NC 4.0', firstLine: 1 },
        { file: 'heap/props/post.txt', text: 'CC BY 4.0', firstLine: 1 },
      ],
    });
    const { proposed, contradicting } = weighProposal(found);
    expect(proposed?.id).toBe('CC-BY-4.0');
    expect(contradicting.map(({ id }) => id)).toEqual(['CC-BY-NC-4.0']);
  });

  test('two that stand equally near leave it open', () => {
    const found = detect(
      'released under Creative Commons Attribution 4.0\nhttps://creativecommons.org/licenses/by-nc/4.0/',
    );
    expect(weighProposal(found)).toMatchObject({
      proposed: null,
      contradicting: [{ id: 'CC-BY-NC-4.0' }, { id: 'CC-BY-4.0' }],
    });
    expect(proposeProvenance(found, 'x').licenceId).toBe('LicenseRef-unknown');
  });
});

describe('texts about several models', () => {
  test.each([
    [
      'bars',
      'file | author | licence\n--- | --- | ---\npost.obj | Ines Falkenrot | CC BY 4.0\ngull.obj | Tor Aldersund | CC0\n',
    ],
    [
      'commas',
      'model,artist,license,url\npost,"Ines Falkenrot",CC-BY-4.0,https://quayside-models.example/p\ngull,Tor Aldersund,CC0,\n',
    ],
    ['a list', '- gull.obj: Tor Aldersund, CC0\n- post.obj: Ines Falkenrot, CC BY 4.0\n'],
    [
      'a copyright file',
      'Format: https://www.debian.org/doc/packaging-manuals/copyright-format/1.0/\n\nFiles: *\nCopyright: 2020 Tor Aldersund\nLicense: CC0-1.0\n\nFiles: props/post.*\nCopyright: 2021 Ines Falkenrot <i@lampworks.example>\nLicense: CC-BY-4.0\n',
    ],
  ])('%s: each row speaks of its own', (_, text) => {
    const found = detect(text, 'heap/CREDITS');
    const ofModel = found.licences.filter(({ part }) => part === undefined);
    expect(ofModel.map(({ id, nearness }) => [id, nearness])).toEqual([['CC-BY-4.0', 'named-for-it']]);
    expect(found.authors.filter(({ part }) => part === undefined).map(({ name }) => name)).toEqual(['Ines Falkenrot']);
  });

  test('a sidecar speaks of its file alone, REUSE annotations of what they name', () => {
    const tag = 'SPDX-FileCopyrightText: 2024 Ines Falkenrot\n\nSPDX-License-Identifier: CC-BY-SA-4.0\n';
    expect(detect(tag, 'heap/props/post.obj.license').licences[0]).toMatchObject({
      id: 'CC-BY-SA-4.0',
      nearness: 'named-for-it',
    });
    expect(detect(tag, 'heap/props/gull.obj.license').licences).toEqual([]);
    expect(detect(tag, 'heap/props/rust.png.license').licences[0]).toMatchObject({ part: 'textures' });
    const annotations = [
      { paths: ['**'], copyright: ['2020 Tor Aldersund'], licence: 'CC0-1.0' },
      { paths: ['props/*.obj'], copyright: ['2021 Ines Falkenrot'], licence: 'MIT' },
    ];
    const found = read({ texts: [], reuse: [{ file: 'heap/REUSE.toml', annotations }] });
    expect(found.licences.map(({ id, part }) => [id, part])).toEqual([
      ['MIT', undefined],
      ['CC0-1.0', 'textures'],
    ]);
  });
});

describe('fields and pages', () => {
  const XMP = `<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description xmlns:dc="http://purl.org/dc/elements/1.1/" xmlns:xmpRights="http://ns.adobe.com/xap/1.0/rights/" xmpRights:WebStatement="https://creativecommons.org/licenses/by-sa/4.0/"><dc:creator><rdf:Seq><rdf:li>Runa Vestermoor</rdf:li></rdf:Seq></dc:creator><dc:title><rdf:Alt><rdf:li xml:lang="x-default">Rust</rdf:li></rdf:Alt></dc:title></rdf:Description></rdf:RDF></x:xmpmeta>`;
  test('an XMP sidecar names creator, title and the licence by its address', () => {
    const found = detect(XMP, 'heap/props/post.xmp');
    expect(found.licences.map(({ id }) => id)).toEqual(['CC-BY-SA-4.0']);
    expect(found.authors[0].name).toBe('Runa Vestermoor');
    expect(found.titles[0].title).toBe('Rust');
  });

  test('what a picture says is said of the maps, and becomes a work of its own', () => {
    const metadata = { titles: [], creators: ['Runa Vestermoor'], rights: ['CC BY-NC 4.0'], addresses: [] };
    const found = read({
      texts: [{ file: 'heap/props/readme.txt', text: 'By Ines Falkenrot. CC BY 4.0', firstLine: 1 }],
      metadata: [{ file: 'heap/props/rust.png', metadata, isPicture: true }],
    });
    const proposed = proposeProvenance(found, 'post');
    expect(proposed).toMatchObject({ author: 'Ines Falkenrot', licenceId: 'CC-BY-4.0' });
    expect(proposeFurtherWorks(found, proposed)).toMatchObject([
      { part: 'maps', author: 'Runa Vestermoor', licenceId: 'CC-BY-NC-4.0' },
    ]);
  });

  test('a saved page: its own mark for machines, its address, not its footer', async () => {
    const page = `<!-- saved from url=(0042)https://tidewrack-exchange.example/m/post -->
<html><head><title>Post - Tidewrack</title><meta name="author" content="henke_s"><script type="application/ld+json">{"@type":"3DModel","name":"Mooring post","license":"https://creativecommons.org/licenses/by/4.0/","author":{"name":"henke_s"}}</script></head>
<body><nav>Free models</nav><h1>Mooring post</h1><p>Height 1.2 m</p><a rel="license" href="https://creativecommons.org/licenses/by/4.0/">licence</a><footer>© 2026 Tidewrack Exchange. All rights reserved.</footer></body></html>`;
    const texts = await openPages([{ file: 'heap/props/post.html', text: page, firstLine: 1 }]);
    const found = read({ texts });
    expect(found.licences.map(({ id }) => id)).toEqual(['CC-BY-4.0']);
    expect(found.authors.map(({ name }) => name)).toEqual(['henke_s']);
    expect(proposeProvenance(found, 'x')).toMatchObject({
      title: 'Mooring post',
      pageUrl: 'https://tidewrack-exchange.example/m/post',
    });
  });

  test('a deed without a version names a kind and none', () => {
    const deed =
      'You are free to:\nShare — copy and redistribute the material in any medium or format\nAdapt — remix\nUnder the following terms:\nAttribution — You must give appropriate credit.\nNonCommercial — You may not use the material for commercial purposes.\nShareAlike — If you remix, transform, or build upon the material, you must distribute';
    expect(idsOf(deed)).toContain('LicenseRef-CC-BY-NC-SA-unstated');
    expect(idsOf(`Attribution-NonCommercial-ShareAlike 4.0 International\n\n${deed}`)).toContain('CC-BY-NC-SA-4.0');
  });
});

test('a licence text inside a longer file is found where it stands, and the words around it are read', () => {
  const found = detect(`Post by Ines Falkenrot\n\nThe licence:\n\n${full.MIT.licenseText}`);
  expect(found.licences).toEqual([expect.objectContaining({ id: 'MIT' })]);
  expect(found.licences[0].evidence.line).toBeGreaterThan(3);
  expect(found.authors.map(({ name }) => name)).toContain('Ines Falkenrot');
});

test.each([
  ['Author: Tor Aldersund', ['Tor Aldersund']],
  ['© 2024 Runa Vestermoor. All rights reserved', ['Runa Vestermoor']],
  ['Copyright (c) 2020-2024 Henke Strandvik', ['Henke Strandvik']],
  ['Copyright Runa Vestermoor, CC0 1.0', ['Runa Vestermoor']],
  ['“Gull” by Henke Strandvik is licensed under CC BY 4.0', ['Henke Strandvik']],
  ['please credit Ines Falkenrot.', ['Ines Falkenrot']],
  ['Modelliert von Ottokar Wellenbrink', ['Ottokar Wellenbrink']],
  ['Author: Oak and Brass Workshop', ['Oak and Brass Workshop']],
  ['by the way, the author is law', []],
  ['# OBJ Exporter v0.97b - (c)2007 somebody', []],
  ['Creator: FBX SDK 2020.1', []],
  // a placeholder is never a person
  ['Please credit the author.', []],
  ['You must give credit to the original author of the work', []],
  ['Copyright (c) <year> <name of the copyright holder>', []],
  ['© their respective owners', []],
  ['Author: author name', []],
  ['Credits: please credit me when you use it', []],
  ['made by hand', []],
  // years, doubled words and packages
  ['© Copyrights Henke Strandvik', ['Henke Strandvik']],
  ['Copyright © 2019-2021 by Ottokar Wellenbrink', ['Ottokar Wellenbrink']],
  ['(C) Copyright 1999, 2003 Runa Vestermoor', ['Runa Vestermoor']],
  ['Author: 2019 Tor Aldersund', ['Tor Aldersund']],
  ['Copyright Ines Falkenrot (2012-2014)', ['Ines Falkenrot']],
  ['npm install @quayside/models', []],
  ['see @tidewrack/harbour-kit for more', []],
  // several holders of one line
  ['Copyright 2002 Torben Wellenbrink, Ines Falkenrot', ['Torben Wellenbrink', 'Ines Falkenrot']],
  ['© 2002 Henke Strandvik, © 2005, 2012 Runa Vestermoor', ['Henke Strandvik', 'Runa Vestermoor']],
  ['Copyright © 2002 Torben Wellenbrink (new wheels, mirrors)', ['Torben Wellenbrink']],
  ['Copyright 2003 Saltmarsh Works, Inc.', ['Saltmarsh Works, Inc']],
  // what licences say of copyright names nobody
  ['grants to You a perpetual copyright license to reproduce the Work', []],
  ['(c) You must retain, in the Source form, all notices', []],
  ['IN NO EVENT SHALL THE COPYRIGHT HOLDERS BE LIABLE', []],
  ['the copyright in it is held by the authors', []],
  ['(c) Tor Aldersund', ['Tor Aldersund']],
  ['Copyright (c) Henke S. Strandvik and Contributors', ['Henke S. Strandvik and Contributors']],
  ['Copyright 2019-current Runa Vestermoor', ['Runa Vestermoor']],
  ['made by many individuals', []],
  // one word as people sign with it
  ['by wellenbrink', ['wellenbrink']],
  ['  by Seilmacher!', ['Seilmacher']],
  ['by the way', []],
  ['by hand', []],
  ['Thank you for downloading this bell buoy by saltmarsh_tor', ['saltmarsh_tor']],
  ['Thanks for using my model! All of it by Wellenbrink', ['Wellenbrink']],
  ['Provided by Henke Strandvik', ['Henke Strandvik']],
  ['To the extent possible under law, Wellenbrink has waived all copyright', ['Wellenbrink']],
])('%j names %j', (text, names) => {
  expect(detect(text).authors.map(({ name }) => name)).toEqual(names);
});

test('holders under one another made it together; who only drew the maps is a work of its own', () => {
  const found = detect(
    'Fishing boat\n\n© 2000 Torben Wellenbrink (model)\n© 2002 Ines Falkenrot (textures)\n© 2004, 2005 Runa Vestermoor (reworked)\n\nFree Art license, http://artlibre.org',
  );
  const proposed = proposeProvenance(found, 'boat');
  expect(proposed.author).toBe('Torben Wellenbrink and Runa Vestermoor');
  expect(proposeFurtherWorks(found, proposed)).toEqual([
    expect.objectContaining({ part: 'maps', author: 'Ines Falkenrot', licenceId: 'LicenseRef-Free-Art-unstated' }),
  ]);
});

test('a list of a whole collection’s holders names none of them for this model', () => {
  const lines = Array.from({ length: 12 }, (_, i) => `© 20${10 + i} Person N${'abcdefghijkl'[i]}me`);
  expect(proposeProvenance(detect(lines.join('\n')), 'x').author.split(' and ')).toHaveLength(1);
});

test('notices far apart in a text are not one', () => {
  const text = `© 2000 Torben Wellenbrink\n${'something else\n'.repeat(6)}© 2004 Runa Vestermoor\n`;
  expect(proposeProvenance(detect(text), 'x').author).toBe('Torben Wellenbrink');
});

test('the holder of a licence text is read from its line, the one who wrote the licence is not', () => {
  const mit = full.MIT.licenseText.replace(/Copyright.*/, 'Copyright (c) 2021 saltmarsh_tor');
  expect(detect(mit)).toMatchObject({ licences: [{ id: 'MIT' }], authors: [{ name: 'saltmarsh_tor' }] });
  expect(detect(full.MIT.licenseText).authors).toEqual([]);
  const line = detect(`Bell buoy\n\n${mit}`).authors[0].evidence.line;
  expect(`Bell buoy\n\n${mit}`.split('\n')[line! - 1]).toContain('saltmarsh_tor');
});

test('a licence for one country is one licence, however often its kind is named beside it', () => {
  const said = 'Creative Commons Attribution 3.0 United States\nhttps://creativecommons.org/licenses/by/3.0/us/';
  expect(idsOf(said)).toEqual(['CC-BY-3.0-US']);
  expect(idsOf('CC BY 3.0\nhttps://creativecommons.org/licenses/by-nc/3.0/us/').sort()).toEqual([
    'CC-BY-3.0',
    'CC-BY-NC-3.0',
  ]);
});

test('only the sentence that offers a choice offers one', () => {
  expect(
    idsOf('The models are under CC BY 4.0. The scripts are free software, under MIT or BSD-3-Clause at your option.'),
  ).toEqual(expect.arrayContaining(['CC-BY-4.0', 'MIT OR BSD-3-Clause']));
});

test.each([
  'https://img.shields.io/badge/licence-cc0.svg',
  'https://quayside-models.example/images/buoy.png',
  'https://quayside-models.example/licenses',
  'https://quayside-models.example/trademark.html',
  '# Blender v2.79 (sub 0) OBJ File: www.blender.org https://www.blender.org/',
])('%s is no page of a model', (text) => {
  expect(detect(text).sources).toEqual([]);
});

test('the source is an address that is no licence', () => {
  const found = detect('https://creativecommons.org/licenses/by/4.0/\nhttps://quayside-models.example/x.');
  expect(found.sources.map(({ url }) => url)).toEqual(['https://quayside-models.example/x']);
});
