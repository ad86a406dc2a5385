import type { Choice, Finding } from '@haveld/contract/finding';
import { PIVOTS, type Pivot } from '@haveld/contract/step';
import { boxSize } from '../../scene/bounds';
import { PIVOT_WORDS } from '../../treatment/steps/set-pivot';
import { judgePivotPlace, type PivotPlace } from '../../placement/judge-pivot';
import { formatLength } from '../../placement/units';
import { strangerKey, type Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Off by more than this share of the longest side, the pivot is worth a word. */
const TOLERANCE = 0.01;
/** Modules are built on such a grid, metres. Common practice, no source. */
const MODULE = 0.25;

interface Purpose {
  /** What such a pivot is for. Common practice, no source. */
  words: string;
  /** By its name it may be. */
  names: RegExp;
  /** By its sides it may be: width, height, depth, metres. */
  fits: (width: number, height: number, depth: number) => boolean;
}

const isModular = (side: number): boolean =>
  side > MODULE / 2 && Math.abs(side / MODULE - Math.round(side / MODULE)) < 0.01;

/** Where a pivot that lies beside the centre of the base was put on purpose, and by what that is told. */
const PURPOSES: Partial<Record<PivotPlace, Purpose>> = {
  corner: {
    words: 'modules are put together by a corner',
    names: /\b(module|modular|tile|wall|floor|corner|segment|block)\b/i,
    fits: (width, _, depth) => isModular(width) && isModular(depth),
  },
  wall: {
    words: 'things that hang are placed by their back',
    names: /\b(frame|picture|mirror|shelf|sconce|sign|clock|socket|radiator)\b/i,
    fits: (width, height, depth) => depth < Math.min(width, height) * 0.2,
  },
  hinge: {
    words: 'doors and lids turn about an edge',
    names: /\b(door|gate|lid|shutter|hatch|flap|window)\b/i,
    fits: (width, height, depth) => depth < Math.min(width, height) * 0.15,
  },
};

function findPurpose(place: PivotPlace | null, name: string, sides: readonly number[]): Purpose | null {
  const purpose = place && PURPOSES[place];
  if (!purpose) return null;
  return purpose.names.test(name.replaceAll('_', ' ')) || purpose.fits(sides[0], sides[1], sides[2]) ? purpose : null;
}

/** Where does it turn about, and does it touch the ground? Judged as it will stand once upright and at its size. */
export function checkPivot({ name, uprightBox: box, uprightBalance, size, strangers }: Examination): Finding[] {
  if (!box) return [];
  const factor = size[0]?.factor ?? 1;
  const longest = Math.max(...boxSize(box));
  const [x, z] = [(box.min[0] + box.max[0]) / 2, (box.min[2] + box.max[2]) / 2];
  const off = Math.hypot(x, z);
  const hover = box.min[1];
  const isOff = off > longest * TOLERANCE;
  const hovers = Math.abs(hover) > longest * TOLERANCE;
  const length = (v: number): string => formatLength(Math.abs(v) * factor);
  const place = judgePivotPlace(box, uprightBalance?.balance ?? null);
  const purpose = findPurpose(
    place,
    name,
    boxSize(box).map((side) => side * factor),
  );
  const evidence: Finding['evidence'] = [];
  if (isOff) evidence.push({ text: 'the pivot lies beside the centre of the base', figure: length(off) });
  if (hovers)
    evidence.push({
      text: hover > 0 ? 'it hovers above the ground' : 'it reaches below the ground',
      figure: length(hover),
    });
  const outside = [0, 1, 2].some((axis) => box.min[axis] > 0 || box.max[axis] < 0);
  if (outside && !place && (isOff || hovers)) evidence.push({ text: 'the pivot lies outside the model' });
  const independent = evidence.length;
  // a figure to know, no evidence for another pivot
  if (uprightBalance)
    evidence.push({
      text: `turned about it, its balance point (of the ${uprightBalance.by}) runs round at`,
      figure: length(Math.hypot(uprightBalance.balance[0], uprightBalance.balance[2])),
    });
  const isKept = purpose !== null;
  const choices = PIVOTS.filter((at) => at !== 'point')
    .map((at): Choice => {
      const onGround = at === 'base-centre' || (at === 'kept' && !isKept);
      return {
        id: at,
        label: at === 'kept' && place ? `as it came: ${PIVOT_WORDS[place]}` : PIVOT_WORDS[at],
        steps: at === 'kept' && isKept ? [] : [{ kind: 'set-pivot', schema: 1, at, onGround }],
        confidence: isKept ? (at === 'kept' ? 0.9 : 0.1 * CONFIDENCE[at]) : CONFIDENCE[at],
        evidence: [],
      };
    })
    .sort((a, b) => b.confidence - a.confidence);
  const after = strangers.map(strangerKey);
  const given = { key: 'pivot', heading: 'size-and-stance', choices, after } as const;
  if (!isOff && !hovers)
    return [makeFinding({ ...given, mark: 'holds', title: 'Stands on the ground, pivot at its base centre' })];
  if (isKept)
    return [
      makeFinding({
        ...given,
        mark: 'holds',
        title: `Pivot at the ${PIVOT_WORDS[place!]}, as it came: kept`,
        detail: `Put there on purpose, by the look of it: ${purpose.words}.`,
        evidence,
      }),
    ];
  const title = isOff
    ? `Pivot is ${length(off)} off the base centre`
    : hover > 0
      ? `Hovers ${length(hover)} above the ground`
      : `Reaches ${length(hover)} below the ground`;
  return [
    makeFinding({
      ...given,
      mark: 'look',
      title,
      detail: 'Centre of the base instead, standing on the ground.',
      evidence,
      sure: isSure(choices[0], independent),
    }),
  ];
}

/** How often each is wanted for a thing that stands. Common practice, no source. */
const CONFIDENCE: Record<Exclude<Pivot, 'point'>, number> = {
  'base-centre': 0.92,
  kept: 0.03,
  'box-centre': 0.015,
  'balance-point': 0.015,
  corner: 0.01,
  wall: 0.005,
  hinge: 0.005,
};
