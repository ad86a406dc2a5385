import { writeFileSync } from 'node:fs';
import { fitChoice, type Choice } from './fit-choice';

export interface WeightsFile {
  path: string;
  /** `STANCE_WEIGHTS` and the type of the features it weighs, from the module beside it. */
  constant: string;
  type: string;
  module: string;
  /** Which models they are fitted to, in words. */
  to: string;
  /** Where the weights come from, for its docstring. */
  by: string;
}

/** Fits one weight a feature, says how many of the choices they get right, and writes them as a module. */
export function writeChoiceWeights(choices: readonly Choice[], features: readonly string[], file: WeightsFile): void {
  const weights = fitChoice(choices);
  const right = choices.filter(({ options, chosen }) => {
    const scores = options.map((option) => option.reduce((sum, value, k) => sum + value * weights[k], 0));
    return scores.indexOf(Math.max(...scores)) === chosen;
  }).length;
  console.log(`${right} of ${choices.length} on the models it was fitted to`);
  features.forEach((name, k) => console.log(`  ${name.padEnd(12)} ${weights[k].toFixed(2)}`));
  writeFileSync(
    file.path,
    `import type { ${file.type} } from '${file.module}';

/** Fitted by ${file.by} to ${file.to}. */
export const ${file.constant}: Record<keyof ${file.type}, number> = {
${features.map((name, k) => `  ${name}: ${Number(weights[k].toFixed(3))},`).join('\n')}
};
`,
  );
}
