import type { GLTF } from '@gltf-transform/core';
import { GLB } from './pack-glb';

/** What a GLB holds. */
export interface GlbParts {
  /** As it stands in the file. */
  text: string;
  json: GLTF.IGLTF;
  /** Null where there is no binary chunk. */
  binary: Uint8Array | null;
}

/**
 * Takes a GLB apart (glTF 2.0, 4.4) without copying its numbers.
 * @throws {Error} in a sentence, where its lengths do not hold
 */
export function splitGlb(bytes: Uint8Array): GlbParts {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  if (bytes.length < 20 || view.getUint32(0, true) !== GLB.magic || view.getUint32(4, true) !== 2)
    throw new Error('it does not begin as a GLB of version 2');
  if (view.getUint32(8, true) !== bytes.length)
    throw new Error(`it is ${bytes.length} bytes long and says ${view.getUint32(8, true)}`);
  const jsonEnd = 20 + view.getUint32(12, true);
  if (view.getUint32(16, true) !== GLB.json || jsonEnd % 4 !== 0 || jsonEnd > bytes.length)
    throw new Error('its first chunk is no JSON of a multiple of four bytes');
  const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes.subarray(20, jsonEnd));
  return { text, json: JSON.parse(text) as GLTF.IGLTF, binary: takeBinary(bytes, view, jsonEnd) };
}

function takeBinary(bytes: Uint8Array, view: DataView, at: number): Uint8Array | null {
  if (at === bytes.length) return null;
  const length = at + 8 <= bytes.length ? view.getUint32(at, true) : -1;
  if (at + 8 + length !== bytes.length || length % 4 !== 0 || view.getUint32(at + 4, true) !== GLB.binary)
    throw new Error('its second chunk is no binary one that ends with the file');
  return bytes.subarray(at + 8);
}
