import type { Document, Node } from '@gltf-transform/core';
import type { Evidence } from '@haveld/contract/finding';
import type { Box } from '@haveld/contract/report';
import type { StepOf } from '@haveld/contract/step';
import { rotateBox } from '../geometry/rotate-box';
import { boxCentre, boxSize, computeBounds } from '../scene/measures/bounds';
import { isBelow, type MeshInstance } from '../scene/traverse';
import { listReferredNodes } from './referred-nodes';
import { wordsOf } from './habits';

type Turn = Pick<StepOf<'rotate'>, 'axis' | 'degrees'>;

/** How a part moves: swings about an upright edge, opens about its back edge, goes round its middle. */
export type Motion = 'swings' | 'lifts' | 'spins';

/** A part that should turn about another place than it does. */
export interface MovingPart {
  node: Node;
  motion: Motion;
  /** Where it should turn about: shares of its box in the axes of the file. */
  point: [number, number, number];
  label: string;
  evidence: Evidence[];
  /** From where its pivot is now, in the file's unit. */
  off: number;
}

/** By name. Common practice, no source. */
const MOTION_WORDS: Record<Motion, RegExp> = {
  swings: /\b(doors?|gates?|shutters?|sash|casement)\b/i,
  lifts: /\b(lids?|hatch(es)?|flaps?|trap ?door|tail ?gate|bonnet|cover)\b/i,
  spins:
    /\b(wheels?|tyres?|tires?|propellers?|rotors?|pulleys?|gears?|cogs?|drum|winch|impeller|fan blades?|vane|anemometer)\b/i,
};
const HANDLE = /\b(handle|knob|lever|latch|pull|grip)\b/i;

/** Off by less than this share of the part, it turns where it should. */
const NEAR = 0.03;

/**
 * @param turn what makes the model stand; null where it does
 * @returns doors, lids, wheels and the like that turn about another place than they should; what a clip or a skin moves is left
 */
export function listMovingParts(
  document: Document,
  instances: readonly MeshInstance[],
  turn: Turn | null,
): MovingPart[] {
  const all = computeBounds(document, [...instances]);
  if (!all || instances.length < 2) return [];
  const referred = listReferredNodes(document);
  const whole = rotateBox(all, turn);
  const nodes = new Set(instances.map(({ node }) => node));
  for (const node of [...nodes]) {
    const parent = node.getParentNode();
    if (parent && !parent.getMesh()) nodes.add(parent);
  }
  const named = [...nodes].flatMap((node): { node: Node; motion: Motion }[] => {
    const words = wordsOf(node.getName());
    const motion = (Object.keys(MOTION_WORDS) as Motion[]).find((one) => MOTION_WORDS[one].test(words));
    return motion && !referred.has(node) && !HANDLE.test(words) ? [{ node, motion }] : [];
  });
  // a part of a door is moved by the door
  const tops = named.filter(({ node }) => !named.some((other) => other.node !== node && isBelow(node, other.node)));
  return tops.flatMap(({ node, motion }): MovingPart[] => {
    const own = instances.filter((instance) => instance.node === node || isBelow(instance.node, node));
    const box = computeBounds(document, own);
    if (!box || own.length === instances.length) return [];
    const handles = instances
      .filter((instance) => HANDLE.test(wordsOf(instance.node.getName())))
      .flatMap((instance) => computeBounds(document, [instance]) ?? [])
      .map((one) => rotateBox(one, turn));
    const stands = rotateBox(box, turn);
    const found = findAxis(motion, stands, whole, handles);
    const target = boxPoint(stands, found.point);
    const pivot = node.getWorldTranslation();
    const now = rotateBox({ min: pivot, max: pivot }, turn).min;
    // along its axis a hinge may lie anywhere
    const off = Math.hypot(
      found.along === 0 ? 0 : target[0] - now[0],
      found.along === 1 ? 0 : target[1] - now[1],
      found.along === 2 ? 0 : target[2] - now[2],
    );
    if (!(off > Math.max(...boxSize(box)) * NEAR)) return [];
    return [
      { node, motion, point: toFileShares(found.point, turn), label: found.label, evidence: found.evidence, off },
    ];
  });
}

interface Axis {
  /** Shares of the standing part's box. */
  point: [number, number, number];
  label: string;
  evidence: Evidence[];
  /** The axis it turns about, where one is known. */
  along: number | null;
}

function findAxis(motion: Motion, box: Box, whole: Box, handles: readonly Box[]): Axis {
  const [width, height, depth] = boxSize(box);
  if (motion === 'spins') {
    const sides = [width, height, depth];
    return {
      point: [0.5, 0.5, 0.5],
      label: 'its middle',
      evidence: [{ text: 'what spins turns about its middle' }],
      along: sides.indexOf(Math.min(...sides)),
    };
  }
  if (motion === 'lifts') {
    const isFlat = height < Math.max(width, depth) * 0.5;
    return isFlat
      ? {
          point: [0.5, 0, 0],
          label: 'its back edge',
          evidence: [{ text: 'lids open about their back edge' }],
          along: 0,
        }
      : {
          point: [0.5, 1, 0.5],
          label: 'its upper edge',
          evidence: [{ text: 'flaps open about their upper edge' }],
          along: 0,
        };
  }
  const isAcross = width >= depth;
  const axis = isAcross ? 0 : 2;
  const middle = boxCentre(box)[axis];
  const handle = handles.find((one) => isNear(one, box));
  const side = handle ? -Math.sign(boxCentre(handle)[axis] - middle) : Math.sign(middle - boxCentre(whole)[axis]) || -1;
  const share = side < 0 ? 0 : 1;
  return {
    point: isAcross ? [share, 0, 0.5] : [0.5, 0, share],
    label: isAcross ? (side < 0 ? 'its left edge' : 'its right edge') : side < 0 ? 'its back edge' : 'its front edge',
    evidence: [{ text: handle ? 'the edge away from its handle' : 'the edge on the outside of the whole' }],
    along: 1,
  };
}

const isNear = (one: Box, other: Box): boolean => {
  const slack = Math.max(...boxSize(other)) * 0.2;
  return [0, 1, 2].every((i) => one.min[i] <= other.max[i] + slack && one.max[i] >= other.min[i] - slack);
};

const boxPoint = (box: Box, shares: readonly number[]): number[] =>
  boxSize(box).map((side, axis) => box.min[axis] + side * shares[axis]);

/** Shares of a standing part's box as shares of its box in the file. */
export function toFileShares(
  [x, y, z]: readonly [number, number, number],
  turn: Turn | null,
): [number, number, number] {
  if (!turn) return [x, y, z];
  const half: Box = { min: [x - 0.5, y - 0.5, z - 0.5], max: [x - 0.5, y - 0.5, z - 0.5] };
  const back =
    turn.degrees === 180 ? turn : { axis: turn.axis, degrees: turn.degrees === 90 ? (-90 as const) : (90 as const) };
  const [u, v, w] = rotateBox(half, back).min;
  return [u + 0.5, v + 0.5, w + 0.5];
}
