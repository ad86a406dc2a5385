import { formatImperial, type MeasureSystem } from '../placement/units';
import type { Picture } from '../textures/pictures/picture-codec';

/** Digits and unit letters, five wide and seven high, a row a number, highest bit left. Drawn by us. */
const GLYPHS: Record<string, number[]> = {
  '0': [14, 17, 17, 17, 17, 17, 14],
  '1': [4, 12, 4, 4, 4, 4, 14],
  '2': [14, 17, 1, 6, 8, 16, 31],
  '5': [31, 16, 30, 1, 1, 17, 14],
  '.': [0, 0, 0, 0, 0, 12, 12],
  m: [0, 0, 26, 21, 21, 21, 21],
  c: [0, 0, 14, 16, 16, 17, 14],
  k: [16, 16, 18, 20, 24, 20, 18],
  ' ': [0, 0, 0, 0, 0, 0, 0],
};
const INK = [34, 48, 47];

/** Round lengths a bar may have: 1, 2 or 5 times a power of ten. */
export function chooseBarLength(maxMetres: number): number {
  const power = 10 ** Math.floor(Math.log10(maxMetres));
  const step = [5, 2, 1].find((s) => s * power <= maxMetres * (1 + 1e-9)) ?? 1;
  return Number((step * power).toPrecision(1));
}

/** `0.5 m`, `20 cm`, `5 mm`, `2 km`. */
export function formatBarLength(metres: number): string {
  if (metres >= 1000) return `${metres / 1000} km`;
  if (metres >= 0.5) return `${metres} m`;
  if (metres >= 0.01) return `${Number((metres * 100).toPrecision(1))} cm`;
  return `${Number((metres * 1000).toPrecision(1))} mm`;
}

const FOOT = 0.3048;
const INCH = 0.0254;

/** What a bar shorter than a foot may be, in inches. */
const INCHES = [6, 4, 3, 2, 1, 1 / 2, 1 / 4, 1 / 8];

/** Round lengths in a system of measures: in feet and inches they are halves of an inch, inches and feet. */
export function chooseBarLengthIn(system: MeasureSystem, maxMetres: number): number {
  if (system === 'metric') return chooseBarLength(maxMetres);
  if (maxMetres >= FOOT) return chooseBarLength(maxMetres / FOOT) * FOOT;
  const inches = INCHES.find((length) => length * INCH <= maxMetres * (1 + 1e-9));
  return inches === undefined ? chooseBarLength(maxMetres) : inches * INCH;
}

/** As `formatBarLength`; in feet and inches but for what is shorter than an eighth of an inch. */
export const formatBarLengthIn = (system: MeasureSystem, metres: number): string =>
  system === 'metric' || metres < (INCH / 8) * (1 - 1e-9) ? formatBarLength(metres) : formatImperial(metres);

/**
 * Draws a ruled bar of true length into the lower right corner.
 * @param pixelsPerMetre of the picture; nothing is drawn where no bar would be visible
 * @returns the bar's length in metres, or null
 */
export function drawRuledBar(dst: Picture, pixelsPerMetre: number): number | null {
  const longest = (dst.width * 0.3) / pixelsPerMetre;
  if (!(longest > 1e-9) || !Number.isFinite(longest)) return null;
  const metres = chooseBarLength(longest);
  const length = Math.round(metres * pixelsPerMetre);
  const right = dst.width - 14;
  const bottom = dst.height - 13;
  const left = right - length;
  fill(dst, left, bottom - 1, length, 2);
  fill(dst, left, bottom - 6, 2, 7);
  fill(dst, right - 2, bottom - 6, 2, 7);
  const text = formatBarLength(metres);
  drawText(dst, text, right - text.length * 12 + 2, bottom - 24);
  return metres;
}

function drawText(dst: Picture, text: string, x: number, y: number): void {
  for (const [i, letter] of [...text].entries()) {
    const glyph = GLYPHS[letter] ?? GLYPHS[' '];
    glyph.forEach((row, dy) => {
      for (let dx = 0; dx < 5; dx++) if (row & (16 >> dx)) fill(dst, x + i * 12 + dx * 2, y + dy * 2, 2, 2);
    });
  }
}

function fill(dst: Picture, x: number, y: number, width: number, height: number): void {
  for (let py = Math.max(0, y); py < Math.min(dst.height, y + height); py++) {
    for (let px = Math.max(0, x); px < Math.min(dst.width, x + width); px++) {
      const o = (py * dst.width + px) * 4;
      dst.data[o] = INK[0];
      dst.data[o + 1] = INK[1];
      dst.data[o + 2] = INK[2];
      dst.data[o + 3] = 255;
    }
  }
}
