import type { Picture } from '../pictures/picture-codec';

/** Glossiness to roughness and back: 1 − v in every colour channel; alpha stays. */
export function invertPicture(src: Picture): Picture {
  const data = src.data.slice();
  for (let o = 0; o < data.length; o += 4) {
    data[o] = 255 - data[o];
    data[o + 1] = 255 - data[o + 1];
    data[o + 2] = 255 - data[o + 2];
  }
  return { ...src, data };
}

/** A normal map of the other convention: green turned over. Twice gives the first again. */
export function flipGreen(src: Picture): Picture {
  const data = src.data.slice();
  for (let o = 1; o < data.length; o += 4) data[o] = 255 - data[o];
  return { ...src, data };
}

/** One channel of a picture as grey; `inverted` where it holds glossiness and roughness is wanted. */
export function takeChannel(src: Picture, channel: 'r' | 'g' | 'b' | 'a', inverted = false): Picture {
  const from = 'rgba'.indexOf(channel);
  const data = new Uint8Array(src.data.length);
  for (let o = 0; o < data.length; o += 4) {
    const value = inverted ? 255 - src.data[o + from] : src.data[o + from];
    data[o] = value;
    data[o + 1] = value;
    data[o + 2] = value;
    data[o + 3] = 255;
  }
  return { width: src.width, height: src.height, data };
}

/**
 * Puts the red channel of a picture into one channel of another, in place; of two sizes the nearest texel is taken.
 * @param channel 0 to 3
 */
export function putChannel(dst: Picture, channel: number, src: Picture, from = 0): void {
  for (let y = 0, o = channel; y < dst.height; y++) {
    const row = Math.floor((y * src.height) / dst.height) * src.width;
    for (let x = 0; x < dst.width; x++, o += 4)
      dst.data[o] = src.data[(row + Math.floor((x * src.width) / dst.width)) * 4 + from];
  }
}

/** A white picture, solid. */
export const createWhite = (width: number, height: number): Picture => ({
  width,
  height,
  data: new Uint8Array(width * height * 4).fill(255),
});
