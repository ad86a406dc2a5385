import type { Picture, ReduceAs } from '@haveld/core/textures/pictures/picture-codec';
import { openBasis } from './basis-module';

/** The module's number for pixels as they are. */
const RAW_RGBA = 0;

/** The head, the key values and the levels' index. */
const HEAD_ROOM = 64 * 1024;

/**
 * Writes KTX2 as KHR_texture_basisu wants it: UASTC, the one of Basis' two that keeps normals and figures, in Zstandard, with
 * every smaller copy.
 * @param picture width and height multiples of 4
 * @throws {Error} where the encoder refuses
 */
export async function encodeKtx2({ width, height, data }: Picture, as: ReduceAs): Promise<Uint8Array> {
  const encoder = new (await openBasis()).BasisEncoder();
  try {
    encoder.setStatusOutput(false);
    encoder.setCreateKTX2File(true);
    encoder.setUASTC(true);
    encoder.setPackUASTCFlags(0);
    encoder.setKTX2UASTCSupercompression(true);
    if (as === 'normal') encoder.setNormalMapPreset();
    encoder.setSRGBOptions(as === 'colour');
    encoder.setMipGen(true);
    if (!encoder.setSliceSourceImage(0, data, width, height, RAW_RGBA)) throw new Error('the picture was refused');
    // a byte a texel, and a third more for the smaller copies; Zstandard may add a little where nothing repeats
    const dst = new Uint8Array(width * height * 2 + HEAD_ROOM);
    const length = encoder.encode(dst);
    if (length === 0) throw new Error('it cannot be written as KTX2');
    return dst.slice(0, length);
  } finally {
    encoder.delete();
  }
}
