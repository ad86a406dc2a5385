import sharp from 'sharp';
import { reducePicture } from '@haveld/core/textures/convert/reduce-picture';
import { sharpCodec } from '../pictures/sharp-codec';
import { readFurniturePictures } from '../testing/open-furniture';

// libvips (by way of sharp) averages figures with its own kernel; on pictures of the open furniture both should see the same
test('pictures reduced to half agree with libvips, as figures and as light', async () => {
  const pictures = (await readFurniturePictures()).slice(0, 20);
  let compared = 0;
  let [worstPlain, worstLight] = [0, 0];
  for (const { bytes } of pictures) {
    const src = await sharpCodec.decode(bytes);
    const [width, height] = [src.width >> 1, src.height >> 1];
    if (width < 32 || height < 32) continue;
    const raw = { width: src.width, height: src.height, channels: 4 as const };
    const cut = sharp(src.data, { raw }).removeAlpha();
    const plain = await cut.clone().resize(width, height, { fit: 'fill', kernel: 'linear' }).raw().toBuffer();
    const light = await cut
      .clone()
      .pipelineColourspace('scrgb')
      .resize(width, height, { fit: 'fill', kernel: 'linear' })
      .toColourspace('srgb')
      .raw({ depth: 'uchar' })
      .toBuffer();
    // libvips weighs by alpha while it resizes; figures are not weighed by it
    const isSolid = src.data.every((value, i) => i % 4 !== 3 || value === 255);
    if (isSolid)
      worstPlain = Math.max(worstPlain, meanDifference(reducePicture(src, width, height, 'data').data, plain));
    worstLight = Math.max(worstLight, meanDifference(reducePicture(src, width, height, 'colour').data, light));
    compared++;
  }
  console.log(
    `reduced to half, against libvips: ${compared} pictures, mean difference at most ${worstPlain.toFixed(2)} as figures, ${worstLight.toFixed(2)} as light, of 255`,
  );
  expect(compared).toBeGreaterThan(10);
  // its kernel looks a little farther than the texels that are covered
  expect(worstPlain).toBeLessThan(6);
  expect(worstLight).toBeLessThan(6);
});

function meanDifference(rgba: Uint8Array, rgb: Buffer): number {
  let sum = 0;
  for (let i = 0, o = 0; i < rgb.length; i += 3, o += 4)
    for (let c = 0; c < 3; c++) sum += Math.abs(rgba[o + c] - rgb[i + c]);
  return sum / rgb.length;
}
