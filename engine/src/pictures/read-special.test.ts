import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { jest } from '@jest/globals';
import { ImageMagick, initializeImageMagick, MagickFormat } from '@imagemagick/magick-wasm';
import { encodeToKTX2 } from 'ktx2-encoder';
import sharp from 'sharp';
import { DataTexture, FloatType, RGBAFormat } from 'three';
import { EXRExporter } from 'three/examples/jsm/exporters/EXRExporter.js';
import { createScratchStore } from '../testing/scratch-store';
import { lookAtMap } from './look-at-map';
import { sharpCodec } from './sharp-codec';

// files are written by other programs' code than reads them where there is any: ImageMagick, libvips, three's exporter, Basis
const SIDE = 8;
/** Red across, green down, blue even. */
const texel = (x: number, y: number): number[] => [x * 32, y * 32, 128, 255];
const RGBA = Uint8Array.from(
  Array.from({ length: SIDE * SIDE }, (_, i) => texel(i % SIDE, Math.floor(i / SIDE))).flat(),
);
const source = () => sharp(RGBA, { raw: { width: SIDE, height: SIDE, channels: 4 } });

/** TIFF 6.0: one strip of three 32-bit floats a texel. */
function writeFloatTiff(): Buffer {
  const head = 8 + 2 + 11 * 12 + 4;
  const file = Buffer.alloc(head + 12 + SIDE * SIDE * 12);
  file.write('II*\0', 'latin1');
  file.writeUInt32LE(8, 4);
  const data = head + 12;
  // tag, type (3 short, 4 long), count, value
  const entries = [
    [256, 3, 1, SIDE],
    [257, 3, 1, SIDE],
    [258, 3, 3, head],
    [259, 3, 1, 1],
    [262, 3, 1, 2],
    [273, 4, 1, data],
    [277, 3, 1, 3],
    [278, 3, 1, SIDE],
    [279, 4, 1, SIDE * SIDE * 12],
    [284, 3, 1, 1],
    [339, 3, 3, head + 6],
  ];
  file.writeUInt16LE(entries.length, 8);
  entries.forEach(([tag, type, count, value], i) => {
    const at = 10 + i * 12;
    file.writeUInt16LE(tag, at);
    file.writeUInt16LE(type, at + 2);
    file.writeUInt32LE(count, at + 4);
    file.writeUInt32LE(value, at + 8);
  });
  [32, 32, 32, 3, 3, 3].forEach((value, i) => file.writeUInt16LE(value, head + i * 2));
  for (let i = 0; i < SIDE * SIDE; i++)
    for (let c = 0; c < 3; c++) file.writeFloatLE(RGBA[i * 4 + c] / 255, data + (i * 3 + c) * 4);
  return file;
}

beforeAll(async () => {
  const folder = dirname(createRequire(import.meta.url).resolve('@imagemagick/magick-wasm'));
  await initializeImageMagick(readFileSync(join(folder, 'x86/magick.wasm')));
});

async function writeWithMagick(format: MagickFormat): Promise<Uint8Array> {
  const png = await source().png().toBuffer();
  return ImageMagick.read(png, (image) => image.write(format, (bytes) => bytes.slice()));
}

function expectSame(found: { width: number; height: number; data: Uint8Array }, within: number): void {
  expect([found.width, found.height]).toEqual([SIDE, SIDE]);
  let worst = 0;
  for (let o = 0; o < RGBA.length; o++) if (o % 4 < 3) worst = Math.max(worst, Math.abs(found.data[o] - RGBA[o]));
  expect(worst).toBeLessThanOrEqual(within);
}

test.each([
  ['PSD', MagickFormat.Psd, 1],
  ['HDR', MagickFormat.Hdr, 255],
  ['TGA', MagickFormat.Tga, 0],
  ['BMP', MagickFormat.Bmp, 0],
])('%s comes out the right way up', async (_, format, within) => {
  const read = await sharpCodec.decode(await writeWithMagick(format));
  expectSame(read, within);
  // the top left is dark, the right red, the bottom green, in every coding
  expect(read.data[(SIDE - 1) * 4]).toBeGreaterThan(read.data[0] + 60);
  expect(read.data[(SIDE - 1) * SIDE * 4 + 1]).toBeGreaterThan(read.data[1] + 60);
});

test('DDS, packed in blocks, comes out near to what went in', async () => {
  const read = await sharpCodec.decode(await writeWithMagick(MagickFormat.Dds));
  expect([read.width, read.height]).toEqual([SIDE, SIDE]);
  expect(read.data[(SIDE - 1) * 4]).toBeGreaterThan(150);
  expect(read.data[(SIDE - 1) * SIDE * 4 + 1]).toBeGreaterThan(150);
});

test('EXR comes out as light from 0 to 1, the right way up', async () => {
  const floats = Float32Array.from(RGBA, (value) => value / 255);
  const texture = new DataTexture(floats, SIDE, SIDE, RGBAFormat, FloatType);
  const bytes = await new EXRExporter().parse(texture as never, { type: FloatType } as never);
  const read = await sharpCodec.decode(new Uint8Array(bytes));
  expect(read.isLinear).toBe(true);
  expect([read.width, read.height]).toEqual([SIDE, SIDE]);
  expect(read.data[(SIDE - 1) * 4]).toBe(224);
});

test.each([
  ['Basis, small', false],
  ['Basis, fine', true],
])('KTX2 of %s comes out near to what went in', async (_, isUASTC) => {
  const said = jest.spyOn(console, 'log').mockImplementation(() => undefined);
  const bytes = await encodeToKTX2(new Uint8Array(1), {
    isUASTC,
    generateMipmap: false,
    imageDecoder: () => Promise.resolve({ data: RGBA, width: SIDE, height: SIDE }),
  });
  said.mockRestore();
  expectSame(await sharpCodec.decode(bytes), isUASTC ? 24 : 110);
});

test('a broken KTX2 is refused in a sentence', async () => {
  const bytes = Uint8Array.from([
    0xab,
    0x4b,
    0x54,
    0x58,
    0x20,
    0x32,
    0x30,
    0xbb,
    13,
    10,
    26,
    10,
    ...new Array<number>(90).fill(0),
  ]);
  await expect(sharpCodec.decode(bytes)).rejects.toThrow('as KTX2');
});

test.each([
  ['16 bits', () => source().toColourspace('rgb16').png().toBuffer(), { bits: 16, kind: 'png' }],
  ['32 bits, TIFF', () => Promise.resolve(writeFloatTiff()), { bits: 32, kind: 'tiff' }],
  [
    'CMYK',
    () => source().removeAlpha().toColourspace('cmyk').jpeg().toBuffer(),
    { kind: 'jpeg', notes: ['CMYK, converted to sRGB'] },
  ],
  ['AVIF', () => source().avif().toBuffer(), { kind: 'avif' }],
  ['WebP', () => source().webp({ lossless: true }).toBuffer(), { kind: 'webp', bits: 8 }],
  ['GIF', () => source().gif().toBuffer(), { kind: 'gif' }],
])('a picture of %s is looked at and said to be that', async (_, write, expected) => {
  const { store } = createScratchStore();
  const facts = await lookAtMap(new Uint8Array(await write()), 'a'.repeat(64), store);
  expect(facts).toMatchObject({ problem: null, width: SIDE, height: SIDE, ...expected });
  expect(facts.thumbSha256).not.toBeNull();
  expect(facts.measures!.mean[2]).toBeGreaterThan(0.15);
});

test('heights are read as deep as the file has them', async () => {
  const deep = Uint16Array.from({ length: 4 }, (_, i) => i * 257 + i);
  const png = await sharp(deep, { raw: { width: 4, height: 1, channels: 1 } })
    .toColourspace('grey16')
    .png()
    .toBuffer();
  const { data } = await sharpCodec.decodeDeep(new Uint8Array(png));
  expect(new Set(data).size).toBe(4);
});

test.each([
  [
    'a PNG of a hundred thousand texels a side',
    () => {
      const png = Buffer.alloc(64);
      png.set([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13, 0x49, 0x48, 0x44, 0x52]);
      png.writeUInt32BE(100_000, 16);
      png.writeUInt32BE(100_000, 20);
      return png;
    },
    '100000 × 100000; at most 16384',
  ],
  [
    'a TGA that promises more than it holds',
    () => {
      const tga = Buffer.alloc(64);
      tga[2] = 2;
      tga.writeUInt16LE(8000, 12);
      tga.writeUInt16LE(8000, 14);
      tga[16] = 32;
      return tga;
    },
    'too few for that',
  ],
  [
    'a PSD larger than is read',
    () => {
      const psd = Buffer.alloc(64);
      psd.write('8BPS');
      psd.writeUInt32BE(20_000, 14);
      psd.writeUInt32BE(20_000, 18);
      return psd;
    },
    'at most 8192',
  ],
])('%s is refused by its header, and says so on the sheet', async (_, make, sentence) => {
  const { store } = createScratchStore();
  const facts = await lookAtMap(new Uint8Array(make()), createHash('sha256').digest('hex'), store);
  expect(facts.problem).toContain(sentence);
  expect(facts.measures).toBeNull();
});

test('what no browser shows gets a copy it does, what it shows gets none', async () => {
  const { store } = createScratchStore();
  const psd = await lookAtMap(await writeWithMagick(MagickFormat.Psd), 'a'.repeat(64), store);
  const shown = await sharp(await store.get(psd.shownSha256!)).metadata();
  expect([shown.format, shown.width]).toEqual(['png', SIDE]);
  expect(
    (await lookAtMap(new Uint8Array(await source().png().toBuffer()), 'a'.repeat(64), store)).shownSha256,
  ).toBeNull();
});
