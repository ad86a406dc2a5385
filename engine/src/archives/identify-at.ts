import { open } from 'node:fs/promises';
import { identifyFile, type Identity } from '@haveld/core/finds/identify';
import { NOTHING_INSIDE, type Inside } from '@haveld/core/formats/inside';
import { findFormat } from '@haveld/core/formats/model-formats';
import { canPeek, peekInside } from '@haveld/core/formats/peek-inside';
import { readPictureSize } from '@haveld/core/textures/pictures/picture-size';

export interface IdentifiedFile extends Identity {
  path: string;
  sizeBytes: number;
  width: number | null;
  height: number | null;
  inside: Inside;
}

/** Bytes of a file's beginning that tell what it is. */
export const HEAD_BYTES = 65536;

/** A model is looked into up to this size; what it names stands at its head or near its end, and larger ones are rare. */
const PEEK_BYTES = 512 * 2 ** 20;

/** Tells what a file is from its name and its first bytes. */
export function identifyHead(path: string, head: Uint8Array, sizeBytes: number): Omit<IdentifiedFile, 'inside'> {
  const identity = identifyFile(path, head);
  const size = identity.kind === 'picture' ? readPictureSize(head) : null;
  return { path, sizeBytes, ...identity, width: size?.[0] ?? null, height: size?.[1] ?? null };
}

/** Looks into a model or material file; nothing is said of any other. @param location where its bytes lie */
export async function peekAt(format: string, sizeBytes: number, location: string): Promise<Inside> {
  if (!canPeek(format) || sizeBytes > PEEK_BYTES) return NOTHING_INSIDE;
  const handle = await open(location);
  try {
    const bytes = new Uint8Array(findFormat(format)?.peeksAtHead ? Math.min(sizeBytes, HEAD_BYTES) : sizeBytes);
    const { bytesRead } = await handle.read(bytes, 0, bytes.length, 0);
    return peekInside(format, bytes.subarray(0, bytesRead));
  } finally {
    await handle.close();
  }
}

/**
 * Tells what a file is by its first bytes and its name.
 * @param path what it is called
 * @param location where its bytes lie
 */
export async function identifyAt(path: string, location: string): Promise<Omit<IdentifiedFile, 'inside'>> {
  const handle = await open(location);
  try {
    const head = new Uint8Array(HEAD_BYTES);
    const { bytesRead } = await handle.read(head, 0, HEAD_BYTES, 0);
    return identifyHead(path, head.subarray(0, bytesRead), (await handle.stat()).size);
  } finally {
    await handle.close();
  }
}
