import { createReadStream } from 'node:fs';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { extract, type Header } from 'tar-stream';
import type { ArchiveEntry, EntryVisitor, WalkEnd } from './archive-entry';
import { pourInto } from './pour-into';

const KINDS: Partial<Record<NonNullable<Header['type']>, ArchiveEntry['kind']>> = {
  file: 'file',
  'contiguous-file': 'file',
  directory: 'folder',
  symlink: 'link',
  link: 'link',
};

/** Shows every entry of a tar (POSIX.1-1988 ustar, GNU and pax names), gzipped or plain. */
export async function walkTar(location: string, isGzipped: boolean, visitor: EntryVisitor): Promise<WalkEnd> {
  const tar = extract();
  const stages = isGzipped ? [createReadStream(location), createGunzip(), tar] : [createReadStream(location), tar];
  // its error is told by the loop below as well; unheard here it would end the process
  const poured = pipeline(stages as unknown as [Readable, typeof tar]).catch((error: Error) => error);
  let read = 0;
  try {
    for await (const entry of tar as unknown as AsyncIterable<Readable & { header: Header }>) {
      const { name, type, size } = entry.header;
      const described: ArchiveEntry = {
        name,
        isUtf8: true,
        kind: KINDS[type ?? 'file'] ?? 'other',
        sizeBytes: size ?? null,
        packedBytes: null,
      };
      const sink = visitor.begin(described, read, 0);
      if (sink) await pourInto(sink, () => Promise.resolve(entry), { sizeBytes: size });
      else for await (const chunk of entry as AsyncIterable<Buffer>) visitor.pass(chunk.length);
      read++;
    }
    const error = await poured;
    if (error) throw error;
    return { isLocked: false, problem: null };
  } catch (error) {
    tar.destroy();
    if ((error as Error).name === 'StopArchive') throw error;
    return {
      isLocked: false,
      problem: `is damaged after ${read} entries: ${(error as Error).message}. What came before it was kept.`,
    };
  }
}
