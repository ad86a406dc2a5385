import { usualRange } from './typical-fit';
import { TYPICAL_SIZES } from './kind-rows';
import { findTypicalSize } from './typical-sizes';

test('every row of typical sizes has three sides, two spreads and says where it comes from', () => {
  for (const typical of TYPICAL_SIZES) {
    expect(typical.middle).toHaveLength(3);
    expect(Math.min(...typical.middle)).toBeGreaterThan(0.0005);
    expect(Math.max(...typical.middle)).toBeLessThan(2000);
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
  const first = new Map<string, string>();
  const twice: string[] = [];
  for (const { plural, words } of TYPICAL_SIZES)
    for (const word of words.map((one) => one.replaceAll('_', ''))) {
      if (first.has(word) && first.get(word) !== plural) twice.push(word);
      first.set(word, plural);
    }
  expect(twice).toEqual([]);
  expect(TYPICAL_SIZES.length).toBeGreaterThan(600);
});

test.each([
  ['Window shutter', 'window shutters'],
  ['projector screen', 'projection screens'],
  ['woman shoes', 'shoes'],
  ['child hut', 'huts'],
  ['Gartenstuhl', 'chairs'],
  ['Esstisch', 'tables'],
  ['mesa de comedor', 'tables'],
  ['casa da praia', 'houses'],
  ['table à manger', 'tables'],
  ['sedia senza braccioli', 'chairs'],
  ['Wiesenblume', 'flowers in a vase'],
  ['Blumenvase', 'vases'],
  ['Kuehlschrank', 'fridges'],
  ['echelle', 'ladders'],
  ['gerente', null],
  ['stiletto', null],
  ['steam shovel', 'shovels'],
  ['chair leg', null],
  ['qzx', null],
])('%s', (name, plural) => {
  expect(findTypicalSize(name)?.plural ?? null).toBe(plural);
});
