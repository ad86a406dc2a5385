import { readFileSync, writeFileSync } from 'node:fs';
import type { TextureRole } from '@haveld/contract/texture-role';
import { createRandom } from '@haveld/core/testing/random';
import { listPictureFeatures } from '@haveld/core/textures/judging/picture-features';
import { measurePicture } from '@haveld/core/textures/judging/picture-measures';
import type { Picture } from '@haveld/core/textures/pictures/picture-codec';
import { sharpCodec } from '@haveld/engine/pictures/sharp-codec';
import { fetchMaterialSet } from '../src/parts/fetch-material-set';
import { MATERIAL_SETS, type SetMap } from '../src/parts/material-sets';
import { fitSoftmax, type Row } from './fit-softmax';
import { blur, fromBrightness, pack } from './make-pictures';

// Fits core/textures/judging/picture-weights.ts to the tuning sets, and to pictures made of theirs where a role hardly occurs:
// roughness from gloss, metal and masks by a threshold, occlusion from heights, packed maps from several. The same sets give the
// same weights.
const CLASSES = [
  'base-colour',
  'normal',
  'height',
  'surface',
  'metallic',
  'occlusion',
  'emissive',
  'opacity',
  'packed',
];
const random = createRandom(7);
const rows: Row[] = [];
const add = (name: string, picture: Picture): void => {
  rows.push({ of: CLASSES.indexOf(name), features: listPictureFeatures(measurePicture(picture)) });
};
const read = (map: SetMap): Promise<Picture | null> =>
  sharpCodec.decode(new Uint8Array(readFileSync(map.file))).catch(() => null);
const classOf = (role: TextureRole): string =>
  ['roughness', 'glossiness', 'specular'].includes(role) ? 'surface' : role === 'mask' ? 'opacity' : role;

const maps: SetMap[] = [];
for (const set of MATERIAL_SETS.filter(({ use }) => use === 'tuning'))
  maps.push(...set.list(await fetchMaterialSet(set, process.cwd())));
const glossy = maps.filter(({ roles }) => roles[0] === 'specular');
for (const map of maps) {
  const picture = await read(map);
  if (!picture) continue;
  add(classOf(map.roles[0]), picture);
  if (map.roles[0] === 'specular') makeOfGloss(picture);
  if (map.roles[0] === 'height') await makeOfHeights(picture);
  if (map.roles[0] === 'base-colour') makeOfAlpha(picture);
}
for (let i = 0; i < 60; i++) {
  const value = [0, 255, Math.floor(random() * 255)][i % 3];
  const even = { width: 64, height: 64, data: new Uint8Array(64 * 64 * 4).fill(255) };
  add(
    ['metallic', random() < 0.5 ? 'occlusion' : 'opacity', 'surface'][i % 3],
    fromBrightness(even, () => value),
  );
}

function makeOfGloss(picture: Picture): void {
  const [scale, shift, threshold] = [0.4 + random() * 0.6, random() * 90, 30 + random() * 150];
  if (random() < 0.6)
    add(
      'surface',
      fromBrightness(picture, (value) => 255 - value * scale),
    );
  if (random() < 0.6)
    add(
      'surface',
      fromBrightness(picture, (value) => value * scale + shift),
    );
  if (random() < 0.5)
    add(
      'metallic',
      fromBrightness(picture, (value) => (value > threshold ? 255 : 0)),
    );
  if (random() < 0.25)
    add(
      'metallic',
      fromBrightness(picture, (value) => (value > threshold ? 200 + value * 0.2 : value * 0.1)),
    );
}

async function makeOfHeights(picture: Picture): Promise<void> {
  const around = blur(picture, Math.max(2, Math.round(picture.width / (20 + random() * 60))));
  const depth = 0.8 + random() * 2.5;
  const occlusion = fromBrightness(picture, (value, i) => 255 - Math.max(0, around[i] - value) * depth);
  add('occlusion', occlusion);
  if (random() < 0.5) {
    const soft = blur(picture, Math.max(2, Math.round(picture.width / 100)));
    add(
      'height',
      fromBrightness(picture, (_, i) => soft[i]),
    );
  }
  for (let k = 0; k < 2; k++) {
    const other = await read(glossy[Math.floor(random() * glossy.length)]);
    if (!other || other.width < picture.width || other.height < picture.height) continue;
    const bright = (x: number, y: number): number => {
      const o = (y * other.width + x) * 4;
      return (other.data[o] + other.data[o + 1] + other.data[o + 2]) / 3;
    };
    const [threshold, scale, isRough, even] = [
      40 + random() * 120,
      0.4 + random() * 0.6,
      random() < 0.5,
      random() * 255,
    ];
    const ways: ((x: number, y: number) => number)[] = [
      () => 0,
      () => even,
      (x, y) => occlusion.data[(y * picture.width + x) * 4],
      (x, y) => (bright(x, y) > threshold ? 255 : 0),
      (x, y) => (isRough ? 255 - bright(x, y) * scale : bright(x, y) * scale),
      (x, y) => picture.data[(y * picture.width + x) * 4],
      (x, y) => Math.max(0, bright(x, y) - 170) * 3,
    ];
    const chosen = [0, 1, 2].map(() => Math.floor(random() * ways.length));
    if (new Set(chosen).size > 1 && chosen.some((way) => way > 1))
      add(
        'packed',
        pack(
          picture,
          chosen.map((way) => ways[way]),
        ),
      );
  }
}

function makeOfAlpha(picture: Picture): void {
  const { clear, solid } = measurePicture(picture);
  if (clear <= 0.02 || solid <= 0.1) return;
  add(
    'opacity',
    fromBrightness(picture, (_, i) => picture.data[i * 4 + 3]),
  );
}

const counts = CLASSES.map((_, c) => rows.filter(({ of }) => of === c).length);
console.log(CLASSES.map((name, c) => `${name} ${counts[c]}`).join(', '));
const weights = fitSoftmax(rows, CLASSES.length, random).map((row) => row.map((value) => Number(value.toFixed(3))));
const roots = counts.map(Math.sqrt);
const priors = roots.map((root) => Number((root / roots.reduce((sum, one) => sum + one, 0)).toFixed(4)));
writeFileSync(
  'core/src/textures/judging/picture-weights.ts',
  `// written by \`npm run tune\`; what it is made from: measures/tuning/train-picture-weights.ts
/** What a picture alone can tell apart. \`surface\`: roughness, glossiness and specular look alike. */
export const PICTURE_CLASSES = [${CLASSES.map((name) => `'${name}'`).join(', ')}] as const;
export type PictureClass = (typeof PICTURE_CLASSES)[number];

/** A row a class: one weight a feature of \`PICTURE_FEATURES\`, then the constant. */
export const PICTURE_WEIGHTS: readonly (readonly number[])[] = ${JSON.stringify(weights)};

/** How much of what the weights were fitted to each class was, by its weight. */
export const PICTURE_PRIORS: readonly number[] = ${JSON.stringify(priors)};
`,
);
