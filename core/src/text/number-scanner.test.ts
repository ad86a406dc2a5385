import fc from 'fast-check';
import { NumberScanner } from './number-scanner';

const scan = (text: string, separator = 0): NumberScanner =>
  new NumberScanner(new TextEncoder().encode(text), separator);

/** Every number of a text, blanks between them. */
function readAll(text: string): number[] {
  const scanner = scan(text);
  const read: number[] = [];
  for (scanner.skipBlanks(); !scanner.isAtLineEnd(); scanner.skipBlanks()) read.push(scanner.readNumber());
  return read;
}

test('what is read is the nearest double, as the language itself reads it', () => {
  fc.assert(
    fc.property(fc.double({ noNaN: true, noDefaultInfinity: true }), (value) => {
      expect(scan(String(value)).readNumber()).toBe(value === 0 ? Number(String(value)) : value);
    }),
    { numRuns: 2000 },
  );
});

test('decimals as files write them, however many digits', () => {
  const decimal = fc
    .tuple(
      fc.boolean(),
      fc.integer({ min: 0, max: 1e9 }),
      fc.integer({ min: 0, max: 10 }),
      fc.integer({ min: -30, max: 30 }),
      fc.boolean(),
    )
    .map(
      ([negative, digits, places, power, hasPower]) =>
        `${negative ? '-' : ''}${(digits / 10 ** places).toFixed(places)}${hasPower ? `e${power}` : ''}`,
    );
  fc.assert(
    fc.property(decimal, (text) => expect(scan(text).readNumber()).toBe(Number(text))),
    { numRuns: 2000 },
  );
});

test.each([
  ['0', 0],
  ['-0.0', -0],
  ['+1.5', 1.5],
  ['.5', 0.5],
  ['5.', 5],
  ['1E3', 1000],
  ['1e+3', 1000],
  ['0.1', 0.1],
  ['123456789012345678', Number('123456789012345678')],
  ['1e-400', 0],
  ['1e400', Infinity],
])('%s', (text, value) => {
  expect(scan(text).readNumber()).toBe(value);
});

test.each(['-', '.', 'nan', '1.2.3', 'e5', '12abc', '1e', '--1'])(
  '“%s” is no number, and what follows is read',
  (text) => {
    const scanner = scan(`${text} 7`);
    expect(scanner.readNumber()).toBeNaN();
    scanner.skipBlanks();
    expect(scanner.readNumber()).toBe(7);
  },
);

test('numbers of a line, tabs and blanks between them; the line ends where it ends', () => {
  expect(readAll('1 \t2.5  -3e2\r\n9')).toEqual([1, 2.5, -300]);
  expect(readAll('')).toEqual([]);
  expect(readAll('   ')).toEqual([]);
});

test('another sign may part them', () => {
  const scanner = scan('1/2//3', 0x2f);
  expect([scanner.readNumber(), scanner.at]).toEqual([1, 1]);
  scanner.at++;
  expect(scanner.readNumber()).toBe(2);
});

test('integers stop at the first sign that is no digit, and say whether there was one', () => {
  const scanner = scan('-12/x');
  expect([scanner.readInteger(), scanner.isInteger, scanner.at]).toEqual([-12, true, 3]);
  scanner.at = 4;
  scanner.readInteger();
  expect(scanner.isInteger).toBe(false);
});
