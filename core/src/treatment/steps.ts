import type { Step, StepKind } from '@haveld/contract/step';
import { bake } from './steps/bake';
import { dissolveWrappers } from './steps/dissolve-wrappers';
import { leaveOut } from './steps/leave-out';
import { nameRoot } from './steps/name-root';
import { relinkMap } from './steps/relink-map';
import { scale } from './steps/scale';
import { setNormals } from './steps/set-normals';
import { setPivot } from './steps/set-pivot';
import { turn } from './steps/turn';
import { PHASES, type StepDefinition } from './step-definition';

/** Every kind of step there is. */
export const STEPS: { [K in StepKind]: StepDefinition<K> } = {
  'leave-out': leaveOut,
  'dissolve-wrappers': dissolveWrappers,
  'relink-map': relinkMap,
  scale: scale,
  turn: turn,
  bake: bake,
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
