import { decodeUtf8 } from '../../text/decode-text';

/** Code page 437 above 127, the encoding of zip names without the UTF-8 flag (APPNOTE 6.3.10, appendix D). */
const CP437 =
  'ÇüéâäàåçêëèïîìÄÅÉæÆôöòûùÿÖÜ¢£¥₧ƒáíóúñÑªº¿⌐¬½¼¡«»░▒▓│┤╡╢╖╕╣║╗╝╜╛┐└┴┬├─┼╞╟╚╔╩╦╠═╬╧╨╤╥╙╘╒╓╫╪┘┌█▄▌▐▀αßΓπΣσµτΦΘΩδ∞φε∩≡±≥≤⌠⌡÷≈°∙·√ⁿ²■\u00a0';

export type EntryName = { path: string } | { refused: string };

/** Names Windows keeps for devices; a file of such a name cannot be written there. */
const DEVICE = /^(con|prn|aux|nul|conin\$|conout\$|com[\d¹²³]|lpt[\d¹²³])\s*(\..*)?$/i;

/**
 * Decodes and checks the name of an archive's entry.
 * @param raw its bytes
 * @param isUtf8 general purpose bit 11
 * @returns a relative path with `/` between folders, or a sentence that says why it is refused
 */
export function readEntryName(raw: Uint8Array, isUtf8: boolean): EntryName {
  return checkEntryPath(decodeName(raw, isUtf8));
}

function decodeName(raw: Uint8Array, isUtf8: boolean): string {
  const text = decodeUtf8(raw);
  if (text !== null && (isUtf8 || raw.some((byte) => byte > 127))) return text;
  return [...raw].map((byte) => (byte < 128 ? String.fromCharCode(byte) : CP437[byte - 128])).join('');
}

/** Checks a path that came from outside; back-slashes are taken for the folder marks they were meant as. */
export function checkEntryPath(name: string): EntryName {
  const shown = name.length > 120 ? `${name.slice(0, 120)}…` : name;
  const refuse = (why: string): EntryName => ({ refused: `“${shown.replace(/[\p{Cc}]/gu, '␀') || ' '}” ${why}` });
  if (name === '') return refuse('has no name.');
  if (/\p{Cc}/u.test(name)) return refuse('has control characters in its name.');
  const path = name.replaceAll('\\', '/');
  if (/^[a-z]:/i.test(path)) return refuse('names a drive; files may only lie inside their archive.');
  if (path.startsWith('/')) return refuse('names an absolute place; files may only lie inside their archive.');
  const parts = path.split('/').filter((part) => part !== '' && part !== '.');
  if (parts.includes('..') || hidesWayOut(path)) return refuse('points outside its archive.');
  if (parts.length === 0) return refuse('has no name.');
  const device = parts.find((part) => DEVICE.test(part.replace(/[. ]+$/, '')));
  if (device) return refuse(`is called “${device}”, which some systems keep for a device.`);
  if (path.length > 1024) return refuse('has a name longer than 1024 characters.');
  return { path: parts.join('/') };
}

/** `..` written in percent-encoding, once or twice over, leads out wherever somebody decodes it. */
function hidesWayOut(path: string): boolean {
  const decoded = path
    .replace(/%25/g, '%')
    .replace(/%2e/gi, '.')
    .replace(/%2f|%5c/gi, '/');
  return decoded !== path && decoded.split('/').includes('..');
}
