/** What is thought of one piece's unit: shares by unit. */
export type UnitShares = Readonly<Record<string, number>>;

export interface KitUnit {
  id: string;
  /** 0 to 1, of all pieces together. */
  confidence: number;
  /** Pieces that by themselves would say the same, and another. */
  agree: number;
  others: number[];
}

/** What one piece can say against a unit at most: a single odd one does not outweigh all others. Ours. */
const LEAST = 0.02;

/**
 * The unit of a kit as a whole: pieces of one hand are in one unit, so what each of them says counts for all.
 * @param pieces for each piece, how likely each unit is
 * @returns null without pieces
 */
export function judgeKitUnit(pieces: readonly UnitShares[]): KitUnit | null {
  const ids = [...new Set(pieces.flatMap((shares) => Object.keys(shares)))];
  if (pieces.length === 0 || ids.length === 0) return null;
  const shares = normalizeLogs(sumLogs(ids, pieces));
  const best = shares.indexOf(Math.max(...shares));
  const others = pieces.flatMap((own, i) => {
    const [first] = Object.entries(own).sort((a, b) => b[1] - a[1]);
    return first && first[0] !== ids[best] ? [i] : [];
  });
  return { id: ids[best], confidence: shares[best], agree: pieces.length - others.length, others };
}

/** @returns for each unit, the logarithm of what the pieces together say for it */
export const sumLogs = (ids: readonly string[], pieces: readonly UnitShares[]): number[] =>
  ids.map((id) => pieces.reduce((sum, shares) => sum + Math.log(Math.max(LEAST, shares[id] ?? 0)), 0));

/** @returns what logarithms stand for, as shares of one */
export function normalizeLogs(logs: readonly number[]): number[] {
  const top = logs.reduce((a, b) => Math.max(a, b), -Infinity);
  const powers = logs.map((log) => Math.exp(log - top));
  const total = powers.reduce((sum, power) => sum + power, 0);
  return powers.map((power) => power / total);
}
