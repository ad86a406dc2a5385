import { createRandom } from '@haveld/core/testing/random';

type Query = Record<string, string>;

const PAGES = [0, 540, 59_940];
const ORDERS = ['height', 'newest', 'used', 'name'];
const WORDS = {
  common: 'chair old wooden oak lamp brass round'.split(' '),
  rare: 'capstan astrolabe wheelbarrow hinge falkermoor'.split(' '),
  slips: 'chiar lantren wardorbe'.split(' '),
};

/**
 * Two hundred questions as people put them, by seed: none, a category, a use, sizes, a tag, one word and two, all together; the first, the tenth
 * and the thousandth page, in four orders.
 */
export function makeLibraryQuestions(count: number): Query[] {
  const random = createRandom(21);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)];
  const category = (): Query => ({ category: pick(['prop', 'furniture', 'vehicle', 'foliage']) });
  const use = (): Query => ({ use: pick(['commercial', 'non-commercial']) });
  const size = (): Query =>
    pick<Query>([{ from: '0.5', to: '2' }, { to: '0.1' }, { from: '5' }, { from: '1', to: '5' }]);
  const word = (): string => pick(random() < 0.5 ? WORDS.common : [...WORDS.rare, ...WORDS.slips]);
  const kinds: (() => Query)[] = [
    () => ({}),
    category,
    use,
    size,
    () => ({ tag: pick(['chair', 'table', 'lamp', 'barrel']) }),
    () => ({ colour: pick(['red', 'brown']), trait: pick(['clips', 'levels']) }),
    () => ({ words: word() }),
    () => ({ words: `${word()} ${pick(WORDS.common)}` }),
    () => ({ ...category(), ...use(), triangles: '20000', words: pick(WORDS.common) }),
    () => ({ ...category(), ...size(), state: 'any' }),
  ];
  return Array.from({ length: count }, (_, i) => {
    const asked = kinds[i % kinds.length]();
    // further pages are asked for without counts, as the screen does
    const offset = pick([0, 0, 0, ...PAGES]);
    return {
      ...asked,
      ...(random() < 0.5 || asked.words ? {} : { order: pick(ORDERS) }),
      ...(offset > 0 ? { offset: String(offset), counted: 'none' } : {}),
    };
  });
}
