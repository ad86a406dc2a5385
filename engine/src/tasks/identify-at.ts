import { open } from 'node:fs/promises';
import { identifyFile, type Identity } from '@haveld/core/finds/identify';
import { readPictureSize } from '@haveld/core/textures/picture-size';

export interface IdentifiedFile extends Identity {
  path: string;
  sizeBytes: number;
  width: number | null;
  height: number | null;
}

const HEAD_BYTES = 65536;

/**
 * Tells what a file is by its first bytes and its name.
 * @param path what it is called
 * @param location where its bytes lie
 */
export async function identifyAt(path: string, location: string): Promise<IdentifiedFile> {
  const handle = await open(location);
  try {
    const head = new Uint8Array(HEAD_BYTES);
    const { bytesRead } = await handle.read(head, 0, HEAD_BYTES, 0);
    const bytes = head.subarray(0, bytesRead);
    const identity = identifyFile(path, bytes);
    const size = identity.kind === 'picture' ? readPictureSize(bytes) : null;
    return {
      path,
      sizeBytes: (await handle.stat()).size,
      ...identity,
      width: size?.[0] ?? null,
      height: size?.[1] ?? null,
    };
  } finally {
    await handle.close();
  }
}
