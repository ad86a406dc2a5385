import type { Trs } from '../../scene/matrix';
import { slerp } from '../../scene/quaternion';
import { sampleMotion, toleranceFor } from './sample-motion';

const at = (x: number): Trs => ({ translation: [x, 0, 0], rotation: [0, 0, 0, 1], scale: [1, 1, 1] });
const aboutZ = (radians: number): Trs => ({ ...at(0), rotation: [0, 0, Math.sin(radians / 2), Math.cos(radians / 2)] });
const still = (): number => 0;

/** Where straight lines between the keys put it. */
function readBack({ times, poses }: ReturnType<typeof sampleMotion>, time: number): Trs {
  const next = Math.max(
    1,
    times.findIndex((key) => key >= time),
  );
  const u = (time - times[next - 1]) / (times[next] - times[next - 1]);
  const [a, b] = [poses[next - 1], poses[next]];
  return {
    ...a,
    translation: [0, 1, 2].map(
      (i) => a.translation[i] + (b.translation[i] - a.translation[i]) * u,
    ) as Trs['translation'],
    rotation: slerp(a.rotation, b.rotation, u),
  };
}

test('a straight motion needs the keys it has, and no more', () => {
  const { times } = sampleMotion([0, 1, 3], (t) => at(t * 5), toleranceFor(10), still);
  expect(times).toEqual([0, 1, 3]);
});

test('a bent motion stays within 1e-4 of the size everywhere', () => {
  const size = 10;
  const move = (t: number): Trs => at(size * Math.sin(t * 4));
  const sampled = sampleMotion([0, 2], move, toleranceFor(size), still);
  for (let k = 0; k <= 1000; k++) {
    const t = k / 500;
    expect(Math.abs(readBack(sampled, t).translation[0] - move(t).translation[0])).toBeLessThan(size * 1e-4);
  }
  // a sine needs keys, but not one a frame of some fine clock
  expect(sampled.times.length).toBeLessThan(1000);
});

test('three full circles between two keys are turned, not skipped', () => {
  const turn = (t: number): Trs => aboutZ(t * 6 * Math.PI);
  const sampled = sampleMotion([0, 1], turn, toleranceFor(1), () => 1080);
  for (let k = 0; k <= 200; k++) {
    const [found, wanted] = [readBack(sampled, k / 200).rotation, turn(k / 200).rotation];
    // q and −q turn alike
    expect(Math.abs(found.reduce((sum, v, i) => sum + v * wanted[i], 0))).toBeGreaterThan(1 - 1e-8);
  }
});

test('keys are taken in order, each once', () => {
  expect(sampleMotion([2, 0, 2, 1], (t) => at(t), toleranceFor(1), still).times).toEqual([0, 1, 2]);
});
