import type { Evidence } from '@haveld/contract/finding';
import { parseLength, UNITS, type UnitId } from './units';

/** A measure that a text beside the model states. */
export interface StatedSize {
  along: 'height' | 'width' | 'depth' | 'longest';
  metres: number;
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

/** @returns every size a text states: `The table is 78 cm high.` */
export function listStatedSizes(texts: readonly StatingText[]): StatedSize[] {
  const found: StatedSize[] = [];
  for (const { file, text, firstLine } of texts) {
    text.split('\n').forEach((line, i) => {
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
