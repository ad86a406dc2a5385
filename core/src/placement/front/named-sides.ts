import type { Document } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import type { StepOf } from '@haveld/contract/step';
import { rotateBox } from '../../geometry/rotate-box';
import { boxCentre, boxSize, computeBounds } from '../../scene/measures/bounds';
import type { MeshInstance } from '../../scene/traverse';
import { wordsOf } from '../../structure/habits';

export type Side = 'front' | 'back' | 'left' | 'right';

/** A part whose name says on which side it is. */
export interface NamedSide {
  name: string;
  side: Side;
  /** Where it lies from the middle, x and z of the standing model, unit length. */
  direction: [number, number];
}

/** Words in the names of parts. Common practice, no source. */
const SIDE_WORDS: Record<Side, RegExp> = {
  front:
    /\b(front|face|facade|windscreen|windshield|headlights?|headlamps?|bonnet|bumper front|bow|beak|nose|screen|dial)\b/i,
  back: /\b(back|rear|tail|taillights?|tail lamps?|stern|transom|exhaust|backrest|back rest)\b/i,
  left: /\b(left|port)\b/i,
  right: /\b(right|starboard)\b/i,
};

/** A part this near the middle lies on no side, as a share of the longest side. */
const APART = 0.12;

/**
 * @param instances of the model alone
 * @param turn what makes it stand; null where it does
 */
export function listNamedSides(
  document: Document,
  instances: readonly MeshInstance[],
  modelBox: Box,
  turn: Pick<StepOf<'rotate'>, 'axis' | 'degrees'> | null,
): NamedSide[] {
  if (instances.length < 2) return [];
  const whole = rotateBox(modelBox, turn);
  const [x, , z] = boxCentre(whole);
  const [width, , depth] = boxSize(whole);
  return instances.flatMap((instance): NamedSide[] => {
    const name = instance.node.getName() || instance.mesh.getName();
    const words = wordsOf(name);
    const [side, ...others] = (Object.keys(SIDE_WORDS) as Side[]).filter((one) => SIDE_WORDS[one].test(words));
    // "front left" says front
    const isOne = side && others.every((other) => other === 'left' || other === 'right');
    const box = isOne ? computeBounds(document, [instance]) : null;
    if (!box) return [];
    const [px, , pz] = boxCentre(rotateBox(box, turn));
    const [dx, dz] = [px - x, pz - z];
    const length = Math.hypot(dx, dz);
    if (!(length > Math.max(width, depth) * APART)) return [];
    return [{ name, side, direction: [dx / length, dz / length] }];
  });
}
