const POWERS = Float64Array.from({ length: 23 }, (_, i) => Number(`1e${i}`));

/**
 * Reads decimal numbers straight from bytes. Up to 15 digits and a power of ten up to 22 the result is the nearest double
 * (Clinger 1990, "How to read floating point numbers accurately", fast path); anything longer goes through `Number`.
 */
export class NumberScanner {
  /** How many numbers `readAll` found. */
  count = 0;
  integer = 0;
  isInteger = false;
  readonly #bytes: Uint8Array;
  readonly #values = new Float64Array(8);

  constructor(bytes: Uint8Array) {
    this.#bytes = bytes;
  }

  skipBlanks(at: number, end: number): number {
    while (at < end && (this.#bytes[at] === 0x20 || this.#bytes[at] === 0x09)) at++;
    return at;
  }

  /** @returns up to eight numbers; the same array each time, `count` tells how many. NaN for a word that is no number */
  readAll(start: number, end: number): Float64Array {
    let at = this.skipBlanks(start, end);
    this.count = 0;
    while (at < end && this.count < 8 && this.#bytes[at] !== 0x23) {
      let stop = at;
      while (stop < end && this.#bytes[stop] !== 0x20 && this.#bytes[stop] !== 0x09) stop++;
      this.#values[this.count++] = this.#readNumber(at, stop);
      at = this.skipBlanks(stop, end);
    }
    return this.#values;
  }

  /** Reads an integer at `at`; `isInteger` says whether there was one. @returns where it ends */
  readInteger(at: number, end: number): number {
    const negative = this.#bytes[at] === 0x2d;
    if (negative || this.#bytes[at] === 0x2b) at++;
    let value = 0;
    const from = at;
    for (; at < end; at++) {
      const digit = this.#bytes[at] - 0x30;
      if (digit < 0 || digit > 9) break;
      value = value * 10 + digit;
    }
    this.isInteger = at > from;
    this.integer = this.isInteger ? (negative ? -value : value) : 0;
    return at;
  }

  #readNumber(start: number, end: number): number {
    const bytes = this.#bytes;
    let at = start;
    const negative = bytes[at] === 0x2d;
    if (negative || bytes[at] === 0x2b) at++;
    let mantissa = 0;
    let digits = 0;
    let fraction = 0;
    let inFraction = false;
    for (; at < end; at++) {
      const byte = bytes[at];
      if (byte === 0x2e && !inFraction) inFraction = true;
      else if (byte >= 0x30 && byte <= 0x39) {
        mantissa = mantissa * 10 + (byte - 0x30);
        if (mantissa > 0) digits++;
        if (inFraction) fraction++;
      } else break;
    }
    if (at < end || digits > 15 || fraction > 22 || at === start) return this.#readSlowly(start, end);
    const value = fraction > 0 ? mantissa / POWERS[fraction] : mantissa;
    return negative ? -value : value;
  }

  #readSlowly(start: number, end: number): number {
    const text = String.fromCharCode(...this.#bytes.subarray(start, end));
    return text === '' ? NaN : Number(text);
  }
}
