import fc from 'fast-check';
import { SheetFindingSchema, type SheetFinding } from '@haveld/contract/api/bench';
import { FINDING_KIND_IDS, FINDING_KINDS } from '@haveld/contract/finding-kinds';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import type { Step } from '@haveld/contract/step';
import { exampleOf, type Partly } from '@haveld/contract/testing/example-of';
import { createMeshDocument } from '../testing/documents';
import { answerFindings } from './answers';
import { assess } from './assess';
import { examine } from './examination';
import { setInPencil } from './pencil';

const scale = (factor: number): Step => ({ kind: 'scale', schema: 1, factor, label: '' });
const open = (more: Partly<SheetFinding>, confidence: number, steps: Step[] = []): SheetFinding => ({
  ...exampleOf(SheetFindingSchema, {
    heading: 'size-and-orientation',
    mark: 'look',
    settled: false,
    answer: null,
    after: [],
    ...more,
  } as Partly<SheetFinding>),
  key: more.key ?? more.kind!,
  choices: [{ id: 'first', label: 'first', steps, confidence, evidence: [] }],
});

test('a likely guess is applied, an unlikely one is asked', () => {
  const likely = setInPencil([open({ kind: 'size' }, 0.8, [scale(0.01)])], HOUSE_RULES);
  expect(likely.steps).toEqual([scale(0.01)]);
  expect(likely.asked).toEqual([]);
  const unlikely = setInPencil([open({ kind: 'size' }, 0.4, [scale(0.01)])], HOUSE_RULES);
  expect(unlikely.steps).toEqual([]);
  expect(unlikely.asked.map(({ kind }) => kind)).toEqual(['size']);
});

test('the house says how likely a guess has to be', () => {
  const size = open({ kind: 'size' }, 0.6);
  expect(setInPencil([size], { pencilFrom: 0.6 }).guessed).toHaveLength(1);
  expect(setInPencil([size], { pencilFrom: 0.61 }).guessed).toHaveLength(0);
});

test('whose it is, and whether a part belongs to it, is never in pencil', () => {
  const rights = open({ kind: 'rights:licence', heading: 'rights', mark: 'blocks' }, 1);
  const part = open({ kind: 'stranger' }, 1);
  const { guessed, asked } = setInPencil([rights, part], HOUSE_RULES);
  expect(guessed).toEqual([]);
  expect(asked.map(({ kind }) => kind)).toEqual(['rights:licence', 'stranger']);
});

test('how surfaces are shown is in pencil: smoothed, and from both sides', () => {
  // a leaf of two triangles that bend by 20° along their common edge, in a file that says nothing of normals
  const bend = Math.tan((20 * Math.PI) / 180);
  const document = createMeshDocument([0, 0, 0, 1, 0, 0, 1, 1, 0, 0, 1, bend], [0, 1, 2, 0, 2, 3]);
  const [primitive] = document.getRoot().listMeshes()[0].listPrimitives();
  primitive.setMaterial(document.createMaterial('bark'));
  const seen = examine({ document, name: 'leaf', log: [], pictures: [], belonging: new Set(), stated: [] });
  const { guessed, steps } = setInPencil(answerFindings(assess(seen), new Map()), HOUSE_RULES);
  expect(guessed.map(({ kind }) => kind)).toEqual(expect.arrayContaining(['normals', 'sides']));
  expect(steps).toContainEqual({ kind: 'set-normals', schema: 1, from: 'angle', degrees: 40 });
  expect(steps.filter(({ kind }) => kind === 'set-material')).toHaveLength(1);
});

test('nothing rests on what is open itself', () => {
  const part = open({ kind: 'stranger' }, 1);
  const { guessed, asked } = setInPencil([part, open({ kind: 'size', after: ['stranger'] }, 0.9)], HOUSE_RULES);
  expect(guessed).toEqual([]);
  expect(asked.map(({ kind }) => kind)).toEqual(['stranger', 'size']);
});

test('a guess may rest on another guess, which comes first', () => {
  const pivot = open({ kind: 'pivot', after: ['size'] }, 0.7);
  const size = open({ kind: 'size' }, 0.7, [scale(2)]);
  expect(setInPencil([pivot, size], HOUSE_RULES).guessed.map(({ kind }) => kind)).toEqual(['size', 'pivot']);
});

test('what turns or scales in pencil is baked in pencil, where baking is on the sheet', () => {
  const baking = open({ kind: 'bake-transforms' }, 1);
  const size = open({ kind: 'size' }, 0.7, [scale(2)]);
  expect(setInPencil([size, baking], HOUSE_RULES).steps.map(({ kind }) => kind)).toEqual(['scale', 'bake-transforms']);
  expect(setInPencil([size], HOUSE_RULES).steps.map(({ kind }) => kind)).toEqual(['scale']);
});

test('property: guesses and questions never overlap, and nothing settled is guessed again', () => {
  const finding = fc.record({
    kind: fc.constantFrom(...FINDING_KIND_IDS),
    confidence: fc.double({ min: 0, max: 1, noNaN: true }),
    settled: fc.boolean(),
    mark: fc.constantFrom('holds' as const, 'look' as const, 'blocks' as const),
  });
  fc.assert(
    fc.property(
      fc.array(finding, { maxLength: 12 }),
      fc.double({ min: 0.1, max: 1, noNaN: true }),
      (all, pencilFrom) => {
        const findings = all.map(({ confidence, ...more }, i) =>
          open({ ...more, key: `${more.kind}:${i}` }, confidence),
        );
        const { guessed, asked } = setInPencil(findings, { pencilFrom });
        expect(guessed.filter((one) => asked.includes(one))).toEqual([]);
        expect(guessed.filter(({ settled }) => settled)).toEqual([]);
        expect(guessed.filter(({ kind }) => !FINDING_KINDS[kind].mayBePencilled)).toEqual([]);
        expect(guessed.every(({ choices }) => choices[0].confidence >= pencilFrom)).toBe(true);
      },
    ),
    { seed: 17, numRuns: 200 },
  );
});
