import type { Figures, StepOutcome } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { boxSize } from '../scene/measures/bounds';

/** Lengths that differ by less than this share are the same: what a reader rounds. */
const SAME_LENGTH = 1e-4;

/** A figure of two versions; null where a version has none. */
export interface ComparedFigure {
  figure: keyof Figures | 'size';
  before: number | readonly number[] | null;
  after: number | readonly number[] | null;
  isSame: boolean;
}

/** What a version is, as far as it is compared. */
export interface ComparedVersion {
  steps: readonly Step[];
  outcomes: readonly StepOutcome[];
  after: Figures | null;
}

/** The steps of two versions by their titles. */
export interface ComparedSteps {
  kept: string[];
  gone: string[];
  come: string[];
}

/** In the order they are shown: what an artist looks at first. */
const FIGURES = [
  'triangles',
  'polygons',
  'vertices',
  'materials',
  'maps',
  'mapsMissing',
  'mapSide',
  'cardMemoryBytes',
  'texelDensity',
  'meshes',
  'nodes',
  'joints',
  'clips',
] as const satisfies readonly (keyof Figures)[];

/** Every figure of two versions, side by side: sizes as width, height and depth in metres. */
export function compareFigures(before: Figures, after: Figures): ComparedFigure[] {
  const sizes = [before, after].map(({ box }) => (box ? boxSize(box) : null));
  return [
    { figure: 'size', before: sizes[0], after: sizes[1], isSame: areLengths(sizes[0], sizes[1]) },
    ...FIGURES.map((figure) => ({
      figure,
      before: before[figure],
      after: after[figure],
      isSame: before[figure] === after[figure],
    })),
  ];
}

const areLengths = (one: readonly number[] | null, other: readonly number[] | null): boolean =>
  one === null || other === null
    ? one === other
    : one.every((side, i) => Math.abs(side - other[i]) <= SAME_LENGTH * Math.max(side, other[i]));

/** Which steps both have, which the later has no more, and which are new; a step with other settings is another. */
export function compareSteps(before: ComparedVersion, after: ComparedVersion): ComparedSteps {
  const [earlier, later] = [before, after].map(listSteps);
  const left = [...later];
  const kept: string[] = [];
  const gone: string[] = [];
  for (const { key, title } of earlier) {
    const at = left.findIndex((step) => step.key === key);
    if (at < 0) gone.push(title);
    else {
      kept.push(title);
      left.splice(at, 1);
    }
  }
  return { kept, gone, come: left.map(({ title }) => title) };
}

const listSteps = ({ steps, outcomes }: ComparedVersion): { key: string; title: string }[] =>
  steps.map((step, i) => ({ key: JSON.stringify(step), title: outcomes[i]?.title ?? step.kind }));
