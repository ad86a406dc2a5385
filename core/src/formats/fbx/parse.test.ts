import { inflateSync } from 'node:zlib';
import fc from 'fast-check';
import { rec, writeFbxAscii, writeFbxBinary, type FbxRecord, type FbxValue } from '../../testing/write-fbx';
import { findChild, integersOf, listChildren, numberOf, numbersOf, textOf, type FbxNode } from './fbx-node';
import { parseAsciiFbx } from './parse-ascii';
import { parseBinaryFbx } from './parse-binary';

const inflate = (bytes: Uint8Array): Uint8Array => new Uint8Array(inflateSync(bytes));
const WRITTEN = [
  ['binary 7.4, packed', (records: FbxRecord[]) => parseBinaryFbx(writeFbxBinary(records, 7400, true), inflate)],
  ['binary 7.4, plain', (records: FbxRecord[]) => parseBinaryFbx(writeFbxBinary(records, 7400, false), inflate)],
  ['binary 7.5', (records: FbxRecord[]) => parseBinaryFbx(writeFbxBinary(records, 7500, true), inflate)],
  ['ASCII', (records: FbxRecord[]) => parseAsciiFbx(writeFbxAscii(records))],
] as const;

/** What a record says, whichever way it is written: numbers one by one or as an array. */
type Plain = [name: string, values: (string | number)[], children: Plain[]];
const numberIn = (value: FbxValue): (string | number)[] =>
  typeof value === 'object' && 'double' in value
    ? [value.double]
    : typeof value === 'bigint'
      ? [Number(value)]
      : value instanceof Float64Array || value instanceof Int32Array
        ? [...value]
        : [value as string | number];
const given = ({ name, values = [], children = [] }: FbxRecord): Plain => [
  name,
  values.flatMap(numberIn),
  children.map(given),
];
const read = ({ name, values, children }: FbxNode): Plain => [
  name,
  values.flatMap((value) =>
    typeof value === 'object' ? [...(value as Float64Array)].map(Number) : [value as string | number],
  ),
  children.filter((child) => child.name !== '').map(read),
];
const bodyOf = (root: FbxNode): Plain[] => root.children.filter(({ name }) => name !== 'FBXHeaderExtension').map(read);

const names = fc.constantFrom('Model', 'Geometry', 'Vertices', 'P', 'C', 'Objects', 'Layer_1');
const texts = fc.stringMatching(/^[A-Za-z0-9 _.:/\\()-]{0,24}$/);
const numbers = fc.array(fc.integer({ min: -1000, max: 1000 }), { minLength: 1, maxLength: 60 });
/** An array fills its record: ASCII has no room for children beside one. */
const arrays = fc.record({
  name: names,
  values: fc.oneof(
    numbers.map((list) => [Float64Array.from(list, (one) => one / 8)]),
    numbers.map((list) => [Int32Array.from(list)]),
  ) as fc.Arbitrary<FbxValue[]>,
});
const record = fc.letrec<{ record: FbxRecord }>((tie) => ({
  record: fc.oneof(
    { depthSize: 'small' },
    arrays,
    fc.record({
      name: names,
      values: fc.array(fc.oneof(texts, fc.integer({ min: -1e6, max: 1e6 })), {
        minLength: 1,
        maxLength: 4,
      }) as fc.Arbitrary<FbxValue[]>,
      children: fc.array(tie('record'), { maxLength: 3 }),
    }),
  ),
})).record;

test.each(WRITTEN)('%s: whatever tree is written is read', (_what, through) => {
  fc.assert(
    fc.property(fc.array(record, { minLength: 1, maxLength: 4 }), (records) => {
      const { root, damages } = through(records);
      expect(damages).toEqual([]);
      expect(bodyOf(root)).toEqual(records.map(given));
    }),
    { numRuns: 60 },
  );
});

test.each(WRITTEN.slice(0, 3))('%s: cut anywhere, it gives what stands before, and says where it broke', (what) => {
  const version = what.endsWith('7.5') ? 7500 : 7400;
  const records = [
    rec('Objects', [], [rec('Model', ['pier', 7]), rec('Model', ['gull', 8])]),
    rec('Connections', [], [rec('C', ['OO', 8, 7])]),
  ];
  const bytes = writeFbxBinary(records, version, what.includes('packed'));
  let told = 0;
  for (let end = 30; end < bytes.length; end += 7) {
    const { root, damages } = parseBinaryFbx(bytes.subarray(0, end), inflate);
    const whole = JSON.stringify(records.map(given));
    for (const child of bodyOf(root)) expect(whole).toContain(`"${child[0]}"`);
    told += damages.length;
    for (const { text } of damages) expect(text).toMatch(/^At byte \d+.*\.$/);
  }
  expect(told).toBeGreaterThan(0);
});

test('an array that claims more than its bytes can hold is damage, and takes no memory', () => {
  const bytes = writeFbxBinary([rec('Vertices', [Float64Array.from({ length: 64 }, (_, i) => i)])], 7400, true);
  const at = Buffer.from(bytes).indexOf('Vertices') + 'Vertices'.length + 1;
  const view = new DataView(bytes.buffer, bytes.byteOffset);
  expect(view.getUint32(at, true)).toBe(64);
  view.setUint32(at, 0x0fffffff, true);
  const before = process.memoryUsage().arrayBuffers;
  const { damages } = parseBinaryFbx(bytes, inflate);
  expect(damages).toHaveLength(1);
  expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(50_000_000);
});

test('what ends within its own head is refused', () => {
  expect(() => parseBinaryFbx(new Uint8Array(12), inflate)).toThrow('It ends within its own head.');
});

const ascii = (text: string): FbxNode => parseAsciiFbx(new TextEncoder().encode(text)).root;

test.each([
  ['Vertices: 1.5,-2,3e2,.25\n', [1.5, -2, 300, 0.25]],
  ['Vertices: 1,2,\n   3,4\n', [1, 2, 3, 4]],
  ['Vertices: *4 {\n a: 1,2,3,4\n}\n', [1, 2, 3, 4]],
])('numbers of %j are %j', (text, numbers) => {
  const [node] = ascii(text).children;
  const own = node.values.length > 0 ? node : node.children[0];
  expect([...numbersOf(own.children.length > 0 ? own.children[0] : own)]).toEqual(numbers);
});

test('texts keep their back-slashes, comments are no records, and lines end as any system ends them', () => {
  const root = ascii(
    '; made for a test\r\nVideo: "Video::map", "Clip" {\r\n  Filename: "D:\\maps\\rust.png"\r\n  ; nothing\r\n}\r\nCount: 3\r\n',
  );
  expect(root.children.map(({ name }) => name)).toEqual(['Video', 'Count']);
  const [video, count] = root.children;
  expect(video.values).toEqual(['Video::map', 'Clip']);
  expect(textOf(findChild(video, 'Filename'))).toBe('D:\\maps\\rust.png');
  expect(numberOf(count)).toBe(3);
});

test('an ASCII file that breaks gives the records before, and names the line', () => {
  const { root, damages } = parseAsciiFbx(new TextEncoder().encode('A: 1\nB: 2\nC: {\n  D: 3\n'));
  expect(root.children.slice(0, 2).map(({ name }) => name)).toEqual(['A', 'B']);
  expect(damages).toEqual([{ text: expect.stringContaining('the file ends within “C”') as string, line: 5 }]);
});

test('records nested without end are no reason to run out of stack', () => {
  const deep = `${'A: {\n'.repeat(500)}${'}\n'.repeat(500)}`;
  expect(() => parseAsciiFbx(new TextEncoder().encode(deep))).not.toThrow();
  const nest = (depth: number): FbxRecord => rec('A', [1], depth > 0 ? [nest(depth - 1)] : []);
  expect(() => parseBinaryFbx(writeFbxBinary([nest(200)]), inflate)).not.toThrow();
});

describe('asking a record', () => {
  const node: FbxNode = {
    name: 'P',
    values: ['UnitScaleFactor', 2.5, true],
    children: [
      { name: 'a', values: [Int32Array.of(1, -2, 3)], children: [] },
      { name: 'b', values: [BigInt64Array.of(5n)], children: [] },
      { name: 'a', values: [7, 8], children: [] },
      { name: 'c', values: [], children: [] },
      { name: 'd', values: [true], children: [] },
    ],
  };
  test('children by name, the first or all', () => {
    expect(findChild(node, 'a')?.values[0]).toEqual(Int32Array.of(1, -2, 3));
    expect(listChildren(node, 'a')).toHaveLength(2);
    expect(findChild(node, 'z')).toBeUndefined();
    expect(listChildren(undefined, 'a')).toEqual([]);
  });
  test('numbers, however they are written', () => {
    expect([...numbersOf(findChild(node, 'b'))]).toEqual([5]);
    expect([...numbersOf(listChildren(node, 'a')[1])]).toEqual([7, 8]);
    expect([...integersOf(listChildren(node, 'a')[1])]).toEqual([7, 8]);
    expect([...numbersOf(findChild(node, 'c'))]).toEqual([]);
    expect(numberOf(findChild(node, 'd'))).toBe(1);
    expect(numberOf(findChild(node, 'c'))).toBeNull();
  });
  test('the first value as text', () => {
    expect(textOf(node)).toBe('UnitScaleFactor');
    expect(textOf(listChildren(node, 'a')[1])).toBe('7');
    expect(textOf(findChild(node, 'c'))).toBeNull();
    expect(textOf(undefined)).toBeNull();
  });
});
