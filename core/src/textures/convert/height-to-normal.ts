import type { DeepChannel, Picture } from '../pictures/picture-codec';

/**
 * A normal map of a height map, green up. The slope is that of the surface: heights from 0 to `depthM` over texels of `texelM`,
 * by central differences, wrapping round at the edges as tiling maps do.
 * @param height one channel, 0 lowest and 65535 highest
 * @param depthM metres between the lowest and the highest a height can be; 0 gives a flat map
 * @param texelM metres a texel is wide; above 0
 */
export function heightToNormal(height: DeepChannel, depthM: number, texelM: number): Picture {
  if (!(texelM > 0) || !(depthM >= 0))
    throw new Error(`heightToNormal: depth of 0 or more and a texel above 0, got ${depthM} and ${texelM}`);
  const { width, height: rows, data: h } = height;
  const data = new Uint8Array(width * rows * 4);
  const scale = depthM / 65535 / (2 * texelM);
  for (let y = 0, o = 0; y < rows; y++) {
    const row = y * width;
    const above = (y === 0 ? rows - 1 : y - 1) * width;
    const below = (y === rows - 1 ? 0 : y + 1) * width;
    for (let x = 0; x < width; x++, o += 4) {
      const left = row + (x === 0 ? width - 1 : x - 1);
      const right = row + (x === width - 1 ? 0 : x + 1);
      const nx = -(h[right] - h[left]) * scale;
      // rows run down the picture, green up it
      const ny = (h[below + x] - h[above + x]) * scale;
      const length = Math.sqrt(nx * nx + ny * ny + 1);
      data[o] = Math.round((nx / length + 1) * 127.5);
      data[o + 1] = Math.round((ny / length + 1) * 127.5);
      data[o + 2] = Math.round((1 / length + 1) * 127.5);
      data[o + 3] = 255;
    }
  }
  return { width, height: rows, data };
}
