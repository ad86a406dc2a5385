import { crc32, deflateRawSync } from 'node:zlib';

export interface RawEntry {
  name: string | Buffer;
  bytes: Buffer;
  /** Said to be of this size, whatever it is. */
  claimedSize?: number;
  /** Upper half of the external attributes: Unix mode. */
  mode?: number;
  flags?: number;
  method?: number;
}

/** Writes a zip byte by byte (APPNOTE 6.3.10, 4.3), so that tests can write what no proper tool would. */
export function writeRawZip(entries: readonly RawEntry[]): Buffer {
  const parts: Buffer[] = [];
  const directory: Buffer[] = [];
  let offset = 0;
  for (const { name, bytes, claimedSize = bytes.length, mode = 0o100644, flags = 0x800, method = 8 } of entries) {
    const label = typeof name === 'string' ? Buffer.from(name) : name;
    const packed = method === 0 ? bytes : deflateRawSync(bytes);
    const crc = crc32(bytes);
    const fixed = Buffer.alloc(26);
    [20, flags, method, 0, 0].forEach((value, i) => fixed.writeUInt16LE(value, i * 2));
    fixed.writeUInt32LE(crc, 10);
    fixed.writeUInt32LE(packed.length, 14);
    fixed.writeUInt32LE(claimedSize, 18);
    fixed.writeUInt16LE(label.length, 22);
    parts.push(Buffer.from('PK\x03\x04', 'latin1'), fixed, label, packed);
    const tail = Buffer.alloc(14);
    tail.writeUInt32LE((mode << 16) >>> 0, 6);
    tail.writeUInt32LE(offset, 10);
    directory.push(Buffer.from('PK\x01\x02', 'latin1'), Buffer.from([20, 3]), fixed, tail, label);
    offset += 4 + fixed.length + label.length + packed.length;
  }
  const central = Buffer.concat(directory);
  const end = Buffer.alloc(18);
  end.writeUInt16LE(entries.length, 4);
  end.writeUInt16LE(entries.length, 6);
  end.writeUInt32LE(central.length, 8);
  end.writeUInt32LE(offset, 12);
  return Buffer.concat([...parts, central, Buffer.from('PK\x05\x06', 'latin1'), end]);
}
