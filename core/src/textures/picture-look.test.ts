import { compareLooks, computeLook } from './picture-look';

const grey = (f: (x: number, y: number) => number): Uint8Array =>
  Uint8Array.from({ length: 72 }, (_, i) => f(i % 9, Math.floor(i / 9)));

test('brighter to the right everywhere: all bits are set', () => {
  expect(computeLook(grey((x) => x * 20))).toBe(2n ** 64n - 1n);
});

test('brighter to the left everywhere: none is', () => {
  expect(computeLook(grey((x) => 200 - x * 20))).toBe(0n);
});

test('brightness and contrast change nothing', () => {
  const pattern = (x: number, y: number): number => ((x * 37 + y * 91) % 50) + 40;
  expect(computeLook(grey((x, y) => pattern(x, y) * 2 + 10))).toBe(computeLook(grey(pattern)));
});

test('a flat picture says nothing', () => {
  expect(computeLook(grey(() => 128))).toBeNull();
});

test('differing bits are counted', () => {
  expect(compareLooks(0b1011n, 0b0001n)).toBe(2);
  expect(compareLooks(2n ** 64n - 1n, 0n)).toBe(64);
});
