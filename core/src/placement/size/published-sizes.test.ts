import { createBoxDocument } from '../../testing/documents';
import { examine } from '../../condition/examination';
import { isSizeSettled, isUpSettled } from '../../condition/is-settled';
import { HOUSE_RULES } from '@haveld/contract/house-rules';

// Things whose size a published standard fixes, as boxes in every unit a file may be in and with Y or Z up. What is called sure must be
// right; nothing else in the file says anything. Figures from memory of the standards named.
const PUBLISHED: readonly (readonly [name: string, size: readonly [number, number, number], source: string])[] = [
  ['euro pallet', [0.8, 0.144, 1.2], 'EN 13698-1'],
  ['shipping container', [2.438, 2.591, 6.058], 'ISO 668, 1CC'],
  ['freight container', [2.438, 2.591, 12.192], 'ISO 668, 1AA'],
  ['brick', [0.24, 0.071, 0.115], 'DIN 105, NF'],
  ['brick old', [0.215, 0.065, 0.1025], 'BS EN 771-1, common work size'],
  ['door', [0.86, 1.985, 0.04], 'DIN 18101, 860 × 1985'],
  ['interior door', [0.985, 2.11, 0.04], 'DIN 18101, 985 × 2110'],
  ['table tennis table', [1.525, 0.76, 2.74], 'ITTF, law 2.1'],
  ['soccer goal', [7.32, 2.44, 2], 'FIFA, law 1'],
  ['football', [0.22, 0.22, 0.22], 'FIFA, law 2: 68 to 70 cm round'],
  ['basketball', [0.243, 0.243, 0.243], 'FIBA, size 7'],
  ['tennis ball', [0.067, 0.067, 0.067], 'ITF, type 2'],
  ['golf ball', [0.0427, 0.0427, 0.0427], 'R&A, rule 4.2'],
  ['basketball hoop', [1.8, 3.95, 1.2], 'FIBA: ring at 3.05 m, board of 1.80 × 1.05 m'],
  ['billiard table', [1.42, 0.82, 2.69], 'WPA, nine feet'],
  ['chess board', [0.55, 0.02, 0.55], 'FIDE: squares of 5 to 6 cm'],
  ['battery', [0.0145, 0.0505, 0.0145], 'IEC 60086-2, LR6'],
  ['light bulb', [0.06, 0.105, 0.06], 'IEC 60064, A60'],
  ['document', [0.21, 0.001, 0.297], 'ISO 216, A4'],
  ['wheelie bin', [0.48, 0.93, 0.55], 'EN 840-1, 120 l'],
  ['dishwasher', [0.598, 0.82, 0.57], 'EN 1116'],
  ['kitchen cabinet', [0.6, 0.87, 0.6], 'EN 1116'],
  ['school chair', [0.4, 0.83, 0.45], 'EN 1729-1, size 6'],
  ['desk', [1.6, 0.74, 0.8], 'EN 527-1'],
  ['office chair', [0.65, 1.15, 0.65], 'EN 1335-1'],
  ['single bed', [0.9, 0.5, 2], 'EN 1725, mattress of 90 × 200'],
  ['server rack', [0.6, 2, 1], 'EIA-310, 42 units'],
  ['fire extinguisher', [0.16, 0.52, 0.16], 'EN 3-7, 6 kg'],
  ['traffic cone', [0.36, 0.5, 0.36], 'EN 13422'],
  ['car wheel', [0.632, 0.632, 0.205], 'ETRTO, 205/55 R16'],
  ['bicycle', [0.6, 1.05, 1.75], 'wheels of ISO 5775, 622 mm'],
  ['drink can', [0.066, 0.115, 0.066], 'common practice, no source: 330 ml'],
  ['wine bottle', [0.075, 0.3, 0.075], 'common practice, no source: Bordeaux, 0.75 l'],
  ['man', [0.5, 1.75, 0.3], 'DIN 33402-2, middle of men'],
  ['woman', [0.45, 1.63, 0.28], 'DIN 33402-2, middle of women'],
];
const UNITS = { mm: 0.001, cm: 0.01, m: 1, in: 0.0254 } as const;

interface Outcome {
  what: string;
  size: { isSure: boolean; isRight: boolean };
  up: { isSure: boolean; isRight: boolean };
}

const outcomes: Outcome[] = PUBLISHED.flatMap(([name, size]) =>
  (Object.keys(UNITS) as (keyof typeof UNITS)[]).flatMap((unit) =>
    (['y', 'z'] as const).map((up): Outcome => {
      const [width, height, depth] = size.map((side) => side / UNITS[unit]);
      const sides: [number, number, number] = up === 'y' ? [width, height, depth] : [width, depth, height];
      const document = createBoxDocument([0, 0, 0], sides, name);
      const seen = examine({ document, name, log: [], pictures: [], belonging: new Set(), stated: [] });
      return {
        what: `${name} in ${unit}, ${up} up: ${seen.size[0].id} ${seen.size[0].confidence.toFixed(2)}, ${seen.up[0].id} ${seen.up[0].confidence.toFixed(2)}`,
        size: { isSure: isSizeSettled(seen), isRight: Math.abs(seen.size[0].factor / UNITS[unit] - 1) < 0.03 },
        // of a box foot and head are alike
        up: { isSure: isUpSettled(seen.up[0], HOUSE_RULES), isRight: seen.up[0].up.replace('-', '') === up },
      };
    }),
  ),
);

const share = (all: readonly boolean[]): number => all.filter(Boolean).length / all.length;

test.each(['size', 'up'] as const)('%s of what a standard fixes: what is sure is right', (what) => {
  const sure = outcomes.filter((one) => one[what].isSure);
  const right = share(outcomes.map((one) => one[what].isRight));
  console.log(
    `${what} of ${outcomes.length} boxes of published size: sure ${sure.length}, of them right ${sure.filter((one) => one[what].isRight).length}; the first guess is right for ${(100 * right).toFixed(0)} %`,
  );
  const wrong = sure.filter((one) => !one[what].isRight).map((one) => one.what);
  expect(wrong).toEqual([]);
});

test('of those whose height, width and depth differ the first guess says which way they stand', () => {
  const apart = outcomes.filter(({ what }) => !/ball|football|wheel|brick/.test(what));
  expect(share(apart.map((one) => one.up.isRight))).toBeGreaterThan(0.8);
});

test('the unit that is guessed first is the right one far more often than any other', () => {
  expect(share(outcomes.map((one) => one.size.isRight))).toBeGreaterThan(0.7);
});
