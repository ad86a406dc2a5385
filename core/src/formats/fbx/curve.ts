import { findChild, integersOf, numbersOf, type FbxNode } from './fbx-node';

/** Ticks a second of key times (common practice, no source). */
export const TICKS_PER_SECOND = 46186158000;

/** Bits of a key's flags (common practice, no source). */
const CONSTANT = 0x2;
const LINEAR = 0x4;
const NEXT_VALUE = 0x100;
const WEIGHTED_RIGHT = 0x1000000;
const WEIGHTED_NEXT_LEFT = 0x2000000;
const THIRD = 1 / 3;

/** How the curve goes from one key to the next. */
interface Segment {
  mode: 'constant' | 'linear' | 'cubic';
  /** Constant segments may already have the next key's value. */
  takesNext: boolean;
  /** Slopes at both ends, units a second. */
  right: number;
  nextLeft: number;
  /** Length of the tangents in parts of the segment; null where they are a third. */
  weights: [number, number] | null;
}

/** One animated number over time. */
export class Curve {
  readonly times: Float64Array;
  readonly #values: Float64Array;
  readonly #segments: Segment[];

  constructor(times: Float64Array, values: Float64Array, segments: Segment[]) {
    this.times = times;
    this.#values = values;
    this.#segments = segments;
  }

  /** Times just before a jump, so that sampling sees it. */
  listJumps(): number[] {
    const jumps: number[] = [];
    for (let i = 0; i + 1 < this.times.length; i++)
      if (this.#segments[i]?.mode === 'constant' && this.#values[i] !== this.#values[i + 1])
        jumps.push(this.#segments[i].takesNext ? this.times[i] + 1e-4 : this.times[i + 1] - 1e-4);
    return jumps;
  }

  /** @returns the value at a time in seconds; before the first and after the last key, theirs */
  evaluate(time: number): number {
    const { times } = this;
    const values = this.#values;
    const last = times.length - 1;
    if (time <= times[0]) return values[0];
    if (time >= times[last]) return values[last];
    let low = 0;
    let high = last;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (times[middle] <= time) low = middle;
      else high = middle;
    }
    const segment = this.#segments[low];
    const span = times[high] - times[low];
    const u = (time - times[low]) / span;
    const [a, b] = [values[low], values[high]];
    if (segment.mode === 'constant') return segment.takesNext ? b : a;
    if (segment.mode === 'linear') return a + (b - a) * u;
    const [w0, w1] = segment.weights ?? [THIRD, THIRD];
    const s = segment.weights ? solveBezierTime(u, w0, 1 - w1) : u;
    return bezier(s, a, a + segment.right * span * w0, b - segment.nextLeft * span * w1, b);
  }
}

function bezier(s: number, a: number, b: number, c: number, d: number): number {
  const r = 1 - s;
  return r * r * r * a + 3 * r * r * s * b + 3 * r * s * s * c + s * s * s * d;
}

/** Where along a Bézier with times 0, x1, x2, 1 the time `u` lies: Newton's steps, halving where they leave the span. */
function solveBezierTime(u: number, x1: number, x2: number): number {
  let low = 0;
  let high = 1;
  let s = u;
  for (let i = 0; i < 24; i++) {
    const error = bezier(s, 0, x1, x2, 1) - u;
    if (Math.abs(error) < 1e-9) break;
    if (error > 0) high = s;
    else low = s;
    const r = 1 - s;
    const slope = 3 * r * r * x1 + 6 * r * s * (x2 - x1) + 3 * s * s * (1 - x2);
    const next = s - error / slope;
    s = next > low && next < high ? next : (low + high) / 2;
  }
  return s;
}

/** Reads an `AnimationCurve` of version 7. @returns null where it has no key */
export function readCurve(node: FbxNode): Curve | null {
  const times = Float64Array.from(numbersOf(findChild(node, 'KeyTime')), (ticks) => ticks / TICKS_PER_SECOND);
  const values = Float64Array.from(numbersOf(findChild(node, 'KeyValueFloat')));
  const count = Math.min(times.length, values.length);
  if (count === 0) return null;
  const flags = integersOf(findChild(node, 'KeyAttrFlags'));
  const repeats = integersOf(findChild(node, 'KeyAttrRefCount'));
  const data = numbersOf(findChild(node, 'KeyAttrDataFloat'));
  const segments: Segment[] = [];
  for (let attribute = 0; attribute < repeats.length && segments.length < count; attribute++) {
    const segment = readSegment(flags[attribute] ?? 0, data.subarray(attribute * 4, attribute * 4 + 4));
    for (let i = 0; i < repeats[attribute] && segments.length < count; i++) segments.push(segment);
  }
  while (segments.length < count)
    segments.push({ mode: 'linear', takesNext: false, right: 0, nextLeft: 0, weights: null });
  return new Curve(times.subarray(0, count), values.subarray(0, count), segments);
}

function readSegment(flags: number, data: ArrayLike<number>): Segment {
  const mode = flags & CONSTANT ? 'constant' : flags & LINEAR ? 'linear' : 'cubic';
  let weights: Segment['weights'] = null;
  if (flags & (WEIGHTED_RIGHT | WEIGHTED_NEXT_LEFT)) {
    const packed = unpackWeights(data[2] ?? 0);
    weights = [flags & WEIGHTED_RIGHT ? packed[0] : THIRD, flags & WEIGHTED_NEXT_LEFT ? packed[1] : THIRD];
  }
  return { mode, takesNext: (flags & NEXT_VALUE) !== 0, right: data[0] ?? 0, nextLeft: data[1] ?? 0, weights };
}

const BITS = new DataView(new ArrayBuffer(4));

/** Two weights of 1/9999 in one number: its bits where the file is binary, the number itself where it is ASCII. */
function unpackWeights(value: number): [number, number] {
  if (Math.abs(value) >= 1 && Number.isInteger(value)) BITS.setInt32(0, value);
  else BITS.setFloat32(0, value);
  return [BITS.getUint16(2) / 9999, BITS.getUint16(0) / 9999];
}

/** Reads a `Channel` of a version 6 `Take`: `Key: time, value, kind, …` one after another. @returns null where it has no key */
export function readOldCurve(channel: FbxNode): Curve | null {
  const key = findChild(channel, 'Key');
  const times: number[] = [];
  const values: number[] = [];
  const segments: Segment[] = [];
  const list = (key?.values ?? []).flatMap((value) => (value instanceof Float64Array ? [...value] : [value]));
  for (let i = 0; i + 2 < list.length;) {
    const [time, value, kind] = [list[i], list[i + 1], list[i + 2]];
    if (typeof time !== 'number' || typeof value !== 'number' || typeof kind !== 'string') break;
    times.push(time / TICKS_PER_SECOND);
    values.push(value);
    i += 3;
    const segment: Segment = { mode: 'linear', takesNext: false, right: 0, nextLeft: 0, weights: null };
    if (kind === 'C') {
      segment.mode = 'constant';
      segment.takesNext = list[i++] === 'n';
    } else if (kind === 'U') {
      segment.mode = 'cubic';
      const isSplit = list[i++] === 'b';
      segment.right = Number(list[i++]) || 0;
      segment.nextLeft = isSplit || typeof list[i] === 'number' ? Number(list[i++]) || 0 : segment.right;
      // what follows a tangent until the next key (weights and their kind) has no number of its own to end at
      while (
        i < list.length &&
        !(typeof list[i] === 'number' && typeof list[i + 1] === 'number' && typeof list[i + 2] === 'string')
      )
        i++;
    }
    segments.push(segment);
  }
  return times.length > 0 ? new Curve(Float64Array.from(times), Float64Array.from(values), segments) : null;
}
