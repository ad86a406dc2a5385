import { GrowableFloats, GrowableInts } from '../../geometry/growable';
import { decodeText } from '../../text/decode-text';
import { NumberScanner } from '../../text/number-scanner';

/** A run of faces that belong together in the source. */
export interface ObjPart {
  object: string;
  groups: string[];
}

/** What an OBJ file holds, before it becomes a scene. Indices are 0-based, -1 where a corner has none. */
export interface ParsedObj {
  /** xyz per vertex. */
  positions: GrowableFloats;
  /** rgb per vertex, 0 to 1, filled up to the last vertex that has a colour. */
  colours: GrowableFloats;
  /** uv per layout point, v upwards as in the file. */
  uvs: GrowableFloats;
  normals: GrowableFloats;
  /** Per corner: vertex, layout point, normal. */
  corners: GrowableInts;
  cornerUvs: GrowableInts;
  cornerNormals: GrowableInts;
  /** Per polygon: corners, part, material, smoothing group (0 = off). */
  polygonSizes: GrowableInts;
  polygonParts: GrowableInts;
  polygonMaterials: GrowableInts;
  polygonSmoothing: GrowableInts;
  /** Per line or point element: part, then its vertices; `elementSizes` counts them. */
  elementVertices: GrowableInts;
  elementSizes: GrowableInts;
  elementParts: GrowableInts;
  parts: ObjPart[];
  /** Names of `usemtl`; index 0 is "no material". */
  materials: string[];
  libraries: { name: string; line: number }[];
  comments: { line: number; text: string }[];
  /** True where the file says anything about smoothing. */
  statesSmoothing: boolean;
  /** Faces left out because they name something that is not there. */
  badFaces: { count: number; firstLine: number };
  badNumbers: { count: number; firstLine: number };
  /** Statements that were not read, with how often. */
  unread: Map<string, number>;
}

const SPACE = 0x20;
const TAB = 0x09;
const LF = 0x0a;
const CR = 0x0d;
const BACKSLASH = 0x5c;
const HASH = 0x23;
const V = 0x76;
const T = 0x74;
const N = 0x6e;
const F = 0x66;
const SLASH = 0x2f;

/** Reads OBJ statements (Wavefront, appendix B1 of its 1995 manual): polygons, lines, points, groups, smoothing, materials. */
export function parseObj(src: Uint8Array): ParsedObj {
  const bytes = joinContinuedLines(toUtf8(src));
  const state = new ObjState(bytes);
  state.readAll(bytes[0] === 0xef && bytes[1] === 0xbb && bytes[2] === 0xbf ? 3 : 0);
  return state.parsed;
}

/** UTF-16 has a mark at its head; all else is scanned as it is. */
function toUtf8(src: Uint8Array): Uint8Array {
  const isUtf16 = (src[0] === 0xff && src[1] === 0xfe) || (src[0] === 0xfe && src[1] === 0xff);
  return isUtf16 ? new TextEncoder().encode(decodeText(src)) : src;
}

/** Puts spaces where a back-slash continues a line; the same array comes back where none does. */
function joinContinuedLines(src: Uint8Array): Uint8Array {
  let dst: Uint8Array | null = null;
  for (let i = src.indexOf(BACKSLASH); i >= 0 && i < src.length; i = src.indexOf(BACKSLASH, i + 1)) {
    let end = i + 1;
    if (src[end] === CR) end++;
    if (src[end] === LF) end++;
    if (end === i + 1 && i + 1 < src.length) continue;
    dst ??= src.slice();
    dst.fill(SPACE, i, end);
  }
  return dst ?? src;
}

class ObjState {
  readonly parsed: ParsedObj = {
    positions: new GrowableFloats(),
    colours: new GrowableFloats(),
    uvs: new GrowableFloats(),
    normals: new GrowableFloats(),
    corners: new GrowableInts(),
    cornerUvs: new GrowableInts(),
    cornerNormals: new GrowableInts(),
    polygonSizes: new GrowableInts(),
    polygonParts: new GrowableInts(),
    polygonMaterials: new GrowableInts(),
    polygonSmoothing: new GrowableInts(),
    elementVertices: new GrowableInts(),
    elementSizes: new GrowableInts(),
    elementParts: new GrowableInts(),
    parts: [],
    materials: [''],
    libraries: [],
    comments: [],
    statesSmoothing: false,
    badFaces: { count: 0, firstLine: 0 },
    badNumbers: { count: 0, firstLine: 0 },
    unread: new Map(),
  };
  readonly #bytes: Uint8Array;
  readonly #scanner: NumberScanner;
  readonly #partIndex = new Map<string, number>();
  readonly #materialIndex = new Map<string, number>([['', 0]]);
  #object = '';
  #groups: string[] = [];
  /** -1 until something is drawn under the current names. */
  #part = -1;
  #material = 0;
  #smoothing = 0;
  readonly #vertex = new Float64Array(6);

  constructor(bytes: Uint8Array) {
    this.#bytes = bytes;
    this.#scanner = new NumberScanner(bytes);
  }

  readAll(from: number): void {
    const bytes = this.#bytes;
    const scanner = this.#scanner;
    scanner.at = from;
    for (let line = 1; scanner.at < bytes.length; line++) {
      this.#readLine(line);
      let end = scanner.at;
      while (end < bytes.length && bytes[end] !== LF && bytes[end] !== CR) end++;
      scanner.at = bytes[end] === CR && bytes[end + 1] === LF ? end + 2 : end + 1;
    }
  }

  #readLine(line: number): void {
    const bytes = this.#bytes;
    const scanner = this.#scanner;
    scanner.skipBlanks();
    if (scanner.isAtLineEnd()) return;
    const start = scanner.at;
    const first = bytes[start];
    const second = start + 1 < bytes.length ? bytes[start + 1] : SPACE;
    const isBlank = second === SPACE || second === TAB;
    if (first === V && isBlank) {
      scanner.at = start + 2;
      this.#readVertex(line);
    } else if (first === V && second === T) {
      scanner.at = start + 3;
      this.#readNumbers(line, this.parsed.uvs, 2);
    } else if (first === V && second === N) {
      scanner.at = start + 3;
      this.#readNumbers(line, this.parsed.normals, 3);
    } else if (first === F && (isBlank || (second === 0x6f && isBlankAt(bytes, start + 2)))) {
      scanner.at = start + (isBlank ? 2 : 3);
      this.#readFace(line);
    } else {
      let end = start;
      while (end < bytes.length && bytes[end] !== LF && bytes[end] !== CR) end++;
      scanner.at = end;
      if (first === HASH) {
        if (this.parsed.comments.length < 60) {
          this.parsed.comments.push({ line, text: this.#text(start, end).replace(/^#+\s*/, '') });
        }
      } else this.#readStatement(start, end, line);
    }
  }

  #text(start: number, end: number): string {
    return decodeText(this.#bytes.subarray(start, end)).trim();
  }

  #readVertex(line: number): void {
    const { positions, colours } = this.parsed;
    const values = this.#vertex;
    let count = 0;
    for (; count < values.length && this.#hasNumber(); count++) values[count] = this.#scanner.readNumber();
    for (let axis = 0; axis < 3; axis++) positions.push(this.#finite(axis < count ? values[axis] : NaN, line));
    if (count >= 6) {
      const index = positions.length / 3 - 1;
      while (colours.length < index * 3) colours.push(1);
      for (let channel = 3; channel < 6; channel++) colours.push(this.#finite(values[channel], line));
    }
  }

  #readNumbers(line: number, dst: GrowableFloats, width: number): void {
    for (let i = 0; i < width; i++) dst.push(this.#hasNumber() ? this.#finite(this.#scanner.readNumber(), line) : 0);
  }

  /** @returns true where another word stands on this line, and goes to it */
  #hasNumber(): boolean {
    this.#scanner.skipBlanks();
    return !this.#scanner.isAtLineEnd() && this.#bytes[this.#scanner.at] !== HASH;
  }

  #finite(value: number, line: number): number {
    if (Number.isFinite(value)) return value;
    const bad = this.parsed.badNumbers;
    if (bad.count++ === 0) bad.firstLine = line;
    return 0;
  }

  /** A corner is `v`, `v/t`, `v//n` or `v/t/n`; negative numbers count back from the last one read. */
  #readFace(line: number): void {
    const { corners, cornerUvs, cornerNormals, positions, uvs, normals } = this.parsed;
    const from = corners.length;
    const bytes = this.#bytes;
    const scanner = this.#scanner;
    let good = true;
    while (this.#hasNumber()) {
      const vertex = resolveIndex(scanner.readInteger(), positions.length / 3);
      let uv = -1;
      let normal = -1;
      if (bytes[scanner.at] === SLASH) {
        scanner.at++;
        const index = scanner.readInteger();
        if (scanner.isInteger) uv = resolveIndex(index, uvs.length / 2);
        if (bytes[scanner.at] === SLASH) {
          scanner.at++;
          const third = scanner.readInteger();
          if (scanner.isInteger) normal = resolveIndex(third, normals.length / 3);
        }
      }
      if (vertex < 0) good = false;
      corners.push(vertex);
      cornerUvs.push(uv);
      cornerNormals.push(normal);
      while (!isBlankAt(bytes, scanner.at)) scanner.at++;
    }
    const size = corners.length - from;
    if (!good || size < 3) {
      corners.length = cornerUvs.length = cornerNormals.length = from;
      const bad = this.parsed.badFaces;
      if (bad.count++ === 0) bad.firstLine = line;
      return;
    }
    this.parsed.polygonSizes.push(size);
    this.parsed.polygonParts.push(this.#currentPart());
    this.parsed.polygonMaterials.push(this.#material);
    this.parsed.polygonSmoothing.push(this.#smoothing);
  }

  #currentPart(): number {
    if (this.#part >= 0) return this.#part;
    const key = JSON.stringify([this.#object, this.#groups]);
    let part = this.#partIndex.get(key);
    if (part === undefined) {
      part = this.parsed.parts.push({ object: this.#object, groups: this.#groups }) - 1;
      this.#partIndex.set(key, part);
    }
    this.#part = part;
    return part;
  }

  #readStatement(start: number, end: number, line: number): void {
    const text = this.#text(start, end);
    const space = text.search(/\s/);
    const word = space < 0 ? text : text.slice(0, space);
    const rest = space < 0 ? '' : text.slice(space).trim();
    switch (word) {
      case 'o':
        this.#object = rest;
        this.#groups = [];
        this.#part = -1;
        break;
      case 'g':
        this.#groups = rest.split(/\s+/).filter((name) => name !== '' && name !== 'default');
        this.#part = -1;
        break;
      case 's':
        this.#smoothing = rest === 'off' ? 0 : Math.max(0, Number.parseInt(rest, 10) || 0);
        this.parsed.statesSmoothing = true;
        break;
      case 'usemtl':
        this.#material = this.#indexMaterial(rest);
        break;
      case 'mtllib':
        this.parsed.libraries.push({ name: rest, line });
        break;
      case 'l':
      case 'p':
        this.#readElement(rest, line);
        break;
      default:
        this.parsed.unread.set(word, (this.parsed.unread.get(word) ?? 0) + 1);
    }
  }

  #indexMaterial(name: string): number {
    let index = this.#materialIndex.get(name);
    if (index === undefined) {
      index = this.parsed.materials.push(name) - 1;
      this.#materialIndex.set(name, index);
    }
    return index;
  }

  #readElement(rest: string, line: number): void {
    const vertices = rest
      .split(/\s+/)
      .map((corner) => resolveIndex(Number.parseInt(corner, 10), this.parsed.positions.length / 3));
    if (vertices.length === 0 || vertices.some((vertex) => vertex < 0)) {
      const bad = this.parsed.badFaces;
      if (bad.count++ === 0) bad.firstLine = line;
      return;
    }
    this.parsed.elementParts.push(this.#currentPart());
    this.parsed.elementSizes.push(vertices.length);
    for (const vertex of vertices) this.parsed.elementVertices.push(vertex);
  }
}

const isBlankAt = (bytes: Uint8Array, at: number): boolean =>
  at >= bytes.length || bytes[at] === SPACE || bytes[at] === TAB || bytes[at] === LF || bytes[at] === CR;

/** @returns 0-based index, or -1 where it points at nothing read so far */
function resolveIndex(index: number, count: number): number {
  const resolved = index > 0 ? index - 1 : count + index;
  return index !== 0 && resolved >= 0 && resolved < count ? resolved : -1;
}
