import sharp, { type Sharp } from 'sharp';
import { compareLooks, LOOK_TOLERANCE } from '@haveld/core/textures/pictures/picture-look';
import { measureLook } from '../pictures/measure-look';
import { readFurniturePictures } from '../testing/open-furniture';

/** What a site or a hand makes of a picture. */
const CHANGES: [string, (bytes: Uint8Array) => Promise<Uint8Array>][] = [
  ['half its size', async (bytes) => halve(bytes).then((image) => image.png().toBuffer())],
  ['as JPEG of quality 60', (bytes) => sharp(bytes).jpeg({ quality: 60 }).toBuffer()],
  [
    'half its size, as WebP of quality 50',
    async (bytes) => halve(bytes).then((image) => image.webp({ quality: 50 }).toBuffer()),
  ],
];

async function halve(bytes: Uint8Array): Promise<Sharp> {
  const { width } = await sharp(bytes).metadata();
  return sharp(bytes).resize({ width: Math.max(16, width >> 1) });
}

test('the maps of the open furniture are known again at another size and compression', async () => {
  const pictures = await readFurniturePictures();
  const known: { name: string; look: string }[] = [];
  const distances: number[] = [];
  const missed: string[] = [];
  let tried = 0;
  for (const { name, bytes } of pictures) {
    const own = await measureLook(bytes);
    if (own === null) throw new Error(`${name} cannot be read`);
    for (const [words, change] of CHANGES) {
      tried++;
      const changed = await measureLook(await change(bytes));
      const distance = changed === null ? Infinity : compareLooks(own, changed);
      distances.push(distance);
      if (distance > LOOK_TOLERANCE) missed.push(`${name} ${words} (${distance.toFixed(1)})`);
    }
    known.push({ name, look: own });
  }
  const pairs = known.flatMap((a, i) =>
    known
      .slice(i + 1)
      .filter((b) => compareLooks(a.look, b.look) <= LOOK_TOLERANCE)
      .map((b) => `${a.name} = ${b.name}`),
  );
  console.log(
    `pictures: ${pictures.length} different files; ${tried - missed.length} of ${tried} changed ones known again, the farthest ${Math.max(...distances).toFixed(2)} apart${missed.length > 0 ? ` (missed: ${missed.join('; ')})` : ''}; of ${(known.length * (known.length - 1)) / 2} pairs ${pairs.length} taken for the same${pairs.length > 0 ? `:\n  ${pairs.join('\n  ')}` : ''}`,
  );
  expect(pictures.length).toBeGreaterThan(50);
  expect(missed.length / tried).toBeLessThan(0.02);
});
