import type { Document, Material } from '@gltf-transform/core';
import type { PBRSpecularGlossiness } from '@gltf-transform/extensions';
import { createWhite } from '../../textures/convert/change-channels';
import { reducePicture } from '../../textures/convert/reduce-picture';
import { convertSpecularColour, convertSpecularPictures } from '../../textures/convert/specular-glossiness';
import { LIGHT_OF_BYTE, byteOfLight } from '../../textures/convert/srgb';
import { listNamedMaterials, listUnmatchedNames } from '../../textures/materials/list-named-materials';
import type { Picture, PictureCodec } from '../../textures/pictures/picture-codec';
import type { StepDefinition } from '../step-definition';

const NAME = 'KHR_materials_pbrSpecularGlossiness';

export const convertSpecular: StepDefinition<'convert-specular'> = {
  kind: 'convert-specular',
  phase: 'textures',
  order: 2,
  codeVersion: 1,
  topology: 'keeps',
  loses: ['maps'],
  title: () => 'Specular and glossiness converted to metallic and roughness',
  credit: () => 'materials converted to metallic and roughness',
  adaptation: () => null,
  async apply(document, step, { codec }) {
    let count = 0;
    for (const material of listNamedMaterials(document, step.materials)) {
      const extension = material.getExtension<PBRSpecularGlossiness>(NAME);
      if (!extension) continue;
      await convert(document, material, extension, codec);
      material.setExtension(NAME, null);
      count++;
    }
    return {
      changed: `${count} ${count === 1 ? 'material' : 'materials'}`,
      unmatched: listUnmatchedNames(document, step.materials),
    };
  },
};

/** Factors alone by the formula; with maps, texel by texel, the factors put into them first. */
async function convert(
  document: Document,
  material: Material,
  extension: PBRSpecularGlossiness,
  codec: PictureCodec,
): Promise<void> {
  const [r, g, b, alpha] = extension.getDiffuseFactor();
  const specular = extension.getSpecularFactor();
  const glossiness = extension.getGlossinessFactor();
  const diffuseImage = extension.getDiffuseTexture()?.getImage();
  const specularImage = extension.getSpecularGlossinessTexture()?.getImage();
  if (!diffuseImage && !specularImage) {
    const { baseColor, metallic } = convertSpecularColour({ diffuse: [r, g, b], specular: [...specular] });
    material
      .setBaseColorFactor([...baseColor, alpha])
      .setMetallicFactor(metallic)
      .setRoughnessFactor(1 - glossiness);
    return;
  }
  const pictures = [
    diffuseImage && (await codec.decode(diffuseImage)),
    specularImage && (await codec.decode(specularImage)),
  ];
  const width = Math.max(...pictures.map((picture) => (picture ? picture.width : 1)));
  const height = Math.max(...pictures.map((picture) => (picture ? picture.height : 1)));
  const [diffuse, shine] = pictures.map((picture) => stretch(picture || createWhite(1, 1), width, height));
  multiply(diffuse, [r, g, b], 1);
  multiply(shine, [...specular], glossiness);
  const { baseColor, metallicRoughness } = convertSpecularPictures(diffuse, shine);
  const create = async (name: string, picture: Picture) =>
    document
      .createTexture(name)
      .setImage((await codec.encodePng(picture)) as Uint8Array<ArrayBuffer>)
      .setMimeType('image/png');
  const info = extension.getDiffuseTextureInfo() ?? extension.getSpecularGlossinessTextureInfo();
  material
    .setBaseColorTexture(await create(`${material.getName()} base colour`, baseColor))
    .setMetallicRoughnessTexture(await create(`${material.getName()} metallic roughness`, metallicRoughness))
    .setBaseColorFactor([1, 1, 1, alpha])
    .setMetallicFactor(1)
    .setRoughnessFactor(1);
  if (info) {
    material.getBaseColorTextureInfo()?.setTexCoord(info.getTexCoord());
    material.getMetallicRoughnessTextureInfo()?.setTexCoord(info.getTexCoord());
  }
}

/** The larger of two sizes counts: the smaller is repeated texel by texel. */
function stretch(src: Picture, width: number, height: number): Picture {
  if (src.width === width && src.height === height) return { ...src, data: src.data.slice() };
  if (src.width > width || src.height > height) return reducePicture(src, width, height, 'data');
  const data = new Uint8Array(width * height * 4);
  for (let y = 0, o = 0; y < height; y++) {
    const row = Math.floor((y * src.height) / height) * src.width;
    for (let x = 0; x < width; x++, o += 4) {
      const from = (row + Math.floor((x * src.width) / width)) * 4;
      data.set(src.data.subarray(from, from + 4), o);
    }
  }
  return { width, height, data };
}

function multiply(picture: Picture, colour: number[], alpha: number): void {
  if (colour.every((value) => value === 1) && alpha === 1) return;
  for (let o = 0; o < picture.data.length; o += 4) {
    for (let c = 0; c < 3; c++) picture.data[o + c] = byteOfLight(LIGHT_OF_BYTE[picture.data[o + c]] * colour[c]);
    picture.data[o + 3] = Math.round(picture.data[o + 3] * alpha);
  }
}
