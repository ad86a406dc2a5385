/** @returns null for what is no number, or lies outside */
export function readFigure(text: string, from: number, to: number): number | null {
  const number = Number(text.trim().replace(',', '.'));
  return text.trim() !== '' && number >= from && number <= to ? number : null;
}
