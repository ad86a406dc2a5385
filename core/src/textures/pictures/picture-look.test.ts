import { compareLooks, describeLook, LOOK_TOLERANCE } from './picture-look';

const paint = (f: (x: number, y: number, channel: number) => number): Uint8Array =>
  Uint8Array.from({ length: 192 }, (_, i) => f(Math.floor(i / 3) % 8, Math.floor(i / 24), i % 3));

test('a look is its 192 bytes as text', () => {
  expect(describeLook(paint(() => 10))).toBe('0a'.repeat(192));
});

test('the difference is the mean over all bytes', () => {
  const a = describeLook(paint(() => 100));
  expect(compareLooks(a, describeLook(paint((_x, _y, channel) => (channel === 0 ? 106 : 100))))).toBe(2);
  expect(compareLooks(a, a)).toBe(0);
});

test('black and white are as far apart as can be', () => {
  expect(compareLooks(describeLook(paint(() => 0)), describeLook(paint(() => 255)))).toBe(255);
});

test('the same pattern in another colour is another picture', () => {
  const pattern = (shift: number) =>
    describeLook(paint((x, y, channel) => ((x + y) % 2) * 40 + (channel === shift ? 120 : 60)));
  expect(compareLooks(pattern(0), pattern(2))).toBeGreaterThan(LOOK_TOLERANCE);
});

test('a copy of another size is refused', () => {
  expect(() => describeLook(new Uint8Array(12))).toThrow('192 bytes');
});
