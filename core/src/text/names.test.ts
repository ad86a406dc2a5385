import fc from 'fast-check';
import { readableName } from '../finds/names/readable-name';
import { count, formatCount } from './count';
import { decodeText, decodeUtf8 } from './decode-text';
import { houseName } from './house-name';

test.each([
  [0, '0 cameras'],
  [1, '1 camera'],
  [2, '2 cameras'],
  [12_400, '12\u202f400 cameras'],
])('%i', (n, words) => {
  expect(count(n, 'camera')).toBe(words);
});

test('another plural than with s, and millions', () => {
  expect(count(2, 'child', 'children')).toBe('2 children');
  expect(formatCount(1_234_567)).toBe('1\u202f234\u202f567');
});

test.each([
  ['Bell Buoy, red', 'bell_buoy_red'],
  ['Kühlschrank (2)', 'kuhlschrank_2'],
  ['Éclair__é', 'eclair_e'],
  ['灯台', '灯台'],
  ['…', 'asset'],
  ['', 'asset'],
  ['../../etc/passwd', 'etc_passwd'],
])('“%s” is written %s by the house', (name, written) => {
  expect(houseName(name)).toBe(written);
});

test('whatever it is called, the name of a file has no separator, no blank at its ends, and is the same when written again', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 40 }), (name) => {
      const written = houseName(name);
      expect(written).not.toMatch(/[/\\\s:*?"<>|]/);
      expect(written).not.toMatch(/^_|_$/);
      expect(houseName(written)).toBe(written);
    }),
  );
});

test.each([
  ['a/b/lamp_v2_FINAL(1).obj', 'Lamp v2 FINAL(1)'],
  ['boatHouse.glb', 'Boat House'],
  ['__x.obj', 'X'],
  ['....obj', 'Unnamed'],
])('%s may be called “%s”', (path, name) => {
  expect(readableName(path)).toBe(name);
});

describe('texts', () => {
  const utf16 = (text: string, littleEndian: boolean): Uint8Array => {
    const view = new DataView(new ArrayBuffer(2 + text.length * 2));
    view.setUint16(0, 0xfeff, littleEndian);
    [...text].forEach((sign, i) => view.setUint16(2 + i * 2, sign.charCodeAt(0), littleEndian));
    return new Uint8Array(view.buffer);
  };

  test('UTF-16 is told by its mark, both ways round (RFC 2781)', () => {
    expect(decodeText(utf16('Boot “é”', true))).toContain('Boot “é”');
    expect(decodeText(utf16('Boot “é”', false))).toContain('Boot “é”');
  });

  test('UTF-8 is what is valid as that; else every byte has a meaning in Windows-1252', () => {
    expect(decodeText(new TextEncoder().encode('Maëlle 灯'))).toBe('Maëlle 灯');
    expect(decodeUtf8(Uint8Array.of(0xe9, 0x20))).toBeNull();
    expect(decodeText(Uint8Array.of(0x93, 0xe9, 0x94))).toBe('“é”');
    expect(decodeText(new Uint8Array())).toBe('');
  });

  test('any bytes are a text', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 60 }), (bytes) => expect(typeof decodeText(bytes)).toBe('string')),
    );
  });
});
