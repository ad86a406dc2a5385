import { checkEntryPath, readEntryName } from './entry-name';

const refusal = (name: string): string => {
  const checked = checkEntryPath(name);
  return 'refused' in checked ? checked.refused : '';
};

test.each([
  ['../evil.txt', 'points outside'],
  ['a/../../evil.txt', 'points outside'],
  ['..\\evil.txt', 'points outside'],
  ['/etc/passwd', 'absolute'],
  ['\\\\host\\share\\x', 'absolute'],
  ['C:\\Windows\\x.dll', 'drive'],
  ['c:x', 'drive'],
  ['', 'no name'],
  ['./', 'no name'],
  ['a/con.txt', 'device'],
  ['LPT1', 'device'],
  ['a\u0000b', 'control characters'],
  ['x'.repeat(1100), 'longer than'],
])('%s is refused: %s', (name, why) => {
  expect(refusal(name)).toContain(why);
});

test.each([
  ['maps\\oak.png', 'maps/oak.png'],
  ['./a//b/./c.obj', 'a/b/c.obj'],
  ['a..b/c...obj', 'a..b/c...obj'],
  ['console/aux_map.png', 'console/aux_map.png'],
])('%s becomes %s', (name, path) => {
  expect(checkEntryPath(name)).toEqual({ path });
});

test('names are UTF-8 by their flag, and code page 437 without it', () => {
  expect(readEntryName(new TextEncoder().encode('Tür.obj'), true)).toEqual({ path: 'Tür.obj' });
  // 0x81 is ü in code page 437 (APPNOTE 6.3.10, appendix D)
  expect(readEntryName(Uint8Array.from([0x54, 0x81, 0x72]), false)).toEqual({ path: 'Tür' });
});

test('UTF-8 without its flag is taken as UTF-8 where it is valid', () => {
  expect(readEntryName(new TextEncoder().encode('Tür'), false)).toEqual({ path: 'Tür' });
});
