import { Curve, type Segment } from '../motion/curve';
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
