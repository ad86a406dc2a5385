/** The largest piece of a contact sheet is drawn this long, and no piece shorter than it fills in a frame of its own. */
export const SHEET_PIXELS = { largest: 168, frame: 104 } as const;

/** @returns pixels of a piece's longest side, so that at one scale it is drawn as large as it is shown */
export function sheetPixels(longest: number, largest: number): number {
  const { largest: most, frame } = SHEET_PIXELS;
  return Math.max(frame, Math.ceil((most * longest) / Math.max(largest, 1e-12)));
}
