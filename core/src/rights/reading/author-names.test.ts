import { cleanName, splitNames } from './author-names';
import { readText } from './read-text';

const authorsOf = (text: string): string[] =>
  readText(text, { file: 'readme.txt', firstLine: 1 }).authors.map(({ name }) => name);
const partsOf = (text: string): (string | undefined)[] =>
  readText(text, { file: 'readme.txt', firstLine: 1 }).authors.map(({ part }) => part);

describe('what follows a name is no part of it', () => {
  test.each([
    ['Ines Falkenrot', 'Ines Falkenrot'],
    ['2019 Ines Falkenrot', 'Ines Falkenrot'],
    ['Ines  Falkenrot\t Saltmarsh', 'Ines Falkenrot Saltmarsh'],
    ['2017-2021, 2023 Ines Falkenrot', 'Ines Falkenrot'],
    ['Ines Falkenrot <ines@saltmarsh.example>', 'Ines Falkenrot'],
    ['Ines Falkenrot (ines at saltmarsh.example)', 'Ines Falkenrot'],
    ['Ines Falkenrot is licensed under CC BY 4.0', 'Ines Falkenrot'],
    ['Ines Falkenrot. All rights reserved', 'Ines Falkenrot'],
    ['Ines Falkenrot, CC BY 4.0', 'Ines Falkenrot'],
    ['Ines Falkenrot – 2014', 'Ines Falkenrot'],
    ['“Ines Falkenrot”', 'Ines Falkenrot'],
    ['@ines_makes', 'ines_makes'],
    ['Ines Falkenrot from https://saltmarsh.example', 'Ines Falkenrot'],
    ['Ines Falkenrot, Saltmarsh', 'Ines Falkenrot'],
    ['Saltmarsh Shapes, Ltd', 'Saltmarsh Shapes, Ltd'],
    ['I. Falkenrot', 'I. Falkenrot'],
  ])('%s', (raw, name) => {
    expect(cleanName(raw)).toBe(name);
  });
});

describe('what stands where a name should is none', () => {
  test.each([
    [undefined],
    [''],
    ['x'],
    ['the author'],
    ['the original model author'],
    ['the copyright holder'],
    ['its respective owners'],
    ['2019'],
    ['1.0, 2.0'],
    ['your name here'],
    ['unknown'],
    ['various'],
    ['of this work'],
    ['please contact us'],
    ['hand'],
    ['default'],
    ['https://saltmarsh.example'],
    ['x'.repeat(200)],
  ])('%s', (raw) => {
    expect(cleanName(raw)).toBeNull();
  });
});

test.each([
  ['Ines Falkenrot & Tor Aldersund', ['Ines Falkenrot', 'Tor Aldersund']],
  ['Ines Falkenrot and Tor Aldersund', ['Ines Falkenrot', 'Tor Aldersund']],
  ['Ines Falkenrot und Tor Aldersund', ['Ines Falkenrot', 'Tor Aldersund']],
  ['ines_f et tor_a', ['ines_f', 'tor_a']],
  ['Oak and Brass Workshop', ['Oak and Brass Workshop']],
  ['Rope & Sail', ['Rope & Sail']],
  ['Ines Falkenrot', ['Ines Falkenrot']],
])('%s: %j', (name, names) => {
  expect(splitNames(name)).toEqual(names);
});

describe('whoever a line names', () => {
  test.each([
    ['Author: Ines Falkenrot', ['Ines Falkenrot']],
    ['Auteur : Ines Falkenrot', ['Ines Falkenrot']],
    ['Autorin: Ines Falkenrot', ['Ines Falkenrot']],
    ['Modelled by Ines Falkenrot, 2012', ['Ines Falkenrot']],
    ['modelliert von Ines Falkenrot', ['Ines Falkenrot']],
    ['Réalisé par Ines Falkenrot', ['Ines Falkenrot']],
    ['Creado por Ines Falkenrot', ['Ines Falkenrot']],
    ['Copyright (c) 2012 Ines Falkenrot', ['Ines Falkenrot']],
    ['© Ines Falkenrot 2012-2015', ['Ines Falkenrot']],
    ['SPDX-FileCopyrightText: 2020 Ines Falkenrot <ines@saltmarsh.example>', ['Ines Falkenrot']],
    ['Thank you for downloading this chair by saltshape!', ['saltshape']],
    ['I, Ines Falkenrot, hereby release this into the public domain.', ['Ines Falkenrot']],
    ['by ines_makes', ['ines_makes']],
  ])('%s', (line, names) => {
    expect(authorsOf(line)).toEqual(names);
  });

  test.each([
    'The copyright holder may be asked.',
    'You must give credit to the author.',
    'Copyright laws protect this work.',
    'a) the first point; b) the second; (c) the third',
    'Made by hand.',
    'Exported by Some Exporter v0.97b - (c)2007',
    'Copyright (c) <year> <name of the author>',
    'Install it with npm i @saltmarsh/buoy',
  ])('nobody in: %s', (line) => {
    expect(authorsOf(line)).toEqual([]);
  });
});

test('who made a part of it is told apart from who made it', () => {
  expect(partsOf('Textures: Tor Aldersund')).toEqual(['textures']);
  expect(partsOf('Rigging: Tor Aldersund')).toEqual(['rig']);
  expect(partsOf('Animation: Tor Aldersund')).toEqual(['motion']);
  expect(partsOf('Author: Tor Aldersund')).toEqual([undefined]);
});
