import { FINDING_KIND_IDS, FINDING_KINDS, findingKey } from './finding-kinds';
import { FindingSchema } from './finding';
import { HEADINGS } from './heading';
import { StepSchema, TEXTURE_SLOTS } from './step';
import { exampleOf } from './testing/example-of';

const KINDS = Object.entries(FINDING_KINDS);

test('every kind of finding has a heading, and a title that says what it is about', () => {
  expect(FINDING_KIND_IDS).toEqual(KINDS.map(([id]) => id));
  for (const [, { heading, title }] of KINDS) {
    expect(HEADINGS).toContain(heading);
    expect(title).toMatch(/^[A-Z]/);
    expect(title).not.toMatch(/[.:]$/);
  }
  expect(new Set(KINDS.map(([, { title }]) => title)).size).toBe(KINDS.length);
});

test('what keeps an asset out of the catalogue says so in a sentence about that finding', () => {
  for (const [, { whyMissing }] of KINDS) {
    if (!whyMissing) continue;
    const sentence = whyMissing('May be in centimetres');
    expect(sentence).toMatch(/^[A-Z“].*[.?]$/);
  }
});

test('rights block by themselves and ask nothing anew; sizes and stances do', () => {
  for (const [id, { heading, asksAnew, isPlacing }] of KINDS) {
    if (heading === 'rights') expect([id, asksAnew, isPlacing]).toEqual([id, undefined, undefined]);
    if (isPlacing) expect(heading).toBe('size-and-orientation');
  }
});

test('only textures stand on the sheet of maps', () => {
  for (const [id, { onMapSheet, heading }] of KINDS) if (onMapSheet) expect([id, heading]).toEqual([id, 'textures']);
});

test('a key tells a finding from every other, also of one kind', () => {
  const keys = FINDING_KIND_IDS.flatMap((kind) => [
    findingKey(kind),
    findingKey(kind, 'oak:normal'),
    findingKey(kind, 'tar:normal'),
  ]);
  expect(new Set(keys).size).toBe(keys.length);
  for (const key of keys) expect(key.length).toBeLessThanOrEqual(190);
});

test('the plainest finding of every kind is one, and one of no kind is none', () => {
  for (const kind of FINDING_KIND_IDS) expect(exampleOf(FindingSchema, { kind }).kind).toBe(kind);
  expect(FindingSchema.safeParse({ ...exampleOf(FindingSchema), kind: 'mood' }).success).toBe(false);
});

describe('steps', () => {
  const options = (StepSchema as unknown as { options: { shape: { kind: { value: string }; schema?: unknown } }[] })
    .options;
  test('every kind of step counts the shape of its settings, so that a later Haveld knows what it reads', () => {
    const kinds = options.map(({ shape }) => shape.kind.value);
    expect(new Set(kinds).size).toBe(kinds.length);
    for (const { shape } of options)
      expect([shape.kind.value, shape.schema !== undefined]).toEqual([shape.kind.value, true]);
  });

  test.each([
    [{ kind: 'reduce-maps', schema: 1, side: 15 }],
    [{ kind: 'reduce-maps', schema: 1, side: 20_000 }],
    [
      {
        kind: 'height-to-normal',
        schema: 1,
        material: 'oak',
        sha256: 'a'.repeat(64),
        path: 'a',
        depthMm: -1,
        texelMm: 1,
      },
    ],
    [
      {
        kind: 'height-to-normal',
        schema: 1,
        material: 'oak',
        sha256: 'a'.repeat(64),
        path: 'a',
        depthMm: 1,
        texelMm: 0,
      },
    ],
    [{ kind: 'convert-specular', schema: 1, materials: [] }],
    [{ kind: 'merge-materials', schema: 1, into: 'oak', from: [] }],
    [{ kind: 'set-part-pivot', schema: 1, parts: [], point: [0, 0, 0], label: 'x' }],
    [{ kind: 'set-material', schema: 1, materials: ['oak'], factors: { roughness: 2 }, label: 'x', without: [] }],
    [{ kind: 'set-material', schema: 1, materials: ['oak'], factors: { ior: 0.5 }, label: 'x', without: [] }],
    [{ kind: 'change-map', schema: 1, materials: ['oak'], slot: 'normal', change: 'melt' }],
    [{ kind: 'unlink-map', schema: 1, material: 'oak', slot: 'taste' }],
    [{ kind: 'scale', schema: 1, factor: Infinity, label: '' }],
  ])('%j is not taken', (step) => {
    expect(StepSchema.safeParse(step).success).toBe(false);
  });

  test('a map may be bound in every slot there is', () => {
    for (const slot of TEXTURE_SLOTS)
      expect(
        StepSchema.safeParse({
          kind: 'relink-map',
          schema: 1,
          material: '',
          slot,
          sha256: '0'.repeat(64),
          path: 'a.png',
        }).success,
      ).toBe(true);
  });
});
