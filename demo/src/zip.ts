import { once } from 'node:events';
import { ZipFile } from 'yazl';
import type { DemoFile } from './demo-file';

/** @returns an archive of the files, the same bytes each time */
export async function zip(files: readonly DemoFile[]): Promise<Buffer> {
  const archive = new ZipFile();
  const mtime = new Date(Date.UTC(2026, 10, 12));
  for (const { path, bytes } of files) archive.addBuffer(bytes, path, { mtime, mode: 0o100644 });
  archive.end();
  const chunks: Buffer[] = [];
  archive.outputStream.on('data', (chunk: Buffer) => chunks.push(chunk));
  await once(archive.outputStream, 'end');
  return Buffer.concat(chunks);
}
