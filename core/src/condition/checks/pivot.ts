import type { Choice, Finding } from '@haveld/contract/finding';
import type { Box } from '@haveld/contract/report';
import { PIVOTS, type Pivot } from '@haveld/contract/step';
import type { Mount } from '../../placement/pivot/judge-mount';
import { findPivotPlace, judgePivotPlace, type PivotPlace, type PivotShape } from '../../placement/pivot/judge-pivot';
import { formatLength } from '../../placement/units';
import { listClutter } from '../../structure/clutter';
import { count } from '../../text/count';
import { isSizeSettled } from '../is-settled';
import { boxSize } from '../../scene/measures/bounds';
import { PIVOT_WORDS } from '../../treatment/steps/set-pivot';
import { strangerKey, type Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Off by more than this share of the longest side, the pivot is worth a word. */
const TOLERANCE = 0.01;

/** Modules are built on such a grid, metres. Common practice, no source. */
const MODULE = 0.25;

interface Purpose {
  /** What such a pivot is for. Common practice, no source. */
  label: string;
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
    label: 'modules are put together by a corner',
    names: /\b(module|modular|tile|wall|floor|corner|segment|block)\b/i,
    fits: (width, _, depth) => isModular(width) && isModular(depth),
  },
  foot: {
    label: 'what reaches out to one side stands where its foot is',
    names: /\b(pole|mast|flag|crane|lamp post|street ?lamp|sign post|arm|davit)\b/i,
    fits: () => true,
  },
  ceiling: {
    label: 'things that hang from above are placed by their top',
    names: /\b(chandelier|pendant|ceiling|hanging|lamp|bell|hook)\b/i,
    fits: () => false,
  },
  wall: {
    label: 'things that hang are placed by their back',
    names: /\b(frame|picture|mirror|shelf|sconce|sign|clock|socket|radiator)\b/i,
    fits: (width, height, depth) => depth < Math.min(width, height) * 0.2,
  },
  hinge: {
    label: 'doors and lids turn about an edge',
    names: /\b(door|gate|lid|shutter|hatch|flap|window)\b/i,
    fits: (width, height, depth) => depth < Math.min(width, height) * 0.15,
  },
};

function findPurpose(place: PivotPlace | null, name: string, sides: readonly number[]): Purpose | null {
  const purpose = place && PURPOSES[place];
  if (!purpose) return null;
  return purpose.names.test(name.replaceAll('_', ' ')) || purpose.fits(sides[0], sides[1], sides[2]) ? purpose : null;
}

/** What stands, and has no other place. */
const STANDS: Mount = {
  id: 'floor',
  label: 'stands',
  pivot: 'base-centre',
  isGiven: false,
  confidence: 1,
  evidence: [],
};

/**
 * An origin within the model, or at it, that somebody put there: it is held, worn or part of something by it, places are named about it,
 * clips and joints turn about it, or the format says how large things are, so that its author placed it in a world.
 * @returns by what that is told; null where it lies there by chance, or outside
 */
function findMeaning(
  { document, isMoving, source, uprightBox }: Examination,
  mount: Mount,
  place: PivotPlace | null,
): string | null {
  if (!uprightBox || !isWithin(uprightBox)) return null;
  if (mount.isGiven) return `it ${mount.label}`;
  if (isMoving) return 'its joints or clips turn about it';
  const named = listClutter(document).filter(({ kind, sure }) => kind === 'empty' && !sure);
  if (named.length > 0)
    return `${count(named.length, 'named place')} in it ${named.length === 1 ? 'is' : 'are'} set about it`;
  if (GLTF.test(source.format ?? '') && place !== 'box-centre')
    return 'the format says its size, so that it was placed in a world';
  return null;
}

const GLTF = /^(GLB|glTF)$/;

function isWithin({ min, max }: Box): boolean {
  const slack = Math.max(...boxSize({ min, max })) * TOLERANCE;
  return [0, 1, 2].every((axis) => min[axis] <= slack && max[axis] >= -slack);
}

/** Where does it turn about, and is it where it is held? Judged as it will stand once upright and at its size. */
export function checkPivot(examination: Examination): Finding[] {
  const { name, uprightBox: box, uprightBalance, uprightFoot, isUpright, strangers, rules } = examination;
  if (!box) return [];
  const mount = examination.mounts[0] ?? STANDS;
  const factor = examination.metresAUnit ?? 1;
  const longest = Math.max(...boxSize(box));
  const shape: PivotShape = { box, foot: uprightFoot, balance: uprightBalance?.balance ?? null };
  const target = findPivotPlace(shape, mount.pivot);
  const hover = mount.id === 'floor' ? box.min[1] : 0;
  const off = mount.id === 'floor' ? Math.hypot(target[0], target[2]) : Math.hypot(...target);
  const isOff = off > longest * TOLERANCE;
  const hovers = Math.abs(hover) > longest * TOLERANCE;
  // metres are said where it is settled what a unit is; until then how far, as a share of the model
  const inMetres = isSizeSettled(examination) || longest === 0;
  const length = (v: number): string =>
    inMetres
      ? formatLength(Math.abs(v) * factor)
      : `${Math.round((Math.abs(v) / longest) * 100)} % of its longest side`;
  const sides = boxSize(box).map((side) => side * factor);
  const place = judgePivotPlace(shape);
  const purpose = findPurpose(place, name, sides);
  const meaning = purpose ? null : findMeaning(examination, mount, place);
  const evidence: Finding['evidence'] = [...(mount.id === 'floor' ? [] : mount.evidence)];
  if (isOff) evidence.push({ text: `the pivot lies beside the ${MEANT[mount.pivot]}`, figure: length(off) });
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
      text: `when it turns about its pivot, its balance point (of the ${uprightBalance.by}) circles at`,
      figure: length(Math.hypot(uprightBalance.balance[0], uprightBalance.balance[2])),
    });
  const isKept = purpose !== null || meaning !== null;
  const choices = listChoices(mount, place, isKept);
  const after = [...strangers.map(strangerKey), ...(isUpright ? [] : ['up'])];
  const given = { kind: 'pivot', choices, after } as const;
  if (!isOff && !hovers)
    return [
      makeFinding({
        ...given,
        mark: 'holds',
        title:
          mount.id === 'floor'
            ? 'Stands on the ground, pivot at its base centre'
            : `It ${mount.label}, pivot at the ${MEANT[mount.pivot]}`,
        evidence: mount.id === 'floor' ? [] : evidence,
      }),
    ];
  if (isKept)
    return [
      makeFinding({
        ...given,
        mark: 'holds',
        title: `Pivot ${place ? `at the ${PIVOT_WORDS[place]}` : 'within it'}, as it came: kept`,
        detail: `Put there on purpose, by the look of it: ${purpose?.label ?? meaning}.`,
        evidence,
      }),
    ];
  const title = isOff
    ? mount.id === 'floor'
      ? `Pivot is ${length(off)} off the base centre`
      : `It ${mount.label}: its pivot is ${length(off)} off`
    : hover > 0
      ? `Hovers ${length(hover)} above the ground`
      : `Reaches ${length(hover)} below the ground`;
  return [
    makeFinding({
      ...given,
      mark: 'look',
      title,
      detail:
        mount.id === 'floor'
          ? 'Centre of the base instead, standing on the ground.'
          : `The ${MEANT[mount.pivot]} instead, where it is held.`,
      evidence,
      // where a thing stands is measured: no opinion that wants a second one. A place pivots are put at is no chance, and asked about
      sure:
        isUpright &&
        (mount.id === 'floor' && (place === null || place === 'box-centre')
          ? choices[0].confidence >= rules.sureFrom
          : isSure(choices[0], independent, rules)),
    }),
  ];
}

/** A place as a sentence has it. */
const MEANT: Record<PivotPlace, string> = {
  ...PIVOT_WORDS,
  'base-centre': 'centre of the base',
};

function listChoices(
  mount: Pick<Mount, 'id' | 'pivot' | 'confidence'>,
  place: PivotPlace | null,
  isKept: boolean,
): Choice[] {
  const weights: Record<Exclude<Pivot, 'point'>, number> = { ...CONFIDENCE };
  if (mount.pivot !== 'base-centre') {
    weights[mount.pivot] = CONFIDENCE['base-centre'] * mount.confidence;
    weights['base-centre'] = CONFIDENCE['base-centre'] * (1 - mount.confidence);
  }
  return PIVOTS.filter((at) => at !== 'point')
    .map((at): Choice => {
      const onGround = at === 'base-centre' || at === 'foot' || (at === 'kept' && !isKept && mount.id === 'floor');
      return {
        id: at,
        label: at === 'kept' && place ? `as it came: ${PIVOT_WORDS[place]}` : PIVOT_WORDS[at],
        steps: at === 'kept' && (isKept || !onGround) ? [] : [{ kind: 'set-pivot', schema: 1, at, onGround }],
        confidence: isKept ? (at === 'kept' ? 0.9 : 0.1 * weights[at]) : weights[at],
        evidence: [],
      };
    })
    .sort((a, b) => b.confidence - a.confidence);
}

/** How often each is wanted for a thing that stands. Common practice, no source. */
const CONFIDENCE: Record<Exclude<Pivot, 'point'>, number> = {
  'base-centre': 0.92,
  kept: 0.03,
  'box-centre': 0.01,
  'balance-point': 0.01,
  corner: 0.01,
  foot: 0.005,
  ceiling: 0.005,
  wall: 0.005,
  hinge: 0.005,
};
