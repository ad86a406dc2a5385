import { GrowableFloats } from '../../geometry/growable';
import { decodeText } from '../../text/decode-text';
import { NumberScanner } from '../../text/number-scanner';
import type { FbxNode, ParsedFbx } from './fbx-node';

const COMMA = 0x2c;
const QUOTE = 0x22;
const OPEN = 0x7b;
const CLOSE = 0x7d;
const COLON = 0x3a;
const SEMICOLON = 0x3b;
const STAR = 0x2a;
const DOT = 0x2e;
const LF = 0x0a;
const MAX_DEPTH = 64;
/** A list of more numbers than this becomes one array. */
const LONG_LIST = 16;

/** Numbers that follow a property's type, where the type fixes them. */
const NUMBERS_OF_TYPE: Record<string, number> = {
  double: 1,
  Number: 1,
  Vector3D: 3,
  Vector: 3,
  ColorRGB: 3,
  Color: 3,
  'Lcl Translation': 3,
  'Lcl Rotation': 3,
  'Lcl Scaling': 3,
};

/**
 * Reads the records of an ASCII FBX file: arrays split over lines, back-slashes in paths as they are, decimal commas where the
 * count gives them away. A damaged file gives the records before the damage.
 */
export function parseAsciiFbx(bytes: Uint8Array): ParsedFbx {
  return new Reader(bytes).read();
}

class Damage extends Error {}

class Reader {
  readonly #bytes: Uint8Array;
  readonly #scanner: NumberScanner;
  readonly #damages: ParsedFbx['damages'] = [];
  #at = 0;

  constructor(bytes: Uint8Array) {
    this.#bytes = bytes;
    this.#scanner = new NumberScanner(bytes, COMMA);
  }

  read(): ParsedFbx {
    const root: FbxNode = { name: '', values: [], children: [] };
    try {
      this.#readChildren(root, 0);
    } catch (error) {
      if (!(error instanceof Damage)) throw error;
      const line = this.#lineOf(this.#at);
      this.#damages.push({ text: `In line ${line} ${error.message}.`, line });
    }
    return { version: findVersion(root), kind: 'ASCII', root, damages: this.#damages };
  }

  #readChildren(parent: FbxNode, depth: number): void {
    for (;;) {
      this.#skipSpace();
      if (this.#at >= this.#bytes.length) {
        if (depth > 0) throw new Damage(`the file ends within “${parent.name}”`);
        return;
      }
      if (this.#bytes[this.#at] === CLOSE) {
        this.#at++;
        if (depth > 0) return;
        continue;
      }
      // into the tree before it is read: a damage further in keeps what came before it
      const node: FbxNode = { name: this.#readName(), values: [], children: [] };
      parent.children.push(node);
      this.#readValues(node, countOfArray(parent, node));
      this.#skipBlanks();
      if (this.#bytes[this.#at] !== OPEN) continue;
      this.#at++;
      if (depth > MAX_DEPTH) throw new Damage('records are nested too deep');
      this.#readChildren(node, depth + 1);
      adoptArray(node);
    }
  }

  #readName(): string {
    const from = this.#at;
    while (this.#at < this.#bytes.length && this.#bytes[this.#at] !== COLON && this.#bytes[this.#at] !== LF) this.#at++;
    if (this.#bytes[this.#at] !== COLON) {
      this.#at = from;
      throw new Damage('a record without a name stands');
    }
    return decodeText(this.#bytes.subarray(from, this.#at++)).trim();
  }

  /** @param count numbers an array states; null outside of arrays */
  #readValues(node: FbxNode, count: number | null): void {
    for (;;) {
      this.#skipBlanks();
      const byte = this.#bytes[this.#at];
      if (this.#at >= this.#bytes.length || byte === OPEN || byte === CLOSE || byte === LF || byte === SEMICOLON)
        return;
      if (byte === QUOTE) node.values.push(this.#readText());
      else if (byte === STAR) {
        this.#at++;
        node.values.push(this.#readCount());
      } else if (byte === COMMA) {
        this.#at++;
        this.#skipSpace();
      } else if (isNumberStart(byte) || count !== null) this.#readNumbers(node, count);
      else node.values.push(this.#readWord());
      this.#skipBlanks();
      if (this.#bytes[this.#at] !== COMMA) continue;
      this.#at++;
      // a list goes on behind a comma, on the next line too
      this.#skipSpace();
    }
  }

  #readCount(): number {
    this.#scanner.at = this.#at;
    const count = this.#scanner.readInteger();
    this.#at = this.#scanner.at;
    return count;
  }

  #readNumbers(node: FbxNode, count: number | null): void {
    const list = new GrowableFloats(Math.min(count ?? 16, this.#bytes.length));
    const scanner = this.#scanner;
    const from = this.#at;
    for (;;) {
      const start = this.#at;
      scanner.at = start;
      const value = scanner.readNumber();
      this.#at = Math.max(scanner.at, start + 1);
      list.push(Number.isNaN(value) ? readOddNumber(this.#slice(start, this.#at)) : value);
      // an array goes on over the end of a line, wherever its comma stands
      if (count !== null) this.#skipSpace();
      else this.#skipBlanks();
      const behind = this.#at;
      if (count !== null && list.length < count && isNumberStart(this.#bytes[behind])) continue;
      if (this.#bytes[behind] !== COMMA) break;
      this.#at++;
      this.#skipSpace();
      if (isNumberStart(this.#bytes[this.#at]) || (count !== null && this.#bytes[this.#at] !== CLOSE)) continue;
      this.#at = behind;
      break;
    }
    const values = this.#judgeCommas(node, list.view(), from, count);
    if (count !== null || values.length > LONG_LIST) node.values.push(values.slice());
    else node.values.push(...values);
  }

  /** Twice the numbers that were stated and no point among them: the commas were meant as points. */
  #judgeCommas(node: FbxNode, values: Float64Array, from: number, count: number | null): Float64Array {
    const isProperty = node.name === 'P' || node.name === 'Property';
    const wanted = count ?? (isProperty ? NUMBERS_OF_TYPE[String(node.values[1])] : undefined);
    if (wanted === undefined || values.length === wanted) return values;
    const text = this.#slice(from, this.#at);
    const line = this.#lineOf(from);
    if (values.length === wanted * 2 && !text.includes('.')) {
      if (!this.#commasNoted)
        this.#damages.push({
          text: `From line ${line} on numbers are written with decimal commas; they were joined.`,
          line,
        });
      this.#commasNoted = true;
      const words = text.split(',');
      return Float64Array.from({ length: wanted }, (_, i) =>
        Number(`${words[i * 2].trim()}.${words[i * 2 + 1].trim()}`),
      );
    }
    if (count !== null)
      this.#damages.push({
        text: `In line ${line} an array states ${wanted} numbers and holds ${values.length}.`,
        line,
      });
    return values;
  }
  #commasNoted = false;

  #readText(): string {
    const from = ++this.#at;
    while (this.#at < this.#bytes.length && this.#bytes[this.#at] !== QUOTE) this.#at++;
    if (this.#at >= this.#bytes.length) throw new Damage('a text is not closed');
    return this.#slice(from, this.#at++).replaceAll('&quot;', '"');
  }

  /** Bare words: `Y`, `T`, `L`, `C`, and key data of version 6. */
  #readWord(): string {
    const from = this.#at;
    while (this.#at < this.#bytes.length) {
      const byte = this.#bytes[this.#at];
      if (byte <= 0x20 || byte === COMMA || byte === OPEN || byte === CLOSE || byte === QUOTE) break;
      this.#at++;
    }
    if (this.#at === from) this.#at++;
    return this.#slice(from, this.#at);
  }

  #slice(from: number, to: number): string {
    return decodeText(this.#bytes.subarray(from, to));
  }

  #skipBlanks(): void {
    while (this.#bytes[this.#at] === 0x20 || this.#bytes[this.#at] === 0x09 || this.#bytes[this.#at] === 0x0d)
      this.#at++;
  }

  #skipSpace(): void {
    for (;;) {
      while (this.#bytes[this.#at] <= 0x20) this.#at++;
      if (this.#bytes[this.#at] !== SEMICOLON) return;
      while (this.#at < this.#bytes.length && this.#bytes[this.#at] !== LF) this.#at++;
    }
  }

  #lineOf(at: number): number {
    let line = 1;
    for (let i = 0; i < at && i < this.#bytes.length; i++) if (this.#bytes[i] === LF) line++;
    return line;
  }
}

/** `*12 { a: … }` holds its numbers one level further in. */
function countOfArray(parent: FbxNode, node: FbxNode): number | null {
  const [count] = parent.values;
  return node.name === 'a' && parent.values.length === 1 && typeof count === 'number' ? count : null;
}

function adoptArray(node: FbxNode): void {
  const [first] = node.children;
  if (node.children.length === 1 && first.name === 'a') node.values = first.values;
  else if (node.children.length > 0 || node.values.length !== 1 || typeof node.values[0] !== 'number') return;
  else node.values = [new Float64Array()];
  node.children = [];
}

const isNumberStart = (byte: number): boolean =>
  (byte >= 0x30 && byte <= 0x39) || byte === 0x2d || byte === 0x2b || byte === DOT;

/** What C libraries print for numbers that are none or too large. */
function readOddNumber(text: string): number {
  if (/inf/i.test(text)) return text.startsWith('-') ? -Infinity : Infinity;
  return Number.parseFloat(text.replace(/#.*/, 'x'));
}

function findVersion(root: FbxNode): number {
  const header = root.children.find((child) => child.name === 'FBXHeaderExtension');
  const [version] = header?.children.find((child) => child.name === 'FBXVersion')?.values ?? [];
  return typeof version === 'number' ? version : 0;
}
