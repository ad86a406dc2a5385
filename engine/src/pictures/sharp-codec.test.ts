import sharp from 'sharp';
import { DomainError } from '@haveld/contract/error';
import { sharpCodec } from './sharp-codec';

/** Red above, blue below, 1 × 2. */
const PIXELS = [255, 0, 0, 255, 0, 0, 255, 255];

test('a PNG written is read back texel for texel, also where it is see-through', async () => {
  const data = Uint8Array.from([255, 0, 0, 255, 10, 20, 30, 0]);
  const { data: read } = await sharpCodec.decode(await sharpCodec.encodePng({ width: 1, height: 2, data }));
  expect([...read]).toEqual([...data]);
});

test('TGA, which counts rows from below, comes out the right way up', async () => {
  const head = [0, 0, 2, 0, 0, 0, 0, 0, 0, 0, 0, 0, 1, 0, 2, 0, 24, 0];
  // bottom row first, blue green red
  const tga = Uint8Array.from([...head, 255, 0, 0, 0, 0, 255]);
  expect([...(await sharpCodec.decode(tga)).data]).toEqual(PIXELS);
});

test('BMP comes out the right way up', async () => {
  const bmp = Buffer.alloc(54 + 8);
  bmp.write('BM');
  bmp.writeUInt32LE(62, 2);
  bmp.writeUInt32LE(54, 10);
  bmp.writeUInt32LE(40, 14);
  bmp.writeInt32LE(1, 18);
  bmp.writeInt32LE(2, 22);
  bmp.writeUInt16LE(1, 26);
  bmp.writeUInt16LE(24, 28);
  bmp.set([255, 0, 0, 0, 0, 0, 255, 0], 54);
  const { data, width, height } = await sharpCodec.decode(new Uint8Array(bmp));
  expect([width, height]).toEqual([1, 2]);
  expect([...data].filter((_, i) => i % 4 !== 3)).toEqual(PIXELS.filter((_, i) => i % 4 !== 3));
});

test('grey, palette and 16-bit pictures come out as 8-bit RGBA', async () => {
  const grey = await sharp(Buffer.from([0, 128]), { raw: { width: 2, height: 1, channels: 1 } })
    .png()
    .toBuffer();
  expect([...(await sharpCodec.decode(grey)).data]).toEqual([0, 0, 0, 255, 128, 128, 128, 255]);
  const deep = await sharp(Buffer.from([255, 0, 0]), { raw: { width: 1, height: 1, channels: 3 } })
    .toColourspace('rgb16')
    .png()
    .toBuffer();
  expect([...(await sharpCodec.decode(deep)).data]).toEqual([255, 0, 0, 255]);
});

test('what is no picture is refused in a sentence', async () => {
  await expect(sharpCodec.decode(Buffer.from('hello'))).rejects.toThrow(DomainError);
  await expect(sharpCodec.decode(Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2]))).rejects.toThrow(
    'as PNG',
  );
});
