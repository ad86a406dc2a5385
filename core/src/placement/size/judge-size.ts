import type { Evidence } from '@haveld/contract/finding';
import { judgeRoundness } from '../roundness';
import { formatLength, UNITS } from '../units';
import type { StatedSize } from './stated-size';
import { compareWithTypical, likelihoodOfKind, saidSide, standAsUsual, usualRange } from './typical-fit';
import type { TypicalSize } from './kind-rows';

export interface SizeCandidate {
  /** `mm`, `cm` … or `none` for "has no real size". */
  id: string;
  label: string;
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
  /** What texts beside the model and its name state. */
  stated: readonly StatedSize[];
  /** Things of its kind that are catalogued already. */
  similar?: readonly SimilarSize[];
  /** Texels for one unit of the file; null without maps. */
  texelDensity?: number | null;
  /** What the rest of its kit says; null where it is none, or says nothing. */
  kit?: UnitSay | null;
  /** What other models by its author say; null where nothing is known of any. */
  author?: AuthorSay | null;
}

/** What other models say of the unit of one. */
export interface UnitSay {
  /** Shares by unit, with that of a scale of its own under `OWN_SCALE_ID`. */
  shares: Readonly<Record<string, number>>;
  /** How many say it. */
  pieces: number;
  /** True where a person said it of some of them. */
  isAnswered: boolean;
}

/** What other models by the same author say of the unit of one. */
export interface AuthorSay extends UnitSay {
  author: string;
}

export const OWN_SCALE_ID = 'own';

/** How big a thing of the same kind is in the library. */
export interface SimilarSize {
  /** Accession number and name. */
  label: string;
  /** Width, height, depth, metres. */
  size: readonly [number, number, number];
}

/** Within this factor of its likes a size agrees with them, and what that weighs. Ours. */
const ALIKE = 1.6;
const BY_SIMILAR = { agrees: 4, differs: 0.6 };

/** What a kit, and other models by its author, can say against a unit at most. Ours. */
const LEAST_BY_OTHERS = { kit: 0.01, author: 0.06 };

/** Texels for a metre of a thing people look at: nineteen of twenty lie within a factor of ten of it. Common practice, no source. */
const TEXELS = { middle: 700, spread: Math.log(10) / 1.96 };

/** How often each unit is meant where a file declares none. Ours, from the habits of downloads. */
const PRIOR_UNDECLARED: Record<string, number> = {
  mm: 0.14,
  cm: 0.35,
  dm: 0.01,
  m: 0.36,
  km: 0.0005,
  in: 0.09,
  ft: 0.03,
  yd: 0.003,
};

/** How often a declared metre is a slip: × 0.01 and × 0.001 are the usual ones. Common practice, no source. */
const PRIOR_DECLARED_METRE: Record<string, number> = {
  mm: 0.02,
  cm: 0.05,
  dm: 0.003,
  m: 0.92,
  km: 0.0001,
  in: 0.004,
  ft: 0.003,
  yd: 0.0005,
};

/** A unit so common where none is declared speaks for itself. */
const COMMON = 0.3;
const DECLARED_ELSEWHERE = 0.85;
const PRIOR_NO_SIZE = 0.004;

/** How often a model is at a scale that is no unit at all. Ours: one in five of the open furniture's tuning authors'. */
const OWN_SCALE = { undeclared: 0.2, metre: 0.06, elsewhere: 0.04 };

/**
 * How long such a model is, in units of its file: mostly a few of them, as large as what one has in view when a drawing begins.
 * Fitted to the 29 of the open furniture's tuning authors, the bell made half as wide again, for 22 are by one of them.
 */
const OWN_LENGTH = { middle: 6, spread: 1, share: 0.88 };

/** Longest side of things people make models of, where a name says nothing. Ours. */
const ANYTHING = { min: 0.06, max: 12 };

/** What nobody knows: even over ten thousand times, as a density of the logarithm. */
const EVEN = 1 / Math.log(1e4);

/** How often a thing is outside what things usually are. Ours. */
const ODD = 0.04;

/** Further from the middle than so many standard deviations a thing is not of the size its kind has. */
const WITHIN = 2.5;

/** Models are drawn less exactly than things are made. Ours. */
const LEAST_SPREAD = 0.12;

/**
 * Which unit does a file mean? What the file declares, how big things of that name are, whether its sides are measures people
 * use, and what is said beside it, against the possibility that it has a scale of its own.
 * @returns every unit with its confidence, most likely first. With the share of a scale of its own, which no unit can name, they
 * sum to 1. Empty for a model without extent
 */
export function judgeSize({
  size,
  declaredUnit,
  declaredMetres,
  habitUnit,
  typical,
  stated,
  similar = [],
  texelDensity = null,
  kit = null,
  author = null,
}: SizeQuestion): SizeCandidate[] {
  const longest = Math.max(...size);
  if (!(longest > 0) || !Number.isFinite(longest)) return [];
  const units: { id: string; label: string; metres: number }[] = [...UNITS];
  if (declaredUnit !== null && declaredMetres && !units.some((unit) => unit.id === declaredUnit))
    units.push({ id: declaredUnit, label: `unit of ${declaredUnit}`, metres: declaredMetres });
  const candidates = units.map(({ id, label, metres }): SizeCandidate => {
    const evidence: Evidence[] = [];
    let weight = priorOf(id, declaredUnit);
    let independent = 0;
    if (declaredUnit === id) {
      evidence.push({ text: 'the file declares its unit', figure: label });
      independent++;
    }
    const isCommon = declaredUnit === null && typical !== null && !typical.isInherited && weight >= COMMON;
    if (habitUnit) {
      weight *= habitUnit === id ? 12 : 0.5;
      if (habitUnit === id) {
        evidence.push({ text: 'a habit of its source', figure: label });
        independent++;
      }
    }
    const usual = judgeUsual(size.map((side) => side * metres) as [number, number, number], typical);
    weight *= usual.density;
    evidence.push(usual.evidence);
    if (usual.fits && ((typical && !typical.isInherited) || declaredUnit === id)) independent++;
    for (const one of stated) {
      const side = findStated(one, size, metres);
      weight *= side === null ? 0.3 : one.along === 'sides' ? 60 : one.along === 'any' ? 12 : 20;
      if (side === null) continue;
      evidence.push({ ...one.evidence, figure: formatLength(side) });
      independent++;
    }
    const near = similar.filter((one) => {
      const ratio = (longest * metres) / Math.max(...one.size);
      return ratio < ALIKE && ratio > 1 / ALIKE;
    });
    if (similar.length > 0) {
      weight *= near.length > 0 ? BY_SIMILAR.agrees : BY_SIMILAR.differs;
      if (near.length > 0) {
        evidence.push({
          text: `as ${near[0].label} in the library${near.length > 1 ? ` and ${near.length - 1} more like it` : ''}`,
          figure: formatLength(Math.max(...near[0].size)),
        });
        independent++;
      }
    }
    if (texelDensity !== null && texelDensity > 0) {
      const z = Math.log(texelDensity / metres / TEXELS.middle) / TEXELS.spread;
      weight *= Math.exp(-(z * z) / 2) + ODD;
      if (Math.abs(z) < 1.96)
        evidence.push({
          text: 'its texel density would be as usual',
          figure: `${Math.round(texelDensity / metres)} /m`,
        });
    }
    weight *= shareBy({ kit, author }, id);
    if (kit && isSaid(kit, id)) {
      evidence.push({
        text: kit.isAnswered
          ? 'answers for other pieces of its kit say so'
          : 'taken together, the rest of its kit says so',
        figure: `${kit.pieces} ${kit.pieces === 1 ? 'piece' : 'pieces'}`,
      });
      independent++;
    }
    if (author && isSaid(author, id)) {
      evidence.push({
        text: `${author.isAnswered ? 'by what was answered, and seen,' : 'by all that is seen,'} other models by ${author.author} are so`,
        figure: `${author.pieces} ${author.pieces === 1 ? 'model' : 'models'}`,
      });
      independent++;
    }
    const round = judgeRoundness(size.map((side) => side * metres));
    weight *= round.ratio;
    if (round.evidence) {
      evidence.push(round.evidence);
      // what is only near to its kind by meaning takes more than round sides
      if (!typical?.isInherited) independent++;
    }
    if (isCommon) {
      evidence.push({ text: 'files without a unit are mostly in centimetres or metres' });
      independent++;
    }
    // what things of its name never are is not sure, whatever else agrees
    if (typical && !usual.fits && declaredUnit !== id) independent = 0;
    // nor is a piece of another unit than its kit, for a kit has one
    if (kit && !isSaid(kit, id) && saysOne(kit)) independent = 0;
    return { id, label, factor: metres, confidence: weight, evidence, independent };
  });
  candidates.push({
    id: 'none',
    label: 'no real size',
    factor: 1,
    confidence: PRIOR_NO_SIZE * EVEN * shareBy({ kit, author }, 'none'),
    evidence: [],
    independent: 0,
  });
  const own = ownScaleOf(declaredUnit) * ownDensity(longest) * shareBy({ kit, author }, OWN_SCALE_ID);
  const sum = candidates.reduce((total, candidate) => total + candidate.confidence, own);
  for (const candidate of candidates) candidate.confidence /= sum;
  return candidates.sort((a, b) => b.confidence - a.confidence);
}

/** What others leave of a unit, all of them together. */
const shareBy = (others: { kit: UnitSay | null; author: UnitSay | null }, id: string): number =>
  (['kit', 'author'] as const).reduce((share, who) => {
    const say = others[who];
    return say ? share * Math.max(LEAST_BY_OTHERS[who], say.shares[id] ?? 0) : share;
  }, 1);

/** True for the unit that has more than half of what others say. */
const isSaid = ({ shares }: UnitSay, id: string): boolean => (shares[id] ?? 0) > 0.5;

/** True where more than half of it is for one unit. */
const saysOne = ({ shares }: UnitSay): boolean => Object.values(shares).some((share) => share > 0.5);

/** @returns the side that agrees with what is stated within 3 %, in metres; null where none does */
function findStated(
  { along, metres: told, sides }: StatedSize,
  size: readonly [number, number, number],
  metres: number,
): number | null {
  const near = (side: number, stated: number): boolean => Math.abs(side / stated - 1) < 0.03;
  if (along === 'sides') {
    const own = [...size].sort((a, b) => a - b).map((side) => side * metres);
    const theirs = [...(sides ?? [])].sort((a, b) => a - b);
    return theirs.length === 3 && own.every((side, i) => near(side, theirs[i])) ? Math.max(...own) : null;
  }
  const [width, height, depth] = size;
  const longest = Math.max(...size);
  const candidates = along === 'any' ? [height, width, depth] : [{ height, width, depth, longest }[along]];
  const side = candidates.find((one) => near(one * metres, told));
  return side === undefined ? null : side * metres;
}

function priorOf(id: string, declaredUnit: string | null): number {
  if (declaredUnit === null) return PRIOR_UNDECLARED[id] ?? 0;
  if (declaredUnit === 'm') return PRIOR_DECLARED_METRE[id] ?? 0;
  return declaredUnit === id ? DECLARED_ELSEWHERE : (PRIOR_UNDECLARED[id] ?? 0) * (1 - DECLARED_ELSEWHERE);
}

const ownScaleOf = (declaredUnit: string | null): number =>
  declaredUnit === null ? OWN_SCALE.undeclared : declaredUnit === 'm' ? OWN_SCALE.metre : OWN_SCALE.elsewhere;

/** Density of the logarithm of the longest side a model of no unit has, in units of its file. */
function ownDensity(longest: number): number {
  const { middle, spread, share } = OWN_LENGTH;
  return share * bell(Math.log(longest / middle), spread) + (1 - share) * EVEN;
}

const bell = (distance: number, spread: number): number =>
  Math.exp(-((distance / spread) ** 2) / 2) / (spread * Math.sqrt(2 * Math.PI));

/** Sizes stray further than a normal distribution has it, as proportions do: Student's t of so many degrees of freedom. Ours. */
const TAIL = 4;

/** Its density, of unit mass: 3/8 is Γ(5/2) / (√(4π) Γ(2)). */
const wideBell = (distance: number, spread: number): number =>
  0.375 / spread / (1 + (distance / spread) ** 2 / TAIL) ** ((TAIL + 1) / 2);

/** How usual a size in metres is for things of a kind, or for anything where none is known. */
function judgeUsual(
  size: readonly [number, number, number],
  typical: TypicalSize | null,
): { density: number; fits: boolean; evidence: Evidence } {
  const longest = Math.max(...size);
  if (!typical) {
    const fits = longest >= ANYTHING.min && longest <= ANYTHING.max;
    return {
      density: anythingDensity(longest),
      fits,
      evidence: {
        text: fits ? 'a size things usually have' : 'hardly any single thing has this size',
        figure: formatLength(longest),
      },
    };
  }
  // which way up it is may be open still: its size is not
  const sides = standAsUsual(size, typical);
  const fit = compareWithTypical(sides, typical);
  const isKind = likelihoodOfKind(fit, typical);
  const isHigh = saidSide(typical) === 'height';
  const { min, max } = usualRange(typical);
  const measured = isHigh ? sides[1] : longest;
  return {
    density:
      isKind * wideBell(fit.larger, Math.max(LEAST_SPREAD, fit.spread)) +
      (1 - isKind) * (typical.isInherited ? anythingDensity(longest) : EVEN),
    fits: Math.abs(fit.larger) < WITHIN * Math.max(LEAST_SPREAD, fit.spread),
    evidence: {
      text: `${typical.plural} are mostly ${formatLength(min)} to ${formatLength(max)} ${isHigh ? 'high' : 'long'}`,
      figure: formatLength(measured),
    },
  };
}

/** Density of the logarithm of the longest side, metres, of a thing of which nobody knows what it is. */
function anythingDensity(longest: number): number {
  const off = Math.log(longest) - Math.log(ANYTHING.min * ANYTHING.max) / 2;
  return (1 - ODD) * bell(off, Math.log(ANYTHING.max / ANYTHING.min) / 3.92) + ODD * EVEN;
}
