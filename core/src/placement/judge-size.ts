import type { Evidence } from '@haveld/contract/finding';
import { formatLength, UNITS } from './units';
import type { StatedSize } from './stated-size';
import type { TypicalSize } from './typical-sizes';

export interface SizeCandidate {
  /** `mm`, `cm` … or `none` for "has no real size". */
  id: string;
  words: string;
  /** Metres for one unit of the file. */
  factor: number;
  confidence: number;
  evidence: Evidence[];
  /** How many of them speak for it independently of one another. */
  independent: number;
}

export interface SizeQuestion {
  /** Width, height, depth in the file's unit, upright. */
  size: readonly [number, number, number];
  /** What the file declares, or null. */
  declaredUnit: string | null;
  /** Metres of a declared unit that has no name of its own. */
  declaredMetres?: number | null;
  /** The unit its source is known to use, whatever its files declare. */
  habitUnit?: string | null;
  typical: TypicalSize | null;
  /** What texts beside the model state. */
  stated: readonly StatedSize[];
}

/** How often each unit is meant where a file declares none, and how often a declared metre is a slip. Ours, from the habits of downloads. */
const PRIOR_UNDECLARED: Record<string, number> = { mm: 0.14, cm: 0.35, dm: 0.02, m: 0.38, in: 0.08, ft: 0.03 };
const PRIOR_DECLARED_METRE: Record<string, number> = { mm: 0.02, cm: 0.05, dm: 0.003, m: 0.92, in: 0.004, ft: 0.003 };
const DECLARED_ELSEWHERE = 0.85;
/** Longest side of things people make models of, metres. Common practice, no source. */
const PLAUSIBLE = { min: 0.03, max: 25 };
const PRIOR_NO_SIZE = 0.02;

/**
 * Which unit does a file mean?
 * @returns every unit with its confidence (together with "no real size" they sum to 1), most likely first; empty for a model without extent
 */
export function judgeSize({
  size,
  declaredUnit,
  declaredMetres,
  habitUnit,
  typical,
  stated,
}: SizeQuestion): SizeCandidate[] {
  const longest = Math.max(...size);
  if (!(longest > 0) || !Number.isFinite(longest)) return [];
  const prior = declaredUnit === 'm' ? PRIOR_DECLARED_METRE : PRIOR_UNDECLARED;
  const units: { id: string; words: string; metres: number }[] = [...UNITS];
  if (declaredUnit !== null && declaredMetres && !units.some((unit) => unit.id === declaredUnit))
    units.push({ id: declaredUnit, words: `unit of ${declaredUnit}`, metres: declaredMetres });
  const candidates = units.map(({ id, words, metres }): SizeCandidate => {
    const evidence: Evidence[] = [];
    let weight =
      declaredUnit !== null && declaredUnit !== 'm'
        ? declaredUnit === id
          ? DECLARED_ELSEWHERE
          : (prior[id] ?? 0) * (1 - DECLARED_ELSEWHERE)
        : (prior[id] ?? 0);
    let independent = 0;
    if (declaredUnit === id) {
      evidence.push({ text: 'the file declares its unit', figure: words });
      independent++;
    }
    if (habitUnit) {
      weight *= habitUnit === id ? 12 : 0.5;
      if (habitUnit === id) {
        evidence.push({ text: 'a habit of its source', figure: words });
        independent++;
      }
    }
    if (typical) {
      const measured = (typical.of === 'height' ? size[1] : longest) * metres;
      const fits = measured >= typical.min && measured <= typical.max;
      weight *= fits ? 1 : Math.max(0.004, Math.exp(-(logDistance(measured, typical) ** 2) / (2 * 0.4 ** 2)));
      evidence.push({
        text: `${typical.plural} are ${formatLength(typical.min)} to ${formatLength(typical.max)} ${typical.of === 'height' ? 'high' : 'long'}`,
        figure: formatLength(measured),
      });
      if (fits) independent++;
    } else {
      const plausible = logDistance(longest * metres, PLAUSIBLE) === 0;
      weight *= Math.max(1e-6, Math.exp(-(logDistance(longest * metres, PLAUSIBLE) ** 2) / (2 * 1.2 ** 2)));
      evidence.push({
        text: plausible ? 'a size things usually have' : 'hardly any single thing has this size',
        figure: formatLength(longest * metres),
      });
      if (plausible && declaredUnit === id) independent++;
    }
    for (const { along, metres: told, evidence: where } of stated) {
      const side = { height: size[1], width: size[0], depth: size[2], longest }[along] * metres;
      const agrees = Math.abs(side / told - 1) < 0.03;
      weight *= agrees ? 8 : 0.5;
      if (!agrees) continue;
      evidence.push({ ...where, figure: formatLength(side) });
      independent++;
    }
    const round = describeRoundness(size, id);
    if (round) {
      weight *= 1.6;
      evidence.push(round);
      independent++;
    }
    return { id, words, factor: metres, confidence: weight, evidence, independent };
  });
  candidates.push({
    id: 'none',
    words: 'no real size',
    factor: 1,
    confidence: PRIOR_NO_SIZE * 0.2,
    evidence: [],
    independent: 0,
  });
  const sum = candidates.reduce((total, candidate) => total + candidate.confidence, 0);
  for (const candidate of candidates) candidate.confidence /= sum;
  return candidates.sort((a, b) => b.confidence - a.confidence);
}

/** @returns how far outside a range a measure lies, as the logarithm of a ratio; 0 inside */
function logDistance(measured: number, { min, max }: { min: number; max: number }): number {
  return Math.log(Math.max(1, min / measured, measured / max));
}

/** Made things are measured in whole half-centimetres or half-inches; said only where all three sides are, and not by chance. */
function describeRoundness(size: readonly [number, number, number], unit: string): Evidence | null {
  const step = { mm: 5, cm: 0.5, m: 0.005, in: 0.5 }[unit];
  if (step === undefined) return null;
  const sides = size.filter((side) => side > 0);
  const isRound = sides.every(
    (side) =>
      Math.abs(side / step - Math.round(side / step)) < 0.002 * Math.max(1, 1 / step) &&
      side / step >= 2 &&
      side / step < 1200,
  );
  return isRound && sides.length === 3
    ? {
        text: `measures are round in ${unit === 'in' ? 'inches' : unit}`,
        figure: size.map((v) => Number(v.toPrecision(4))).join(' × '),
      }
    : null;
}
