import { usualRange } from './typical-fit';
import { findTypicalSize, TYPICAL_SIZES } from './typical-sizes';

test('every row of typical sizes has three sides, two spreads and says where it comes from', () => {
  for (const typical of TYPICAL_SIZES) {
    expect(typical.middle).toHaveLength(3);
    expect(Math.min(...typical.middle)).toBeGreaterThan(0.001);
    expect(Math.max(...typical.middle)).toBeLessThan(200);
    expect(typical.spread.whole).toBeGreaterThan(0);
    expect(Math.min(...typical.spread.sides)).toBeGreaterThan(0);
    expect(typical.source).toContain('from memory');
    expect(typical.plural).toMatch(/^\p{L}[^()|]*$/u);
    expect(typical.words.every((word) => word === word.toLowerCase() && word !== '')).toBe(true);
    const { min, max } = usualRange(typical);
    expect(max).toBeGreaterThan(min);
  }
});

test('a row whose figure a standard gives names it, apart from what is shown', () => {
  expect(findTypicalSize('europalette')).toMatchObject({
    plural: 'pallets',
    source: 'from memory: EN 13698-1: 1.2 × 0.8 × 0.144 m',
  });
  expect(
    TYPICAL_SIZES.filter(({ source }) => /\b(?:DIN|EN|ISO|IEC|FIFA|FIBA|ITTF|ETRTO)\b/.test(source)).length,
  ).toBeGreaterThan(15);
});

test('no word stands in two rows', () => {
  const words = TYPICAL_SIZES.flatMap((typical) => typical.words);
  expect(words.filter((word, i) => words.indexOf(word) !== i)).toEqual([]);
});

test.each([
  ['Window shutter', 'window shutters'],
  ['projector screen', 'projection screens'],
  ['woman shoes', 'shoes'],
  ['child hut', 'huts'],
  ['Gartenstuhl', 'chairs'],
  ['Esstisch', 'tables'],
  ['mesa de comedor', 'tables'],
  ['sunflower', 'flowers in a vase'],
  ['chair leg', null],
  ['qzx', null],
])('%s', (name, plural) => {
  expect(findTypicalSize(name)?.plural ?? null).toBe(plural);
});
