import { createGround, drawContactShadow } from './ground';
import type { View } from './camera';
import type { DrawItem } from './gather';
import { rasterise } from './rasterise';

const SIDE = 32;
/** From the front, a unit a quarter of the picture. */
const VIEW: View = {
  width: SIDE,
  height: SIDE,
  right: [1, 0, 0],
  up: [0, 1, 0],
  back: [0, 0, 1],
  centre: [0, 0, 0],
  scale: SIDE / 4,
};

/** A square that faces the viewer. */
function square(
  z: number,
  half: number,
  colour: [number, number, number, number],
  more: Partial<DrawItem> = {},
): DrawItem {
  return {
    positions: Float64Array.of(-half, -half, z, half, -half, z, half, half, z, -half, half, z),
    normals: Float32Array.of(0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1),
    uvs: null,
    indices: Uint32Array.of(0, 1, 2, 0, 2, 3),
    colour,
    emissive: [0, 0, 0],
    map: null,
    cutoff: 0,
    metallic: 0,
    roughness: 1,
    blend: false,
    tints: null,
    ...more,
  };
}
const RED: [number, number, number, number] = [1, 0, 0, 1];
const GREEN: [number, number, number, number] = [0, 1, 0, 1];
const pixel = (frame: ReturnType<typeof rasterise>, x: number, y: number): number[] => [
  ...frame.colour.subarray((y * SIDE + x) * 4, (y * SIDE + x) * 4 + 4),
];

test('what is drawn covers as much as it is large, and nothing beside it', () => {
  const frame = rasterise([square(0, 1, RED)], VIEW);
  let covered = 0;
  for (let i = 3; i < frame.colour.length; i += 4) covered += frame.colour[i];
  // 2 units of 8 pixels each way
  expect(covered).toBeCloseTo(16 * 16, 0);
  expect(pixel(frame, 0, 0)).toEqual([0, 0, 0, 0]);
  expect(pixel(frame, 16, 16)[3]).toBe(1);
});

test('the nearer hides the farther, whatever is drawn first', () => {
  for (const items of [
    [square(0, 1, RED), square(1, 0.5, GREEN)],
    [square(1, 0.5, GREEN), square(0, 1, RED)],
  ]) {
    const frame = rasterise(items, VIEW);
    const [r, g] = pixel(frame, 16, 16);
    expect([r < 0.01, g > 0.1]).toEqual([true, true]);
    const [outerR, outerG] = pixel(frame, 10, 16);
    expect([outerR > 0.1, outerG < 0.01]).toEqual([true, true]);
  }
});

test('what is see-through lets what is behind it through, by its share', () => {
  const glass = square(1, 1, [0, 1, 0, 0.25], { blend: true });
  const alone = pixel(rasterise([square(0, 1, RED)], VIEW), 16, 16);
  const through = pixel(rasterise([glass, square(0, 1, RED)], VIEW), 16, 16);
  expect(through[0]).toBeCloseTo(alone[0] * 0.75, 2);
  expect(through[1]).toBeGreaterThan(alone[1]);
  expect(through[3]).toBeCloseTo(1, 5);
});

test('a flat face is lit alike all over, a bent one by where it looks', () => {
  const lights = (normals: number[]): number[] => {
    const frame = rasterise([square(0, 1, RED, { normals: Float32Array.from(normals) })], VIEW);
    return [10, 13, 16, 19, 22].map((x) => pixel(frame, x, 16)[0]);
  };
  const flat = lights([0, 0, 1, 0, 0, 1, 0, 0, 1, 0, 0, 1]);
  for (const light of flat) expect(light).toBeCloseTo(flat[0], 6);
  // it bends from the side the key comes from to the other one
  const bent = lights([-1, 0, 0.2, 1, 0, 0.2, 1, 0, 0.2, -1, 0, 0.2]);
  expect(new Set(bent).size).toBe(bent.length);
  expect(bent[0]).toBeGreaterThan(bent[4] * 1.2);
});

test('the smoother a metal, the brighter its highlight, and it has one only where it mirrors the light', () => {
  // half way between the key and the viewer
  const towards = [-0.2398, 0.3996, 0.8848];
  const light = (roughness: number, normal: number[]): number => {
    const normals = Float32Array.from({ length: 12 }, (_, i) => normal[i % 3]);
    return pixel(rasterise([square(0, 1, RED, { metallic: 1, roughness, normals })], VIEW), 16, 16)[0];
  };
  expect(light(0.3, towards)).toBeGreaterThan(light(0.7, towards) * 2);
  expect(light(0.3, [0.6, 0, 0.8])).toBeLessThan(light(0.3, towards) / 2);
});

test('a sharp highlight falls off as Phong’s does, without rings', () => {
  const key = [-0.4243, 0.7071, 0.5657];
  const halfLength = Math.hypot(key[0], key[1], key[2] + 1);
  const half = [key[0] / halfLength, key[1] / halfLength, (key[2] + 1) / halfLength];
  // across `half`, to turn away from it
  const across = [half[1] / Math.hypot(half[0], half[1]), -half[0] / Math.hypot(half[0], half[1]), 0];
  const light = (degrees: number): number => {
    const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
    const normals = Float32Array.from({ length: 12 }, (_, i) => half[i % 3] * c + across[i % 3] * s);
    const black: [number, number, number, number] = [0, 0, 0, 1];
    return pixel(rasterise([square(0, 1, black, { roughness: 0.1, normals })], VIEW), 16, 16)[0];
  };
  const middle = light(0);
  for (let degrees = 0.5; degrees <= 6; degrees += 0.5)
    expect(Math.abs(light(degrees) / middle - Math.cos((degrees * Math.PI) / 180) ** 400)).toBeLessThan(0.03);
});

test('a frame that is used again holds nothing of the picture before', () => {
  const first = rasterise([square(1, 2, GREEN)], VIEW);
  const again = rasterise([square(0, 0.5, RED)], VIEW, first);
  expect(again).toBe(first);
  expect([...again.colour]).toEqual([...rasterise([square(0, 0.5, RED)], VIEW).colour]);
});

test('an empty scene is an empty frame', () => {
  expect(rasterise([], VIEW).colour.every((v) => v === 0)).toBe(true);
});

describe('the ground of a portrait', () => {
  test('is opaque and the same for everybody', () => {
    const ground = createGround(8, 4);
    expect(ground.data).toHaveLength(8 * 4 * 4);
    expect([...ground.data.subarray(0, 4)]).toEqual([238, 234, 225, 255]);
    expect([...ground.data.subarray(-4)]).toEqual([214, 207, 193, 255]);
    expect([...createGround(1, 1).data]).toEqual([238, 234, 225, 255]);
  });

  test('is darker under what stands on it, and as it was far from it', () => {
    const view: View = { ...VIEW, up: [0, 0.7071, -0.7071], back: [0, 0.7071, 0.7071] };
    const box = { min: [-0.4, 0, -0.4] as [number, number, number], max: [0.4, 0.8, 0.4] as [number, number, number] };
    const item = {
      ...square(0, 0.4, RED),
      positions: Float64Array.of(-0.4, 0, -0.4, 0.4, 0, -0.4, 0.4, 0, 0.4, -0.4, 0, 0.4),
    };
    const ground = createGround(SIDE, SIDE);
    const before = ground.data.slice();
    drawContactShadow(ground, [item], box, view);
    const change = (x: number, y: number): number => before[(y * SIDE + x) * 4] - ground.data[(y * SIDE + x) * 4];
    expect(change(16, 16)).toBeGreaterThan(5);
    expect(change(1, 1)).toBeLessThan(change(16, 16) / 2);
  });
});
