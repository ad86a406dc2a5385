import { FRONT_FEATURES, FRONTS, measureFront } from '@haveld/core/placement/front/front-features';
import { measureSurface } from '@haveld/core/placement/orientation/surface-measures';
import { computeBounds } from '@haveld/core/scene/measures/bounds';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { hasKnownFront, readAllFurniture } from '../src/parts/furniture';
import type { Choice } from './fit-choice';
import { writeChoiceWeights } from './write-choice-weights';

// Fits core/placement/front/front-weights.ts to two thirds of the authors of the open furniture: which of its four sides a model
// faces. The catalogue holds what it does not turn with its front to +z. The same models give the same weights.
const choices: Choice[] = [];
for await (const model of readAllFurniture('tuning')) {
  if (!hasKnownFront(model)) continue;
  const box = computeBounds(model.document);
  const surface = box && measureSurface(listPlacedParts(model.document), box);
  if (!surface) continue;
  const { features } = measureFront(surface, null);
  choices.push({
    options: FRONTS.map((id) => FRONT_FEATURES.map((name) => features[id][name])),
    chosen: FRONTS.indexOf('+z'),
  });
}
writeChoiceWeights(choices, FRONT_FEATURES, {
  path: 'core/src/placement/front/front-weights.ts',
  constant: 'FRONT_WEIGHTS',
  type: 'FrontFeatures',
  module: './front-features',
  to: 'two thirds of the authors of the open furniture',
  by: 'measures/tuning/train-front-weights.ts (`npm run tune front`)',
});
