import type { Readable } from 'node:stream';
import { crc32 } from 'node:zlib';
import type { EntrySink } from './archive-entry';

/** What the bytes of an entry should come to, as far as its archive states it. */
export interface Stated {
  sizeBytes?: number;
  /** CRC-32 of the unpacked bytes. */
  crc?: number;
}

/**
 * Pours the bytes of one entry into its sink; a damaged one is told to the sink and the walk goes on.
 * @param open where the bytes come from
 */
export async function pourInto(sink: EntrySink, open: () => Promise<Readable>, stated: Stated): Promise<void> {
  let written = 0;
  let sum = 0;
  try {
    for await (const chunk of (await open()) as AsyncIterable<Buffer>) {
      written += chunk.length;
      if (stated.crc !== undefined) sum = crc32(chunk, sum);
      sink.write(chunk);
    }
  } catch (error) {
    if ((error as Error).name === 'StopArchive') throw error;
    sink.end((error as Error).message);
    return;
  }
  endAs(sink, written, sum, stated);
}

/** The same for bytes that are read in one piece. */
export function giveBytes(sink: EntrySink, read: () => Uint8Array, stated: Stated): void {
  let bytes: Uint8Array;
  try {
    bytes = read();
  } catch (error) {
    sink.end((error as Error).message);
    return;
  }
  sink.write(bytes);
  endAs(sink, bytes.length, stated.crc === undefined ? 0 : crc32(bytes), stated);
}

function endAs(sink: EntrySink, written: number, sum: number, { sizeBytes = written, crc = sum }: Stated): void {
  if (written !== sizeBytes) sink.end(`${written} of ${sizeBytes} bytes came`);
  else sink.end(sum === crc ? undefined : 'its checksum does not match');
}
