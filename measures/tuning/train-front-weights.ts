import { writeFileSync } from 'node:fs';
import { FRONT_FEATURES, FRONTS, measureFront } from '@haveld/core/placement/front/front-features';
import { measureSurface } from '@haveld/core/placement/stance/surface-measures';
import { computeBounds } from '@haveld/core/scene/bounds';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import { hasKnownFront, readAllFurniture } from '../src/parts/furniture';
import { fitChoice, type Choice } from './fit-choice';

// Fits core/placement/front/front-weights.ts to two thirds of the authors of the open furniture: which of its four sides a model
// faces. The catalogue holds what it does not turn with its front to +z. The same models give the same weights.
const choices: Choice[] = [];
for await (const model of readAllFurniture('tuning')) {
  if (!hasKnownFront(model)) continue;
  const instances = listMeshInstances(model.document);
  const box = computeBounds(model.document, instances);
  const surface = box && measureSurface(instances, box);
  if (!surface) continue;
  const { features } = measureFront(surface, null);
  choices.push({
    options: FRONTS.map((id) => FRONT_FEATURES.map((name) => features[id][name])),
    chosen: FRONTS.indexOf('+z'),
  });
}
const weights = fitChoice(choices);
const right = choices.filter(({ options, chosen }) => {
  const scores = options.map((option) => option.reduce((sum, value, k) => sum + value * weights[k], 0));
  return scores.indexOf(Math.max(...scores)) === chosen;
}).length;
console.log(`${right} of ${choices.length} on the models it was fitted to`);
FRONT_FEATURES.forEach((name, k) => console.log(`  ${name.padEnd(12)} ${weights[k].toFixed(2)}`));
writeFileSync(
  'core/src/placement/front/front-weights.ts',
  `import type { FrontFeatures } from './front-features';

/** Fitted by measures/tuning/train-front-weights.ts (\`npm run tune front\`) to two thirds of the authors of the open furniture. */
export const FRONT_WEIGHTS: Record<keyof FrontFeatures, number> = {
${FRONT_FEATURES.map((name, k) => `  ${name}: ${Number(weights[k].toFixed(3))},`).join('\n')}
};
`,
);
