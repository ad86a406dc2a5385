import type { Document } from '@gltf-transform/core';
import { createBoxDocument } from '../../testing/documents';
import { reduceInfluences } from './reduce-influences';
import { listMeshInstances } from '../traverse';

function createSkinned(weights: number[]): Document {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1]);
  const [primitive] = listMeshInstances(document)[0].mesh.listPrimitives();
  for (let set = 0; set * 4 < weights.length; set++) {
    const repeat = (values: number[]): number[] => Array.from({ length: 24 }, () => values).flat();
    const vec4 = (array: Uint16Array<ArrayBuffer> | Float32Array<ArrayBuffer>) =>
      document.createAccessor().setType('VEC4').setArray(array);
    primitive
      .setAttribute(`JOINTS_${set}`, vec4(new Uint16Array(repeat([0, 1, 2, 3].map((k) => set * 4 + k)))))
      .setAttribute(`WEIGHTS_${set}`, vec4(new Float32Array(repeat(weights.slice(set * 4, set * 4 + 4)))));
  }
  return document;
}
const read = (document: Document, semantic: string): number[] | undefined =>
  listMeshInstances(document)[0]
    .mesh.listPrimitives()[0]
    .getAttribute(semantic)
    ?.getElement(7, [] as number[]);

test('the four heaviest of six stay, in their shares', () => {
  const document = createSkinned([0.05, 0.1, 0.2, 0.15, 0.3, 0.2, 0, 0]);
  expect(reduceInfluences(document)).toBe(6);
  expect(read(document, 'JOINTS_0')).toEqual([4, 2, 5, 3]);
  [0.3, 0.2, 0.2, 0.15].forEach((w, k) => expect(read(document, 'WEIGHTS_0')![k]).toBeCloseTo(w / 0.85, 6));
  expect(read(document, 'JOINTS_1')).toBeUndefined();
});

test('four or fewer are left as they are', () => {
  const document = createSkinned([0.5, 0.5, 0, 0]);
  expect(reduceInfluences(document)).toBe(2);
  expect(read(document, 'WEIGHTS_0')).toEqual([0.5, 0.5, 0, 0]);
});
