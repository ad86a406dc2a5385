import { DomainError } from '@haveld/contract/error';
import { decodeText } from '../../text/decode-text';

/**
 * Unpacks a USDZ archive: a zip whose files are stored, not compressed (OpenUSD, "USDZ file format specification").
 * @returns bytes by path, in the archive's order: the first is the scene
 * @throws {DomainError} `bad-file` where it is damaged or compressed
 */
export function unpackUsdz(bytes: Uint8Array, path: string): Map<string, Uint8Array> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const files = new Map<string, Uint8Array>();
  const refuse = (why: string): never => {
    throw new DomainError('bad-file', `“${path}” is damaged: ${why}`, { file: path });
  };
  for (let at = 0; at + 30 <= bytes.length && view.getUint32(at, true) === 0x04034b50;) {
    const flags = view.getUint16(at + 6, true);
    const method = view.getUint16(at + 8, true);
    const size = view.getUint32(at + 18, true);
    const nameLength = view.getUint16(at + 26, true);
    const from = at + 30 + nameLength + view.getUint16(at + 28, true);
    const name = decodeText(bytes.subarray(at + 30, at + 30 + nameLength));
    if (method !== 0) refuse(`“${name}” in it is compressed, which USDZ does not allow.`);
    if ((flags & 8) !== 0 && size === 0) refuse(`the size of “${name}” in it is not written at its head.`);
    if (from + size > bytes.length) refuse(`“${name}” in it is cut short.`);
    files.set(name, bytes.subarray(from, from + size));
    at = from + size;
  }
  if (files.size === 0) refuse('it holds no files.');
  return files;
}
