import fc from 'fast-check';
import { parsePly, type PlyColumn } from './parse-ply';

type Kind = 'ascii' | 'binary_little_endian' | 'binary_big_endian';

const KINDS: readonly Kind[] = ['ascii', 'binary_little_endian', 'binary_big_endian'];
const WRITERS = {
  char: [1, 'setInt8'],
  uchar: [1, 'setUint8'],
  short: [2, 'setInt16'],
  ushort: [2, 'setUint16'],
  int: [4, 'setInt32'],
  uint: [4, 'setUint32'],
  float: [4, 'setFloat32'],
  double: [8, 'setFloat64'],
} as const;
type Type = keyof typeof WRITERS;

interface Row {
  /** One number a scalar property; a list of them a list property. */
  values: (number | number[])[];
}
interface Element {
  name: string;
  properties: { name: string; type: Type; listType?: Type }[];
  rows: Row[];
}

/** Writes PLY as its inventor describes it (Turk 1994). */
function write(kind: Kind, elements: readonly Element[], between = ''): Uint8Array {
  const head = [
    'ply',
    `format ${kind} 1.0`,
    'comment by Ines Falkenrot',
    ...elements.flatMap(({ name, properties, rows }) => [
      `element ${name} ${rows.length}`,
      ...properties.map(({ name: own, type, listType }) =>
        listType ? `property list ${listType} ${type} ${own}` : `property ${type} ${own}`,
      ),
    ]),
    'end_header',
    between,
  ].join('\n');
  const body: number[] = [];
  const put = (type: Type, value: number): void => {
    const [width, set] = WRITERS[type];
    const view = new DataView(new ArrayBuffer(width));
    view[set](0, value, kind === 'binary_little_endian');
    body.push(...new Uint8Array(view.buffer));
  };
  let text = '';
  for (const { properties, rows } of elements)
    for (const { values } of rows) {
      const line: number[] = [];
      properties.forEach(({ type, listType }, p) => {
        const value = values[p];
        const list = Array.isArray(value) ? value : [value];
        if (listType) {
          line.push(list.length);
          put(listType, list.length);
        }
        for (const one of list) {
          line.push(one);
          put(type, one);
        }
      });
      text += `${line.join(' ')}\n`;
    }
  const start = new TextEncoder().encode(head);
  const rest = kind === 'ascii' ? new TextEncoder().encode(text) : Uint8Array.from(body);
  return Uint8Array.from([...start, ...rest]);
}

const TRIANGLE: Element[] = [
  {
    name: 'vertex',
    properties: [
      { name: 'x', type: 'float' },
      { name: 'y', type: 'double' },
      { name: 'red', type: 'uchar' },
    ],
    rows: [{ values: [0, 0.5, 255] }, { values: [1, -2.25, 0] }, { values: [1.5, 3, 128] }],
  },
  {
    name: 'face',
    properties: [{ name: 'vertex_indices', type: 'int', listType: 'uchar' }],
    rows: [{ values: [[0, 1, 2]] }, { values: [[]] }, { values: [[2, 1, 0, 1]] }],
  },
];
const plain = (column: PlyColumn | undefined): unknown =>
  column && ('values' in column ? [...column.values] : { starts: [...column.starts], items: [...column.items] });

test.each(KINDS)('%s: numbers a row and lists a row', (kind) => {
  const { elements, damages, comments, format } = parsePly(write(kind, TRIANGLE), 'x.ply');
  const [vertex, face] = elements;
  expect(vertex.count).toBe(3);
  expect(plain(vertex.columns.get('x'))).toEqual([0, 1, 1.5]);
  expect(plain(vertex.columns.get('y'))).toEqual([0.5, -2.25, 3]);
  expect(plain(vertex.columns.get('red'))).toEqual([255, 0, 128]);
  expect(vertex.types.get('red')).toBe('uchar');
  expect(plain(face.columns.get('vertex_indices'))).toEqual({ starts: [0, 3, 3, 7], items: [0, 1, 2, 2, 1, 0, 1] });
  expect(damages).toEqual([]);
  expect(comments).toEqual([{ line: 3, text: 'by Ines Falkenrot' }]);
  expect(format).toBe(
    { ascii: 'ASCII', binary_little_endian: 'binary, little-endian', binary_big_endian: 'binary, big-endian' }[kind],
  );
});

test('whatever is written is read, in every type and byte order', () => {
  const value: Record<Type, fc.Arbitrary<number>> = {
    char: fc.integer({ min: -128, max: 127 }),
    uchar: fc.integer({ min: 0, max: 255 }),
    short: fc.integer({ min: -32768, max: 32767 }),
    ushort: fc.integer({ min: 0, max: 65535 }),
    int: fc.integer(),
    uint: fc.integer({ min: 0, max: 2 ** 32 - 1 }),
    float: fc.integer({ min: -1e6, max: 1e6 }).map((v) => v / 64),
    double: fc.integer({ min: -1e9, max: 1e9 }).map((v) => v / 1024),
  };
  const types = fc.constantFrom(...(Object.keys(WRITERS) as Type[]));
  const file = fc
    .record({ kind: fc.constantFrom(...KINDS), types: fc.array(types, { minLength: 1, maxLength: 5 }), list: types })
    .chain(({ kind, types: own, list }) =>
      fc.record({
        kind: fc.constant(kind),
        types: fc.constant(own),
        list: fc.constant(list),
        rows: fc.array(fc.tuple(fc.tuple(...own.map((one) => value[one])), fc.array(value[list], { maxLength: 6 })), {
          minLength: 1,
          maxLength: 8,
        }),
      }),
    );
  fc.assert(
    fc.property(file, ({ kind, types: own, list, rows }) => {
      const { elements, damages } = parsePly(
        write(kind, [
          {
            name: 'thing',
            properties: [
              ...own.map((type, i) => ({ name: `p${i}`, type })),
              { name: 'list', type: list, listType: 'uchar' as const },
            ],
            rows: rows.map(([numbers, several]) => ({ values: [...numbers, several] })),
          },
        ]),
        'x.ply',
      );
      expect(damages).toEqual([]);
      own.forEach((_, i) =>
        expect(plain(elements[0].columns.get(`p${i}`))).toEqual(rows.map(([numbers]) => numbers[i])),
      );
      expect((plain(elements[0].columns.get('list')) as { items: number[] }).items).toEqual(
        rows.flatMap(([, several]) => several),
      );
    }),
  );
});

test.each(KINDS)('%s cut anywhere in its body gives the rows that are whole, and says so', (kind) => {
  const bytes = write(kind, TRIANGLE);
  const body = write(kind, []).length + 140;
  for (let end = bytes.length - 1; end > body; end -= 3) {
    const { elements, damages } = parsePly(bytes.subarray(0, end), 'x.ply');
    const read = elements.reduce((sum, { count }) => sum + count, 0);
    expect(read).toBeLessThanOrEqual(6);
    if (read < 6) expect(damages.join()).toMatch(/It states 3 of “(vertex|face)” and ends after \d/);
  }
});

test('lines end as any system ends them, blank ones are no rows, and words behind the last column are left', () => {
  const text =
    'ply\r\nformat ascii 1.0\r\nelement vertex 2\r\nproperty float x\r\nproperty float y\r\nend_header\r\n1 2 extra\r\n\r\n3 4\r\n';
  const { elements, damages } = parsePly(new TextEncoder().encode(text), 'x.ply');
  expect(plain(elements[0].columns.get('x'))).toEqual([1, 3]);
  expect(plain(elements[0].columns.get('y'))).toEqual([2, 4]);
  expect(damages).toEqual([]);
});

test('a count nobody could have written claims no memory', () => {
  const text = 'ply\nformat binary_little_endian 1.0\nelement vertex 2000000000\nproperty float x\nend_header\n';
  const before = process.memoryUsage().arrayBuffers;
  const { elements, damages } = parsePly(new TextEncoder().encode(text), 'x.ply');
  expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(10_000_000);
  expect(elements[0].count).toBe(0);
  expect(damages).toEqual(['It states 2000000000 of “vertex” and ends after 0.']);
});

test.each([
  ['ply\nformat ascii 1.0\nelement vertex 1\n', 'its head does not end'],
  ['obj\nend_header\n', 'its head does not end'],
  ['ply\nformat ascii 1.0\nelement vertex -1\nend_header\n', 'line 3 of its head, “element vertex -1”'],
  ['ply\nformat ascii 1.0\nelement vertex many\nend_header\n', 'line 3 of its head'],
  ['ply\nformat ascii 1.0\nproperty float x\nend_header\n', 'line 3 of its head, “property float x”'],
  ['ply\nformat ascii 1.0\nelement vertex 1\nproperty quaternion x\nend_header\n', 'line 4 of its head'],
])('%j is refused with a sentence', (text, words) => {
  expect(() => parsePly(new TextEncoder().encode(text), 'heap/x.ply')).toThrow(words);
  expect(() => parsePly(new TextEncoder().encode(text), 'heap/x.ply')).toThrow('“heap/x.ply” is damaged');
});
