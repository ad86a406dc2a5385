import type { Evidence } from '@haveld/contract/finding';
import type { Axis } from '@haveld/contract/step';
import type { MountId } from '../pivot/judge-mount';
import type { TypicalSize } from '../size/kind-rows';
import { ORIENTATION_FEATURES, type OrientationFeatures } from './orientation-features';
import { ORIENTATION_WEIGHTS } from './orientation-weights';

export interface UpCandidate {
  id: string;
  up: Axis | '-x' | '-y' | '-z';
  label: string;
  /** The turn that makes it Y up. Z up to Y up is −90° about X. */
  turn: { axis: Axis; degrees: -90 | 90 | 180 } | null;
  confidence: number;
  evidence: Evidence[];
  independent: number;
  /** Its middle does not lie over what it would stand on, and nothing known of its kind outweighs that. */
  wouldTip: boolean;
}

export interface UpQuestion {
  declaredUp: string | null;
  /** Up as its source is known to mean it. */
  habitUp?: string | null;
  typical: TypicalSize | null;
  /** What it is held by, as its name says. */
  mount?: MountId;
  /** Axis a display floor is thin along (0 to 2) and whether the model stands on its greater side; null without one. */
  floor: { axis: number; below: boolean } | null;
  /** What speaks for standing on each end: lower and upper along x, y, z; null where there is no surface. */
  orientation: readonly OrientationFeatures[] | null;
}

interface Orientation {
  id: UpCandidate['up'];
  label: string;
  turn: UpCandidate['turn'];
  /** The end of the box it stands on. */
  end: number;
}

const ORIENTATIONS: Orientation[] = [
  { id: 'y', label: 'Y is up', turn: null, end: 2 },
  { id: 'z', label: 'Z is up', turn: { axis: 'x', degrees: -90 }, end: 4 },
  { id: '-y', label: 'it stands on its head', turn: { axis: 'x', degrees: 180 }, end: 3 },
  { id: '-z', label: 'Z is down', turn: { axis: 'x', degrees: 90 }, end: 5 },
  { id: 'x', label: 'X is up', turn: { axis: 'z', degrees: 90 }, end: 0 },
  { id: '-x', label: 'X is down', turn: { axis: 'z', degrees: -90 }, end: 1 },
];

/** How often each is up, by what a file or its format says. Ours, from the habits of downloads. */
const PRIOR: Record<string, Record<string, number>> = {
  none: { y: 0.76, z: 0.22, '-y': 0.004, '-z': 0.008, x: 0.004, '-x': 0.004 },
  y: { y: 0.96, z: 0.033, '-y': 0.003, '-z': 0.002, x: 0.001, '-x': 0.001 },
  z: { y: 0.033, z: 0.96, '-y': 0.002, '-z': 0.003, x: 0.001, '-x': 0.001 },
  x: { y: 0.1, z: 0.06, '-y': 0.002, '-z': 0.002, x: 0.83, '-x': 0.006 },
};

/** What a habit of its source, and a display floor, weigh. Ours. */
const BY_HABIT = 12;
const BY_FLOOR = 60;

/** A shape speaks for a stance by itself where it makes it this many times likelier than the next. */
const SPEAKS = 2.5;

/** So many times likelier proportions have to be to speak against the place of its middle. Ours. */
const USUAL = 4;

/**
 * Which way is up?
 * @returns all six with their confidence, most likely first; they sum to 1
 */
export function judgeUp({ declaredUp, habitUp, typical, mount, floor, orientation }: UpQuestion): UpCandidate[] {
  const prior = PRIOR[declaredUp ?? 'none'] ?? PRIOR.none;
  const shares =
    orientation && (typical === null || typical.isInherited) && isPlate(orientation) ? PLATE.shares : WHOLE;
  const scores = orientation?.map((one) => SHARE * scoreOrientation(one, shares)) ?? ORIENTATIONS.map(() => 0);
  const candidates = ORIENTATIONS.map(({ id, label, turn, end }): UpCandidate => {
    const candidate: UpCandidate = {
      id,
      up: id,
      label,
      turn,
      confidence: prior[id] * Math.exp(scores[end]),
      evidence: [],
      independent: 0,
      wouldTip: orientation !== null && orientation[end].balance <= 0 && !isUsual(orientation, end),
    };
    const speak = (factor: number, evidence: Evidence): void => {
      candidate.confidence *= factor;
      candidate.evidence.push(evidence);
      candidate.independent++;
    };
    if (declaredUp === id) speak(1, { text: `the file or its format declares ${id.toUpperCase()} up` });
    if (habitUp === id) speak(BY_HABIT, { text: `a habit of its source: ${id.toUpperCase()} up` });
    if (floor && floor.axis * 2 + (floor.below ? 0 : 1) === end)
      speak(BY_FLOOR, { text: 'a display floor lies under it', figure: `across ${'xyz'[floor.axis]}` });
    if (orientation) {
      const others = ORIENTATIONS.filter((other) => other.end >> 1 !== end >> 1).map((other) => scores[other.end]);
      if (scores[end] - Math.max(...others) > Math.log(SPEAKS)) candidate.independent++;
      candidate.evidence.push(...describeOrientation(orientation[end], typical, mount));
    }
    return candidate;
  });
  const sum = candidates.reduce((total, candidate) => total + candidate.confidence, 0);
  for (const candidate of candidates) candidate.confidence /= sum;
  return candidates.sort((a, b) => b.confidence - a.confidence);
}

/** Features speak for one another: what they say together is a little less. Ours, so that what is called so sure is right so often. */
const SHARE = 0.92;

/** A thin plate of which nobody knows what it is may lie as well as hang: its shape says less of it, and its origin may be the wall. Ours. */
const PLATE = { thinnerThan: Math.log(0.12), shares: { shape: 0.43, origin: 0 } };
const WHOLE = { shape: 1, origin: 1 };

const isPlate = (orientation: readonly OrientationFeatures[]): boolean =>
  orientation.some(({ thin }) => thin < PLATE.thinnerThan);

/** True where its proportions are those of its kind on this end, and hardly on one across: an aeroplane need not rest on its belly. */
const isUsual = (orientation: readonly OrientationFeatures[], end: number): boolean =>
  orientation.every((other, i) => i >> 1 === end >> 1 || orientation[end].byKind - other.byKind > Math.log(USUAL));

function scoreOrientation(features: OrientationFeatures, shares: typeof WHOLE): number {
  let sum = 0;
  for (const name of ORIENTATION_FEATURES) {
    const share = name === 'pictures' ? 1 : name === 'atOrigin' ? shares.origin : shares.shape;
    sum += share * features[name] * ORIENTATION_WEIGHTS[name];
  }
  return sum;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** Where what its name says of its proportions is worth saying. As logarithms. */
const LIKE_ITS_KIND = -1.5;
const UNLIKE_ITS_KIND = -3.5;

/** From where what pictures and open undersides say is worth saying. */
const TELLING = 0.25;

/** What of a shape a person can check with their eyes. */
function describeOrientation(
  features: OrientationFeatures,
  typical: TypicalSize | null,
  mount: MountId | undefined,
): Evidence[] {
  const { support, balance, square, mirror, open, pictures, atOrigin, byKind } = features;
  const evidence: Evidence[] = [
    { text: 'share of its base that it would stand on', figure: percent(support) },
    balance > 0
      ? { text: 'its centre of mass lies over that' }
      : { text: 'its centre of mass lies beside that: it would tip over' },
    { text: 'faces that would be level', figure: percent(square) },
  ];
  if (mirror < 0.7) evidence.push({ text: 'foot and head differ', figure: `${percent(mirror)} alike` });
  if (pictures > TELLING)
    evidence.push({ text: 'so the pictures on its sides stand upright', figure: percent(pictures) });
  if (atOrigin > 0) evidence.push({ text: `the origin of the file is at its ${mount === 'ceiling' ? 'top' : 'foot'}` });
  if (open > TELLING) evidence.push({ text: 'its surface is open below', figure: `${percent(open)} of its base` });
  if (typical && byKind > LIKE_ITS_KIND)
    evidence.push({ text: `so its proportions would be those of ${typical.plural}` });
  if (typical && byKind < UNLIKE_ITS_KIND)
    evidence.push({ text: `so its proportions would not be those of ${typical.plural}` });
  return evidence;
}
