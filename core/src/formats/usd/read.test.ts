import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { getDocumentSource } from '../../scene/document/source-data';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { listMeshInstances } from '../../scene/traverse';
import { readFiles } from '../../testing/read-files';

const CRATE = readFileSync(
  join(import.meta.dirname, '../../../../engine/src/reference-checks/testdata/usd/crate.usda'),
  'utf8',
);

test('a mesh keeps its polygons, unit and axis; its subset gets its own material', async () => {
  const { document } = await readFiles({ 'crate.usda': CRATE });
  expect(computeFigures(document)).toMatchObject({ triangles: 12, polygons: 6 });
  expect(boxSize(computeBounds(document)!)).toEqual([40, 30, 25]);
  expect(computeBounds(document)!.min).toEqual([5, 0, 0]);
  expect(getDocumentSource(document)).toMatchObject({ declaredUnit: 'cm', declaredMetres: 0.01, declaredUp: 'z' });
  const parts = listMeshInstances(document)[0].mesh.listPrimitives();
  // the lid is one quad of six; what no subset names keeps the mesh's own material
  const triangles = Object.fromEntries(
    parts.map((part) => [part.getMaterial()!.getName(), part.getIndices()!.getCount() / 3]),
  );
  expect(triangles).toEqual({ iron: 2, wood: 10 });
  const iron = parts.map((part) => part.getMaterial()!).find((material) => material.getName() === 'iron')!;
  expect(iron.getMetallicFactor()).toBe(1);
});

test('what is cut off is refused with a sentence, or read as far as it goes', async () => {
  for (const share of [0.2, 0.5, 0.8]) {
    const outcome = await readFiles({ 'crate.usda': CRATE.slice(0, CRATE.length * share) }).catch((e: unknown) => e);
    if ((outcome as Error).name === 'DomainError') expect((outcome as Error).message).toContain('“crate.usda”');
    else expect(outcome).toHaveProperty('document');
  }
});
