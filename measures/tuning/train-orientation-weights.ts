import { listOrientationFeatures, ORIENTATION_FEATURES } from '@haveld/core/placement/orientation/orientation-features';
import { measureSurface } from '@haveld/core/placement/orientation/surface-measures';
import { findTypicalSize } from '@haveld/core/placement/size/typical-sizes';
import { computeBounds } from '@haveld/core/scene/measures/bounds';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { readAllFurniture } from '../src/parts/furniture';
import type { Choice } from './fit-choice';
import { writeChoiceWeights } from './write-choice-weights';

// Fits core/placement/stance/stance-weights.ts to two thirds of the authors of the open furniture: which of the six ends of its
// box a model stands on, with its name and without. The same models give the same weights.
const choices: Choice[] = [];
for await (const { row, document, foot } of readAllFurniture('tuning')) {
  const box = computeBounds(document);
  const surface = box && measureSurface(listPlacedParts(document), box);
  if (!surface || foot === null) continue;
  for (const typical of [null, findTypicalSize(`${row.name} ${row.category}`)])
    choices.push({
      options: listOrientationFeatures(surface, typical).map((features) =>
        ORIENTATION_FEATURES.map((name) => features[name]),
      ),
      chosen: foot,
    });
}
writeChoiceWeights(choices, ORIENTATION_FEATURES, {
  path: 'core/src/placement/orientation/orientation-weights.ts',
  constant: 'ORIENTATION_WEIGHTS',
  type: 'OrientationFeatures',
  module: './stance-features',
  by: 'measures/tuning/train-orientation-weights.ts (`npm run tune orientation`)',
});
