import type { vec3 } from '@gltf-transform/core';
import type { Pivot } from '@haveld/contract/step';
import { boxCentre, computeBounds } from '../../scene/bounds';
import { isLinearIdentity } from '../../scene/matrix';
import { computeBalancePoint } from '../../placement/balance-point';
import { shiftChildren } from '../../placement/shift';
import { formatLength } from '../../placement/units';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

export const PIVOT_WORDS: Record<Pivot, string> = {
  kept: 'as it came',
  'base-centre': 'base centre',
  'box-centre': 'box centre',
  'balance-point': 'balance point',
};

export const setPivot: StepDefinition<'set-pivot'> = {
  kind: 'set-pivot',
  phase: 'size-and-stance',
  order: 3,
  codeVersion: 1,
  topology: 'keeps',
  title: (step) => (step.at === 'kept' ? 'Set on the ground' : `Pivot to ${PIVOT_WORDS[step.at]}`),
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const delta = computePivotShift(document, step.at, step.onGround);
    if (!delta) return { changed: 'nothing to place', unmatched: [] };
    const root = getPlacementRoot(document);
    if (
      document.getRoot().listSkins().length > 0 ||
      document.getRoot().listAnimations().length > 0 ||
      !isLinearIdentity(root.getMatrix())
    ) {
      const [x, y, z] = root.getTranslation();
      root.setTranslation([x + delta[0], y + delta[1], z + delta[2]]);
    } else {
      const [x, y, z] = root.getTranslation();
      root.setTranslation([0, 0, 0]);
      shiftChildren(document, root, [x + delta[0], y + delta[1], z + delta[2]]);
    }
    return {
      changed: `moved by ${formatLength(Math.hypot(...delta))}${step.onGround ? ', on the ground' : ''}`,
      unmatched: [],
    };
  },
};

/** @returns the translation that brings the chosen pivot to the origin; null for a document without extent */
export function computePivotShift(
  document: Parameters<typeof computeBounds>[0],
  at: Pivot,
  onGround: boolean,
): vec3 | null {
  const box = computeBounds(document);
  if (!box) return null;
  const centre = boxCentre(box);
  switch (at) {
    case 'kept':
      return [0, onGround ? -box.min[1] : 0, 0];
    case 'base-centre':
      return [-centre[0], -box.min[1], -centre[2]];
    case 'box-centre':
      return [-centre[0], -centre[1], -centre[2]];
    case 'balance-point': {
      const point = computeBalancePoint(document) ?? centre;
      return [-point[0], -point[1], -point[2]];
    }
  }
}
