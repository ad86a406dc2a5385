import type { Choice, Finding } from '@haveld/contract/finding';
import { PIVOTS, type Pivot } from '@haveld/contract/step';
import { boxSize } from '../../scene/bounds';
import { PIVOT_WORDS } from '../../treatment/steps/set-pivot';
import { formatLength } from '../../placement/units';
import { strangerKey, type Examination } from '../examination';
import { isSure, makeFinding } from '../make-finding';

/** Off by more than this share of the longest side, the pivot is worth a word. */
const TOLERANCE = 0.01;

/** Where does it turn about, and does it touch the ground? Judged as it will stand once upright and at its size. */
export function checkPivot({ uprightBox: box, size, strangers }: Examination): Finding[] {
  if (!box) return [];
  const factor = size[0]?.factor ?? 1;
  const longest = Math.max(...boxSize(box));
  const [x, z] = [(box.min[0] + box.max[0]) / 2, (box.min[2] + box.max[2]) / 2];
  const off = Math.hypot(x, z);
  const hover = box.min[1];
  const isOff = off > longest * TOLERANCE;
  const hovers = Math.abs(hover) > longest * TOLERANCE;
  const length = (v: number): string => formatLength(Math.abs(v) * factor);
  const evidence: Finding['evidence'] = [];
  if (isOff) evidence.push({ text: 'the pivot lies beside the centre of the base', figure: length(off) });
  if (hovers)
    evidence.push({
      text: hover > 0 ? 'it hovers above the ground' : 'it reaches below the ground',
      figure: length(hover),
    });
  const outside = [0, 1, 2].some((axis) => box.min[axis] > 0 || box.max[axis] < 0);
  if (outside && (isOff || hovers)) evidence.push({ text: 'the pivot lies outside the model' });
  const ranked: { at: Pivot; confidence: number }[] = PIVOTS.map((at) => ({ at, confidence: CONFIDENCE[at] }));
  ranked.sort((a, b) => b.confidence - a.confidence);
  const choices: Choice[] = ranked.map(({ at, confidence }) => ({
    id: at,
    label: PIVOT_WORDS[at],
    steps: [{ kind: 'set-pivot', schema: 1, at, onGround: at === 'kept' || at === 'base-centre' }],
    confidence,
    evidence: [],
  }));
  const after = strangers.map(strangerKey);
  if (!isOff && !hovers) {
    return [
      makeFinding({
        key: 'pivot',
        heading: 'size-and-stance',
        mark: 'holds',
        title: 'Stands on the ground, pivot at its base centre',
        choices,
        after,
      }),
    ];
  }
  const title = isOff
    ? `Pivot is ${length(off)} off the base centre`
    : hover > 0
      ? `Hovers ${length(hover)} above the ground`
      : `Reaches ${length(hover)} below the ground`;
  return [
    makeFinding({
      key: 'pivot',
      heading: 'size-and-stance',
      mark: 'look',
      title,
      detail: 'Centre of the base instead, standing on the ground.',
      evidence,
      choices,
      after,
      sure: isSure(choices[0], evidence.length),
    }),
  ];
}

/** How often each is wanted for a thing that stands. Common practice, no source. */
const CONFIDENCE: Record<Pivot, number> = {
  'base-centre': 0.92,
  kept: 0.04,
  'box-centre': 0.02,
  'balance-point': 0.02,
};
