import { fitsGlob } from './glob';
import { parseDebianCopyright, readDebianCopyright } from './debian-copyright';

// the machine-readable format 1.0 of the Debian project, in the manner its files are written; names and works are invented
const HEAD = `Format: https://www.debian.org/doc/packaging-manuals/copyright-format/1.0/
Upstream-Name: harbour-models
Upstream-Contact: Ines Falkenrot <ines@tidewrack.example>
Source: https://tidewrack.example/harbour
`;
const FILE = `${HEAD}
Files: *
Copyright: 2009-2014, Ines Falkenrot <ines@tidewrack.example>
           2011 Tor Aldersund
License: GPL-2+

# the gulls came later
Files: models/gulls/*
       models/kites/red?.obj
Copyright: © 2016 Henke Strandvik
License: CC-BY-SA-3.0

Files: models/gulls/old_gull.*
Copyright: 1999, 2001, 2003 Runa Vestermoor
License: public-domain
 The author gave these to everybody.
 .
 Nothing is asked in return.

Files: textures/*.png
Copyright: Ottokar Wellenbrink & Maja Lindqvist
License: Expat or CC0

License: GPL-2+
 This is free software; you can redistribute it and/or modify it
 under the terms of the GNU General Public License, version 2 or later.
`;
const read = (model: string, ...maps: string[]) =>
  readDebianCopyright(FILE, 'copyright', { model, files: [model, ...maps] })!;

test('the head says what it is, where it is from, and whom to ask', () => {
  expect(parseDebianCopyright(FILE)).toMatchObject({
    source: 'https://tidewrack.example/harbour',
    upstreamName: 'harbour-models',
    upstreamContact: 'Ines Falkenrot <ines@tidewrack.example>',
  });
});

test('each paragraph about files names them, its holders and its licence; the others are texts', () => {
  const { paragraphs } = parseDebianCopyright(FILE)!;
  expect(paragraphs.map(({ files, copyright, licence, licenceId }) => [files, copyright, licence, licenceId])).toEqual([
    [['*'], ['Ines Falkenrot', 'Tor Aldersund'], 'GPL-2+', 'GPL-2.0-or-later'],
    [['models/gulls/*', 'models/kites/red?.obj'], ['Henke Strandvik'], 'CC-BY-SA-3.0', 'CC-BY-SA-3.0'],
    [['models/gulls/old_gull.*'], ['Runa Vestermoor'], 'public-domain', 'LicenseRef-public-domain'],
    [['textures/*.png'], ['Ottokar Wellenbrink & Maja Lindqvist'], 'Expat or CC0', 'MIT OR CC0-1.0'],
  ]);
  expect(FILE.split('\n')[paragraphs[1].line - 1]).toMatch(/^Files: models\/gulls/);
});

test.each([
  ['models/pier.obj', ['GPL-2.0-or-later'], ['Ines Falkenrot', 'Tor Aldersund']],
  ['models/gulls/gull.obj', ['CC-BY-SA-3.0'], ['Henke Strandvik']],
  ['models/kites/red2.obj', ['CC-BY-SA-3.0'], ['Henke Strandvik']],
  ['models/kites/red12.obj', ['GPL-2.0-or-later'], ['Ines Falkenrot', 'Tor Aldersund']],
  // the last paragraph that fits counts, however wide it is
  ['models/gulls/old_gull.obj', ['LicenseRef-public-domain'], ['Runa Vestermoor']],
])('%s stands under %j, by %j', (model, licences, authors) => {
  const found = read(model);
  expect(found.licences.map(({ id }) => id)).toEqual(licences);
  expect(found.authors.map(({ name }) => name)).toEqual(authors);
  expect([...found.licences, ...found.authors].every(({ nearness }) => nearness === 'named-for-it')).toBe(true);
});

test('maps under another paragraph are works of their own, and two who are named are two', () => {
  const { licences, authors } = read('models/pier.obj', 'textures/planks.png');
  expect(licences.map(({ id, part }) => [id, part])).toEqual([
    ['GPL-2.0-or-later', undefined],
    ['MIT OR CC0-1.0', 'textures'],
  ]);
  expect(authors.filter(({ part }) => part === 'textures').map(({ name }) => name)).toEqual([
    'Ottokar Wellenbrink',
    'Maja Lindqvist',
  ]);
});

test('the passage and the line stand beside what was read', () => {
  const [licence] = read('models/gulls/gull.obj').licences;
  expect(licence.evidence).toMatchObject({
    file: 'copyright',
    passage: 'Henke Strandvik — CC-BY-SA-3.0',
    text: 'a copyright file names it by “models/gulls/* models/kites/red?.obj”',
  });
});

test.each([
  ['License: GPL-3', 'GPL-3.0-only'],
  ['License: GPL-2+', 'GPL-2.0-or-later'],
  ['License: LGPL-3', 'LGPL-3.0-only'],
  ['License: Expat', 'MIT'],
  ['License: CC-BY-SA-3.0 or GPL-3+', 'CC-BY-SA-3.0 OR GPL-3.0-or-later'],
  ['License: LGPL-2.1+', 'LGPL-2.1-or-later'],
  ['License: Apache-2.0', 'Apache-2.0'],
  ['License: Artistic', 'Artistic-1.0'],
  ['License: GPL-1+', 'GPL-1.0-or-later'],
  ['License: GPL-2+ or Artistic', 'GPL-2.0-or-later OR Artistic-1.0'],
  ['License: CC-BY-4.0 and Expat', 'CC-BY-4.0 AND MIT'],
  ['License: Zlib', 'Zlib'],
  ['License: house-terms', null],
  ['License: other\n This work is licensed under CC BY 4.0.', 'CC-BY-4.0'],
])('%j is %j', (field, id) => {
  const text = `${HEAD}\nFiles: *\nCopyright: 2020 Tor Aldersund\n${field}\n`;
  expect(parseDebianCopyright(text)!.paragraphs[0].licenceId).toBe(id);
});

test.each([
  ['2004, 2006-2008 Tor Aldersund', ['Tor Aldersund']],
  ['(c) 2004 by Tor Aldersund', ['Tor Aldersund']],
  ['Copyright © 2004-present Runa Vestermoor (runa@quay.example)', ['Runa Vestermoor']],
  ['2004', []],
  ['2004 Tor Aldersund\n           2005 Tor Aldersund', ['Tor Aldersund']],
])('holders of %j are %j', (field, holders) => {
  const text = `${HEAD}\nFiles: *\nCopyright: ${field}\nLicense: Expat\n`;
  expect(parseDebianCopyright(text)!.paragraphs[0].copyright).toEqual(holders);
});

test('what is no such file is left to other readers; one without a paragraph that fits says nothing of the model', () => {
  expect(parseDebianCopyright('Files: *\nCopyright: me\nLicense: MIT\n')).toBeNull();
  const narrow = `${HEAD}\nFiles: sounds/*\nCopyright: 2020 Tor Aldersund\nLicense: Expat\n`;
  const found = readDebianCopyright(narrow, 'copyright', { model: 'a.obj', files: ['a.obj'] })!;
  expect([found.licences, found.authors]).toEqual([[], []]);
  expect(found.sources.map(({ url }) => url)).toEqual(['https://tidewrack.example/harbour']);
});

// Debian machine-readable format 1.0, “Files” field
test.each([
  ['a/b/c.obj', '*', true],
  ['a/b/c.obj', 'a/*', true],
  ['a/b/c.obj', 'a/*.obj', true],
  ['a/b/c.obj', 'b/c.obj', true],
  ['heap/a/b/c.obj', 'a/b/*', true],
  ['a/b/c.obj', './a/b/c.obj', true],
  ['a/b/c1.obj', 'a/b/c?.obj', true],
  ['a/b/c12.obj', 'a/b/c?.obj', false],
  ['a/b/c.obj', 'c', false],
  ['a/b/c.obj', 'b', false],
  ['a/b(1).obj', 'a/b(1).obj', true],
  ['a/bx1x.obj', 'a/b(1).obj', false],
  ['a.b/c.obj', 'a?b/*', true],
  ['axb/c.obj', 'a.b/*', false],
])('%s fits %s: %s', (path, pattern, fits) => {
  expect(fitsGlob(path, pattern)).toBe(fits);
});
