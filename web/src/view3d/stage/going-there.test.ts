import { Box3, Vector3 } from 'three';
import { GoingThere } from './going-there';
import { frameAbout, frameOnTheWay } from './stage-frames';

test('the view is on its way for a third of a second, then there, and goes back the same way', () => {
  const going = new GoingThere();
  going.go(true, 0);
  expect(going.step(160, true, false)).toBe(true);
  expect(going.share).toBeCloseTo(0.5);
  expect(going.step(320, true, false)).toBe(false);
  expect(going.share).toBe(1);
  going.go(false, 1000);
  expect(going.step(1080, true, false)).toBe(true);
  expect(going.step(1400, true, false)).toBe(false);
  expect(going.share).toBe(0);
});

test('where there is no place to go to it stays, and who wants no motion is there at once', () => {
  const going = new GoingThere();
  going.go(true, 0);
  expect(going.step(500, false, false)).toBe(false);
  expect(going.share).toBe(0);
  expect(going.step(501, true, true)).toBe(false);
  expect(going.share).toBe(1);
  going.reset();
  expect(going.share).toBe(0);
});

const whole = frameAbout(new Vector3(0, 0.5, 0), new Box3(new Vector3(-1, 0, -1), new Vector3(1, 1, 1)));
const wheel = new Box3(new Vector3(0.6, 0, 0.6), new Vector3(0.8, 0.2, 0.8));

test('what is gone to stands in the middle and larger, with room about it', () => {
  expect(whole.radius).toBeCloseTo(1.5);
  const there = frameOnTheWay(whole, wheel, new Vector3(0, 0, 0), 1);
  expect(there.centre.distanceTo(new Vector3(0.7, 0.1, 0.7))).toBeLessThan(1e-6);
  expect(there.radius).toBeGreaterThan(0.17);
  expect(there.radius).toBeLessThan(0.4);
  const moved = frameOnTheWay(whole, wheel, new Vector3(5, 0, 0), 1);
  expect(moved.centre.x).toBeCloseTo(5.7);
});

test('a pin hole is not gone into, and what is nearly everything changes nothing much', () => {
  const dot = new Box3(new Vector3(0, 0, 0), new Vector3(1e-4, 1e-4, 1e-4));
  expect(frameOnTheWay(whole, dot, new Vector3(), 1).radius).toBeCloseTo(whole.radius * 0.08);
  const all = new Box3(new Vector3(-1, 0, -1), new Vector3(1, 1, 1));
  expect(frameOnTheWay(whole, all, new Vector3(), 1).radius).toBe(whole.radius);
  expect(frameOnTheWay(whole, wheel, new Vector3(), 0)).toEqual(whole);
});
