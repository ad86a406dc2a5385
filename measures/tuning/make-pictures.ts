import type { Picture } from '@haveld/core/textures/pictures/picture-codec';

/** Another picture from the brightness of one: `f` gets it, 0 to 255, and the texel's number. */
export function fromBrightness(src: Picture, f: (value: number, i: number) => number): Picture {
  const data = new Uint8Array(src.data.length);
  for (let o = 0, i = 0; o < data.length; o += 4, i++) {
    const value = Math.max(0, Math.min(255, Math.round(f((src.data[o] + src.data[o + 1] + src.data[o + 2]) / 3, i))));
    data.fill(value, o, o + 3);
    data[o + 3] = 255;
  }
  return { ...src, data };
}

/** Brightness, averaged over squares of 2 · radius + 1 texels, round the edges. */
export function blur(src: Picture, radius: number): Float32Array {
  const { width, height } = src;
  const rows = new Float32Array(width * height);
  const both = new Float32Array(width * height);
  const bright = (x: number, y: number): number => {
    const o = (y * width + (((x % width) + width) % width)) * 4;
    return (src.data[o] + src.data[o + 1] + src.data[o + 2]) / 3;
  };
  const count = 2 * radius + 1;
  for (let y = 0; y < height; y++) {
    let sum = 0;
    for (let k = -radius; k <= radius; k++) sum += bright(k, y);
    for (let x = 0; x < width; x++) {
      rows[y * width + x] = sum / count;
      sum += bright(x + radius + 1, y) - bright(x - radius, y);
    }
  }
  const wrap = (y: number): number => ((y % height) + height) % height;
  for (let x = 0; x < width; x++) {
    let sum = 0;
    for (let k = -radius; k <= radius; k++) sum += rows[wrap(k) * width + x];
    for (let y = 0; y < height; y++) {
      both[y * width + x] = sum / count;
      sum += rows[wrap(y + radius + 1) * width + x] - rows[wrap(y - radius) * width + x];
    }
  }
  return both;
}

/** Three pictures in the channels of one; each is a function of the texel. */
export function pack(src: Picture, channels: readonly ((x: number, y: number) => number)[]): Picture {
  const data = new Uint8Array(src.data.length);
  for (let y = 0, o = 0; y < src.height; y++)
    for (let x = 0; x < src.width; x++, o += 4) {
      for (let c = 0; c < 3; c++) data[o + c] = Math.max(0, Math.min(255, channels[c](x, y)));
      data[o + 3] = 255;
    }
  return { ...src, data };
}
