import { readCurve, readOldCurve, TICKS_PER_SECOND } from './curve';
import type { FbxNode, FbxValue } from './fbx-node';

const node = (name: string, values: FbxValue[] = [], children: FbxNode[] = []): FbxNode => ({ name, values, children });
const ticks = (...seconds: number[]): FbxNode =>
  node('KeyTime', [BigInt64Array.from(seconds, (s) => BigInt(Math.round(s * TICKS_PER_SECOND)))]);
const [CONSTANT, LINEAR, CUBIC, NEXT] = [0x2, 0x4, 0x8, 0x100];

interface Keys {
  times: number[];
  values: number[];
  flags: number[];
  repeats: number[];
  data?: number[];
}
const curve = ({ times, values, flags, repeats, data = [] }: Keys) =>
  readCurve(
    node(
      'AnimationCurve',
      [],
      [
        ticks(...times),
        node('KeyValueFloat', [Float32Array.from(values)]),
        node('KeyAttrFlags', [Int32Array.from(flags)]),
        node('KeyAttrDataFloat', [Float32Array.from(data)]),
        node('KeyAttrRefCount', [Int32Array.from(repeats)]),
      ],
    ),
  )!;

test('straight between keys, and the ends beyond them', () => {
  const line = curve({ times: [1, 3], values: [10, 20], flags: [LINEAR], repeats: [2] });
  expect([0, 1, 1.5, 2, 3, 9].map((t) => line.evaluate(t))).toEqual([10, 10, 12.5, 15, 20, 20]);
});

test('steps hold the value before, or take the one after at once', () => {
  const held = curve({ times: [0, 1], values: [1, 2], flags: [CONSTANT], repeats: [2] });
  const next = curve({ times: [0, 1], values: [1, 2], flags: [CONSTANT | NEXT], repeats: [2] });
  expect([held.evaluate(0.5), next.evaluate(0.5)]).toEqual([1, 2]);
  expect(held.listJumps()[0]).toBeCloseTo(1, 3);
  expect(next.listJumps()[0]).toBeCloseTo(0, 3);
});

test('a cubic with slopes of 0 eases: half way in the middle, slower at its ends (Hermite)', () => {
  const ease = curve({ times: [0, 1], values: [0, 1], flags: [CUBIC], repeats: [2], data: [0, 0, 0, 0] });
  const hermite = (u: number): number => u * u * (3 - 2 * u);
  for (const u of [0.1, 0.25, 0.5, 0.8]) expect(ease.evaluate(u)).toBeCloseTo(hermite(u), 6);
});

test('slopes are counted by the second, however long the segment is', () => {
  const slow = curve({ times: [0, 4], values: [0, 4], flags: [CUBIC], repeats: [2], data: [1, 1, 0, 0] });
  for (const t of [0.5, 1, 3]) expect(slow.evaluate(t)).toBeCloseTo(t, 6);
});

test('an attribute counts for as many keys as it says, those without one are straight', () => {
  const mixed = curve({ times: [0, 1, 2, 3], values: [0, 1, 0, 1], flags: [CONSTANT, LINEAR], repeats: [1, 1] });
  expect([0.5, 1.5, 2.5].map((t) => mixed.evaluate(t))).toEqual([0, 0.5, 0.5]);
});

test('a curve without a key is none; more times than values are cut to the values', () => {
  expect(readCurve(node('AnimationCurve'))).toBeNull();
  const cut = curve({ times: [0, 1, 2], values: [5, 6], flags: [LINEAR], repeats: [3] });
  expect([...cut.times]).toEqual([0, 1]);
});

describe('version 6', () => {
  const old = (...values: FbxValue[]) => readOldCurve(node('Channel', [], [node('Key', values)]));
  const at = (seconds: number): number => seconds * TICKS_PER_SECOND;

  test('keys of all three kinds in one row', () => {
    const read = old(at(0), 0, 'L', at(1), 10, 'C', 's', at(2), 20, 'U', 's', 0, 0, 'n', at(3), 30, 'L')!;
    expect([...read.times]).toEqual([0, 1, 2, 3]);
    expect([0.5, 1.5].map((t) => read.evaluate(t))).toEqual([5, 10]);
    expect(read.evaluate(2.5)).toBeGreaterThan(20);
    expect(read.evaluate(2.5)).toBeLessThan(30);
  });

  test('a step may take the next value', () => {
    expect(old(at(0), 1, 'C', 'n', at(1), 2, 'L')!.evaluate(0.5)).toBe(2);
  });

  test('what is no key ends it, and nothing is no curve', () => {
    expect([...old(at(0), 1, 'L', 'rubbish', 2, 3)!.times]).toEqual([0]);
    expect(old()).toBeNull();
    expect(old('x', 1, 'L')).toBeNull();
  });
});
