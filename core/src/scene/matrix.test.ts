import { quarterTurnMatrix } from './matrix';

// common practice, no source: Z up to Y up is −90° about X
test('−90° about X carries +Z to +Y', () => {
  const m = quarterTurnMatrix('x', -90);
  expect([m[8], m[9], m[10]].map((v) => v + 0)).toEqual([0, 1, 0]);
});
