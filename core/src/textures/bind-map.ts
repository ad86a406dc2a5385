import type { Document, Material, Texture } from '@gltf-transform/core';
import type { TextureSlot } from '@haveld/contract/step';
import type { Channel, Packing } from '@haveld/contract/texture-role';
import { getMaterialSource } from '../scene/document/source-data';
import { createWhite, putChannel, takeChannel } from './convert/change-channels';
import { toSrgb } from './convert/srgb';
import { identifyPicture } from './pictures/identify-picture';
import type { Picture, PictureCodec } from './pictures/picture-codec';
import { chooseAlphaMode } from './materials/choose-alpha-mode';
import { setSlotTexture } from './slot-texture';
import { SLOTS } from './slots';

/**
 * Binds a picture to a slot of a material. Slots glTF does not have are put where glTF keeps them: roughness in the green
 * channel and metallic in the blue one of one map (glTF 2.0, 3.9.2), glossiness turned over into roughness, opacity in the alpha
 * of the base colour, specular in KHR_materials_specular as the colour of reflections. Heights have no place and stay unbound;
 * their reference is kept.
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
  switch (slot) {
    case 'roughness':
    case 'glossiness':
    case 'metallic': {
      const picture = await codec.decode(bytes);
      await packChannel(
        document,
        material,
        slot === 'metallic' ? 'metallic' : 'roughness',
        slot === 'glossiness' ? takeChannel(picture, 'r', true) : picture,
        codec,
      );
      return true;
    }
    case 'opacity':
      await packOpacity(document, material, await codec.decode(bytes), name, codec);
      return true;
    case 'bump':
      return false;
    default:
      setSlotTexture(document, material, slot, await createTexture(document, bytes, name, slot, codec));
      if (slot === 'baseColor') takePlaceOfColour(material);
      if (slot === 'metallicRoughness') material.setRoughnessFactor(1).setMetallicFactor(1);
      return true;
  }
}

function takePlaceOfColour(material: Material): void {
  const { mappedBase: factor } = getMaterialSource(material);
  if (factor !== undefined) material.setBaseColorFactor([factor, factor, factor, material.getAlpha()]);
}

/** Binds a picture whose channels hold different things; what has no place in a material (height, masks) stays out. */
export async function bindPacked(
  document: Document,
  material: Material,
  packing: Packing,
  bytes: Uint8Array,
  name: string,
  codec: PictureCodec,
): Promise<void> {
  const isGltf = packing.g === 'roughness' && packing.b === 'metallic';
  const picture = await codec.decode(bytes);
  if (isGltf) {
    const texture = await createTexture(document, bytes, name, 'metallicRoughness', codec);
    material.setMetallicRoughnessTexture(texture).setRoughnessFactor(1).setMetallicFactor(1);
    if (packing.r === 'occlusion') material.setOcclusionTexture(texture);
    return;
  }
  for (const channel of ['r', 'g', 'b', 'a'] as Channel[]) {
    const role = packing[channel];
    if (role === 'roughness' || role === 'glossiness')
      await packChannel(document, material, 'roughness', takeChannel(picture, channel, role === 'glossiness'), codec);
    else if (role === 'metallic')
      await packChannel(document, material, 'metallic', takeChannel(picture, channel), codec);
    else if (role === 'occlusion') {
      const png = await codec.encodePng(takeChannel(picture, channel));
      material.setOcclusionTexture(await createTexture(document, png, `${name} occlusion`, 'occlusion', codec));
    } else if (role === 'opacity') await packOpacity(document, material, takeChannel(picture, channel), name, codec);
  }
}

async function createTexture(
  document: Document,
  bytes: Uint8Array,
  name: string,
  slot: TextureSlot,
  codec: PictureCodec,
): Promise<Texture> {
  const known = document
    .getRoot()
    .listTextures()
    .find((texture) => texture.getName() === name && isSame(texture.getImage(), bytes));
  if (known) return known;
  const image = await toGltfImage(bytes, SLOTS[slot].colourSpace, codec);
  return document
    .createTexture(name)
    .setImage(image.bytes as Uint8Array<ArrayBuffer>)
    .setMimeType(image.mimeType);
}

const isSame = (a: Uint8Array | null, b: Uint8Array): boolean =>
  a !== null && a.length === b.length && a.every((byte, i) => byte === b[i]);

/** glTF holds PNG and JPEG (2.0, 3.9.1.1); all else becomes PNG. */
async function toGltfImage(
  bytes: Uint8Array,
  colourSpace: 'srgb' | 'linear',
  codec: PictureCodec,
): Promise<{ bytes: Uint8Array; mimeType: string }> {
  const kind = identifyPicture(bytes);
  if (kind === 'png' || kind === 'jpeg') return { bytes, mimeType: `image/${kind}` };
  const picture = await codec.decode(bytes);
  return {
    bytes: await codec.encodePng(picture.isLinear && colourSpace === 'srgb' ? toScreen(picture) : picture),
    mimeType: 'image/png',
  };
}

/** Light as a screen's colours: IEC 61966-2-1. */
function toScreen(picture: Picture): Picture {
  const table = Uint8Array.from({ length: 256 }, (_, i) => Math.round(toSrgb(i / 255) * 255));
  return { ...picture, data: picture.data.map((value, i) => (i % 4 === 3 ? value : table[value])) };
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
  const packed = beforeImage ? await codec.decode(beforeImage) : createWhite(picture.width, picture.height);
  putChannel(packed, slot === 'roughness' ? 1 : 2, picture);
  const texture = document.createTexture(before?.getName() ?? `${material.getName()} metallic roughness`);
  texture.setImage((await codec.encodePng(packed)) as Uint8Array<ArrayBuffer>).setMimeType('image/png');
  material.setMetallicRoughnessTexture(texture);
  if (slot === 'roughness') material.setRoughnessFactor(1);
  else material.setMetallicFactor(1);
  if (before && before.listParents().length <= 1) before.dispose();
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
  const colour = beforeImage ? await codec.decode(beforeImage) : createWhite(opacity.width, opacity.height);
  putChannel(colour, 3, opacity, hasAlpha(opacity) ? 3 : 0);
  const texture = document.createTexture(name).setMimeType('image/png');
  texture.setImage((await codec.encodePng(colour)) as Uint8Array<ArrayBuffer>);
  const { alphaMode, alphaCutoff } = chooseAlphaMode(colour);
  material.setBaseColorTexture(texture).setAlphaMode(alphaMode).setAlphaCutoff(alphaCutoff).setDoubleSided(true);
}

function hasAlpha({ data }: Picture): boolean {
  for (let o = 3; o < data.length; o += 4) if (data[o] < 250) return true;
  return false;
}
