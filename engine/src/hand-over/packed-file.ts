import { once } from 'node:events';
import { ZipFile } from 'yazl';
import type { CheckLine } from '@haveld/contract/report';

export interface PackedFile {
  /** Within the hand-over. */
  path: string;
  bytes: Uint8Array;
}

/** A model written out, and what reading it back found. */
export interface PackedModel {
  files: PackedFile[];
  checks: CheckLine[];
  /** Names the format cannot hold as they are, and what they became; left out where it holds all. */
  renamed?: { from: string; to: string }[];
}

/** Zip entries carry one fixed time, so the same version packs to the same bytes. */
export const ENTRY_TIME = new Date(Date.UTC(1990, 0, 1));

export async function zipFiles(files: readonly PackedFile[]): Promise<Buffer> {
  const zip = new ZipFile();
  for (const { path, bytes } of files)
    zip.addBuffer(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength), path, {
      mtime: ENTRY_TIME,
      mode: 0o100644,
    });
  zip.end();
  const chunks: Buffer[] = [];
  zip.outputStream.on('data', (chunk: Buffer) => chunks.push(chunk));
  await once(zip.outputStream, 'end');
  return Buffer.concat(chunks);
}
