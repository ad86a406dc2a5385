type Mutation = (bytes: Uint8Array, random: () => number) => Uint8Array;

const at = (bytes: Uint8Array, random: () => number): number => Math.floor(random() * bytes.length);

/** Four bytes that counts, offsets and lengths trip over. */
const BAD_WORDS = [0, 1, 0x7fffffff, 0x80000000, 0xffffffff, 0x00ffffff, 0x40000000];

/** What a number in a text may have become. */
const BAD_NUMBERS = ['-1', '0', '999999999', '4294967296', '1e308', '-1e400', 'nan', '', '1,5', '0x10', '--3'];

const MUTATIONS: Mutation[] = [
  function flipBits(bytes, random) {
    const dst = bytes.slice();
    for (let n = 1 + Math.floor(random() * 8); n > 0; n--) dst[at(dst, random)] ^= 1 << Math.floor(random() * 8);
    return dst;
  },
  (bytes, random) => bytes.slice(0, at(bytes, random)),
  function cutOut(bytes, random) {
    const from = at(bytes, random);
    const to = Math.min(bytes.length, from + 1 + Math.floor(random() * 64));
    return join(bytes.subarray(0, from), bytes.subarray(to));
  },
  function repeat(bytes, random) {
    const from = at(bytes, random);
    const to = Math.min(bytes.length, from + 1 + Math.floor(random() * 256));
    return join(bytes.subarray(0, to), bytes.subarray(from));
  },
  function insertNoise(bytes, random) {
    const from = at(bytes, random);
    const noise = Uint8Array.from({ length: 1 + Math.floor(random() * 32) }, () => Math.floor(random() * 256));
    return join(bytes.subarray(0, from), noise, bytes.subarray(from));
  },
  function overwriteWord(bytes, random) {
    const dst = bytes.slice();
    if (dst.length < 4) return dst;
    const word = BAD_WORDS[Math.floor(random() * BAD_WORDS.length)];
    new DataView(dst.buffer).setUint32(Math.min(at(dst, random), dst.length - 4), word, true);
    return dst;
  },
  function overwriteEarlyWord(bytes, random) {
    const head = Math.min(bytes.length, 256);
    const mutated = MUTATIONS[5](bytes.slice(0, head), random);
    return join(mutated, bytes.subarray(head));
  },
  function replaceNumber(bytes, random) {
    const text = new TextDecoder('latin1').decode(bytes);
    const numbers = [...text.matchAll(/\d+(?:\.\d+)?/g)];
    if (numbers.length === 0) return bytes;
    const one = numbers[Math.floor(random() * numbers.length)];
    const bad = BAD_NUMBERS[Math.floor(random() * BAD_NUMBERS.length)];
    return join(bytes.subarray(0, one.index), new TextEncoder().encode(bad), bytes.subarray(one.index + one[0].length));
  },
];

function join(...parts: Uint8Array[]): Uint8Array {
  const dst = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  let offset = 0;
  for (const part of parts) {
    dst.set(part, offset);
    offset += part.length;
  }
  return dst;
}

/** Damages a file in one to three of the ways files are damaged. */
export function mutate(bytes: Uint8Array, random: () => number): Uint8Array {
  let dst = bytes;
  for (let n = 1 + Math.floor(random() * 3); n > 0; n--)
    dst = MUTATIONS[Math.floor(random() * MUTATIONS.length)](dst, random);
  return dst;
}
