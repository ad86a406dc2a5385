import { DomainError } from '@haveld/contract/error';
import { decodeText } from '../../text/decode-text';
import type { Inflate } from '../reading';
import type { FbxArray, FbxNode, FbxValue, ParsedFbx } from './fbx-node';

const HEADER_BYTES = 27;
/** From this version on, lengths are 64-bit. */
const WIDE_FROM = 7500;
const MAX_DEPTH = 64;
/** Deflate cannot make more of a byte than this (RFC 1951: 258 bytes of a two-bit symbol). */
const MAX_INFLATION = 1032;

/**
 * Reads the records of a binary FBX file. The layout is not published by its maker; it is known from open descriptions
 * (common practice, no source). A damaged file gives the records before the damage.
 * @throws {DomainError} `bad-file` where nothing can be read
 */
export function parseBinaryFbx(bytes: Uint8Array, inflate: Inflate): ParsedFbx {
  if (bytes.length < HEADER_BYTES) throw new DomainError('bad-file', 'It ends within its own head.');
  return new Reader(bytes, inflate).read();
}

class Damage extends Error {}

class Reader {
  readonly #bytes: Uint8Array;
  readonly #view: DataView;
  readonly #inflate: Inflate;
  readonly #damages: ParsedFbx['damages'] = [];
  #at = HEADER_BYTES;
  #isWide = false;

  constructor(bytes: Uint8Array, inflate: Inflate) {
    this.#bytes = bytes;
    this.#view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    this.#inflate = inflate;
  }

  read(): ParsedFbx {
    const version = this.#view.getUint32(23, true);
    this.#isWide = version >= WIDE_FROM;
    const root: FbxNode = { name: '', values: [], children: [] };
    this.#readChildren(root, this.#bytes.length, 0);
    return { version, kind: 'binary', root, damages: this.#damages };
  }

  /** Reads records until `end` or the empty one that closes a list; what is damaged is noted and ends the list. */
  #readChildren(parent: FbxNode, end: number, depth: number): void {
    while (this.#at < end) {
      const start = this.#at;
      try {
        const child = this.#readNode(end, depth);
        if (!child) return;
        parent.children.push(child);
      } catch (error) {
        if (!(error instanceof Damage || error instanceof RangeError)) throw error;
        const where = parent.name === '' ? '' : ` within “${parent.name}”`;
        this.#damages.push({
          text: `At byte ${start}${where} ${error instanceof Damage ? error.message : 'it ends'}.`,
        });
        this.#at = end;
      }
    }
  }

  #readLength(): number {
    if (!this.#isWide) {
      this.#at += 4;
      return this.#view.getUint32(this.#at - 4, true);
    }
    this.#at += 8;
    return Number(this.#view.getBigUint64(this.#at - 8, true));
  }

  #readNode(limit: number, depth: number): FbxNode | null {
    const end = this.#readLength();
    const count = this.#readLength();
    const valueBytes = this.#readLength();
    const nameLength = this.#view.getUint8(this.#at++);
    if (end === 0) return null;
    const name = this.#text(nameLength);
    const valuesEnd = this.#at + valueBytes;
    if (end > limit || end < valuesEnd || valuesEnd > limit || depth > MAX_DEPTH)
      throw new Damage(`the record “${printable(name)}” states a length that cannot be`);
    const node: FbxNode = { name, values: [], children: [] };
    for (let i = 0; i < count && this.#at < valuesEnd; i++) node.values.push(this.#readValue(valuesEnd, name));
    this.#at = valuesEnd;
    if (this.#at < end) this.#readChildren(node, end, depth + 1);
    this.#at = end;
    return node;
  }

  #text(length: number): string {
    if (this.#at + length > this.#bytes.length) throw new Damage('a text runs over the end');
    this.#at += length;
    return decodeText(this.#bytes.subarray(this.#at - length, this.#at));
  }

  #readValue(end: number, record: string): FbxValue {
    const type = String.fromCharCode(this.#view.getUint8(this.#at++));
    const view = this.#view;
    const at = this.#at;
    switch (type) {
      case 'C':
      case 'B':
        this.#at += 1;
        return (view.getUint8(at) & 1) === 1;
      case 'Y':
        this.#at += 2;
        return view.getInt16(at, true);
      case 'I':
        this.#at += 4;
        return view.getInt32(at, true);
      case 'F':
        this.#at += 4;
        return view.getFloat32(at, true);
      case 'D':
        this.#at += 8;
        return view.getFloat64(at, true);
      case 'L': {
        this.#at += 8;
        const value = view.getBigInt64(at, true);
        return Number.isSafeInteger(Number(value)) ? Number(value) : String(value);
      }
      case 'S':
      case 'R': {
        const length = view.getUint32(at, true);
        this.#at += 4;
        if (this.#at + length > end) throw new Damage(`a value of “${printable(record)}” runs over its end`);
        if (type === 'S') return this.#text(length);
        this.#at += length;
        return this.#bytes.subarray(this.#at - length, this.#at);
      }
      case 'f':
      case 'd':
      case 'i':
      case 'l':
      case 'b':
      case 'c':
        return this.#readArray(type, end, record);
      default:
        throw new Damage(`“${printable(record)}” holds a value of an unknown kind`);
    }
  }

  /** An array that cannot be unpacked is empty, and that is said: the record around it may still be of use. */
  #readArray(type: string, end: number, record: string): FbxArray {
    const count = this.#view.getUint32(this.#at, true);
    const encoding = this.#view.getUint32(this.#at + 4, true);
    const packedBytes = this.#view.getUint32(this.#at + 8, true);
    const from = (this.#at += 12);
    const width = type === 'd' || type === 'l' ? 8 : type === 'b' || type === 'c' ? 1 : 4;
    const bytes = count * width;
    const kept = encoding === 0 ? bytes : packedBytes;
    if (from + kept > end || bytes > Math.max(kept, 1) * MAX_INFLATION)
      throw new Damage(`an array of “${printable(record)}” is larger than what holds it`);
    this.#at = from + kept;
    let raw = this.#bytes.subarray(from, from + kept);
    if (encoding !== 0) {
      try {
        raw = this.#inflate(raw, bytes);
      } catch (error) {
        raw = new Uint8Array();
        this.#damages.push({
          text: `At byte ${from} ${count} numbers of “${printable(record)}” cannot be unpacked (${(error as Error).message}).`,
        });
      }
    }
    return toArray(type, raw, Math.min(count, Math.floor(raw.length / width)));
  }
}

/** A copy, because the bytes of a file lie at any offset. */
function toArray(type: string, raw: Uint8Array, count: number): FbxArray {
  const copy = (width: number): ArrayBuffer => {
    const bytes = new Uint8Array(count * width);
    bytes.set(raw.subarray(0, count * width));
    return bytes.buffer;
  };
  switch (type) {
    case 'f':
      return new Float32Array(copy(4));
    case 'd':
      return new Float64Array(copy(8));
    case 'i':
      return new Int32Array(copy(4));
    case 'l':
      return new BigInt64Array(copy(8));
    default:
      return Int32Array.from(raw.subarray(0, count));
  }
}

const printable = (name: string): string => name.replace(/[^\p{L}\p{N}\p{P} ]/gu, '?').slice(0, 60);
