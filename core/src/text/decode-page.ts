import { decodeText, decodeUtf8, decodeWindows1252 } from './decode-text';

/** What a page says of its own encoding, in its first kilobytes (HTML, "Determining the character encoding"). */
const CHARSET = /<meta[^>]+charset\s*=\s*["']?\s*([\w-]+)/i;

/** @returns text of a saved page, by the encoding it names itself where it is no UTF-8; else as any other text */
export function decodePage(bytes: Uint8Array): string {
  const head = decodeWindows1252(bytes.subarray(0, 4096));
  const label = CHARSET.exec(head)?.[1];
  if (!label || decodeUtf8(bytes) !== null) return decodeText(bytes);
  try {
    const decoder = new TextDecoder(label);
    return decoder.encoding === 'windows-1252' ? decodeWindows1252(bytes) : decoder.decode(bytes);
  } catch (error) {
    // a label nobody knows; by its name, for the decoder's errors may come from another realm
    if ((error as Error).name !== 'RangeError') throw error;
    return decodeText(bytes);
  }
}
