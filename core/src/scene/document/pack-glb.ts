import type { GLTF } from '@gltf-transform/core';

/** Words of a GLB: `glTF`, `JSON`, `BIN`. */
export const GLB = { magic: 0x46546c67, json: 0x4e4f534a, binary: 0x004e4942 } as const;

const toFour = (length: number): number => (length + 3) & ~3;

/** Puts glTF JSON and its buffer into one GLB (glTF 2.0, 4.4); without bytes there is no buffer. */
export function packGlb(json: GLTF.IGLTF, binary: Uint8Array | null): Uint8Array<ArrayBuffer> {
  const hasBinary = binary !== null && binary.byteLength > 0;
  const text = new TextEncoder().encode(JSON.stringify(hasBinary ? json : { ...json, buffers: undefined }));
  const jsonLength = toFour(text.length);
  const length = 20 + jsonLength + (hasBinary ? 8 + toFour(binary.byteLength) : 0);
  const dst = new Uint8Array(length);
  const view = new DataView(dst.buffer);
  [GLB.magic, 2, length, jsonLength, GLB.json].forEach((word, i) => view.setUint32(i * 4, word, true));
  dst.set(text, 20);
  dst.fill(0x20, 20 + text.length, 20 + jsonLength);
  if (!hasBinary) return dst;
  const at = 20 + jsonLength;
  view.setUint32(at, toFour(binary.byteLength), true);
  view.setUint32(at + 4, GLB.binary, true);
  dst.set(binary, at + 8);
  return dst;
}
