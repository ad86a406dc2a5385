import type { Evidence } from '@haveld/contract/finding';
import type { Axis } from '@haveld/contract/step';
import type { Contact } from './contact';
import type { TypicalSize } from './typical-sizes';

export interface UpCandidate {
  id: string;
  up: Axis | '-x' | '-y' | '-z';
  words: string;
  /** The turn that makes it Y up. Z up to Y up is −90° about X. */
  turn: { axis: Axis; degrees: -90 | 90 | 180 } | null;
  confidence: number;
  evidence: Evidence[];
  independent: number;
}

export interface UpQuestion {
  /** Along x, y, z of the file. */
  size: readonly [number, number, number];
  declaredUp: string | null;
  /** Up as its source is known to mean it. */
  habitUp?: string | null;
  typical: TypicalSize | null;
  /** Axis a display floor is thin along (0 to 2) and whether the model stands on its greater side; null without one. */
  floor: { axis: number; below: boolean } | null;
  /** How much of the box's ends is covered by flat faces. */
  contact: Contact;
}

/**
 * Shape speaks louder for Y than for Z: backs of cupboards and wall-hung things are flat too. Weighed on open-furniture, where
 * equal weights turned 36 of 139 upright models over and these turn none; what is not sure is asked.
 */
const FLAT_WEIGHT = { y: 3, z: 0.6 };
const ENDS_WEIGHT = { y: 3, z: 1.4 };

const prior = (declaredUp: string | null): { y: number; z: number; down: number } =>
  declaredUp === 'y'
    ? { y: 0.96, z: 0.035, down: 0.005 }
    : declaredUp === 'z'
      ? { y: 0.035, z: 0.96, down: 0.005 }
      : { y: 0.78, z: 0.21, down: 0.01 };

/**
 * Which axis is up?
 * @returns Y, Z and upside down with their confidence, most likely first; they sum to 1
 */
export function judgeUp({ size, declaredUp, habitUp, typical, floor, contact }: UpQuestion): UpCandidate[] {
  const base = prior(declaredUp);
  const y: UpCandidate = {
    id: 'y',
    up: 'y',
    words: 'Y is up',
    turn: null,
    confidence: base.y,
    evidence: [],
    independent: 0,
  };
  const z: UpCandidate = {
    id: 'z',
    up: 'z',
    words: 'Z is up',
    turn: { axis: 'x', degrees: -90 },
    confidence: base.z,
    evidence: [],
    independent: 0,
  };
  const down: UpCandidate = {
    id: '-y',
    up: '-y',
    words: 'it stands on its head',
    turn: { axis: 'x', degrees: 180 },
    confidence: base.down,
    evidence: [],
    independent: 0,
  };
  const speak = (candidate: UpCandidate, weight: number, evidence: Evidence): void => {
    candidate.confidence *= weight;
    candidate.evidence.push(evidence);
    candidate.independent++;
  };
  if (declaredUp === 'y') speak(y, 1, { text: 'the file or its format declares Y up' });
  if (declaredUp === 'z') speak(z, 1, { text: 'the file or its format declares Z up' });
  if (habitUp === 'y' || habitUp === 'z')
    speak(habitUp === 'y' ? y : z, 12, { text: `a habit of its source: ${habitUp.toUpperCase()} up` });
  if (floor?.axis === 1)
    speak(floor.below ? y : down, 40, { text: 'a display floor lies under it', figure: 'across y' });
  if (floor?.axis === 2) speak(z, 40, { text: 'a display floor lies under it', figure: 'across z' });
  if (typical?.shape === 'tall') {
    const [, height, depth] = size;
    if (height > depth * 1.4) speak(y, 6, { text: `${typical.plural} are tall`, figure: 'longest along y' });
    if (depth > height * 1.4) speak(z, 6, { text: `${typical.plural} are tall`, figure: 'longest along z' });
  }
  const percent = (share: number): string => `${Math.round(Math.min(1, share) * 100)} %`;
  const lead = contact.y.lower - contact.z.lower;
  if (Math.abs(lead) > 0.15) {
    speak(lead > 0 ? y : z, 1 + FLAT_WEIGHT[lead > 0 ? 'y' : 'z'] * Math.min(1, Math.abs(lead)), {
      text: 'it rests flat on this side',
      figure: `${percent(Math.max(contact.y.lower, contact.z.lower))} of its base`,
    });
  }
  // foot and head of a thing differ; its front and back are more alike
  const [alongY, alongZ] = [Math.abs(contact.y.upper - contact.y.lower), Math.abs(contact.z.upper - contact.z.lower)];
  if (Math.abs(alongY - alongZ) > 0.25) {
    const [candidate, ends, axis] = alongY > alongZ ? ([y, contact.y, 'y'] as const) : ([z, contact.z, 'z'] as const);
    speak(candidate, ENDS_WEIGHT[axis], {
      text: `foot and head differ along ${axis}`,
      figure: `${percent(ends.lower)}, ${percent(ends.upper)} flat`,
    });
  }
  const candidates = declaredUp === 'x' ? [y, z, down, createSideways()] : [y, z, down];
  const sum = candidates.reduce((total, candidate) => total + candidate.confidence, 0);
  for (const candidate of candidates) candidate.confidence /= sum;
  return candidates.sort((a, b) => b.confidence - a.confidence);
}

/** Only a declaration says so: nothing in a shape speaks for it. */
const createSideways = (): UpCandidate => ({
  id: 'x',
  up: 'x',
  words: 'X is up',
  turn: { axis: 'z', degrees: 90 },
  confidence: 2,
  evidence: [{ text: 'the file declares X up' }],
  independent: 1,
});
