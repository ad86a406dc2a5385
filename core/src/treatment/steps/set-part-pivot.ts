import type { Node } from '@gltf-transform/core';
import { movePartPivots } from '../../placement/pivot/move-part-pivot';
import { PartIndex } from '../../scene/part-ref';
import type { StepDefinition } from '../step-definition';

/** In the axes of the file, before anything is turned: so its parts are found as they came. */
export const setPartPivot: StepDefinition<'set-part-pivot'> = {
  kind: 'set-part-pivot',
  phase: 'structure',
  order: 1,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) =>
    step.parts.length === 1
      ? `“${step.parts[0].name}” turns about ${step.label}`
      : `Pivots of ${step.parts.length} parts`,
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const { nodes, unmatched } = new PartIndex(document).findAll(step.parts);
    const left = movePartPivots(document, nodes, step.point);
    const moved = nodes.length - left.length;
    return {
      changed: `${moved === 1 ? '1 part' : `${moved} parts`}: ${step.label}`,
      unmatched: [...unmatched, ...left.map(nameOf)],
    };
  },
};

const nameOf = (node: Node): string => node.getName() || 'unnamed';
