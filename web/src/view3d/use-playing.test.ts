import { advanceMoment } from './use-playing';

const CLIP = { from: 1, to: 3 };

test('a moment moves on by the time that passed', () => {
  expect(advanceMoment({ clip: 2, seconds: 1.5 }, CLIP, 0.25)).toEqual({ clip: 2, seconds: 1.75 });
});

test('past its end a clip begins again', () => {
  expect(advanceMoment({ clip: 0, seconds: 2.75 }, CLIP, 0.5)).toEqual({ clip: 0, seconds: 1.25 });
});

test('a clip of one key stands still', () => {
  expect(advanceMoment({ clip: 0, seconds: 1 }, { from: 1, to: 1 }, 5)).toEqual({ clip: 0, seconds: 1 });
});
