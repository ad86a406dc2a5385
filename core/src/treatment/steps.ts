import type { Step, StepKind } from '@haveld/contract/step';
import { PHASES, type Phase, type StepDefinition } from './step-definition';
import { bake } from './steps/bake-transforms';
import { borrowMaterialOf } from './steps/borrow-material';
import { borrowPartOf } from './steps/borrow-part';
import { changeMap } from './steps/change-map';
import { cleanFaces } from './steps/clean-faces';
import { closeHolesOfParts } from './steps/close-holes';
import { convertSpecular } from './steps/convert-specular';
import { cutPartsAlong } from './steps/cut-parts';
import { dissolveGroupsByHand } from './steps/dissolve-groups';
import { dissolveWrappers } from './steps/dissolve-wrappers';
import { flipFacesOut } from './steps/flip-faces';
import { foldConstant } from './steps/fold-constant';
import { groupPartsTogether } from './steps/group-parts';
import { hangPartsUnder } from './steps/hang-parts';
import { heightToNormal } from './steps/height-to-normal';
import { joinPartsToOne } from './steps/join-parts';
import { keepCollisionParts } from './steps/keep-collision';
import { keepDetailLevels } from './steps/keep-levels';
import { leaveOut } from './steps/leave-out';
import { mergeMaterials } from './steps/merge-materials';
import { mergeVerticesOfParts } from './steps/merge-vertices';
import { nameParts } from './steps/name-parts';
import { nameRoot } from './steps/name-root';
import { ownGeometry } from './steps/own-geometry';
import { reduceMaps } from './steps/reduce-maps';
import { reduceTriangles } from './steps/reduce-triangles';
import { relinkMap } from './steps/relink-map';
import { rotate } from './steps/rotate';
import { scale } from './steps/scale';
import { makeSecondLayout } from './steps/second-layout';
import { separateFaces } from './steps/separate-faces';
import { setCollisionShape } from './steps/set-collision';
import { setDetailLevels } from './steps/set-levels';
import { setFrontAxis } from './steps/set-front-axis';
import { setMaterial } from './steps/set-material';
import { setNormals } from './steps/set-normals';
import { setPartPivot } from './steps/set-part-pivot';
import { setPivot } from './steps/set-pivot';
import { shadeParts } from './steps/shade-parts';
import { shareEqual } from './steps/share-geometry';
import { sortPartsBelow } from './steps/sort-parts';
import { splitMaterial } from './steps/split-material';
import { splitPart } from './steps/split-part';
import { straighten } from './steps/straighten';
import { takeOutParts } from './steps/take-out';
import { turnFaces } from './steps/turn-faces';
import { uniformScale } from './steps/uniform-scale';
import { unlinkMap } from './steps/unlink-map';

/** Every kind of step there is. */
export const STEPS: { [K in StepKind]: StepDefinition<K> } = {
  'uniform-scale': uniformScale,
  'set-part-pivot': setPartPivot,
  'flip-faces': flipFacesOut,
  'leave-out': leaveOut,
  'dissolve-wrappers': dissolveWrappers,
  'hang-parts': hangPartsUnder,
  'group-parts': groupPartsTogether,
  'dissolve-groups': dissolveGroupsByHand,
  'join-parts': joinPartsToOne,
  'split-part': splitPart,
  'separate-faces': separateFaces,
  'cut-parts': cutPartsAlong,
  'clean-faces': cleanFaces,
  'turn-faces': turnFaces,
  'merge-vertices': mergeVerticesOfParts,
  'close-holes': closeHolesOfParts,
  'shade-parts': shadeParts,
  'sort-parts': sortPartsBelow,
  'take-out': takeOutParts,
  'name-parts': nameParts,
  'share-geometry': shareEqual,
  'own-geometry': ownGeometry,
  'borrow-part': borrowPartOf,
  'borrow-material': borrowMaterialOf,
  'relink-map': relinkMap,
  'unlink-map': unlinkMap,
  'convert-specular': convertSpecular,
  'height-to-normal': heightToNormal,
  'change-map': changeMap,
  'fold-constant': foldConstant,
  'set-material': setMaterial,
  'merge-materials': mergeMaterials,
  'split-material': splitMaterial,
  'reduce-maps': reduceMaps,
  scale,
  rotate,
  straighten,
  'set-front-axis': setFrontAxis,
  'bake-transforms': bake,
  'set-pivot': setPivot,
  'set-normals': setNormals,
  'reduce-triangles': reduceTriangles,
  'second-layout': makeSecondLayout,
  'name-root': nameRoot,
  'keep-levels': keepDetailLevels,
  'keep-collision': keepCollisionParts,
  'set-levels': setDetailLevels,
  'set-collision': setCollisionShape,
};

/** The definition of a step, typed for any kind: kind and definition always come from the same row above. */
export function getStepDefinition(step: Step): StepDefinition<StepKind> {
  return STEPS[step.kind] as unknown as StepDefinition<StepKind>;
}

/** @returns the steps in the order they run: by phase, by their place in it, then as they were taken */
export function orderSteps<S extends { step: Step }>(steps: readonly S[]): S[] {
  const rank = ({ step }: S): number => {
    const definition = getStepDefinition(step);
    return PHASES.indexOf(definition.phase) * 100 + definition.order;
  };
  return [...steps].sort((a, b) => rank(a) - rank(b));
}

/** @returns those after which every part stands where it will, its vertices being those it has when steps on parts come */
export const listStepsUpToPlace = (steps: readonly Step[]): Step[] => upTo(steps, 'size-and-orientation');

/** @returns those that have run when the next step on parts comes: it means parts as they are then */
export const listStepsBeforeParts = (steps: readonly Step[]): Step[] => upTo(steps, 'parts');

const upTo = (steps: readonly Step[], last: Phase): Step[] =>
  orderSteps(steps.map((step) => ({ step })))
    .map(({ step }) => step)
    .filter((step) => PHASES.indexOf(getStepDefinition(step).phase) <= PHASES.indexOf(last));

/** `scale@1`, part of what a version is made from. */
export function describeStepCode(step: Step): string {
  return `${step.kind}@${getStepDefinition(step).codeVersion}`;
}
