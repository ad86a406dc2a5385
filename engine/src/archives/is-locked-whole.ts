import { open } from 'node:fs/promises';

/** Coder 7zAES in a 7z header: 06 F1 07 01 (7zFormat.txt, "AES"). */
const AES_CODER = Buffer.from([0x06, 0xf1, 0x07, 0x01]);
const RAR = Buffer.from('Rar!\x1a\x07', 'latin1');
const SEVEN_ZIP = Buffer.from('7z\xbc\xaf\x27\x1c', 'latin1');
/** Main header flag "block headers are encrypted" (RAR 4 technical note). */
const RAR4_ENCRYPTED = 0x0080;
/** Type of the archive encryption header (RAR 5 technical note). */
const RAR5_ENCRYPTION_HEADER = 4;

/** @returns true where even the names of an archive are encrypted, so that only a password tells damage from a lock */
export async function isLockedWhole(location: string): Promise<boolean> {
  const file = await open(location);
  try {
    const head = Buffer.alloc(64);
    await file.read(head, 0, head.length, 0);
    if (head.subarray(0, 6).equals(SEVEN_ZIP)) {
      const at = 32 + Number(head.readBigUInt64LE(12));
      const next = Buffer.alloc(Math.min(4096, Number(head.readBigUInt64LE(20))));
      const { bytesRead } = await file.read(next, 0, next.length, at);
      return bytesRead === next.length && next.includes(AES_CODER);
    }
    if (!head.subarray(0, 6).equals(RAR)) return false;
    if (head[6] === 0) return (head.readUInt16LE(10) & RAR4_ENCRYPTED) !== 0;
    // signature 8, checksum 4, then the header's size and type, each of seven bits a byte
    let at = 12;
    while ((head[at] & 0x80) !== 0) at++;
    return head[at + 1] === RAR5_ENCRYPTION_HEADER;
  } finally {
    await file.close();
  }
}
