import type { Document, Node } from '@gltf-transform/core';
import type { Finding } from '@haveld/contract/finding';
import { HOUSE_RULES } from '@haveld/contract/house-rules';
import { createDocument } from '../scene/document/document-io';
import { setDocumentSource } from '../scene/document/source-data';
import { flipFaces } from '../scene/meshes/flip-faces';
import { getShownScene, listShownNodes } from '../scene/traverse';
import { addBox, createBoxDocument, createMemoryCodec } from '../testing/documents';
import { applyTreatment } from '../treatment/apply-treatment';
import { assess } from './assess';
import { examine } from './examination';

const look = (document: Document, name = 'thing'): Map<string, Finding> =>
  new Map(
    assess(examine({ document, name, log: [], pictures: [], belonging: new Set(), stated: [] })).map((finding) => [
      finding.key,
      finding,
    ]),
  );
const take = (document: Document, finding: Finding, choice: string) =>
  applyTreatment(document, finding.choices.find(({ id }) => id === choice)!.steps, {
    codec: createMemoryCodec(),
    readBytes: () => Promise.reject(new Error('no map is read')),
  });

/** A cupboard whose back lies at `back` and whose doors turn about the model's origin. */
function createCupboard(back: 'z' | '-z'): Document {
  const document = createDocument();
  const flip = (z: number): number => (back === 'z' ? -z : z);
  const add = (min: [number, number, number], max: [number, number, number], name: string): Node => {
    const [near, far] = [flip(min[2]), flip(max[2])].sort((a, b) => a - b);
    return addBox(document, [min[0], min[1], near], [max[0], max[1], far], name);
  };
  add([-0.5, 0, -0.25], [0.5, 2, -0.23], 'panel');
  add([-0.5, 0, -0.23], [-0.48, 2, 0.25], 'side');
  add([0.48, 0, -0.23], [0.5, 2, 0.25], 'side');
  for (const y of [0, 1, 1.98]) add([-0.48, y, -0.23], [0.48, y + 0.02, 0.25], 'board');
  return document;
}

describe('which way it faces', () => {
  test('a cupboard that faces forwards is left alone', () => {
    expect(look(createCupboard('-z')).get('front-axis')).toMatchObject({
      mark: 'holds',
      title: 'Faces forwards, to +Z',
    });
  });

  test('one that seems to face away stays as it came, is shown so, and can be turned by half', async () => {
    const document = createCupboard('z');
    const front = look(document, 'Cupboard').get('front-axis')!;
    expect(front).toMatchObject({ mark: 'holds', title: 'Faces as it came' });
    expect(front.detail).toContain('faces away');
    expect(front.choices[0]).toMatchObject({ id: '+z', steps: [] });
    expect(front.choices.find(({ id }) => id === '-z')!.steps).toEqual([
      { kind: 'set-front-axis', schema: 1, degrees: 180 },
    ]);
    await take(document, front, '-z');
    expect(look(document).get('front-axis')).toMatchObject({ mark: 'holds' });
  });

  test('a cube has no front, and what has no surface is not asked', () => {
    expect(look(createBoxDocument([0, 0, 0], [1, 1, 1])).get('front-axis')?.title).toBe(
      'Has no front: alike from all four sides',
    );
    expect(look(createDocument()).has('front-axis')).toBe(false);
  });

  test('glTF says +Z, which holds for what a shape says nothing of', () => {
    const document = createBoxDocument([0, 0, 0], [1, 1, 1.5]);
    setDocumentSource(document, { format: 'GLB', declaredUp: 'y' });
    expect(
      look(document)
        .get('front-axis')
        ?.choices.find(({ id }) => id === '+z')?.evidence[0].text,
    ).toContain('glTF 2.0');
  });
});

describe('what it is held by', () => {
  test('a mirror has its pivot at the middle of its back, and on it after', async () => {
    const document = createBoxDocument([0, 0, 0], [0.6, 0.8, 0.03], 'glass');
    const pivot = look(document, 'gilded mirror').get('pivot')!;
    expect(pivot.title).toMatch(/^It hangs on a wall: its pivot is /);
    expect(pivot.choices[0].id).toBe('wall');
    await take(document, pivot, 'wall');
    expect(look(document, 'gilded mirror').get('pivot')).toMatchObject({
      mark: 'holds',
      title: 'It hangs on a wall, pivot at the middle of the back',
    });
  });

  test('a lamp that hangs is not said to hover', () => {
    const pivot = look(createBoxDocument([-0.2, -0.9, -0.2], [0.2, 0, 0.2]), 'pendant lamp').get('pivot')!;
    expect(pivot).toMatchObject({ mark: 'holds', title: 'It hangs from a ceiling, pivot at the middle of its top' });
  });

  test('a flagpole with its pivot at its foot keeps it', () => {
    const document = createDocument();
    addBox(document, [-0.05, 0, -0.05], [0.05, 6, 0.05], 'pole');
    addBox(document, [0.05, 4.8, -0.01], [1.6, 5.9, 0.01], 'cloth');
    expect(look(document, 'flagpole').get('pivot')).toMatchObject({
      mark: 'holds',
      title: 'Pivot at the middle of its foot, as it came: kept',
    });
  });
});

describe('scales and faces', () => {
  test('a whole that is stretched by a node is asked about, and fills as much room without it', async () => {
    const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
    const [node] = listShownNodes(document);
    node.setScale([1, 8, 1]);
    const nonUniform = look(document).get('non-uniform-scale')!;
    expect(nonUniform).toMatchObject({ mark: 'look', evidence: [{ figure: '1 × 8 × 1' }] });
    await take(document, nonUniform, 'even');
    node.getScale().forEach((side) => expect(side).toBeCloseTo(2, 9));
    expect(look(document).has('non-uniform-scale')).toBe(false);
  });

  test('a part that is stretched is kept without a question; a whole that is mirrored is asked about', async () => {
    const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'body');
    addBox(document, [0, 1, 0], [1, 2, 1], 'cap').setScale([1, 1, 0.5]);
    expect(look(document).get('non-uniform-scale')).toMatchObject({
      mark: 'holds',
      choices: [{ id: 'as-seen' }, { id: 'even' }],
    });
    const mirror = document.createNode('mirror').setScale([-1, 1, 1]);
    const scene = getShownScene(document);
    for (const child of scene.listChildren()) mirror.addChild(child);
    scene.addChild(mirror);
    const mirrored = look(document).get('mirrored')!;
    expect(mirrored.mark).toBe('look');
    await take(document, mirrored, 'even');
    expect(mirror.getScale()).toEqual([1, 1, 1]);
  });

  test('a closed part whose faces look inwards is found, turned out, and found no more', async () => {
    const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'good');
    const bad = addBox(document, [2, 0, 0], [3, 1, 1], 'bad');
    flipFaces(document, bad.getMesh()!);
    const found = look(document).get('inverted-faces')!;
    expect(found.title).toBe('1 part inside out');
    expect(found.evidence[1].text).toBe('bad');
    await take(document, found, 'turn');
    expect(look(document).has('inverted-faces')).toBe(false);
  });

  test('a part a node mirrors is not inside out, and neither is an open sheet', () => {
    const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
    listShownNodes(document)[0].setScale([-1, 1, 1]);
    expect(look(document).has('inverted-faces')).toBe(false);
    const sheet = createBoxDocument([0, 0, 0], [1, 0, 1]);
    expect(look(sheet).has('inverted-faces')).toBe(false);
  });
});

test('doors that turn about the wrong place are one question, and none once it is taken', async () => {
  const document = createCupboard('-z');
  addBox(document, [-0.48, 0.02, 0.25], [-0.01, 1.98, 0.27], 'door left');
  addBox(document, [0.01, 0.02, 0.25], [0.48, 1.98, 0.27], 'door right');
  const found = look(document).get('part-pivots')!;
  expect(found.title).toBe('2 parts would not turn where they should');
  const [outcome] = await take(document, found, 'hinge');
  expect(outcome.unmatched).toEqual([]);
  expect(look(document).has('part-pivots')).toBe(false);
});

test('what is asked is never called wholly likely, however strict the house', () => {
  const document = createBoxDocument([-0.16, 0, -0.16], [0.16, 0.04, 0.16], 'foot');
  addBox(document, [-0.02, 0, -0.02], [0.02, 3.2, 0.02], 'pole');
  setDocumentSource(document, { format: 'FBX', declaredUp: 'y', declaredMetres: 1 });
  const rules = { ...HOUSE_RULES, sureFrom: 1 };
  const up = assess(
    examine({ document, name: 'flag pole', log: [], pictures: [], belonging: new Set(), stated: [], rules }),
  ).find(({ kind }) => kind === 'up')!;
  expect(up.choices[0].confidence).toBeGreaterThan(0.995);
  expect(up.title).toBe('May stand upright, Y up (99 %)');
});
