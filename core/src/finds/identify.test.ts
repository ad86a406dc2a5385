import fc from 'fast-check';
import { createPng } from '../testing/documents';
import { FILE_KINDS, identifyFile } from './identify';

const bytes = (text: string, length = text.length): Uint8Array => {
  const all = new Uint8Array(Math.max(length, text.length));
  for (let i = 0; i < text.length; i++) all[i] = text.charCodeAt(i);
  return all;
};
const what = (path: string, head: Uint8Array): string => {
  const { kind, format } = identifyFile(path, head);
  return `${kind}: ${format}`;
};

describe('by its bytes, whatever its name says', () => {
  test.each([
    // glTF 2.0, 4.4.2
    ['glTF\x02\0\0\0', 'model: glb'],
    ['Kaydara FBX Binary  \0\x1a\0', 'model: fbx'],
    // APPNOTE 4.3.7 and 4.3.16
    ['PK\x03\x04\x14\0', 'archive: zip'],
    ['PK\x05\x06\0\0', 'archive: zip'],
    ['7z\xbc\xaf\x27\x1c', 'archive: 7z'],
    ['Rar!\x1a\x07\x01\0', 'archive: rar'],
    // RFC 1952, 2.3.1
    ['\x1f\x8b\x08\0', 'archive: gz'],
    ['\xfd7zXZ\0', 'archive: xz'],
    // RFC 8878, 3.1.1
    ['\x28\xb5\x2f\xfd', 'archive: zst'],
    ['BZh91AY&SY', 'archive: bz2'],
    ['%PDF-1.7\n', 'other: pdf'],
    ['\x7fELF\x02\x01', 'program: exe'],
    ['MZ\x90\0', 'program: exe'],
    ['#!/bin/sh\n', 'program: script'],
    ['ISO-10303-21;\n', 'closed: cad'],
  ])('%j', (head, expected) => {
    for (const path of ['heap/buoy.txt', 'heap/buoy.png', 'heap/buoy']) expect(what(path, bytes(head))).toBe(expected);
  });

  test('a picture called otherwise is the picture it is', () => {
    expect(what('wood.jpg', createPng([1, 2, 3, 255]))).toBe('picture: png');
    expect(what('wood', bytes('\xff\xd8\xff\xe0\0\x10JFIF\0'))).toBe('picture: jpeg');
  });
});

describe('a zip by its bytes is', () => {
  test.each([
    ['quay.zip', 'archive: zip'],
    ['quay', 'archive: zip'],
    ['quay.bin', 'archive: zip'],
    ['quay.usdz', 'model: usdz'],
    ['quay.docx', 'other: paper'],
    ['quay.kra', 'other: paper'],
    ['quay.jar', 'program: exe'],
    ['quay.apk', 'program: exe'],
    ['quay.unitypackage', 'closed: working-file'],
  ])('%s: %s', (path, expected) => {
    expect(what(path, bytes('PK\x03\x04\x14\0'))).toBe(expected);
  });
});

test.each([
  ['a tar by its mark (POSIX.1-1988)', 'heap', 'ustar\x0000', true],
  ['no tar where nothing says so', 'heap', '', false],
])('%s', (_what, path, mark, isTar) => {
  const head = new Uint8Array(512);
  head.set(bytes(mark), 257);
  expect(identifyFile(path, head).format === 'tar').toBe(isTar);
});

describe('a text is', () => {
  test.each([
    ['buoy.obj', '# made by hand\nv 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 3\n', 'model: obj'],
    ['buoy.mtl', '# nothing in it\n', 'material: mtl'],
    ['buoy.txt', 'newmtl oak\nKd 1 1 1\n', 'material: mtl'],
    ['buoy.gltf', '{"asset":{"version":"2.0"}}', 'model: gltf'],
    ['buoy.dae', '<?xml version="1.0"?><COLLADA version="1.4.1"></COLLADA>', 'model: dae'],
    ['buoy.ply', 'ply\nformat ascii 1.0\nelement vertex 3\n', 'model: ply'],
    ['readme.md', 'Take it under CC0.', 'text: text'],
    ['README', 'Take it under CC0.', 'text: text'],
    ['License-Agreement.dat', 'Take it under CC0.', 'text: text'],
    ['COPYING', 'Take it under CC0.', 'text: text'],
    ['credits.csv', 'file,author\n', 'text: text'],
    ['run.bat', 'echo hello', 'program: script'],
    ['setup.py', 'print(1)', 'program: script'],
    ['export.mel', 'polyCube;', 'program: script'],
    ['buoy.sbs', '<package/>', 'closed: working-file'],
    ['buoy.foo', 'some words', 'other: foo'],
  ])('%s: %s', (path, text, expected) => {
    expect(what(path, bytes(text))).toBe(expected);
  });
});

test.each([
  ['buoy.max', 'closed: working-file'],
  ['buoy.sldprt', 'closed: cad'],
  ['buoy.bin', 'buffer: bin'],
  ['buoy.xyz123', 'other: xyz123'],
  ['buoy', 'other: unknown'],
])('bytes that say nothing leave it to the name: %s', (path, expected) => {
  expect(what(path, new Uint8Array([0, 1, 2, 0, 9, 0, 200, 0]))).toBe(expected);
});

test('nothing that could be run is ever taken for a text to open', () => {
  for (const name of ['a.exe', 'a.cmd', 'a.ps1', 'a.vbs', 'a.lnk', 'a.scr', 'a.msi', 'a.hta', 'a.sh', 'a.url'])
    for (const head of [bytes('some words\n'), new Uint8Array([0, 1, 2]), new Uint8Array()])
      expect(identifyFile(name, head).kind).toBe('program');
});

test('property: whatever the bytes and the name, it is something, and said in words', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 600 }), fc.stringMatching(/^[a-z./ -]{0,20}$/), (head, path) => {
      const { kind, format, summary } = identifyFile(path, head);
      expect(FILE_KINDS).toContain(kind);
      expect(format).not.toBe('');
      expect(summary).toMatch(/[a-z]/);
    }),
    { numRuns: 400 },
  );
});
