import { decodeWindows1252 } from './decode-text';
import { locateReference } from '../textures/locate';
import { otherReadings } from './other-readings';

// Bytes by the mapping tables of the WHATWG Encoding Standard
test.each([
  ['椅子.png', [0x88, 0xd6, 0x8e, 0x71]],
  ['桌子.png', [0xd7, 0xc0, 0xd7, 0xd3]],
  ['의자.png', [0xc0, 0xc7, 0xc0, 0xda]],
  ['стол.png', [0xf1, 0xf2, 0xee, 0xeb]],
  ['židle.png', [0x9e, 0x69, 0x64, 0x6c, 0x65]],
])('%s is among what its bytes may be', (name, head) => {
  const bytes = Uint8Array.from([...head, ...new TextEncoder().encode('.png')]);
  expect(otherReadings(decodeWindows1252(bytes))).toContain(name);
});

test('a plain name, and one that was read rightly, has no other reading', () => {
  expect(otherReadings('chair_02.png')).toEqual([]);
  expect(otherReadings('椅子.png')).toEqual([]);
});

test('a map named in Shift-JIS is found beside it, back-slash within a letter and all', () => {
  // 表 ends with the byte of a back-slash
  const named = decodeWindows1252(Uint8Array.from([0x95, 0x5c, 0x2e, 0x70, 0x6e, 0x67]));
  const [location] = locateReference(named, 'モデル/椅子.mtl', ['モデル/椅子.mtl', 'モデル/表.png']);
  expect(location).toMatchObject({ where: 'here', path: 'モデル/表.png' });
});
