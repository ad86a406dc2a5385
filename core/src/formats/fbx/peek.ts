import { decodeText } from '../../text/decode-text';
import type { Inside } from '../inside';

const RELATIVE_NAME = 'RelativeFilename';

/** The maps, clips and skins of an FBX, without its tree. */
export function peekFbx(bytes: Uint8Array): Inside {
  const isBinary = hasAt(bytes, 0, 'Kaydara FBX Binary');
  const mentions = new Set<string>();
  for (let at = indexOf(bytes, RELATIVE_NAME, 0); at >= 0; at = indexOf(bytes, RELATIVE_NAME, at + 1)) {
    const name = isBinary ? readBinaryName(bytes, at) : readTextName(bytes, at);
    if (name) mentions.add(name);
  }
  return {
    mentions: [...mentions],
    clips: countClips(bytes, isBinary),
    hasSkin: indexOf(bytes, 'SubDeformer', 0) >= 0 || indexOf(bytes, 'SubDeformer::', 0) >= 0,
    materials: indexOf(bytes, 'Material', 0) >= 0 ? 'shaded' : 'none',
    isText: !isBinary,
  };
}

/** A string property is `S`, its length in four bytes, its bytes. */
function readBinaryName(bytes: Uint8Array, at: number): string | null {
  const type = at + RELATIVE_NAME.length;
  if (bytes[type] !== 0x53 || type + 5 > bytes.length) return null;
  const length = new DataView(bytes.buffer, bytes.byteOffset).getUint32(type + 1, true);
  return length < 4096 ? decodeText(bytes.subarray(type + 5, type + 5 + length)) : null;
}

function readTextName(bytes: Uint8Array, at: number): string | null {
  return /^RelativeFilename:\s*"([^"]*)"/.exec(decodeText(bytes.subarray(at, at + 2048)))?.[1] ?? null;
}

/** Stacks that hold a layer with curves are clips; a file without curve nodes has none whatever its stacks say. */
function countClips(bytes: Uint8Array, isBinary: boolean): number {
  if (indexOf(bytes, 'AnimationCurveNode', 0) < 0) return 0;
  const mark = isBinary ? '\0\x01AnimStack' : '"AnimStack::';
  let clips = 0;
  for (let at = indexOf(bytes, mark, 0); at >= 0; at = indexOf(bytes, mark, at + 1)) clips++;
  return Math.max(1, clips);
}

const hasAt = (bytes: Uint8Array, at: number, text: string): boolean => {
  for (let i = 0; i < text.length; i++) if (bytes[at + i] !== text.charCodeAt(i)) return false;
  return true;
};

function indexOf(bytes: Uint8Array, text: string, from: number): number {
  const first = text.charCodeAt(0);
  for (let at = bytes.indexOf(first, from); at >= 0; at = bytes.indexOf(first, at + 1))
    if (hasAt(bytes, at, text)) return at;
  return -1;
}
