import { open, stat } from 'node:fs/promises';

/** End record of a zip with its longest comment (APPNOTE 6.3.10, 4.3.16). */
const ZIP_END_BYTES = 22 + 65_535;
const HEAD_BYTES = 32;
const ZIP_END = Buffer.from('PK\x05\x06', 'latin1');
const SEVEN_ZIP = Buffer.from([0x37, 0x7a, 0xbc, 0xaf, 0x27, 0x1c]);

/**
 * Whether what no longer grows is all there, as far as its format says how long it is: zip, 7z and GLB do.
 * @param paths of one file, or of an archive in volumes in their order
 * @returns why it is not, in words; null where it is, or where its format does not say
 */
export async function findMissingEnd(paths: readonly string[]): Promise<string | null> {
  const sizes = await Promise.all(paths.map(async (path) => (await stat(path)).size));
  const size = sizes.reduce((sum, each) => sum + each, 0);
  const head = await readAt(paths[0], 0, HEAD_BYTES);
  if (head.length >= 12 && head.toString('latin1', 0, 4) === 'glTF')
    return head.readUInt32LE(8) > size ? 'the end of the GLB is missing' : null;
  if (head.length >= HEAD_BYTES && head.subarray(0, 6).equals(SEVEN_ZIP)) {
    // 7zFormat.txt, "SignatureHeader": offset and size of the header at the end
    const end = 32n + head.readBigUInt64LE(12) + head.readBigUInt64LE(20);
    return end > BigInt(size) ? 'the end of the 7z is missing' : null;
  }
  if (head.toString('latin1', 0, 2) !== 'PK') return null;
  const last = sizes.at(-1)!;
  const tail = await readAt(paths.at(-1)!, Math.max(0, last - ZIP_END_BYTES), Math.min(last, ZIP_END_BYTES));
  return tail.includes(ZIP_END) ? null : 'the end of the zip is missing';
}

async function readAt(path: string, from: number, length: number): Promise<Buffer> {
  const file = await open(path, 'r');
  try {
    const { buffer, bytesRead } = await file.read({ buffer: Buffer.alloc(length), position: from });
    return buffer.subarray(0, bytesRead);
  } finally {
    await file.close();
  }
}
