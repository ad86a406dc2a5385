import type { Step, StepKind } from '@haveld/contract/step';
import { PHASES, type StepDefinition } from './step-definition';
import { bake } from './steps/bake-transforms';
import { changeMap } from './steps/change-map';
import { convertSpecular } from './steps/convert-specular';
import { dissolveWrappers } from './steps/dissolve-wrappers';
import { flipFacesOut } from './steps/flip-faces';
import { foldConstant } from './steps/fold-constant';
import { heightToNormal } from './steps/height-to-normal';
import { leaveOut } from './steps/leave-out';
import { mergeMaterials } from './steps/merge-materials';
import { nameRoot } from './steps/name-root';
import { reduceMaps } from './steps/reduce-maps';
import { relinkMap } from './steps/relink-map';
import { rotate } from './steps/rotate';
import { scale } from './steps/scale';
import { setFrontAxis } from './steps/set-front-axis';
import { setMaterial } from './steps/set-material';
import { setNormals } from './steps/set-normals';
import { setPartPivot } from './steps/set-part-pivot';
import { setPivot } from './steps/set-pivot';
import { splitMaterial } from './steps/split-material';
import { straighten } from './steps/straighten';
import { uniformScale } from './steps/uniform-scale';
import { unlinkMap } from './steps/unlink-map';

/** Every kind of step there is. */
export const STEPS: { [K in StepKind]: StepDefinition<K> } = {
  'uniform-scale': uniformScale,
  'set-part-pivot': setPartPivot,
  'flip-faces': flipFacesOut,
  'leave-out': leaveOut,
  'dissolve-wrappers': dissolveWrappers,
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
  'name-root': nameRoot,
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

/** `scale@1`, part of what a version is made from. */
export function describeStepCode(step: Step): string {
  return `${step.kind}@${getStepDefinition(step).codeVersion}`;
}
