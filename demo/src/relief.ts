import sharp from 'sharp';

type Rgb = [number, number, number];

/** A surface by its heights: what its maps are made of. Coordinates and heights 0 to 1, tiling. */
export type Relief = (u: number, v: number) => number;

const TAU = Math.PI * 2;

/** Boards side by side, their edges rounded. */
export const boards =
  (count: number): Relief =>
  (u, v) =>
    Math.min(1, Math.abs(Math.sin(v * Math.PI * count)) * 3) * 0.7 +
    Math.sin(u * TAU * 3 + Math.sin(v * TAU * count)) * 0.1 +
    0.15;

/** Hammered dents. */
export const hammered =
  (cells: number): Relief =>
  (u, v) => {
    const x = Math.sin(u * TAU * cells) * Math.cos(v * TAU * (cells - 1));
    const y = Math.cos(u * TAU * (cells + 2)) * Math.sin(v * TAU * cells);
    return 0.5 + 0.22 * x + 0.22 * y;
  };

/** Threads over and under. */
export const weave =
  (threads: number): Relief =>
  (u, v) => {
    const over = Math.sin(u * TAU * threads) * Math.sin(v * TAU * threads) > 0;
    return over ? Math.abs(Math.sin(u * TAU * threads)) : Math.abs(Math.sin(v * TAU * threads)) * 0.8;
  };

async function paint(side: number, channels: 3 | 4, texel: (u: number, v: number) => number[]): Promise<Buffer> {
  const data = Buffer.alloc(side * side * channels);
  for (let y = 0, o = 0; y < side; y++)
    for (let x = 0; x < side; x++)
      for (const value of texel(x / side, y / side)) data[o++] = Math.max(0, Math.min(255, Math.round(value)));
  return sharp(data, { raw: { width: side, height: side, channels } })
    .png({ compressionLevel: 9 })
    .toBuffer();
}

/** A normal map of a relief; `green` says which way it points. */
export const normals = (relief: Relief, green: 'up' | 'down', side = 256): Promise<Buffer> =>
  paint(side, 3, (u, v) => {
    const step = 1 / side;
    const dx = (relief(u + step, v) - relief(u - step, v)) * side * 0.02;
    const dy = (relief(u, v + step) - relief(u, v - step)) * side * 0.02;
    const length = Math.hypot(dx, dy, 1);
    const up = green === 'up' ? 1 : -1;
    return [(1 - dx / length) * 127.5, (1 + (up * dy) / length) * 127.5, (1 + 1 / length) * 127.5];
  });

export const heights = (relief: Relief, side = 256): Promise<Buffer> =>
  paint(side, 3, (u, v) => new Array<number>(3).fill(relief(u, v) * 255));

/** Grey from `low` where the relief is deep to `high` where it stands out. */
export const greys = (relief: Relief, low: number, high: number, side = 256): Promise<Buffer> =>
  paint(side, 3, (u, v) => new Array<number>(3).fill(low + (high - low) * relief(u, v)));

/** Dark where the relief is deep, white elsewhere. */
export const occlusion = (relief: Relief, side = 256): Promise<Buffer> =>
  paint(side, 3, (u, v) => new Array<number>(3).fill(255 - 150 * Math.max(0, 0.55 - relief(u, v)) * 2));

/** A colour, darker where the relief is deep. */
export const colours = (relief: Relief, colour: Rgb, side = 256): Promise<Buffer> =>
  paint(side, 3, (u, v) =>
    colour.map((value, c) => value * (0.62 + 0.4 * relief(u, v)) + Math.sin(u * 40 + c + v * 23) * 5),
  );

/** Leaves in rows on nothing. */
export const leaves = (side = 256): Promise<Buffer> =>
  paint(side, 4, (u, v) => {
    const [x, y] = [(u * 4) % 1, (v * 4) % 1];
    const isLeaf = Math.hypot((x - 0.5) * 1.7, y - 0.5) < 0.36 + 0.07 * Math.cos(5 * Math.atan2(y - 0.5, x - 0.5));
    return [70 + x * 40, 104 + y * 50, 44, isLeaf ? 255 : 0];
  });

/** Light behind a shade: bright in the middle, black at the rims. */
export const glow = (side = 256): Promise<Buffer> =>
  paint(side, 3, (u, v) => {
    const bright = Math.max(0, 1 - Math.hypot(u - 0.5, v - 0.5) * 2.6);
    return [255 * bright, 214 * bright, 130 * bright];
  });

export const flat = (value: number, side = 128): Promise<Buffer> => paint(side, 3, () => [value, value, value]);
