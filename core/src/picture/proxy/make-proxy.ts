import type { Document, Mesh } from '@gltf-transform/core';
import type { Proxy } from '@haveld/contract/step';
import { computeCornerNormals } from '../../geometry/corner-normals';
import { setMaterialSource } from '../../scene/document/source-data';
import { getBuffer } from '../../scene/meshes/build-primitive';
import { createScalars } from '../../scene/meshes/create-scalars';
import { splitVertices } from '../../scene/meshes/split-vertices';
import type { PictureCodec } from '../../textures/pictures/picture-codec';
import { unwrap } from '../../textures/uv/unwrap';
import { gatherDrawItems, type DrawItem } from '../gather';
import { bakeColours } from './bake-colours';
import { shapeProxy } from './proxy-shape';

/** Texels between pieces of the map. */
const MARGIN = 4;
/** Faces of a proxy that meet at less than this are shown as round. Ours. */
const SMOOTH = 50;

/**
 * Makes what stands for a whole model: one mesh, one material, one map with its colours.
 * @param document in metres
 * @returns null where the model has no surface, or is too flat for a box or a hull
 */
export async function makeProxy(
  document: Document,
  codec: PictureCodec,
  proxy: Proxy,
  name: string,
): Promise<Mesh | null> {
  const items = await gatherDrawItems(document, codec);
  const shape = await shapeProxy(items, proxy);
  if (!shape) return null;
  const { uvs } = await unwrap(shape.positions, shape.points, { side: proxy.side, margin: MARGIN });
  const picture = await bakeColours(items, shape, uvs, { side: proxy.side, inwards: proxy.by !== 'baked' });
  if (!picture) return null;
  const { positions, points } = shape;
  const sizes = new Int32Array(points.length / 3).fill(3);
  const normals = computeCornerNormals(
    { positions, corners: Int32Array.from(points), sizes },
    { by: 'angle', degrees: SMOOTH },
  );
  const held = new Float32Array(points.length * 5);
  for (let c = 0; c < points.length; c++) {
    held.set(uvs.subarray(c * 2, c * 2 + 2), c * 5);
    held.set(normals.subarray(c * 3, c * 3 + 3), c * 5 + 2);
  }
  const { corners, dst } = splitVertices(points, positions.length / 3, held, 5);
  const attribute = (type: 'VEC2' | 'VEC3', width: number, of: (corner: number) => ArrayLike<number>) => {
    const values = new Float32Array(corners.length * width);
    corners.forEach((corner, u) => values.set(of(corner), u * width));
    return document.createAccessor().setType(type).setArray(values).setBuffer(getBuffer(document));
  };
  const texture = document
    .createTexture(`${name}_colour`)
    .setImage((await codec.encodePng(picture)) as Uint8Array<ArrayBuffer>)
    .setMimeType('image/png');
  const material = document
    .createMaterial(name)
    .setBaseColorTexture(texture)
    .setMetallicFactor(0)
    .setRoughnessFactor(meanRoughness(items))
    // what was thin has one side left
    .setDoubleSided(proxy.by === 'baked');
  setMaterialSource(material, { isProxy: true });
  const primitive = document
    .createPrimitive()
    .setAttribute(
      'POSITION',
      attribute('VEC3', 3, (c) => positions.subarray(points[c] * 3, points[c] * 3 + 3)),
    )
    .setAttribute(
      'NORMAL',
      attribute('VEC3', 3, (c) => unitOf(normals, c)),
    )
    .setAttribute(
      'TEXCOORD_0',
      attribute('VEC2', 2, (c) => uvs.subarray(c * 2, c * 2 + 2)),
    )
    .setIndices(createScalars(document, dst))
    .setMaterial(material);
  return document.createMesh(name).addPrimitive(primitive);
}

function unitOf(normals: Float32Array, corner: number): ArrayLike<number> {
  const own = normals.subarray(corner * 3, corner * 3 + 3);
  return Math.hypot(...own) > 0.5 ? own : [0, 1, 0];
}

/** By triangles: what is far away is matt or not as most of it is. */
function meanRoughness(items: readonly DrawItem[]): number {
  const count = items.reduce((sum, { indices }) => sum + indices.length, 0);
  const sum = items.reduce((all, { indices, roughness }) => all + indices.length * roughness, 0);
  return Number((sum / count).toFixed(3));
}
