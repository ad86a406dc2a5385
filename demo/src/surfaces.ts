import sharp from 'sharp';

type Rgb = [number, number, number];

/** A seeded hash of two whole numbers, 0 to 1: the same picture at every start. */
function hash(x: number, y: number, seed: number): number {
  let h = Math.imul(x, 374761393) ^ Math.imul(y, 668265263) ^ Math.imul(seed, 974634777);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967295;
}

/** Value noise that tiles over `period` cells. */
function noise(x: number, y: number, period: number, seed: number): number {
  const xi = Math.floor(x);
  const yi = Math.floor(y);
  const fade = (t: number): number => t * t * (3 - 2 * t);
  const u = fade(x - xi);
  const v = fade(y - yi);
  const at = (i: number, j: number): number =>
    hash(((i % period) + period) % period, ((j % period) + period) % period, seed);
  return (
    (at(xi, yi) * (1 - u) + at(xi + 1, yi) * u) * (1 - v) + (at(xi, yi + 1) * (1 - u) + at(xi + 1, yi + 1) * u) * v
  );
}

function cloud(u: number, v: number, cells: number, seed: number): number {
  let sum = 0;
  for (let o = 0, amplitude = 0.5; o < 4; o++, amplitude /= 2)
    sum += noise(u * cells * 2 ** o, v * cells * 2 ** o, cells * 2 ** o, seed + o) * amplitude;
  return sum / 0.9375;
}

const mix = (a: Rgb, b: Rgb, t: number): Rgb => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];
const clamp = (t: number): number => Math.max(0, Math.min(1, t));

async function paint(side: number, pixel: (u: number, v: number) => Rgb, height = side): Promise<Buffer> {
  const data = Buffer.alloc(side * height * 3);
  for (let y = 0, o = 0; y < height; y++) {
    for (let x = 0; x < side; x++, o += 3) {
      const [r, g, b] = pixel(x / side, y / height);
      data[o] = Math.round(clamp(r / 255) * 255);
      data[o + 1] = Math.round(clamp(g / 255) * 255);
      data[o + 2] = Math.round(clamp(b / 255) * 255);
    }
  }
  return sharp(data, { raw: { width: side, height, channels: 3 } })
    .png({ compressionLevel: 9 })
    .toBuffer();
}

/** Planks or turned wood, grain along u. */
export const wood = (light: Rgb, dark: Rgb, seed: number, side = 512): Promise<Buffer> =>
  paint(side, (u, v) => {
    const bend = cloud(u, v, 3, seed) * 0.12;
    const ring = Math.abs(Math.sin((v + bend) * 34 + noise(u * 2, v * 16, 16, seed) * 2.2));
    const fine = noise(u * 8, v * 220, 220, seed + 7);
    return mix(mix(dark, light, 0.35 + ring * 0.55), dark, fine * 0.28);
  });

/** Painted metal: worn edges low down, rust where the noise is high. */
export const paintedMetal = (colour: Rgb, rust: number, seed: number, side = 512): Promise<Buffer> =>
  paint(side, (u, v) => {
    const tone = mix(colour, [colour[0] * 0.72, colour[1] * 0.72, colour[2] * 0.72], cloud(u, v, 6, seed));
    const worn = clamp((cloud(u, v, 9, seed + 20) - (1 - rust)) * 6);
    const streak = clamp((noise(u * 40, v * 3, 40, seed + 3) - 0.78) * 3) * rust;
    return mix(mix(tone, [104, 62, 34], worn), [92, 58, 38], streak);
  });

export const brass = (tarnish: number, seed: number, side = 512): Promise<Buffer> =>
  paint(side, (u, v) => mix([198, 158, 74], [92, 82, 46], clamp(cloud(u, v, 8, seed) * tarnish * 1.5 - 0.1)));

/** Laid rope: strands wind along u. */
export const rope = (seed: number, side = 256): Promise<Buffer> =>
  paint(side, (u, v) => {
    const strand = Math.abs(Math.sin((u * 4 + v) * Math.PI * 3));
    return mix(
      [110, 88, 58],
      [206, 182, 138],
      0.25 + strand * 0.6 + (hash(Math.floor(u * 256), Math.floor(v * 256), seed) - 0.5) * 0.2,
    );
  });

/** A sea chart: land, soundings, depth lines, a compass rose. */
export const chart = (seed: number, side = 1024): Promise<Buffer> =>
  paint(side, (u, v) => {
    const land = cloud(u, v, 4, seed);
    const paper: Rgb = mix([236, 230, 206], [222, 212, 180], noise(u * 30, v * 30, 30, seed));
    const border = Math.min(u, v, 1 - u, 1 - v);
    if (border < 0.02) return [228, 220, 194];
    if (border < 0.028) return [70, 74, 70];
    const rose = Math.hypot(u - 0.78, v - 0.24);
    if (Math.abs(rose - 0.1) < 0.002 || (rose < 0.1 && Math.abs(Math.sin(8 * Math.atan2(v - 0.24, u - 0.78))) < 0.06))
      return [128, 60, 48];
    if (land > 0.62) return mix(paper, [214, 186, 120], 0.75);
    if (land > 0.605) return [78, 72, 58];
    const line = (land * 22) % 1;
    if (line < 0.05) return mix(paper, [88, 128, 150], 0.8);
    if (land > 0.52) return mix(paper, [150, 190, 200], 0.5);
    if ((u * 10) % 1 < 0.012 || (v * 10) % 1 < 0.012) return mix(paper, [110, 116, 110], 0.45);
    return paper;
  });

/** Signal flags of our own invention: four in one picture, side by side. */
export const flags = (side = 512): Promise<Buffer> =>
  paint(
    side,
    (u, v) => {
      const weave = hash(Math.floor(u * 512), Math.floor(v * 128), 3) * 14 - 7;
      const [flag, x] = [Math.floor(u * 4), (u * 4) % 1];
      const red: Rgb = [176, 48, 42];
      const blue: Rgb = [38, 74, 122];
      const ochre: Rgb = [204, 154, 42];
      const white: Rgb = [232, 228, 214];
      const designs: Rgb[] = [
        Math.abs(x - 0.5) < 0.16 || Math.abs(v - 0.5) < 0.16 ? white : red,
        Math.hypot(x - 0.5, v - 0.5) < 0.28 ? ochre : blue,
        x + v < 1 ? ochre : red,
        Math.floor(v * 5) % 2 === 0 ? blue : white,
      ];
      const [r, g, b] = designs[flag];
      return [r + weave, g + weave, b + weave];
    },
    side / 4,
  );

/** Feathers: pale below, grey rows above. */
export const feathers = (seed: number, side = 512): Promise<Buffer> =>
  paint(side, (u, v) => {
    const row = Math.abs(Math.sin(v * 60 + Math.sin(u * 70) * 0.8));
    const tone = mix([240, 238, 230], [150, 156, 162], clamp((v - 0.45) * 4));
    return mix(tone, [118, 122, 128], (1 - row) * 0.25 + noise(u * 60, v * 60, 60, seed) * 0.08);
  });

/** A recording drum's paper with seven days of a falling glass. */
export const barogram = (side = 512): Promise<Buffer> =>
  paint(
    side,
    (u, v) => {
      const trace = 0.45 + 0.2 * Math.sin(u * 7) + 0.06 * Math.sin(u * 23 + 1);
      if (Math.abs(v - trace) < 0.016) return [78, 44, 120];
      if ((u * 28) % 1 < 0.06 || (v * 12) % 1 < 0.07) return [206, 140, 120];
      return [242, 238, 222];
    },
    side / 2,
  );

/** Red and white quarters of a life ring. */
export const lifeRing = (seed: number, side = 512): Promise<Buffer> =>
  paint(side, (u, v) =>
    mix((u * 4) % 1 < 0.35 ? [186, 52, 40] : [232, 226, 210], [120, 104, 84], clamp(cloud(u, v, 7, seed) - 0.55) * 1.4),
  );

/** A tangent-space normal map of small dents, green up. */
export const dents = (strength: number, seed: number, side = 512): Promise<Buffer> =>
  paint(side, (u, v) => {
    const step = 1 / side;
    const height = (x: number, y: number): number => cloud(x, y, 12, seed) * strength;
    const dx = (height(u + step, v) - height(u - step, v)) / (2 * step) / 60;
    const dy = (height(u, v + step) - height(u, v - step)) / (2 * step) / 60;
    const length = Math.hypot(dx, dy, 1);
    return [(-dx / length) * 127.5 + 127.5, (dy / length) * 127.5 + 127.5, (1 / length) * 127.5 + 127.5];
  });
