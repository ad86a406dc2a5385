import type { Document, Material, Texture } from '@gltf-transform/core';
import type { TextureSlot } from '@haveld/contract/step';
import { identifyPicture } from './identify-picture';
import type { Picture, PictureCodec } from './picture-codec';

/**
 * Binds a picture to a slot of a material. Slots glTF does not have are put where glTF keeps them: roughness in the green
 * channel and metallic in the blue one of one map (glTF 2.0, 3.9.2), opacity in the alpha of the base colour. Height and
 * specular maps have no place and stay unbound; their reference is kept.
 * @returns whether the map shows now
 */
export async function bindMap(
  document: Document,
  material: Material,
  slot: TextureSlot,
  bytes: Uint8Array,
  name: string,
  codec: PictureCodec,
): Promise<boolean> {
  const create = async (): Promise<Texture> => {
    const image = await toGltfImage(bytes, codec);
    return document
      .createTexture(name)
      .setImage(image.bytes as Uint8Array<ArrayBuffer>)
      .setMimeType(image.mimeType);
  };
  switch (slot) {
    case 'baseColour':
      material.setBaseColorTexture(await create());
      return true;
    case 'normal':
      material.setNormalTexture(await create());
      return true;
    case 'occlusion':
      material.setOcclusionTexture(await create());
      return true;
    case 'emissive':
      material.setEmissiveTexture(await create());
      if (material.getEmissiveFactor().every((v) => v === 0)) material.setEmissiveFactor([1, 1, 1]);
      return true;
    case 'metallicRoughness':
      material
        .setMetallicRoughnessTexture(await create())
        .setRoughnessFactor(1)
        .setMetallicFactor(1);
      return true;
    case 'roughness':
    case 'metallic':
      await packChannel(document, material, slot, await codec.decode(bytes), codec);
      return true;
    case 'opacity':
      await packOpacity(document, material, await codec.decode(bytes), name, codec);
      return true;
    case 'bump':
    case 'specular':
      return false;
  }
}

/** glTF holds PNG and JPEG (2.0, 3.9.1.1); all else becomes PNG. */
async function toGltfImage(bytes: Uint8Array, codec: PictureCodec): Promise<{ bytes: Uint8Array; mimeType: string }> {
  const kind = identifyPicture(bytes);
  if (kind === 'png' || kind === 'jpeg') return { bytes, mimeType: `image/${kind}` };
  return { bytes: await codec.encodePng(await codec.decode(bytes)), mimeType: 'image/png' };
}

async function packChannel(
  document: Document,
  material: Material,
  slot: 'roughness' | 'metallic',
  picture: Picture,
  codec: PictureCodec,
): Promise<void> {
  const before = material.getMetallicRoughnessTexture();
  const beforeImage = before?.getImage();
  const packed: Picture = beforeImage
    ? await codec.decode(beforeImage)
    : {
        width: picture.width,
        height: picture.height,
        data: new Uint8Array(picture.width * picture.height * 4).fill(255),
      };
  const channel = slot === 'roughness' ? 1 : 2;
  for (let y = 0, o = channel; y < packed.height; y++) {
    const row = Math.floor((y * picture.height) / packed.height) * picture.width;
    for (let x = 0; x < packed.width; x++, o += 4) {
      packed.data[o] = picture.data[(row + Math.floor((x * picture.width) / packed.width)) * 4];
    }
  }
  const texture = before ?? document.createTexture(`${material.getName()} metallic roughness`);
  texture.setImage((await codec.encodePng(packed)) as Uint8Array<ArrayBuffer>).setMimeType('image/png');
  material.setMetallicRoughnessTexture(texture);
  if (slot === 'roughness') material.setRoughnessFactor(1);
  else material.setMetallicFactor(1);
}

async function packOpacity(
  document: Document,
  material: Material,
  opacity: Picture,
  name: string,
  codec: PictureCodec,
): Promise<void> {
  const before = material.getBaseColorTexture();
  const beforeImage = before?.getImage();
  const colour: Picture = beforeImage
    ? await codec.decode(beforeImage)
    : {
        width: opacity.width,
        height: opacity.height,
        data: new Uint8Array(opacity.width * opacity.height * 4).fill(255),
      };
  const usesAlpha = hasAlpha(opacity);
  for (let y = 0, o = 3; y < colour.height; y++) {
    const row = Math.floor((y * opacity.height) / colour.height) * opacity.width;
    for (let x = 0; x < colour.width; x++, o += 4) {
      const at = (row + Math.floor((x * opacity.width) / colour.width)) * 4;
      colour.data[o] = opacity.data[at + (usesAlpha ? 3 : 0)];
    }
  }
  const texture = document.createTexture(name).setMimeType('image/png');
  texture.setImage((await codec.encodePng(colour)) as Uint8Array<ArrayBuffer>);
  material.setBaseColorTexture(texture).setAlphaMode('MASK').setAlphaCutoff(0.5).setDoubleSided(true);
}

function hasAlpha({ data }: Picture): boolean {
  for (let o = 3; o < data.length; o += 4) if (data[o] < 250) return true;
  return false;
}
