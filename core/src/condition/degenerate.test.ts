import type { Document } from '@gltf-transform/core';
import { createDocument } from '../scene/document/document-io';
import { computeFigures } from '../scene/measures/figures';
import { createBoxDocument, createMeshDocument, createMemoryCodec } from '../testing/documents';
import { applyTreatment } from '../treatment/apply-treatment';
import { takeEverySure } from './answers';
import { assess } from './assess';
import { examine } from './examination';

const look = (document: Document) =>
  assess(examine({ document, name: 'thing', log: [], pictures: [], facts: [], belonging: new Set(), stated: [] }));

const ODD: [string, () => Document][] = [
  ['nothing at all', () => createDocument()],
  ['a point', () => createMeshDocument([1, 1, 1, 1, 1, 1, 1, 1, 1], [0, 1, 2])],
  ['a line', () => createMeshDocument([0, 0, 0, 1, 0, 0, 2, 0, 0], [0, 1, 2])],
  ['a flat sheet', () => createMeshDocument([0, 0, 0, 1, 0, 0, 1, 0, 1, 0, 0, 1], [0, 1, 2, 0, 2, 3])],
  ['numbers that are none', () => createMeshDocument([0, 0, 0, NaN, 0, 0, 1, 1, NaN], [0, 1, 2])],
  ['a box 1e12 away', () => createBoxDocument([1e12, 0, 0], [1e12 + 4e6, 1e6, 1e6])],
  ['a box of a thousandth of a millimetre', () => createBoxDocument([0, 0, 0], [1e-6, 1e-6, 2e-6])],
];

test.each(ODD)('%s: every finding is a sentence, and nothing throws', (_, create) => {
  const findings = look(create());
  expect(findings.map(({ key }) => key)).toContain('size');
  for (const { title, detail, evidence } of findings) {
    expect(title).not.toBe('');
    expect(`${title} ${detail} ${evidence.map(({ figure }) => figure).join(' ')}`).not.toMatch(
      /NaN|Infinity|undefined/,
    );
  }
});

test.each(ODD)('%s: what is sure is taken, and no triangle is lost', async (_, create) => {
  const document = create();
  const before = computeFigures(document).triangles;
  const { steps } = takeEverySure(look(document), ['size-and-orientation', 'structure', 'geometry', 'textures']);
  await applyTreatment(document, steps, {
    codec: createMemoryCodec(),
    readBytes: () => Promise.reject(new Error('no map is read')),
  });
  expect(computeFigures(document).triangles).toBe(before);
});
