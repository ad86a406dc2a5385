import { DomainError } from '@haveld/contract/error';
import { NumberScanner } from '../../text/number-scanner';

/** A column of an element: a number a row, or a list of numbers a row. */
export type PlyColumn = { values: Float64Array } | { starts: Int32Array; items: Float64Array };

export interface PlyElement {
  name: string;
  count: number;
  columns: Map<string, PlyColumn>;
  /** Type of each column as written: colours of whole numbers go to 255. */
  types: Map<string, string>;
}

export interface ParsedPly {
  format: 'ASCII' | 'binary, little-endian' | 'binary, big-endian';
  comments: { line: number; text: string }[];
  elements: PlyElement[];
  damages: string[];
}

interface Property {
  name: string;
  type: string;
  listType: string | null;
}

const WIDTHS: Record<string, number> = {
  char: 1,
  uchar: 1,
  int8: 1,
  uint8: 1,
  short: 2,
  ushort: 2,
  int16: 2,
  uint16: 2,
  int: 4,
  uint: 4,
  int32: 4,
  uint32: 4,
  float: 4,
  float32: 4,
  double: 8,
  float64: 8,
};
const MAX_HEADER = 64 * 1024;

/**
 * Reads PLY (Turk 1994, "The PLY polygon file format"), ASCII or binary of either byte order.
 * @throws {DomainError} `bad-file` where its head cannot be understood
 */
export function parsePly(bytes: Uint8Array, path: string): ParsedPly {
  const { lines, bodyAt } = readHeader(bytes, path);
  const format = /^format\s+(\S+)/.exec(lines.find((line) => line.startsWith('format')) ?? '')?.[1];
  const layout = readLayout(lines, path);
  const comments = lines
    .map((line, i) => ({ line: i + 1, text: line }))
    .filter(({ text }) => /^(comment|obj_info)\b/.test(text))
    .map(({ line, text }) => ({ line, text: text.replace(/^\S+\s*/, '') }));
  const damages: string[] = [];
  const isBig = format === 'binary_big_endian';
  const source = format === 'ascii' ? new AsciiSource(bytes, bodyAt) : new BinarySource(bytes, bodyAt, !isBig);
  const elements: PlyElement[] = [];
  for (const { name, count, properties } of layout) {
    const element = readElement(name, count, properties, source);
    elements.push(element);
    if (element.count < count) {
      damages.push(`It states ${count} of “${name}” and ends after ${element.count}.`);
      break;
    }
  }
  if (format === 'ascii' && !source.isAtEnd()) damages.push('Lines stand behind the last element its head announces.');
  return {
    format: format === 'ascii' ? 'ASCII' : isBig ? 'binary, big-endian' : 'binary, little-endian',
    comments,
    elements,
    damages,
  };
}

function readHeader(bytes: Uint8Array, path: string): { lines: string[]; bodyAt: number } {
  const head = String.fromCharCode(...bytes.subarray(0, 3));
  const text = new TextDecoder('latin1').decode(bytes.subarray(0, MAX_HEADER));
  const end = /(^|[\r\n])end_header[^\S\r\n]*(\r\n|\n|\r)/.exec(text);
  if (head !== 'ply' || !end)
    throw new DomainError('bad-file', `“${path}” is damaged: its head does not end.`, { file: path });
  const bodyAt = end.index + end[0].length;
  return {
    lines: text
      .slice(0, end.index)
      .split(/\r\n|\n|\r/)
      .map((line) => line.trim()),
    bodyAt,
  };
}

function readLayout(lines: string[], path: string): { name: string; count: number; properties: Property[] }[] {
  const layout: { name: string; count: number; properties: Property[] }[] = [];
  lines.forEach((line, i) => {
    const words = line.split(/\s+/);
    const wrong = (): never => {
      throw new DomainError('bad-file', `“${path}” is damaged: line ${i + 1} of its head, “${line.slice(0, 60)}”.`, {
        file: path,
        place: `line ${i + 1}`,
      });
    };
    if (words[0] === 'element') {
      const count = Number(words[2]);
      if (!Number.isInteger(count) || count < 0) wrong();
      layout.push({ name: words[1], count, properties: [] });
    } else if (words[0] === 'property') {
      const isList = words[1] === 'list';
      const property: Property = isList
        ? { name: words[4], type: words[3], listType: words[2] }
        : { name: words[2], type: words[1], listType: null };
      if (!(property.type in WIDTHS) || !property.name || layout.length === 0) wrong();
      layout[layout.length - 1].properties.push(property);
    }
  });
  return layout;
}

interface Source {
  /** @returns NaN where nothing is left */
  next(type: string): number;
  isAtEnd(): boolean;
  /** @returns true where rows are lines and this one has no more numbers */
  isRowAtEnd(): boolean;
  /** The row that was read last goes beyond the end of the file. */
  isCut(): boolean;
  /** Goes to the next row, where rows are lines. */
  endRow(): void;
  /** Numbers that can still be there at most. */
  left(): number;
}

function readElement(name: string, count: number, properties: Property[], source: Source): PlyElement {
  // a stated count is no reason to claim memory: a row takes a byte at least
  let capacity = Math.min(count, source.left() + 1);
  const columns = new Map<string, PlyColumn>();
  const scalars = properties.map((property) => {
    const values = property.listType ? null : new Float64Array(capacity);
    if (values) columns.set(property.name, { values });
    return values;
  });
  const lists = properties.map((property) => (property.listType ? { starts: [0], items: [] as number[] } : null));
  let row = 0;
  for (; row < count && !source.isAtEnd(); row++) {
    let whole = true;
    for (let p = 0; p < properties.length; p++) {
      const { type, listType } = properties[p];
      const values = scalars[p];
      if (values) {
        values[row] = source.next(type);
        continue;
      }
      const list = lists[p]!;
      // a line that ends before its list has none
      const size = source.isRowAtEnd() ? 0 : source.next(listType!);
      if (!(size >= 0) || size > source.left()) {
        whole = false;
        break;
      }
      for (let i = 0; i < size; i++) list.items.push(source.next(type));
      list.starts.push(list.items.length);
    }
    if (!whole || source.isCut()) break;
    source.endRow();
  }
  capacity = row;
  properties.forEach((property, p) => {
    const values = scalars[p];
    if (values) columns.set(property.name, { values: values.subarray(0, capacity) });
    const list = lists[p];
    if (list)
      columns.set(property.name, { starts: Int32Array.from(list.starts), items: Float64Array.from(list.items) });
  });
  return { name, count: capacity, columns, types: new Map(properties.map(({ name: key, type }) => [key, type])) };
}

class AsciiSource implements Source {
  readonly #bytes: Uint8Array;
  readonly #scanner: NumberScanner;

  constructor(bytes: Uint8Array, at: number) {
    this.#bytes = bytes;
    this.#scanner = new NumberScanner(bytes);
    this.#scanner.at = at;
    this.endRow();
  }

  next(): number {
    if (this.isRowAtEnd()) return NaN;
    return this.#scanner.readNumber();
  }

  isRowAtEnd(): boolean {
    this.#scanner.skipBlanks();
    return this.#scanner.isAtLineEnd();
  }

  isCut(): boolean {
    return false;
  }

  /** What stands behind the last column of a line is left; blank lines are no rows. */
  endRow(): void {
    const bytes = this.#bytes;
    let at = this.#scanner.at;
    const isBegin = at === 0 || bytes[at - 1] === 0x0a;
    while (!isBegin && at < bytes.length && bytes[at] !== 0x0a && bytes[at] !== 0x0d) at++;
    while (at < bytes.length && bytes[at] <= 0x20) at++;
    this.#scanner.at = at;
  }

  isAtEnd(): boolean {
    return this.#scanner.at >= this.#bytes.length;
  }

  left(): number {
    return this.#bytes.length - this.#scanner.at;
  }
}

class BinarySource implements Source {
  readonly #view: DataView;
  readonly #little: boolean;
  #at: number;

  constructor(bytes: Uint8Array, at: number, little: boolean) {
    this.#view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
    this.#at = at;
    this.#little = little;
  }

  next(type: string): number {
    const at = this.#at;
    this.#at += WIDTHS[type];
    if (this.#at > this.#view.byteLength) return NaN;
    switch (type) {
      case 'char':
      case 'int8':
        return this.#view.getInt8(at);
      case 'uchar':
      case 'uint8':
        return this.#view.getUint8(at);
      case 'short':
      case 'int16':
        return this.#view.getInt16(at, this.#little);
      case 'ushort':
      case 'uint16':
        return this.#view.getUint16(at, this.#little);
      case 'int':
      case 'int32':
        return this.#view.getInt32(at, this.#little);
      case 'uint':
      case 'uint32':
        return this.#view.getUint32(at, this.#little);
      case 'double':
      case 'float64':
        return this.#view.getFloat64(at, this.#little);
      default:
        return this.#view.getFloat32(at, this.#little);
    }
  }

  isRowAtEnd(): boolean {
    return false;
  }

  isCut(): boolean {
    return this.#at > this.#view.byteLength;
  }

  endRow(): void {
    // binary rows follow one another
  }

  isAtEnd(): boolean {
    return this.#at >= this.#view.byteLength;
  }

  left(): number {
    return this.#view.byteLength - this.#at;
  }
}
