import { computeShapeSignature } from '../geometry/shape-signature';
import { createDocument } from '../scene/document/document-io';
import { listSurfaces } from '../scene/measures/list-surfaces';
import { addBox } from '../testing/documents';
import { compareFinds, type DuplicateFacts } from './describe-duplicate';

function shapeOf(scale: number, mirrored = false) {
  const document = createDocument();
  const s = (x: number): number => (mirrored ? -x : x) * scale;
  const box = (a: number[], b: number[], name: string) =>
    addBox(
      document,
      [Math.min(s(a[0]), s(b[0])), a[1] * scale, a[2] * scale],
      [Math.max(s(a[0]), s(b[0])), b[1] * scale, b[2] * scale],
      name,
    );
  box([0, 0, 0], [1, 4, 0.5], 'a');
  box([1, 0, 0], [2.5, 0.8, 0.5], 'b');
  box([0, 0, 0.5], [0.6, 0.7, 2], 'c');
  return computeShapeSignature(listSurfaces(document));
}

const facts = (change: Partial<DuplicateFacts> = {}): DuplicateFacts => ({
  modelSha256: 'a',
  format: 'fbx',
  triangles: 36,
  shape: shapeOf(1),
  metres: null,
  up: 'y',
  maps: [{ sha256: 'wood', look: '60'.repeat(192) }],
  clips: 0,
  ...change,
});

test('the same bytes need no comparison of shapes', () => {
  expect(compareFinds(facts({ shape: null }), facts({ shape: null }))?.relation).toBe('same-file');
});

test('the same shape in another format and unit: how much larger is said', () => {
  const found = compareFinds(facts(), facts({ modelSha256: 'b', format: 'obj', shape: shapeOf(100) }))!;
  expect(found.relation).toBe('same-shape');
  expect(found.lines).toContainEqual({
    what: 'size in its own units',
    mine: 'as it is',
    other: '100 times larger',
    same: false,
  });
  expect(found.lines).toContainEqual({ what: 'format', mine: 'FBX', other: 'OBJ', same: false });
});

test('in their declared units they may well be of one size', () => {
  const found = compareFinds(facts({ metres: 1 }), facts({ modelSha256: 'b', shape: shapeOf(100), metres: 0.01 }))!;
  expect(found.lines).toContainEqual({ what: 'size', mine: 'as it is', other: 'the same', same: true });
});

test('other maps make a twin, the same pictures at another size do not', () => {
  const same = facts({ modelSha256: 'b', maps: [{ sha256: 'wood 1k', look: '61'.repeat(192) }] });
  const other = facts({ modelSha256: 'b', maps: [{ sha256: 'rust', look: 'c0'.repeat(192) }] });
  expect(compareFinds(facts(), same)?.relation).toBe('same-shape');
  expect(compareFinds(facts(), other)?.relation).toBe('other-maps');
});

test('a mirrored twin is said to be that', () => {
  expect(compareFinds(facts(), facts({ modelSha256: 'b', shape: shapeOf(1, true) }))?.relation).toBe('mirrored');
});

test('different shapes are no pair', () => {
  const document = createDocument();
  addBox(document, [0, 0, 0], [1, 2, 3], 'other');
  expect(
    compareFinds(facts(), facts({ modelSha256: 'b', shape: computeShapeSignature(listSurfaces(document)) })),
  ).toBeNull();
});
