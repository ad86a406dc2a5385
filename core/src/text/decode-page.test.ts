import { decodePage } from './decode-page';

const bytes = (head: string, rest: number[]): Uint8Array =>
  Uint8Array.from([...new TextEncoder().encode(head), ...rest]);

test('a saved page is read in the encoding it names; bytes of each as its standard has them', () => {
  // “Кран” in windows-1251, “灯” in Shift_JIS, “Łódź” in ISO 8859-2
  expect(decodePage(bytes('<meta charset="windows-1251">', [0xca, 0xf0, 0xe0, 0xed]))).toContain('Кран');
  expect(decodePage(bytes('<meta charset=Shift_JIS>', [0x93, 0x94]))).toContain('灯');
  expect(
    decodePage(
      bytes('<meta http-equiv="Content-Type" content="text/html; charset=iso-8859-2">', [0xa3, 0xf3, 0x64, 0xbc]),
    ),
  ).toContain('Łódź');
});

test('quotation marks and dashes of Windows-1252 come through, named or not, also under the name of ISO 8859-1 (WHATWG Encoding)', () => {
  const words = [0x93, 0x74, 0x65, 0x78, 0x74, 0x94, 0x20, 0x97, 0x20, 0x80];
  for (const head of ['', '<meta charset="windows-1252">', '<meta charset="iso-8859-1">'])
    expect(decodePage(bytes(head, words))).toBe(`${head}“text” — €`);
});

test('UTF-8 counts whatever the page says, and a label nobody knows is passed over', () => {
  expect(decodePage(new TextEncoder().encode('<meta charset="windows-1251">Maëlle'))).toContain('Maëlle');
  expect(decodePage(bytes('<meta charset="klingon">', [0xe9]))).toContain('é');
  expect(decodePage(bytes('plain ', [0xe9]))).toBe('plain é');
});
