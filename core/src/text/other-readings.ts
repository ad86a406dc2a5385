import { decodeUtf8, HIGH_SIGNS } from './decode-text';

/** What older files are written in where they are neither UTF-8 nor Windows-1252, by the names of the WHATWG Encoding Standard. */
const OTHERS = ['shift_jis', 'gbk', 'euc-kr', 'big5', 'windows-1251', 'ibm866', 'windows-1250'] as const;

/** @returns the byte each sign was read from; null where the text was not read as Windows-1252 */
function toBytes(text: string): Uint8Array | null {
  const bytes = new Uint8Array(text.length);
  for (let i = 0; i < text.length; i++) {
    const code = text.charCodeAt(i);
    const high = HIGH_SIGNS.indexOf(text[i]);
    if (code > 0xff && high < 0) return null;
    bytes[i] = high >= 0 ? 0x80 + high : code;
  }
  return bytes;
}

/**
 * What a name may be that was read as Windows-1252 for want of a better guess: the same bytes in each other way of writing that makes
 * sense of them. A name alone does not tell which; what lies beside it does.
 * @returns none for plain names
 */
export function otherReadings(text: string): string[] {
  if (!/[\u0080-\uffff]/.test(text)) return [];
  const bytes = toBytes(text);
  if (!bytes || decodeUtf8(bytes) !== null) return [];
  return OTHERS.map((label) => new TextDecoder(label).decode(bytes)).filter((read) => !/[\ufffd\p{Cc}]/u.test(read));
}
