import { MeshoptSimplifier } from 'meshoptimizer';
import type { Document } from '@gltf-transform/core';
import { getPolygonData } from '../../scene/document/polygon-data';
import { computeBounds } from '../../scene/measures/bounds';
import { computeFigures } from '../../scene/measures/figures';
import { computeWorldPositions } from '../../scene/measures/world-positions';
import { listIndices } from '../../scene/meshes/list-indices';
import { listMeshInstances } from '../../scene/traverse';
import { createMeshDocument, createSphereDocument } from '../../testing/documents';
import { readFiles } from '../../testing/read-files';
import { simplifyModel } from './simplify-model';

/** Middles of all faces, world space. */
function listMiddles(document: Document): number[][] {
  return listMeshInstances(document).flatMap((instance) =>
    instance.mesh.listPrimitives().flatMap((primitive) => {
      const p = computeWorldPositions(instance, primitive);
      const indices = listIndices(primitive);
      return Array.from({ length: indices.length / 3 }, (_, t) =>
        [0, 1, 2].map(
          (axis) =>
            (p[indices[t * 3] * 3 + axis] + p[indices[t * 3 + 1] * 3 + axis] + p[indices[t * 3 + 2] * 3 + axis]) / 3,
        ),
      );
    }),
  );
}

test('a ball of a quarter of its triangles is as round as the error says', async () => {
  const document = createSphereDocument(1, 48);
  const { before, after, error } = await simplifyModel(document, { by: 'share', share: 0.25 });
  expect(before).toBe(48 * 96 * 2);
  expect(after).toBeLessThanOrEqual(before * 0.27);
  // vertices stay on the ball; between them a face lies below it. The error is a mean of squares, so a corner may lie twice as far
  const deepest = Math.max(...listMiddles(document).map((middle) => 1 - Math.hypot(...middle)));
  expect(deepest).toBeGreaterThan(0);
  expect(deepest).toBeLessThan(error * 3);
  expect(error).toBeLessThan(0.02);
});

test('by an error it goes no farther than it may, and a flat sheet to almost nothing', async () => {
  const ball = createSphereDocument(1, 48);
  const fine = await simplifyModel(ball, { by: 'error', mm: 1 });
  expect(fine.error).toBeLessThanOrEqual(0.001);
  expect(fine.after).toBeLessThan(fine.before);
  const side = 20;
  const points = Array.from({ length: (side + 1) ** 2 }, (_, i) => [i % (side + 1), 0, Math.floor(i / (side + 1))]);
  const corners = Array.from({ length: side ** 2 }, (_, i) => {
    const at = Math.floor(i / side) * (side + 1) + (i % side);
    return [at, at + side + 1, at + 1, at + 1, at + side + 1, at + side + 2];
  });
  const sheet = createMeshDocument(points.flat(), corners.flat());
  const box = computeBounds(sheet);
  const { after } = await simplifyModel(sheet, { by: 'error', mm: 1 });
  // its open border stays as it is, four sides of twenty edges, and needs 78 triangles at least
  expect(after).toBeLessThan(800 / 5);
  expect(computeBounds(sheet)).toEqual(box);
});

test('where two materials meet they go on meeting, and creases stay', async () => {
  const rows = 12;
  const lines = ['mtllib m.mtl'];
  for (let z = 0; z <= rows; z++)
    for (let x = 0; x <= rows; x++) lines.push(`v ${x} ${Math.sin(x * 0.3) * 0.2} ${z}`, `vt ${x / rows} ${z / rows}`);
  for (let z = 0; z < rows; z++)
    for (let x = 0; x < rows; x++) {
      if (x === 0 || x === rows / 2) lines.push(`usemtl ${x < rows / 2 ? 'left' : 'right'}`);
      const a = z * (rows + 1) + x + 1;
      const ring = [a, a + rows + 1, a + rows + 2, a + 1];
      lines.push(`f ${ring.map((v) => `${v}/${v}`).join(' ')}`);
    }
  const { document } = await readFiles({ 'm.obj': lines.join('\n'), 'm.mtl': 'newmtl left\nnewmtl right\n' });
  await simplifyModel(document, { by: 'share', share: 0.3 });
  const seam = listMeshInstances(document).flatMap((instance) =>
    instance.mesh.listPrimitives().map((primitive) => {
      const p = computeWorldPositions(instance, primitive);
      const zs = new Set<number>();
      for (let v = 0; v < p.length; v += 3) if (Math.abs(p[v] - rows / 2) < 1e-6) zs.add(Math.round(p[v + 2]));
      return [...zs].sort((a, b) => a - b);
    }),
  );
  expect(seam).toEqual([seam[0], seam[0]]);
  expect(seam[0]).toHaveLength(rows + 1);
  // every vertex that stays holds what it held
  for (const { mesh } of listMeshInstances(document))
    for (const primitive of mesh.listPrimitives()) {
      expect(primitive.listSemantics()).toEqual(expect.arrayContaining(['POSITION', 'NORMAL', 'TEXCOORD_0']));
      expect(getPolygonData(primitive)?.getSizes() ?? null).toBeNull();
    }
});

test('it takes away as many as the bare library does at the same target', async () => {
  const document = createSphereDocument(1, 32);
  const [primitive] = document.getRoot().listMeshes()[0].listPrimitives();
  const indices = listIndices(primitive);
  const positions = primitive.getAttribute('POSITION')!.getArray() as Float32Array;
  await MeshoptSimplifier.ready;
  const [bare] = MeshoptSimplifier.simplify(indices, positions, 3, Math.floor(indices.length / 3 / 4) * 3, 1e30, [
    'LockBorder',
    'ErrorAbsolute',
  ]);
  const { after } = await simplifyModel(document, { by: 'share', share: 0.25 });
  expect(Math.abs(after - bare.length / 3)).toBeLessThanOrEqual(bare.length / 3 / 20);
});

test('a part that blends into other shapes stays as it is, and is named', async () => {
  const document = createSphereDocument(1, 16);
  const [mesh] = document.getRoot().listMeshes();
  const [primitive] = mesh.listPrimitives();
  primitive.addTarget(document.createPrimitiveTarget().setAttribute('POSITION', primitive.getAttribute('POSITION')));
  const figures = computeFigures(document);
  expect(await simplifyModel(document, { by: 'share', share: 0.5 })).toMatchObject({
    left: ['mesh'],
    before: figures.triangles,
    after: figures.triangles,
  });
});
