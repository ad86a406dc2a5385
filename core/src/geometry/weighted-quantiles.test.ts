import fc from 'fast-check';
import { findWeightedQuantiles } from './weighted-quantiles';

/** As it is defined: put in order, and summed until it is reached. */
function byOrder(values: readonly number[], weights: readonly number[], share: number): number {
  const order = values.map((_, i) => i).sort((i, j) => values[i] - values[j]);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  let sum = 0;
  for (const i of order) {
    sum += weights[i];
    if (sum >= total * share) return values[i];
  }
  return values[order.at(-1)!];
}

test('as by putting them in order', () => {
  // whole weights add up the same in any order
  const pair = fc.tuple(fc.double({ min: 0, max: 1e9, noNaN: true }), fc.integer({ min: 1, max: 50 }));
  fc.assert(
    fc.property(fc.array(pair, { minLength: 1, maxLength: 60 }), (pairs) => {
      const [values, weights] = [pairs.map(([value]) => value), pairs.map(([, weight]) => weight)];
      const shares = [0, 0.05, 0.5, 0.95, 1];
      const found = findWeightedQuantiles(Float64Array.from(values), Float64Array.from(weights), values.length, shares);
      // −0 and 0 are one value
      expect(found.map((value) => value + 0)).toEqual(shares.map((share) => byOrder(values, weights, share) + 0));
    }),
  );
});

test('only as many as are said', () => {
  expect(findWeightedQuantiles(Float64Array.of(3, 1, 9), Float64Array.of(1, 1, 8), 2, [0.5, 1])).toEqual([1, 3]);
});
