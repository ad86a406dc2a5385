import type { Document, vec3 } from '@gltf-transform/core';
import type { Pivot, StepOf } from '@haveld/contract/step';
import { shiftChildren } from '../../placement/bake/shift';
import { findFoot } from '../../placement/pivot/find-foot';
import { findPivotPlace } from '../../placement/pivot/judge-pivot';
import { computeMoments } from '../../placement/pivot/moments';
import { formatLength } from '../../placement/units';
import { isLinearIdentity } from '../../scene/matrix';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { getPlacementRoot } from '../placement-root';
import type { StepDefinition } from '../step-definition';

export const PIVOT_WORDS: Record<Pivot, string> = {
  kept: 'as it came',
  'base-centre': 'base centre',
  'box-centre': 'box centre',
  'balance-point': 'balance point',
  foot: 'middle of its foot',
  ceiling: 'middle of its top',
  corner: 'corner of the base',
  wall: 'middle of the back',
  hinge: 'foot of the left edge',
  point: 'picked point',
};

export const setPivot: StepDefinition<'set-pivot'> = {
  kind: 'set-pivot',
  phase: 'size-and-orientation',
  order: 5,
  codeVersion: 3,
  topology: 'keeps',
  title: (step) => (step.at === 'kept' ? 'Set on the ground' : `Pivot to ${PIVOT_WORDS[step.at]}`),
  credit: () => null,
  adaptation: () => null,
  apply(document, step) {
    const delta = computePivotShift(document, step);
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
  document: Document,
  { at, onGround, point }: Pick<StepOf<'set-pivot'>, 'at' | 'onGround' | 'point'>,
): vec3 | null {
  const box = computeBounds(document);
  if (!box) return null;
  if (at === 'kept' || (at === 'point' && !point)) return [0, onGround ? -box.min[1] : 0, 0];
  if (at === 'point') {
    const size = boxSize(box);
    return size.map((side, axis) => -(box.min[axis] + side * point![axis])) as vec3;
  }
  const balance = at === 'balance-point' ? (computeMoments(listPlacedParts(document))?.balance ?? null) : null;
  const foot = at === 'foot' ? findFoot(listPlacedParts(document), box) : null;
  return findPivotPlace({ box, foot, balance }, at).map((value) => -value) as vec3;
}
