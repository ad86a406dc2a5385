import type { Evidence } from '@haveld/contract/finding';
import { parseLength, UNITS, type UnitId } from '../units';

/** A measure that a text beside the model states. */
export interface StatedSize {
  along: 'height' | 'width' | 'depth' | 'longest' | 'any' | 'sides';
  metres: number;
  /** For `sides`: all three, whichever is which. */
  sides?: [number, number, number];
  evidence: Evidence;
}

export interface StatingText {
  file: string;
  text: string;
  firstLine: number;
}

const LENGTH = String.raw`(\d+(?:[.,]\d+)?\s*(?:mm|cm|m|in|inch|inches|ft|feet|"))`;
const SIZE_PATTERNS: { pattern: RegExp; along: StatedSize['along'] }[] = [
  { pattern: new RegExp(`${LENGTH}\\s*(?:high|tall|in height)\\b`, 'i'), along: 'height' },
  { pattern: new RegExp(`\\bheight\\s*(?:is|of|[:=])?\\s*${LENGTH}`, 'i'), along: 'height' },
  { pattern: new RegExp(`${LENGTH}\\s*wide\\b`, 'i'), along: 'width' },
  { pattern: new RegExp(`\\bwidth\\s*(?:is|of|[:=])?\\s*${LENGTH}`, 'i'), along: 'width' },
  { pattern: new RegExp(`${LENGTH}\\s*(?:deep)\\b`, 'i'), along: 'depth' },
  { pattern: new RegExp(`${LENGTH}\\s*long\\b`, 'i'), along: 'longest' },
];

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)`;
const UNIT = String.raw`(mm|cm|m|in|inch|inches|ft|feet|")`;

/** `60 × 40 × 78 cm`, `60cm x 40cm x 78cm`. */
const THREE_SIDES = new RegExp(
  `${NUMBER}\\s*${UNIT}?\\s*[x×*]\\s*${NUMBER}\\s*${UNIT}?\\s*[x×*]\\s*${NUMBER}\\s*${UNIT}(?![a-z])`,
  'i',
);

/** Three sides of a thing, whichever is which; a side without a unit has the last one's. */
function readThreeSides(text: string): { sides: [number, number, number]; passage: string } | null {
  const match = THREE_SIDES.exec(text);
  if (!match) return null;
  const last = match[6];
  const sides = [1, 3, 5].map((at) => parseLength(`${match[at]} ${plainUnit(match[at + 1] ?? last)}`));
  return sides.every((side) => side !== null)
    ? { sides: sides as [number, number, number], passage: match[0].trim() }
    : null;
}

const plainUnit = (unit: string): string => unit.replace(/^inches$/i, 'in').replace(/^feet$/i, 'ft');

/** @returns what a name states: `crate_80cm`, `shelf 60x40x78cm`; of two measures neither is known to be which */
export function listNamedSizes(name: string): StatedSize[] {
  const words = name.replaceAll('_', ' ');
  const three = readThreeSides(words);
  if (three) return [sidesOf(three, { text: `its name states it: ${three.passage}` })];
  return [...words.matchAll(NAMED_LENGTH)].flatMap((match): StatedSize[] => {
    const metres = parseLength(`${match[1]} ${match[2]}`);
    return metres ? [{ along: 'any', metres, evidence: { text: `its name states it: ${match[0].trim()}` } }] : [];
  });
}

/** A letter may say which side it is (`L18.0mm`, `W9.0mm`); `P` is the pitch of its pins and no side. */
const NAMED_LENGTH = /(?<![\d.,a-z])[lwhd]?(\d+(?:[.,]\d+)?)\s?(mm|cm|m|ft|inch|in)(?![a-z\d²³])/gi;

const sidesOf = ({ sides }: { sides: [number, number, number] }, evidence: Evidence): StatedSize => ({
  along: 'sides',
  metres: Math.max(...sides),
  sides,
  evidence,
});

/** @returns every size a text states: `The table is 78 cm high.`, `60 × 40 × 78 cm` */
export function listStatedSizes(texts: readonly StatingText[]): StatedSize[] {
  const found: StatedSize[] = [];
  for (const { file, text, firstLine } of texts) {
    text.split('\n').forEach((line, i) => {
      const three = readThreeSides(line);
      if (three)
        found.push(
          sidesOf(three, {
            text: `a text states it: ${three.passage}`,
            file,
            line: firstLine + i,
            passage: line.trim().slice(0, 300),
          }),
        );
      for (const { pattern, along } of SIZE_PATTERNS) {
        const match = pattern.exec(line);
        const metres = match && parseLength(match[1].replace(/inches$/i, 'in').replace(/feet$/i, 'ft'));
        if (metres)
          found.push({
            along,
            metres,
            evidence: { text: `a text states it: ${match[0].trim()}`, file, line: firstLine + i, passage: line.trim() },
          });
      }
    });
  }
  return found;
}

const UNIT_NAMES: Record<string, UnitId> = {
  millimetre: 'mm',
  millimeter: 'mm',
  mm: 'mm',
  centimetre: 'cm',
  centimeter: 'cm',
  cm: 'cm',
  decimetre: 'dm',
  decimeter: 'dm',
  metre: 'm',
  meter: 'm',
  m: 'm',
  inch: 'in',
  inche: 'in',
  in: 'in',
  foot: 'ft',
  feet: 'ft',
  ft: 'ft',
  yard: 'yd',
  yd: 'yd',
  kilometre: 'km',
  kilometer: 'km',
  km: 'km',
};

/** @returns the unit a header comment declares: `units: centimetres`, `1 unit = 1 mm`; null where none does */
export function findDeclaredUnit(comments: readonly string[]): UnitId | null {
  for (const comment of comments) {
    const match =
      /\bunits?\s*(?:is|are|in|[:=])\s*(?:1\s*)?([a-z]+)/i.exec(comment) ??
      /\b1\s*unit\s*=\s*1\s*([a-z]+)/i.exec(comment);
    const unit = match && UNIT_NAMES[match[1].toLowerCase().replace(/s$/, '')];
    if (unit && UNITS.some(({ id }) => id === unit)) return unit;
  }
  return null;
}
