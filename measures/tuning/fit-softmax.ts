export interface Row {
  /** Which class it is of. */
  of: number;
  features: number[];
}

const ROUNDS = 60;
const BATCH = 64;
const DECAY = 2e-4;

/**
 * Multinomial logistic regression by Adam (Kingma and Ba, ICLR 2015); classes count by the square root of how many there are.
 * @returns a row of weights a class, its constant last
 */
export function fitSoftmax(rows: readonly Row[], classes: number, random: () => number): number[][] {
  const width = rows[0].features.length;
  const make = (): Float64Array[] => Array.from({ length: classes }, () => new Float64Array(width + 1));
  const [weights, first, second] = [make(), make(), make()];
  const counts = Array.from({ length: classes }, (_, c) => rows.filter(({ of }) => of === c).length);
  const order = rows.map((_, i) => i);
  for (let round = 0, step = 0; round < ROUNDS; round++) {
    for (let i = order.length - 1; i > 0; i--) {
      const j = Math.floor(random() * (i + 1));
      [order[i], order[j]] = [order[j], order[i]];
    }
    const rate = 0.02 * (1 - round / ROUNDS) + 0.001;
    for (let start = 0; start < order.length; start += BATCH) {
      const slope = make();
      let total = 0;
      for (const at of order.slice(start, start + BATCH)) {
        const { of, features } = rows[at];
        const share = 1 / Math.sqrt(counts[of]);
        total += share;
        softmax(weights, features).forEach((found, c) => {
          const error = (found - (c === of ? 1 : 0)) * share;
          for (let k = 0; k < width; k++) slope[c][k] += error * features[k];
          slope[c][width] += error;
        });
      }
      step++;
      for (let c = 0; c < classes; c++)
        for (let k = 0; k <= width; k++) {
          const by = slope[c][k] / total + (k < width ? DECAY * weights[c][k] : 0);
          first[c][k] = 0.9 * first[c][k] + 0.1 * by;
          second[c][k] = 0.999 * second[c][k] + 0.001 * by * by;
          const mean = first[c][k] / (1 - 0.9 ** step);
          weights[c][k] -= (rate * mean) / (Math.sqrt(second[c][k] / (1 - 0.999 ** step)) + 1e-8);
        }
    }
  }
  return weights.map((row) => [...row]);
}

function softmax(weights: readonly Float64Array[], features: readonly number[]): number[] {
  const scores = weights.map((row) => features.reduce((sum, value, k) => sum + value * row[k], row[features.length]));
  const top = Math.max(...scores);
  const powers = scores.map((score) => Math.exp(score - top));
  const total = powers.reduce((sum, power) => sum + power, 0);
  return powers.map((power) => power / total);
}
