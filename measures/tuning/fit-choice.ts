export interface Choice {
  /** Features of each thing that may be chosen. */
  options: number[][];
  /** Which of them is right. */
  chosen: number;
}

const ROUNDS = 4000;
const RATE = 0.3;
const DECAY = 0.003;

/** Conditional logit (D. McFadden, 1974) by plain descent: one weight a feature, the same for every option. */
export function fitChoice(choices: readonly Choice[]): number[] {
  const width = choices[0].options[0].length;
  const weights = new Array<number>(width).fill(0);
  for (let round = 0; round < ROUNDS; round++) {
    const slope = weights.map((weight) => DECAY * weight);
    for (const { options, chosen } of choices) {
      const scores = options.map((option) => option.reduce((sum, value, k) => sum + value * weights[k], 0));
      const top = Math.max(...scores);
      const powers = scores.map((score) => Math.exp(score - top));
      const sum = powers.reduce((all, power) => all + power, 0);
      options.forEach((option, i) => {
        const error = (powers[i] / sum - (i === chosen ? 1 : 0)) / choices.length;
        for (let k = 0; k < width; k++) slope[k] += error * option[k];
      });
    }
    for (let k = 0; k < width; k++) weights[k] -= RATE * slope[k];
  }
  return weights;
}
