import type { GLTF } from '@gltf-transform/core';
import { packGlb } from '@haveld/core/scene/document/pack-glb';
import { listAccessorFaults } from '@haveld/core/scene/written/accessor-faults';
import { splitGlb } from '@haveld/core/scene/document/split-glb';
import { sayFaults, validateGlb, validateStructure, type Validation } from '../validate-gltf';

/**
 * Judges a GLB as the reference validator does, in a fraction of its time: it is asked about structure and pictures, and what it finds by
 * looking at each number is found by passes over typed arrays (engine/src/reference-checks holds both against one another).
 */
export async function checkGlb(bytes: Uint8Array): Promise<Validation> {
  const { text, json, binary } = splitGlb(bytes);
  const structure = await validateStructure(text);
  // numbers are only where the structure says when it is sound
  if (structure.errors > 0 || !binary) return structure;
  const pictures = await validateGlb(packPictures(json, binary));
  const faults = listAccessorFaults(json, binary);
  return {
    errors: pictures.errors + faults.length,
    warnings: structure.warnings + pictures.warnings,
    messages: [...pictures.messages, ...sayFaults(faults), ...structure.messages],
  };
}

/** The same pictures, without the model. */
function packPictures(json: GLTF.IGLTF, binary: Uint8Array): Uint8Array {
  const { asset, extensionsUsed, extensionsRequired, images = [], textures, bufferViews = [] } = json;
  const views = images.flatMap(({ bufferView }) => (bufferView === undefined ? [] : [bufferViews[bufferView]]));
  const length = views.reduce((sum, view) => sum + toFour(view.byteLength), 0);
  const packed = new Uint8Array(length);
  let at = 0;
  const moved = views.map(({ byteOffset = 0, byteLength }) => {
    packed.set(binary.subarray(byteOffset, byteOffset + byteLength), at);
    const view = { buffer: 0, byteOffset: at, byteLength };
    at += toFour(byteLength);
    return view;
  });
  let next = 0;
  return packGlb(
    {
      asset,
      extensionsUsed,
      extensionsRequired,
      // which pictures may be of a kind that wants an extension stands at their textures
      textures: images.length > 0 ? textures?.map((texture) => ({ ...texture, sampler: undefined })) : undefined,
      ...(moved.length > 0 && {
        images: images.map((image) => (image.bufferView === undefined ? image : { ...image, bufferView: next++ })),
        bufferViews: moved,
        buffers: [{ byteLength: length }],
      }),
    },
    packed,
  );
}

const toFour = (length: number): number => (length + 3) & ~3;
