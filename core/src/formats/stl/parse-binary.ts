import type { ParsedStl } from './parsed-stl';

const HEAD_BYTES = 84;
const TRIANGLE_BYTES = 50;

/** Binary STL: 80 bytes of anything, a count, 50 bytes a triangle (3D Systems 1989). Its size tells, not a word at its head. */
export function isBinaryStl(bytes: Uint8Array): boolean {
  if (bytes.length < HEAD_BYTES) return false;
  const count = new DataView(bytes.buffer, bytes.byteOffset).getUint32(80, true);
  if (HEAD_BYTES + count * TRIANGLE_BYTES === bytes.length) return true;
  const isText = !bytes.subarray(0, 512).includes(0) && /^\s*solid/i.test(text(bytes, 0, 80));
  return !isText;
}

export function parseBinaryStl(bytes: Uint8Array): ParsedStl {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const stated = view.getUint32(80, true);
  const count = Math.min(stated, Math.floor((bytes.length - HEAD_BYTES) / TRIANGLE_BYTES));
  const head = text(bytes, 0, 80);
  const points = new Float32Array(count * 9);
  for (let t = 0, at = HEAD_BYTES + 12, o = 0; t < count; t++, at += TRIANGLE_BYTES)
    for (let n = 0; n < 9; n++) points[o++] = view.getFloat32(at + n * 4, true);
  const damages =
    stated > count
      ? [{ text: `It states ${stated} triangles and ends after ${count}, at byte ${bytes.length}.`, missing: true }]
      : [];
  return {
    solids: [{ name: '', points, colours: readColours(view, count, head) }],
    header: head.replace(/[^\x20-\x7e].*$/, '').trim(),
    damages,
  };
}

/** Two habits share the spare bytes, red in the high bits or, where the head says `COLOR=`, in the low ones (common practice, no source). */
function readColours(view: DataView, count: number, head: string): Float32Array | null {
  const stated = head.indexOf('COLOR=');
  const isLow = stated >= 0;
  const fallback = isLow ? [0, 1, 2].map((n) => view.getUint8(stated + 6 + n) / 255) : [0.8, 0.8, 0.8];
  const colours = new Float32Array(count * 3);
  let any = false;
  for (let t = 0; t < count; t++) {
    const packed = view.getUint16(HEAD_BYTES + t * TRIANGLE_BYTES + 48, true);
    const has = isLow ? (packed & 0x8000) === 0 : (packed & 0x8000) !== 0;
    const channels = [10, 5, 0].map((shift) => ((packed >> shift) & 31) / 31);
    colours.set(has ? (isLow ? channels.reverse() : channels) : fallback, t * 3);
    if (has) any = true;
  }
  return any || isLow ? colours : null;
}

function text(bytes: Uint8Array, from: number, to: number): string {
  return String.fromCharCode(...bytes.subarray(from, to));
}
