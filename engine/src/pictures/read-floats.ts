import type { Picture } from '@haveld/core/textures/pictures/picture-codec';
import { FloatType } from 'three';
import { EXRLoader } from 'three/examples/jsm/loaders/EXRLoader.js';
import { HDRLoader } from 'three/examples/jsm/loaders/HDRLoader.js';

interface Floats {
  data: Float32Array;
  width: number;
  height: number;
}

/** Reads a picture of measured light. @throws {Error} in the loader's words */
export function readFloats(kind: 'exr' | 'hdr', bytes: Uint8Array): Picture {
  const loader = kind === 'exr' ? new EXRLoader() : new HDRLoader();
  loader.setDataType(FloatType);
  const { data, width, height } = loader.parse(bytes.slice().buffer) as unknown as Floats;
  // EXR's rows come from the bottom out of its loader
  return fromFloats(data, width, height, kind === 'exr');
}

/** Light from 0 to 1 as 0 to 255; what is brighter is cut. */
function fromFloats(floats: Float32Array, width: number, height: number, fromBelow: boolean): Picture {
  const channels = floats.length / (width * height);
  const data = new Uint8Array(width * height * 4);
  for (let y = 0; y < height; y++) {
    let from = (fromBelow ? height - 1 - y : y) * width * channels;
    for (let x = 0, o = y * width * 4; x < width; x++, o += 4, from += channels) {
      for (let c = 0; c < 3; c++)
        data[o + c] = Math.max(0, Math.min(255, Math.round(floats[from + Math.min(c, channels - 1)] * 255)));
      data[o + 3] = channels === 4 ? Math.max(0, Math.min(255, Math.round(floats[from + 3] * 255))) : 255;
    }
  }
  return { width, height, data, isLinear: true };
}
