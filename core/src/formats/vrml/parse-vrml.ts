import { DomainError } from '@haveld/contract/error';
import { GrowableFloats } from '../../geometry/growable';
import { NumberScanner } from '../../text/number-scanner';

/** A node as written, whatever its type; one that is used again is the same object. */
export interface VrmlNode {
  type: string;
  /** What `DEF` calls it. */
  name: string | null;
  fields: Map<string, VrmlValue>;
}

/** A field's value by its look: ISO/IEC 14772-1 gives types by the node, files are read without. */
export type VrmlValue =
  | { numbers: Float64Array }
  | { strings: string[] }
  | { nodes: VrmlNode[] }
  | { is: boolean }
  /** `NULL`, an empty list. */
  | { none: true };

export interface ParsedVrml {
  nodes: VrmlNode[];
  /** Comments before the first node, without their `#`. */
  comments: { line: number; text: string }[];
  /** What was understood and cannot be shown, by what it is, with how often. */
  left: Map<string, number>;
  /** Line the file ends at in the midst of something; null where it is whole. */
  cutAt: number | null;
}

/** Deeper nesting than anybody writes. */
const MOST_DEEP = 200;

const [TAB, LINE, RETURN, SPACE, QUOTE, HASH, COMMA, BACKSLASH] = [9, 10, 13, 32, 34, 35, 44, 92];
const [OPEN_LIST, CLOSE_LIST, OPEN, CLOSE] = [0x5b, 0x5d, 0x7b, 0x7d];

/**
 * Reads VRML 97 (ISO/IEC 14772-1:1997) in its UTF-8 encoding as a tree of nodes. Prototypes, routes and scripts are passed over.
 * @throws {DomainError} `bad-file` where it is of another kind, or its first node cannot be understood
 */
export function parseVrml(bytes: Uint8Array, path: string): ParsedVrml {
  const head = new TextDecoder('latin1').decode(bytes.subarray(0, 32));
  if (/^#VRML V1/.test(head))
    throw new DomainError('bad-file', `“${path}” is of VRML 1.0, which cannot be read; VRML 97 can.`, { file: path });
  if (!/^(?:\u00ef\u00bb\u00bf)?#(?:VRML V2|X3D V)/.test(head))
    throw new DomainError('bad-file', `“${path}” is no VRML: it does not begin with “#VRML V2.0”.`, { file: path });
  const parser = new Parser(bytes);
  const nodes: VrmlNode[] = [];
  let cutAt: number | null = null;
  try {
    for (;;) {
      const statement = parser.readStatement();
      if (statement === 'end') break;
      if (statement !== 'passed') nodes.push(statement);
    }
  } catch (error) {
    if (!(error instanceof Broken)) throw error;
    const line = parser.lineOf(error.at);
    if (nodes.length === 0 && parser.open.length === 0)
      throw new DomainError('bad-file', `“${path}” is damaged at line ${line}: ${error.message}.`, {
        file: path,
        place: `line ${line}`,
      });
    cutAt = line;
    // what was begun holds what came before it broke
    nodes.push(...parser.open.slice(0, 1));
  }
  return { nodes, comments: parser.comments, left: parser.left, cutAt };
}

class Broken extends Error {
  readonly at: number;
  constructor(at: number, message: string) {
    super(message);
    this.at = at;
  }
}

class Parser {
  readonly comments: ParsedVrml['comments'] = [];
  readonly left = new Map<string, number>();
  /** Nodes that are begun and not ended, the outermost first. */
  readonly open: VrmlNode[] = [];
  readonly #bytes: Uint8Array;
  readonly #numbers: NumberScanner;
  readonly #defined = new Map<string, VrmlNode>();
  #at = 0;
  #isAtHead = true;

  constructor(bytes: Uint8Array) {
    this.#bytes = bytes;
    this.#numbers = new NumberScanner(bytes, COMMA);
  }

  lineOf(at: number): number {
    let line = 1;
    for (let i = 0; i < at; i++) if (this.#bytes[i] === LINE) line++;
    return line;
  }

  /** A node, or what stands between nodes. */
  readStatement(): VrmlNode | 'end' | 'passed' {
    this.#skip();
    if (this.#at >= this.#bytes.length) return 'end';
    this.#isAtHead = false;
    const word = this.#readWord();
    if (word === 'ROUTE') {
      for (let i = 0; i < 3; i++) {
        this.#skip();
        this.#readWord();
      }
      this.#leave('routes');
      return 'passed';
    }
    if (word === 'PROTO' || word === 'EXTERNPROTO') {
      this.#skip();
      this.#readWord();
      this.#passBrackets();
      this.#skip();
      const next = this.#bytes[this.#at];
      if (next === OPEN || next === OPEN_LIST) this.#passBrackets();
      else if (next === QUOTE) this.#readString();
      this.#leave('prototypes');
      return 'passed';
    }
    return this.#readNode(word);
  }

  #leave(what: string): void {
    this.left.set(what, (this.left.get(what) ?? 0) + 1);
  }

  /** @param word `DEF`, `USE` or a type */
  #readNode(word: string): VrmlNode {
    const from = this.#at;
    if (word === 'USE') {
      this.#skip();
      const name = this.#readWord();
      const known = this.#defined.get(name);
      if (!known) throw new Broken(from, `“${name}” is used and nowhere defined`);
      return known;
    }
    let name: string | null = null;
    let type = word;
    if (word === 'DEF') {
      this.#skip();
      name = this.#readWord();
      this.#skip();
      type = this.#readWord();
    }
    this.#skip();
    if (this.#bytes[this.#at] !== OPEN) throw new Broken(this.#at, `“${type}” has no body`);
    if (this.open.length >= MOST_DEEP) throw new Broken(this.#at, 'it is nested too deeply');
    this.#at++;
    const node: VrmlNode = { type, name, fields: new Map() };
    if (name !== null) this.#defined.set(name, node);
    this.open.push(node);
    for (;;) {
      this.#skip();
      if (this.#at >= this.#bytes.length) throw new Broken(this.#at, `“${type}” does not end`);
      if (this.#bytes[this.#at] === CLOSE) break;
      this.#readField(node);
    }
    this.#at++;
    this.open.pop();
    return node;
  }

  #readField(node: VrmlNode): void {
    const field = this.#readWord();
    if (field === 'ROUTE') {
      for (let i = 0; i < 3; i++) {
        this.#skip();
        this.#readWord();
      }
      return;
    }
    // a script's own fields: kind, type, name, and a value where it is a field
    if (field === 'eventIn' || field === 'eventOut' || field === 'field' || field === 'exposedField') {
      this.#skip();
      this.#readWord();
      this.#skip();
      this.#readWord();
      if (field === 'eventIn' || field === 'eventOut') return;
    }
    this.#skip();
    if (this.#bytes[this.#at] !== OPEN_LIST) {
      const value = this.#readValue(node, field);
      if (value) node.fields.set(field, value);
      return;
    }
    this.#at++;
    const nodes: VrmlNode[] = [];
    const strings: string[] = [];
    const numbers = new GrowableFloats(16);
    // kept as it grows, so that what stands before a break is there
    for (;;) {
      this.#skip();
      const byte = this.#bytes[this.#at];
      if (this.#at >= this.#bytes.length) {
        keep();
        throw new Broken(this.#at, `the list of “${field}” does not end`);
      }
      if (byte === CLOSE_LIST) break;
      if (isNumberStart(byte)) this.#readNumbers(numbers);
      else if (byte === QUOTE) strings.push(this.#readString());
      else {
        const word = this.#readWord();
        if (word === 'NULL' || word === 'TRUE' || word === 'FALSE') continue;
        node.fields.set(field, { nodes });
        nodes.push(this.#readNode(word));
      }
    }
    this.#at++;
    keep();
    function keep(): void {
      if (nodes.length > 0) node.fields.set(field, { nodes });
      else if (strings.length > 0) node.fields.set(field, { strings });
      else if (numbers.length > 0) node.fields.set(field, { numbers: numbers.view() });
      else node.fields.set(field, { none: true });
    }
  }

  /** A value that is no list: several numbers one after the other are one vector. */
  #readValue(node: VrmlNode, field: string): VrmlValue | null {
    const byte = this.#bytes[this.#at];
    if (isNumberStart(byte)) {
      const numbers = new GrowableFloats(4);
      this.#readNumbers(numbers);
      return { numbers: numbers.view() };
    }
    if (byte === QUOTE) return { strings: [this.#readString()] };
    const word = this.#readWord();
    if (word === 'TRUE' || word === 'FALSE') return { is: word === 'TRUE' };
    if (word === 'NULL') return { none: true };
    if (word === 'IS') {
      this.#skip();
      this.#readWord();
      return null;
    }
    const nodes: VrmlNode[] = [];
    node.fields.set(field, { nodes });
    nodes.push(this.#readNode(word));
    return { nodes };
  }

  /** All numbers up to what is none; an index in hexadecimal is one too (pictures alone have them). */
  #readNumbers(to: GrowableFloats): void {
    for (;;) {
      this.#numbers.at = this.#at;
      const value = this.#numbers.readNumber();
      let end = this.#numbers.at;
      if (Number.isNaN(value)) {
        // the number may end at a bracket or a comment
        const text = this.#peekNumber();
        if (text === '') throw new Broken(this.#at, 'a number was expected');
        to.push(Number(text));
        end = this.#at + text.length;
      } else to.push(value);
      this.#at = end;
      this.#skip();
      if (!isNumberStart(this.#bytes[this.#at])) return;
    }
  }

  #peekNumber(): string {
    const text = String.fromCharCode(...this.#bytes.subarray(this.#at, this.#at + 40));
    return /^(?:0x[\da-f]+|[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)/i.exec(text)?.[0] ?? '';
  }

  #readString(): string {
    const from = ++this.#at;
    const bytes = this.#bytes;
    while (this.#at < bytes.length && bytes[this.#at] !== QUOTE) this.#at += bytes[this.#at] === BACKSLASH ? 2 : 1;
    const text = new TextDecoder().decode(bytes.subarray(from, Math.min(this.#at, bytes.length)));
    if (this.#at >= bytes.length) throw new Broken(from, 'a text does not end');
    this.#at++;
    return text.replace(/\\(["\\])/g, '$1');
  }

  #readWord(): string {
    const from = this.#at;
    const bytes = this.#bytes;
    while (this.#at < bytes.length && isWordByte(bytes[this.#at])) this.#at++;
    if (this.#at === from) throw new Broken(from, 'a word was expected');
    return new TextDecoder().decode(bytes.subarray(from, this.#at));
  }

  /** Everything up to the bracket that ends what begins here. */
  #passBrackets(): void {
    this.#skip();
    const from = this.#at;
    let depth = 0;
    for (; this.#at < this.#bytes.length; this.#at++) {
      const byte = this.#bytes[this.#at];
      if (byte === QUOTE) {
        this.#readString();
        this.#at--;
      } else if (byte === HASH) {
        while (this.#at < this.#bytes.length && this.#bytes[this.#at] !== LINE) this.#at++;
      } else if (byte === OPEN || byte === OPEN_LIST) depth++;
      else if ((byte === CLOSE || byte === CLOSE_LIST) && --depth === 0) {
        this.#at++;
        return;
      }
      if (depth === 0) break;
    }
    throw new Broken(from, 'a prototype does not end');
  }

  /** Blanks, commas and comments; those before the first node are kept. */
  #skip(): void {
    const bytes = this.#bytes;
    for (; this.#at < bytes.length; this.#at++) {
      const byte = bytes[this.#at];
      if (byte === SPACE || byte === LINE || byte === RETURN || byte === TAB || byte === COMMA) continue;
      if (byte !== HASH && byte < 0x80) return;
      if (byte !== HASH) {
        // a mark of the byte order stands at the head alone
        if (this.#at < 3) continue;
        return;
      }
      const from = this.#at;
      while (this.#at < bytes.length && bytes[this.#at] !== LINE && bytes[this.#at] !== RETURN) this.#at++;
      if (!this.#isAtHead) continue;
      const text = new TextDecoder().decode(bytes.subarray(from + 1, this.#at)).trim();
      if (text !== '' && !/^VRML V2|^X3D V/.test(text)) this.comments.push({ line: this.lineOf(from), text });
    }
  }
}

const isNumberStart = (byte: number): boolean =>
  (byte >= 0x30 && byte <= 0x39) || byte === 0x2d || byte === 0x2b || byte === 0x2e;

/** Ids hold any letter but blanks, quotes, brackets, commas and `#` (clause 5.4). */
const isWordByte = (byte: number): boolean =>
  byte > SPACE &&
  byte !== QUOTE &&
  byte !== HASH &&
  byte !== COMMA &&
  byte !== OPEN &&
  byte !== CLOSE &&
  byte !== OPEN_LIST &&
  byte !== CLOSE_LIST;
