import type { Document } from '@gltf-transform/core';
import { listOrientationFeatures, ORIENTATION_FEATURES } from '@haveld/core/placement/orientation/orientation-features';
import { measureSurface } from '@haveld/core/placement/orientation/surface-measures';
import { mountByName } from '@haveld/core/placement/pivot/judge-mount';
import { chooseTypical } from '@haveld/core/placement/size/typical-fit';
import { listTypicalSizes } from '@haveld/core/placement/size/typical-sizes';
import { boxSize, computeBounds } from '@haveld/core/scene/measures/bounds';
import { listPlacedParts } from '@haveld/core/scene/measures/placed-parts';
import { readAllFurniture } from '../src/parts/furniture';
import { readAnew } from '../src/parts/read-anew';
import { listUnseenModels } from '../src/parts/unseen-models';
import type { Choice } from './fit-choice';
import { writeChoiceWeights } from './write-choice-weights';

// Fits core/placement/orientation/orientation-weights.ts to two thirds of the authors of the open furniture and half of those of four
// packages of models: which of the six ends of its box a model stands on, with its name and without. The same models give the same
// weights.
const choices: Choice[] = [];
const ON_Y = 2;
/** Models of one author, and aeroplanes, are alike: so many of them say all. */
const AT_MOST = 12;

function learn(document: Document, name: string, chosen: number): void {
  const box = computeBounds(document);
  const surface = box && measureSurface(listPlacedParts(document), box);
  if (!surface) return;
  const named = [chooseTypical(listTypicalSizes(name), boxSize(box)), mountByName(name)] as const;
  for (const [typical, mount] of [named, [null, undefined] as const])
    choices.push({
      options: listOrientationFeatures(surface, typical, mount).map((features) =>
        ORIENTATION_FEATURES.map((feature) => features[feature]),
      ),
      chosen,
    });
}

for await (const { row, document, foot } of readAllFurniture('tuning'))
  if (foot !== null) learn(document, `${row.name} ${row.category}`, foot);
const byAuthor = new Map<string, number>();
for (const model of listUnseenModels(process.cwd())) {
  const author = model.path.includes('/AI/Aircraft/') ? 'aircraft' : model.author;
  const read = byAuthor.get(author) ?? 0;
  if (model.isHeldOut || read >= AT_MOST) continue;
  byAuthor.set(author, read + 1);
  learn(await readAnew(model, (point) => point), model.name, ON_Y);
}

writeChoiceWeights(choices, ORIENTATION_FEATURES, {
  path: 'core/src/placement/orientation/orientation-weights.ts',
  constant: 'ORIENTATION_WEIGHTS',
  type: 'OrientationFeatures',
  module: './orientation-features',
  to: 'two thirds of the authors of the open furniture and half of those of four packages of models',
  by: 'measures/tuning/train-orientation-weights.ts (`npm run tune orientation`)',
});
