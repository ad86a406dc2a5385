import type { SheetFinding } from '@haveld/contract/api/bench';
import type { KitMeasures, PieceMeasures } from '@haveld/contract/api/kits';
import { FINDING_KINDS } from '@haveld/contract/finding-kinds';
import type { Box } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { findModule } from '../placement/kit/find-module';
import { judgeKitUnit, type UnitShares } from '../placement/kit/judge-kit-unit';
import { listOddFigures } from '../placement/kit/list-odd-figures';
import { placeBox } from '../placement/kit/place-box';
import { judgePivotPlace } from '../placement/pivot/judge-pivot';
import { OWN_SCALE_ID } from '../placement/size/judge-size';
import { pluralOf, UNITS } from '../placement/units';
import { boxSize } from '../scene/measures/bounds';
import { orderSteps } from '../treatment/steps';
import { PIVOT_WORDS } from '../treatment/steps/set-pivot';

/** One piece of a kit, as its sheet has it. */
export interface PieceToMeasure {
  assetId: string;
  findings: readonly SheetFinding[];
  /** What it says of its unit by itself, or a person said. */
  shares: UnitShares;
  /** Steps that are taken and switched on. */
  steps: readonly Step[];
  /** Of the piece as received; null without extent. */
  box: Box | null;
}

/**
 * The measures of a kit as a whole: how large each piece is by what is taken, and by what is proposed where nothing is; the unit all
 * of them speak for; the module; which figures stand out.
 */
export function measureKit(pieces: readonly PieceToMeasure[]): KitMeasures {
  const unit = judgeKitUnit(pieces.map(({ shares }) => shares));
  const placed = pieces.map(({ assetId, findings, steps, box }) => {
    const open = findings.filter(({ kind, answer }) => FINDING_KINDS[kind].isPlacing && answer === null);
    const proposed = open.flatMap(({ choices }) => choices[0]?.steps ?? []);
    const all = orderSteps([...steps, ...proposed].map((step) => ({ step }))).map(({ step }) => step);
    return {
      assetId,
      box: box && placeBox(box, all),
      isSettled: !open.some(({ kind, mark }) => kind === 'size' && mark !== 'holds'),
    };
  });
  const sizes = placed.map(({ box }): [number, number, number] => (box ? boxSize(box) : [0, 0, 0]));
  const module = findModule(sizes);
  const odd = new Map(listOddFigures(sizes.map((size) => Math.max(...size))).map(({ piece, times }) => [piece, times]));
  return {
    unit: unit && {
      id: unit.id,
      label: wordsOf(unit.id),
      confidence: unit.confidence,
      agree: unit.agree,
      others: unit.others.map((i) => pieces[i].assetId),
    },
    module: module && { metres: module.module, summary: module.summary },
    pieces: placed.map(({ assetId, box, isSettled }, i): PieceMeasures => {
      const place = box && judgePivotPlace({ box, balance: null });
      return {
        assetId,
        width: sizes[i][0],
        height: sizes[i][1],
        depth: sizes[i][2],
        isSettled,
        pivot: place ? PIVOT_WORDS[place] : box ? 'beside these' : 'none',
        offModule: (module?.odd ?? []).filter(({ piece }) => piece === i).map(({ side, off }) => ({ side, off })),
        times: odd.get(i) ?? null,
      };
    }),
  };
}

const OTHER_WORDS: Record<string, string> = { none: 'no real size', [OWN_SCALE_ID]: 'a scale of their own' };

function wordsOf(id: string): string {
  const known = UNITS.find((unit) => unit.id === id);
  return known ? pluralOf(known.label) : (OTHER_WORDS[id] ?? id);
}
