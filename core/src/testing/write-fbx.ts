import { deflateSync } from 'node:zlib';

/** A number that has to be a 64-bit float in the file, even where it is whole. */
export interface Double {
  double: number;
}
export type FbxValue = string | number | bigint | Double | Uint8Array | Float64Array | Int32Array;

/** A record of an FBX file. */
export interface FbxRecord {
  name: string;
  values?: FbxValue[];
  children?: FbxRecord[];
}

/** A record in one line: `rec('C', ['OO', 11n, 0n])`. */
export const rec = (name: string, values: FbxValue[] = [], children: FbxRecord[] = []): FbxRecord => ({
  name,
  values,
  children,
});

const doubles = (...values: number[]): Double[] => values.map((double) => ({ double }));

/** A record of properties, as version 7 writes them. */
export const properties = (given: Record<string, number | number[] | string>): FbxRecord =>
  rec(
    'Properties70',
    [],
    Object.entries(given).map(([name, value]) =>
      typeof value === 'string'
        ? rec('P', [name, 'KString', '', '', value])
        : Number.isInteger(value) && INTEGERS.has(name)
          ? rec('P', [name, 'int', 'Integer', '', value as number])
          : rec('P', [name, 'Number', '', 'A', ...doubles(...[value].flat())]),
    ),
  );

const INTEGERS = new Set([
  'UpAxis',
  'UpAxisSign',
  'FrontAxis',
  'CoordAxis',
  'RotationOrder',
  'RotationActive',
  'InheritType',
]);

/** Writes a binary file; from 7500 on offsets have 64 bits. */
export function writeFbxBinary(records: readonly FbxRecord[], version = 7400, packs = true): Uint8Array {
  const head = Buffer.alloc(27);
  head.write('Kaydara FBX Binary  \0\u001a\0', 'latin1');
  head.writeUInt32LE(version, 23);
  const parts: Buffer[] = [head];
  let at = 27;
  for (const record of withHeader(records, version)) {
    const bytes = writeRecord(record, at, version >= 7500, packs);
    parts.push(bytes);
    at += bytes.length;
  }
  return new Uint8Array(Buffer.concat([...parts, Buffer.alloc(version >= 7500 ? 25 : 13)]));
}

const withHeader = (records: readonly FbxRecord[], version: number): FbxRecord[] => [
  rec('FBXHeaderExtension', [], [rec('FBXVersion', [version])]),
  ...records,
];

function writeRecord(
  { name, values = [], children = [] }: FbxRecord,
  start: number,
  isWide: boolean,
  packs: boolean,
): Buffer {
  const word = isWide ? 8 : 4;
  const written = Buffer.concat(values.map((value) => writeValue(value, packs)));
  const parts: Buffer[] = [];
  let at = start + word * 3 + 1 + name.length + written.length;
  for (const child of children) {
    const bytes = writeRecord(child, at, isWide, packs);
    parts.push(bytes);
    at += bytes.length;
  }
  if (children.length > 0) {
    parts.push(Buffer.alloc(word * 3 + 1));
    at += word * 3 + 1;
  }
  const head = Buffer.alloc(word * 3 + 1);
  [at, values.length, written.length].forEach((value, i) =>
    isWide ? head.writeBigUInt64LE(BigInt(value), i * 8) : head.writeUInt32LE(value, i * 4),
  );
  head[word * 3] = name.length;
  return Buffer.concat([head, Buffer.from(name), written, ...parts]);
}

function writeValue(value: FbxValue, packs: boolean): Buffer {
  if (typeof value === 'string') return withLength('S', Buffer.from(value, 'utf8'));
  if (value instanceof Uint8Array) return withLength('R', Buffer.from(value));
  if (typeof value === 'bigint') {
    const bytes = Buffer.alloc(9, 'L');
    bytes.writeBigInt64LE(value, 1);
    return bytes;
  }
  if (typeof value === 'number') {
    const bytes = Buffer.alloc(5, 'I');
    bytes.writeInt32LE(value, 1);
    return bytes;
  }
  if ('double' in value) {
    const bytes = Buffer.alloc(9, 'D');
    bytes.writeDoubleLE(value.double, 1);
    return bytes;
  }
  const plain = Buffer.from(value.buffer, value.byteOffset, value.byteLength);
  const packed = packs ? deflateSync(plain, { level: 1 }) : plain;
  const kind = value instanceof Float64Array ? 'd' : 'i';
  return Buffer.concat([Buffer.from(kind), uint32(value.length), uint32(packs ? 1 : 0), uint32(packed.length), packed]);
}

const withLength = (kind: string, bytes: Buffer): Buffer =>
  Buffer.concat([Buffer.from(kind), uint32(bytes.length), bytes]);

function uint32(value: number): Buffer {
  const bytes = Buffer.alloc(4);
  bytes.writeUInt32LE(value);
  return bytes;
}

/** Writes the same as text. */
export function writeFbxAscii(records: readonly FbxRecord[], version = 7400): Uint8Array {
  const head = `; FBX ${Math.floor(version / 1000)}.${(version % 1000) / 100}.0 project file\n`;
  const body = withHeader(records, version)
    .map((record) => describeRecord(record, ''))
    .join('');
  return new TextEncoder().encode(head + body);
}

function describeRecord({ name, values = [], children = [] }: FbxRecord, indent: string): string {
  const [first] = values;
  if (first instanceof Float64Array || first instanceof Int32Array)
    return `${indent}${name}: *${first.length} {\n${indent}\ta: ${[...first].join(',')}\n${indent}}\n`;
  const written = values.map(describeValue).join(', ');
  if (children.length === 0 && values.length > 0) return `${indent}${name}: ${written}\n`;
  const inner = children.map((child) => describeRecord(child, `${indent}\t`)).join('');
  return `${indent}${name}: ${written} {\n${inner}${indent}}\n`;
}

function describeValue(value: FbxValue): string {
  if (typeof value === 'string') return `"${cleanName(value).replaceAll('"', '&quot;')}"`;
  if (value instanceof Uint8Array) return `"${Buffer.from(value).toString('base64')}"`;
  return String(typeof value === 'object' && 'double' in value ? value.double : value);
}

/** Binary files write `Cube\0\x01Model` where text has `Model::Cube`. */
function cleanName(text: string): string {
  const cut = text.indexOf('\0\x01');
  return cut < 0 ? text : `${text.slice(cut + 2)}::${text.slice(0, cut)}`;
}
