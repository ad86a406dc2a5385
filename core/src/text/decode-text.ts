/** @returns the text, or null where the bytes are not UTF-8 */
export function decodeUtf8(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch (error) {
    // by its name: the decoder's errors come from another realm in a test and in some hosts
    if ((error as Error).name !== 'TypeError') throw error;
    return null;
  }
}

/** What Windows-1252 has where ISO 8859-1 has controls, 0x80 to 0x9F (WHATWG Encoding, index windows-1252); five stay controls. */
export const HIGH_SIGNS = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

/** @returns text of Windows-1252. The decoder of Node 20 takes it for ISO 8859-1 (measured) and loses quotation marks and dashes */
export const decodeWindows1252 = (bytes: Uint8Array): string =>
  new TextDecoder('iso-8859-1')
    .decode(bytes)
    .replace(/[\u0080-\u009f]/g, (sign) => HIGH_SIGNS[sign.charCodeAt(0) - 0x80]);

/** @returns text as UTF-16 by its mark, as UTF-8 where the bytes are that, else as Windows-1252 */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  return decodeUtf8(bytes) ?? decodeWindows1252(bytes);
}
