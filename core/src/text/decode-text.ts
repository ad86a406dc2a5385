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

/** @returns text as UTF-16 by its mark, as UTF-8 where the bytes are that, else as Windows-1252 */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
  return decodeUtf8(bytes) ?? new TextDecoder('windows-1252').decode(bytes);
}
