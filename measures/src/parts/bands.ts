import type { Document } from '@gltf-transform/core';
import { createDocument } from '@haveld/core/scene/document/document-io';
import { setNodeSource } from '@haveld/core/scene/document/source-data';
import { getShownScene } from '@haveld/core/scene/traverse';

const SIDE = 707;
export const BANDS = 10;

/** A wavy sheet of 1 M triangles in bands that share no corner, each a part of its own. */
export function createBands(): Document {
  const document = createDocument();
  const scene = getShownScene(document);
  const buffer = document.createBuffer();
  const material = document.createMaterial('sheet');
  const rows = Math.ceil(SIDE / BANDS);
  for (let band = 0; band < BANDS; band++) {
    const count = (SIDE + 1) * (rows + 1);
    const [positions, normals, uvs] = [
      new Float32Array(count * 3),
      new Float32Array(count * 3),
      new Float32Array(count * 2),
    ];
    for (let v = 0; v < count; v++) {
      const [x, z] = [v % (SIDE + 1), Math.floor(v / (SIDE + 1))];
      positions.set([x * 0.01, Math.sin(x * 0.05) * Math.cos(z * 0.07) * 0.3, (band * (rows + 2) + z) * 0.01], v * 3);
      normals.set([0, 1, 0], v * 3);
      uvs.set([x / SIDE, z / rows], v * 2);
    }
    const indices = new Uint32Array(SIDE * rows * 6);
    for (let q = 0; q < SIDE * rows; q++) {
      const a = Math.floor(q / SIDE) * (SIDE + 1) + (q % SIDE);
      indices.set([a, a + SIDE + 1, a + 1, a + 1, a + SIDE + 1, a + SIDE + 2], q * 6);
    }
    const accessor = (type: 'VEC2' | 'VEC3' | 'SCALAR', array: Float32Array | Uint32Array) =>
      document
        .createAccessor()
        .setType(type)
        .setArray(array as Float32Array<ArrayBuffer>)
        .setBuffer(buffer);
    const primitive = document
      .createPrimitive()
      .setMaterial(material)
      .setAttribute('POSITION', accessor('VEC3', positions))
      .setAttribute('NORMAL', accessor('VEC3', normals))
      .setAttribute('TEXCOORD_0', accessor('VEC2', uvs))
      .setIndices(accessor('SCALAR', indices));
    const node = document.createNode(`band_${band}`).setMesh(document.createMesh().addPrimitive(primitive));
    setNodeSource(node, { id: `p${band}` });
    scene.addChild(node);
  }
  return document;
}
