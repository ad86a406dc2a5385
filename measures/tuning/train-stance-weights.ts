import { writeFileSync } from 'node:fs';
import { listStanceFeatures, STANCE_FEATURES } from '@haveld/core/placement/stance/stance-features';
import { measureSurface } from '@haveld/core/placement/stance/surface-measures';
import { findTypicalSize } from '@haveld/core/placement/typical-sizes';
import { computeBounds } from '@haveld/core/scene/bounds';
import { listMeshInstances } from '@haveld/core/scene/traverse';
import { readAllFurniture } from '../src/parts/furniture';
import { fitChoice, type Choice } from './fit-choice';

// Fits core/placement/stance/stance-weights.ts to two thirds of the authors of the open furniture: which of the six ends of its
// box a model stands on, with its name and without. The same models give the same weights.
const choices: Choice[] = [];
for await (const { row, document, foot } of readAllFurniture('tuning')) {
  const instances = listMeshInstances(document);
  const box = computeBounds(document, instances);
  const surface = box && measureSurface(instances, box);
  if (!surface || foot === null) continue;
  for (const typical of [null, findTypicalSize(`${row.name} ${row.category}`)])
    choices.push({
      options: listStanceFeatures(surface, typical).map((features) => STANCE_FEATURES.map((name) => features[name])),
      chosen: foot,
    });
}
const weights = fitChoice(choices);
const right = choices.filter(({ options, chosen }) => {
  const scores = options.map((option) => option.reduce((sum, value, k) => sum + value * weights[k], 0));
  return scores.indexOf(Math.max(...scores)) === chosen;
}).length;
console.log(`${right} of ${choices.length} on the models it was fitted to`);
STANCE_FEATURES.forEach((name, k) => console.log(`  ${name.padEnd(12)} ${weights[k].toFixed(2)}`));
writeFileSync(
  'core/src/placement/stance/stance-weights.ts',
  `import type { StanceFeatures } from './stance-features';

/** Fitted by measures/tuning/train-stance-weights.ts (\`npm run tune stance\`) to two thirds of the authors of the open furniture. */
export const STANCE_WEIGHTS: Record<keyof StanceFeatures, number> = {
${STANCE_FEATURES.map((name, k) => `  ${name}: ${Number(weights[k].toFixed(3))},`).join('\n')}
};
`,
);
