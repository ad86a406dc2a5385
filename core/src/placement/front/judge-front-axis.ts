import type { Evidence } from '@haveld/contract/finding';
import type { StepOf } from '@haveld/contract/step';
import { FRONTS, type FrontFeatures, type FrontId, type FrontShape } from './front-features';
import { FRONT_WEIGHTS } from './front-weights';
import type { NamedSide } from './named-sides';

export interface FrontCandidate {
  id: FrontId;
  label: string;
  /** The turn about Y that makes it face +Z; null where it does. */
  degrees: StepOf<'set-front-axis'>['degrees'] | null;
  confidence: number;
  evidence: Evidence[];
  independent: number;
}

export interface FrontQuestion {
  /** True where its format says that the front is +Z once Y is up (glTF 2.0, section 3.4). */
  isDeclared: boolean;
  /** The side its source is known to have models face, whatever a format says. */
  habitFront?: FrontId | null;
  shape: FrontShape | null;
  /** Parts whose names say which side they are on. */
  named: readonly NamedSide[];
}

/** As seen from where its front should be. */
const WORDS: Record<FrontId, { label: string; degrees: FrontCandidate['degrees'] }> = {
  '+z': { label: 'faces forwards', degrees: null },
  '+x': { label: 'faces to the right', degrees: -90 },
  '-x': { label: 'faces to the left', degrees: 90 },
  '-z': { label: 'faces away', degrees: 180 },
};

/** How often files face each side once they stand: 180° is the usual slip. Common practice, no source. */
const PRIOR = {
  declared: { '+z': 0.9, '-z': 0.06, '+x': 0.02, '-x': 0.02 },
  none: { '+z': 0.64, '-z': 0.18, '+x': 0.09, '-x': 0.09 },
} as const;

/** What one part named for its side weighs; left and right are named from either side. Ours. */
const BY_NAME = { front: 40, across: 4 };

/** What a habit of its source weighs, as for what is up. Ours. */
const BY_HABIT = 12;

/** A shape speaks for a side by itself where it makes it this many times likelier than the next. */
const SPEAKS = 2.5;

/** Alike from all four sides, it has no front. */
const ROUND_FROM = 0.93;

/** @returns true where it looks the same from all four sides, and nothing in it is named for one */
export const hasNoFront = ({ shape, named }: Pick<FrontQuestion, 'shape' | 'named'>): boolean =>
  named.length === 0 && shape !== null && shape.alikeRound >= ROUND_FROM;

/**
 * Which way does it face, once it stands?
 * @returns all four sides with their confidence, most likely first; they sum to 1
 */
export function judgeFrontAxis({ isDeclared, habitFront, shape, named }: FrontQuestion): FrontCandidate[] {
  const scores = Object.fromEntries(FRONTS.map((id) => [id, shape ? scoreOf(shape.features[id]) : 0])) as Record<
    FrontId,
    number
  >;
  const candidates = FRONTS.map((id): FrontCandidate => {
    const evidence: Evidence[] = [];
    let independent = 0;
    let confidence = PRIOR[isDeclared ? 'declared' : 'none'][id] * Math.exp(scores[id]);
    if (isDeclared && id === '+z') {
      evidence.push({ text: 'its format has the front at +Z (glTF 2.0, section 3.4)' });
      independent++;
    }
    if (habitFront === id) {
      confidence *= BY_HABIT;
      evidence.push({ text: 'a habit of its source' });
      independent++;
    }
    let isNamed = false;
    for (const { name, side, direction } of named) {
      const along = dot(direction, id);
      if (side === 'front' || side === 'back') {
        const says = side === 'front' ? along : -along;
        if (says > 0.7) {
          confidence *= BY_NAME.front;
          evidence.push({ text: `“${name}” is on this side by its name`, figure: side });
          isNamed = true;
        }
      } else if (Math.abs(along) < 0.3) confidence *= BY_NAME.across;
    }
    if (isNamed) independent++;
    if (shape) {
      const next = Math.max(...FRONTS.filter((other) => other !== id).map((other) => scores[other]));
      if (scores[id] - next > Math.log(SPEAKS)) independent++;
      evidence.push(...describeShape(shape.features[id]));
    }
    return { id, ...WORDS[id], confidence, evidence, independent };
  });
  const sum = candidates.reduce((total, { confidence }) => total + confidence, 0);
  for (const candidate of candidates) candidate.confidence /= sum;
  return candidates.sort((a, b) => b.confidence - a.confidence);
}

function dot([x, z]: readonly [number, number], id: FrontId): number {
  const value = id.endsWith('x') ? x : z;
  return id.startsWith('-') ? -value : value;
}

const scoreOf = (features: FrontFeatures): number =>
  (Object.keys(FRONT_WEIGHTS) as (keyof FrontFeatures)[]).reduce(
    (sum, name) => sum + features[name] * FRONT_WEIGHTS[name],
    0,
  );

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What of a shape a person can check with their eyes. */
function describeShape({ alikeSides, alikeEnds, flatBack, upperBack }: FrontFeatures): Evidence[] {
  const evidence: Evidence[] = [
    { text: 'left and right mirror each other, seen from there', figure: percent(alikeSides) },
    { text: 'front and back are alike', figure: percent(alikeEnds) },
  ];
  if (Math.abs(flatBack) > 0.2)
    evidence.push({ text: flatBack > 0 ? 'its back is flat' : 'its front is flatter than its back' });
  if (Math.abs(upperBack) > 0.08)
    evidence.push({ text: upperBack > 0 ? 'its upper half leans to the back' : 'its upper half leans to the front' });
  return evidence;
}
