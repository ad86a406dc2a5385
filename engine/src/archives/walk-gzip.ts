import { createReadStream } from 'node:fs';
import type { Readable } from 'node:stream';
import { createGunzip } from 'node:zlib';
import type { EntryVisitor, WalkEnd } from './archive-entry';
import { pourInto } from './pour-into';

/** Shows the one file a gzip holds (RFC 1952), under the name it is given. */
export async function walkGzip(location: string, name: string, visitor: EntryVisitor): Promise<WalkEnd> {
  const sink = visitor.begin({ name, isUtf8: true, kind: 'file', sizeBytes: null, packedBytes: null }, 0, 1);
  if (sink) await pourInto(sink, () => Promise.resolve(openGunzip(location)), {});
  return { isLocked: false, problem: null };
}

/** @returns true where the unpacked bytes begin as a tar does */
export async function holdsTar(location: string): Promise<boolean> {
  const stream = openGunzip(location);
  try {
    let head = Buffer.alloc(0);
    for await (const chunk of stream as AsyncIterable<Buffer>) {
      head = Buffer.concat([head, chunk]);
      if (head.length >= 512) break;
    }
    return head.subarray(257, 262).toString('latin1') === 'ustar';
  } catch (error) {
    // not even its first block unpacks: the walk itself will say so
    if (!(error as NodeJS.ErrnoException).code?.startsWith('Z_')) throw error;
    return false;
  } finally {
    stream.destroy();
  }
}

function openGunzip(location: string): Readable {
  const raw = createReadStream(location);
  const gunzip = createGunzip();
  raw.on('error', (error) => gunzip.destroy(error));
  gunzip.on('close', () => raw.destroy());
  return raw.pipe(gunzip);
}
