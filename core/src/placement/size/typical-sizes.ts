import type { Category } from '@haveld/contract/category';
import { headWords } from '../../text/head-words';
import { singularsOf } from '../../text/singulars';
import { FURNITURE } from './kinds/furniture';
import { KITCHEN, PEOPLE, THINGS } from './kinds/household';
import { BUILDING, CREATURES, NATURE, PLANTS, VEHICLES } from './kinds/outdoors';

/** How big things of a kind are: the logarithms of their sides are normal, all three together and each by itself. */
export interface TypicalSize {
  words: string[];
  /** Shown in a sentence. */
  plural: string;
  /** Width, height and depth in metres, upright; half of all are larger. Width and depth may be exchanged. */
  middle: readonly [number, number, number];
  /** Standard deviations of the logarithms: of the whole thing, and of each side beside that. */
  spread: { whole: number; sides: readonly [number, number, number] };
  /** What such things are catalogued as; null where their size says it. */
  category: Category | null;
  /** Where the figures come from; from memory where nothing is named that was looked at. */
  source: string;
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
  [PEOPLE, 'from memory: things at hand', 'creature'],
  [THINGS, 'from memory: things at hand', null],
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
  };
}

export const TYPICAL_SIZES: readonly TypicalSize[] = TABLES.flatMap(([table, source, category]) =>
  table
    .trim()
    .split('\n')
    .map((line) => readRow(line, source, category)),
);

/** Several words of a row stand as they are written, one, or apart: `bed_frame`. */
const BY_WORDS = new Map(
  TYPICAL_SIZES.flatMap((typical) =>
    typical.words.map((word) => [word.replaceAll('_', ''), typical] as const),
  ).reverse(),
);

/** Rooms and places: they say what kind of thing it may be where nothing says what it is. */
const PLACES = new Set(
  'kitchen bedroom bathroom office exterior garden outdoor living dining room interior'.split(' '),
);

/** Before another word these say whose it is, or what it looks like. */
const OWNERS = new Set(
  'person human man woman child kid boy girl gull seagull bird duck cat dog horse cow car bike bicycle boat ship'.split(
    ' ',
  ),
);

/** Parts, and what is made for a thing: without a row of their own they are not the thing they are part of. */
const PARTS = new Set(
  'handle knob hinge lock key sill leg shade holder cover runner cloth mat stand base top seat back arm foot frame hook pad lid cap strap button switch plug cable wire bracket hanger sign sticker decal label icon logo texture part piece accessory accessories tool kit rest organizer opener basket tray case bag box rail rod ring wheel pedal'.split(
    ' ',
  ),
);

/** The shortest ending that is taken for a word of its own, and the least that stands before it. */
const COMPOUND = { ending: 4, before: 3 };

/** `Gartenstuhl`, `sunflower`: the longest ending that is a word decides. */
function findInCompound(word: string): { ending: string; typical: TypicalSize } | null {
  for (let cut = COMPOUND.before; cut <= word.length - COMPOUND.ending; cut++) {
    for (const ending of singularsOf(word.slice(cut))) {
      const typical = ending.length >= COMPOUND.ending ? BY_WORDS.get(ending) : undefined;
      if (typical) return { ending, typical };
    }
  }
  return null;
}

/** @returns what kind of thing a word written as one is of, `chair` of `armchair`; null where its ending is no known word */
export const compoundHead = (word: string): string | null => findInCompound(word)?.ending ?? null;

/**
 * What a name may say the thing is. In a compound the last word that is known decides, with the word before it where both together
 * are: “projector screen” is no monitor. Whose it is, what it is part of and where it stands say nothing of its size.
 * @returns the likeliest first, then what other words of the name would mean (“frame tiger” may be the picture of one); empty where the
 * name does not say
 */
export function listTypicalSizes(name: string): TypicalSize[] {
  const words = headWords(name);
  const things = words.filter((word) => !PLACES.has(word));
  const found = new Set<TypicalSize>();
  for (let i = things.length - 1; i >= 0; i--) {
    const isHead = i === things.length - 1;
    for (const word of singularsOf(things[i])) {
      const together = i > 0 ? BY_WORDS.get(things[i - 1] + word) : undefined;
      if (together) {
        found.add(together);
        i--;
        break;
      }
      const one = BY_WORDS.get(word);
      if (one && (isHead || !OWNERS.has(word))) {
        found.add(one);
        break;
      }
      if (isHead && PARTS.has(word)) return [];
    }
    const written = isHead && found.size === 0 ? findInCompound(things[i]) : null;
    if (written) found.add(written.typical);
  }
  if (found.size === 0)
    for (const word of words) {
      const place = PLACES.has(word) ? BY_WORDS.get(word) : undefined;
      if (place) return [place];
    }
  return [...found];
}

/** What a name says the thing is, where nothing is known of its shape. */
export const findTypicalSize = (name: string): TypicalSize | null => listTypicalSizes(name)[0] ?? null;
