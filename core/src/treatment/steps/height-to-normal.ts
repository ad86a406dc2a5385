import { takeMapsFromBare } from '../../scene/repair/materials';
import { heightToNormal as computeNormals } from '../../textures/convert/height-to-normal';
import { listNamedMaterials } from '../../textures/materials/list-named-materials';
import { fileStem } from '../../textures/judging/read-map-name';
import type { StepDefinition } from '../step-definition';

export const heightToNormal: StepDefinition<'height-to-normal'> = {
  kind: 'height-to-normal',
  phase: 'textures',
  order: 3,
  codeVersion: 2,
  topology: 'keeps',
  loses: ['maps'],
  title: (step) => `Normal map made from heights, ${step.depthMm} mm deep`,
  credit: () => 'normals made from a height map',
  adaptation: () => null,
  async apply(document, step, { codec, readBytes }) {
    const materials = listNamedMaterials(document, [step.material]);
    if (materials.length === 0) return { changed: '', unmatched: [step.material] };
    const height = await codec.decodeDeep(await readBytes(step.sha256));
    const png = await codec.encodePng(computeNormals(height, step.depthMm, step.texelMm));
    const texture = document
      .createTexture(`${fileStem(step.path)} normal`)
      .setImage(png as Uint8Array<ArrayBuffer>)
      .setMimeType('image/png');
    for (const material of materials) material.setNormalTexture(texture).setNormalScale(1);
    takeMapsFromBare(document);
    return { changed: `${step.material}: ${step.path.split('/').pop()}`, unmatched: [] };
  },
};
