import type { Category } from '@haveld/contract/category';
import { DEVICES } from './kinds/devices';
import { FOOD } from './kinds/food';
import { FURNITURE } from './kinds/furniture';
import { KITCHEN, PEOPLE, THINGS } from './kinds/household';
import { LEISURE, WEAR } from './kinds/leisure';
import { BUILDING, CREATURES, NATURE, PLANTS, VEHICLES } from './kinds/outdoors';
import { OTHER_TONGUES } from './kinds/other-tongues';
import { TOOLS, WEAPONS } from './kinds/tools';

/** How big things of a kind are: the logarithms of their sides scatter about a middle, all three together and each by itself. */
export interface TypicalSize {
  words: string[];
  /** Shown in a sentence. */
  plural: string;
  /** Width, height and depth in metres, upright; half of all are larger. Width and depth may be exchanged. */
  middle: readonly [number, number, number];
  /** Standard deviations of the logarithms: of the whole thing, and of each side beside that. */
  spread: { whole: number; sides: readonly [number, number, number] };
  /** What most such things are catalogued as, in the tree that ships; null where they are of several. */
  category: Category | null;
  /** Where the figures come from; from memory where nothing is named that was looked at. */
  source: string;
  /** True where the name has no row and these are the things nearest to it by meaning. */
  isInherited: boolean;
}

/** Rooms and places: anything that stands there. */
const IN_PLACES = `
kitchen things | 60 60 50 | 3 2.2 | kitchen
bedroom things | 90 80 60 | 2.6 2.2 | bedroom
bathroom things | 60 70 50 | 2.6 2.2 | bathroom
office things | 80 80 55 | 2.6 2.2 | office
things of a room | 90 80 55 | 2.6 2.2 | living_room dining_room living dining hall_room
things out of doors | 150 120 120 | 3.5 2.2 | exterior garden outdoor
`;

const TABLES: readonly (readonly [table: string, source: string, category: Category | null])[] = [
  [FURNITURE, 'from memory: furniture catalogues', 'furniture'],
  [KITCHEN, 'from memory: kitchen units, data sheets of appliances', null],
  [PEOPLE, 'from memory: things at hand', 'person'],
  [THINGS, 'from memory: things at hand', null],
  [DEVICES, 'from memory: data sheets', 'device'],
  [TOOLS, 'from memory: things at hand, data sheets of machines', 'tool'],
  [WEAPONS, 'from memory: collections, data sheets', 'weapon'],
  [LEISURE, 'from memory: rules of sports, things at hand', 'leisure'],
  [WEAR, 'from memory: sizes of clothes', 'clothes'],
  [FOOD, 'from memory: things at hand', 'food'],
  [BUILDING, 'from memory: building practice', 'building'],
  [VEHICLES, 'from memory: data sheets of vehicles', 'vehicle'],
  [PLANTS, 'from memory: field guides', 'foliage'],
  [NATURE, 'from memory: field guides', null],
  [CREATURES, 'from memory: field guides', 'creature'],
  [IN_PLACES, 'from memory: things at hand', null],
];

/**
 * How many standard deviations the factors of a row are: four of five things are within the first, and the sides of nineteen of
 * twenty within the second. From the open furniture's tuning authors and those of four packages of models (`npm run tune orientation`).
 */
const WITHIN = { whole: 1.28, side: 1.96 };

/** A side far shorter than the others (a rug, a picture) is drawn as thick as one pleases. */
const THIN = { below: 0.2, times: 3.5 };

/** Reads `plural (the standard that gives it) | width height depth in cm | factor of the whole, factor of a side | words`. */
function readRow(line: string, memory: string, category: Category | null): TypicalSize {
  const [title, sides, factors, words] = line.split('|').map((cell) => cell.trim());
  const [, plural, standard] = /^([^(]*?)(?:\s*\(([^)]*)\))?$/.exec(title)!;
  const middle = sides.split(' ').map((side) => Number(side) / 100) as [number, number, number];
  const [whole, side] = factors.split(' ').map((factor) => Math.log(Number(factor)));
  const longest = Math.max(...middle);
  return {
    words: words.split(' '),
    plural,
    middle,
    spread: {
      whole: whole / WITHIN.whole,
      sides: middle.map((one) => ((one < THIN.below * longest ? THIN.times : 1) * side) / WITHIN.side) as [
        number,
        number,
        number,
      ],
    },
    category,
    source: standard ? `from memory: ${standard}` : memory,
    isInherited: false,
  };
}

/** What else a kind is called, by its title. */
const CALLED = new Map(
  OTHER_TONGUES.trim()
    .split('\n')
    .map((line) => line.split(' | '))
    .map(([title, words]) => [title, words.split(' ')] as const),
);

export const TYPICAL_SIZES: readonly TypicalSize[] = TABLES.flatMap(([table, source, category]) =>
  table
    .trim()
    .split('\n')
    .map((line) => readRow(line, source, category)),
).map((typical) => ({ ...typical, words: [...typical.words, ...(CALLED.get(typical.plural) ?? [])] }));

/** Without their accents these are words of English, or part of an address. */
const NOT_FOLDED = new Set(
  'bär clôture fuß füller mât mão máscara niña pavé pá pé pièce résistance râpe säge'.split(' '),
);

const PLAIN = /^[ -~]*$/;

/** Names of files are often written without accents: `echelle`, `tuer`. */
const foldings = (word: string): string[] =>
  PLAIN.test(word) || NOT_FOLDED.has(word)
    ? []
    : [
        word.replace(/[äöü]/g, (letter) => `${{ ä: 'a', ö: 'o', ü: 'u' }[letter]}e`).replaceAll('ß', 'ss'),
        word.normalize('NFKD').replace(/\p{M}/gu, '').replaceAll('ß', 'ss'),
      ];

/** The rows by their words; several words of one stand as they are written, one, or apart: `bed_frame`. */
export const KIND_BY_WORD: ReadonlyMap<string, TypicalSize> = listByWord();

/** What is written so comes before what is folded, and a row before a later one. */
function listByWord(): Map<string, TypicalSize> {
  const written = TYPICAL_SIZES.flatMap((typical) =>
    typical.words.map((word) => [word.replaceAll('_', ''), typical] as const),
  );
  const folded = written.map(([word, typical]) => [foldings(word), typical] as const);
  const found = new Map<string, TypicalSize>();
  const add = (word: string | undefined, typical: TypicalSize): void => {
    if (word !== undefined && !found.has(word)) found.set(word, typical);
  };
  for (const [word, typical] of written) add(word, typical);
  for (const i of [0, 1]) for (const [words, typical] of folded) add(words[i], typical);
  return found;
}
