import { findByMeaning, mixKinds } from './by-meaning';
import { judgeSize } from './judge-size';
import { TYPICAL_SIZES, type TypicalSize } from './kind-rows';
import { WORD_MEANINGS } from './kinds/word-meanings';
import { listStatedSizes } from './stated-size';
import { compareWithTypical } from './typical-fit';
import { findTypicalSize, listTypicalSizes } from './typical-sizes';

const rowOf = (title: string): TypicalSize => TYPICAL_SIZES.find(({ plural }) => plural === title)!;

test('every kind a meaning names has a row: what was written by WordNet is not older than the rows', () => {
  const titles = new Set(TYPICAL_SIZES.map(({ plural }) => plural));
  const named = WORD_MEANINGS.trim()
    .split('\n')
    .flatMap((line) => line.split(' | ')[0].split('; '));
  expect(named.filter((title) => !titles.has(title))).toEqual([]);
  expect(named.length).toBeGreaterThan(1000);
});

// Real sizes from memory, of things without a row: longest side in metres.
test.each([
  ['falchion', 0.95],
  ['schoolhouse desk', 1.2],
  ['harpsichord', 2.2],
  ['tankard', 0.16],
  ['heron', 1],
  ['toucan', 0.6],
  ['sideboard dresser', 1],
  ['blunderbuss', 0.85],
  ['hansom', 3],
  ['croissants', 0.16],
  ['moccasin', 0.28],
  ['jaguar', 1.8],
])('a %s is about as large as what its meaning is nearest to', (name, longest) => {
  const typical = findTypicalSize(name)!;
  const scale = longest / Math.max(...typical.middle);
  const fit = compareWithTypical(typical.middle.map((side) => side * scale) as [number, number, number], typical);
  expect(Math.abs(fit.larger / fit.spread)).toBeLessThan(2);
});

test('what has no row is less certain than the kind it is like, and says what it is like', () => {
  const like = findTypicalSize('falchion')!;
  const swords = rowOf('swords');
  expect(like).toMatchObject({ isInherited: true, plural: 'things like swords', middle: expect.anything() });
  like.middle.forEach((side, axis) => expect(side).toBeCloseTo(swords.middle[axis], 9));
  expect(like.spread.whole).toBeGreaterThan(4 * swords.spread.whole);
});

test('words whose things are all sizes, or whose meanings are, say nothing', () => {
  for (const word of ['gadget', 'schooner', 'qzx', 'model', 'piece', 'body']) expect(findByMeaning(word)).toBeNull();
  expect(mixKinds([rowOf('coins'), rowOf('ships')])).toBeNull();
});

test('the mixture of several kinds lies between them and covers each of them', () => {
  const kinds = [rowOf('chairs'), rowOf('armchairs'), rowOf('sofas')];
  const mixed = mixKinds(kinds)!;
  for (const { middle } of kinds) {
    const { larger, spread } = compareWithTypical(middle, mixed);
    expect(Math.abs(larger / spread)).toBeLessThan(1.5);
  }
  expect(mixed.category).toBe('furniture');
  expect(mixed.plural).toBe('things like chairs, armchairs and sofas');
});

test('a row of its own comes before a meaning, a compound that is a word of its own beside the row of its head', () => {
  expect(listTypicalSizes('steam shovel').map(({ plural }) => plural)).toEqual(['shovels', 'things like excavators']);
  expect(listTypicalSizes('wooden chair').map(({ isInherited }) => isInherited)).toEqual([false]);
});

test('a size is never sure by meaning alone, nor by meaning and round sides alone', () => {
  const question = {
    size: [16, 98, 4] as const,
    declaredUnit: null,
    stated: [],
    typical: findTypicalSize('falchion'),
  };
  const [byMeaning] = judgeSize(question);
  expect(byMeaning).toMatchObject({ id: 'cm' });
  expect(byMeaning.independent).toBe(0);
  const [byRow] = judgeSize({ ...question, typical: rowOf('swords') });
  expect(byRow).toMatchObject({ id: 'cm' });
  expect(byRow.independent).toBeGreaterThan(0);
});

test('what a text states, or others by its author say, is heard as well as where no kind is known at all', () => {
  const question = { size: [16, 98, 4] as const, declaredUnit: null, typical: findTypicalSize('falchion') };
  const text = { file: 'read me.txt', text: 'The blade is 16 × 98 × 4 cm.', firstLine: 1 };
  const [stated] = judgeSize({ ...question, stated: listStatedSizes([text]) });
  expect(stated).toMatchObject({ id: 'cm' });
  expect(stated.independent).toBeGreaterThan(0);
  expect(stated.confidence).toBeGreaterThan(0.9);
  const author = { author: 'Ines', shares: { cm: 0.95 }, pieces: 4, isAnswered: true };
  const [said] = judgeSize({ ...question, stated: [], author });
  expect(said).toMatchObject({ id: 'cm' });
  expect(said.independent).toBeGreaterThan(0);
});
