import { UNITS } from '../placement/units';

/** @returns the known unit of this length, or the length itself: `39.37 m` */
export function describeUnit(metres: number): string {
  const known = UNITS.find((unit) => Math.abs(unit.metres / metres - 1) < 1e-4);
  return known?.id ?? `${Number(metres.toPrecision(6))} m`;
}
