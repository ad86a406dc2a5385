const POWERS = Float64Array.from({ length: 23 }, (_, i) => Number(`1e${i}`));
const MINUS = 0x2d;
const PLUS = 0x2b;
const DOT = 0x2e;

/**
 * Reads decimal numbers straight from bytes. Up to 15 digits and a power of ten up to 22 the result is the nearest double
 * (Clinger 1990, "How to read floating point numbers accurately", fast path); anything longer goes through `Number`.
 * A number ends at a blank, a line's end or `separator`.
 */
export class NumberScanner {
  /** The byte the next reading begins at. */
  at = 0;
  isInteger = false;
  readonly #bytes: Uint8Array;
  readonly #end: number;
  readonly #separator: number;

  /** @param separator a byte that ends numbers besides blanks; 0 for none */
  constructor(bytes: Uint8Array, separator = 0) {
    this.#bytes = bytes;
    this.#end = bytes.length;
    this.#separator = separator;
  }

  skipBlanks(): void {
    const bytes = this.#bytes;
    let at = this.at;
    while (at < this.#end && (bytes[at] === 0x20 || bytes[at] === 0x09)) at++;
    this.at = at;
  }

  /** @returns true where nothing of this line is left */
  isAtLineEnd(): boolean {
    return this.at >= this.#end || this.#bytes[this.at] === 0x0a || this.#bytes[this.at] === 0x0d;
  }

  /** Reads an integer; `isInteger` says whether there was one. Stops at the first byte that is no digit. */
  readInteger(): number {
    const bytes = this.#bytes;
    let at = this.at;
    const negative = bytes[at] === MINUS;
    if (negative || bytes[at] === PLUS) at++;
    let value = 0;
    const from = at;
    for (; at < this.#end; at++) {
      const digit = bytes[at] - 0x30;
      if (digit < 0 || digit > 9) break;
      value = value * 10 + digit;
    }
    this.isInteger = at > from;
    this.at = at;
    return negative ? -value : value;
  }

  /** @returns the number that begins here; NaN for a word that is none. Ends behind the word */
  readNumber(): number {
    const bytes = this.#bytes;
    const start = this.at;
    let at = start;
    const negative = bytes[at] === MINUS;
    if (negative || bytes[at] === PLUS) at++;
    let mantissa = 0;
    let digits = 0;
    let point = -1;
    for (; at < this.#end; at++) {
      const digit = bytes[at] - 0x30;
      if (digit >= 0 && digit <= 9) {
        mantissa = mantissa * 10 + digit;
        if (mantissa > 0) digits++;
      } else if (bytes[at] === DOT && point < 0) point = at;
      else break;
    }
    const mantissaEnd = at;
    let power = point < 0 ? 0 : point + 1 - at;
    if (at < this.#end && (bytes[at] | 0x20) === 0x65) {
      this.at = at + 1;
      power += this.readInteger();
      if (!this.isInteger) return this.#readWord(start);
      at = this.at;
    }
    if (digits > 15 || power > 22 || power < -22 || !this.#endsAt(at) || at - start < 1) return this.#readWord(start);
    this.at = at;
    const value = power < 0 ? mantissa / POWERS[-power] : mantissa * POWERS[power];
    // a sign or a point alone is no number
    if (digits === 0 && !this.#hasDigit(start, mantissaEnd)) return NaN;
    return negative ? -value : value;
  }

  #endsAt(at: number): boolean {
    return at >= this.#end || this.#bytes[at] <= 0x20 || this.#bytes[at] === this.#separator;
  }

  #hasDigit(from: number, to: number): boolean {
    for (let i = from; i < to; i++) if (this.#bytes[i] >= 0x30 && this.#bytes[i] <= 0x39) return true;
    return false;
  }

  #readWord(start: number): number {
    let stop = start;
    while (!this.#endsAt(stop)) stop++;
    this.at = stop;
    const text = String.fromCharCode(...this.#bytes.subarray(start, Math.min(stop, start + 64)));
    return text === '' ? NaN : Number(text);
  }
}
