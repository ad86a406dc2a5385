import type { Document, Node } from '@gltf-transform/core';
import type { Evidence } from '@haveld/contract/finding';
import type { Box } from '@haveld/contract/report';
import { boundParts, boxSize, unionBoxes } from '../scene/measures/bounds';
import { listPlacedParts, type PlacedPart } from '../scene/measures/placed-parts';
import { getNodeSource } from '../scene/document/source-data';
import { countTriangles, type MeshInstance } from '../scene/traverse';
import { STRANGER_HABITS, wordsOf } from './habits';

export type StrangerKind = 'floor' | 'wall' | 'turntable' | 'figure' | 'start-up' | 'name-plate' | 'stray' | 'hidden';

/** A part that stands with the model and is probably not it. */
export interface Stranger {
  node: Node;
  kind: StrangerKind;
  confidence: number;
  evidence: Evidence[];
  /** For a floor: the axis it is thin along, and whether the model stands on its greater side. */
  thinAxis: number | null;
  below: boolean;
}

interface Boxed {
  instance: MeshInstance;
  box: Box;
}

type Judge = (instance: MeshInstance, box: Box, rest: Box) => Stranger | null;

const AXES = ['x', 'y', 'z'];

/** A back wall may stand so many lengths of the rest behind it. Ours. */
const WALL_REACH = 4;

/** A display floor reaches so far beyond what stands on it, unless it is called a floor. Ours. */
const DISPLAYED = 1.25;

/** Lower than this share of its length a model is flat. Ours. */
const FLAT = 0.06;

/** One thing is displayed, or a few: so many that stand apart are a place, more where the ground is called a floor. Ours. */
const SEVERAL = 5;
const MANY = 9;

/** A part so many lengths of the rest away does not stand with it. Ours. */
const STRAY_FROM = 5;

/**
 * @param hidden words by which its source marks parts that are not meant to be seen
 * @param placed every part of the document, where they are at hand
 * @returns display floors, scale figures, start-up blocks and hidden parts; empty where there is a single part
 */
export function listStrangers(
  document: Document,
  hidden: readonly string[] = [],
  placed: readonly PlacedPart[] = listPlacedParts(document),
): Stranger[] {
  const boxed = boxInstances(placed);
  if (boxed.length < 2) return [];
  // planes are wider than all that is no plane: a floor says nothing of a wall beside it
  const solid = boxed.filter((part) => !isPlane(part.box));
  const planes = boxed.flatMap((part) => {
    const rest = solid.filter((other) => other !== part);
    return rest.length === 0 || !isPlane(part.box)
      ? []
      : (judgePlane(
          part.instance,
          part.box,
          rest.map(({ box }) => box),
        ) ?? []);
  });
  const grounds = tellFloorsFromWalls(planes);
  const standing = boxed.filter((part) => !grounds.some((plane) => plane.node === part.instance.node));
  const judges: Judge[] = [
    judgeTurntable,
    judgeFigure,
    judgeBlock,
    judgePlate,
    judgeStray,
    (instance) => judgeHidden(instance, hidden),
  ];
  const found = [
    ...grounds,
    ...standing.flatMap((part) => {
      const others = standing.filter((other) => other !== part);
      if (others.length === 0) return [];
      const rest = unionBoxes(others.map((other) => other.box));
      return judges.map((one) => one(part.instance, part.box, rest)).find((stranger) => stranger !== null) ?? [];
    }),
  ];
  // where everything looks strange, nothing is: the model is made of such parts
  return found.length < boxed.length ? found : [];
}

function boxInstances(placed: readonly PlacedPart[]): Boxed[] {
  const parts = new Map<MeshInstance, PlacedPart[]>();
  for (const part of placed) {
    const known = parts.get(part.instance);
    if (known) known.push(part);
    else parts.set(part.instance, [part]);
  }
  return [...parts].flatMap(([instance, own]) => {
    const box = boundParts(own);
    return box ? [{ instance, box }] : [];
  });
}

/** Thin along one axis, and wide along both others: a staff is thin both ways. */
function isPlane(box: Box): boolean {
  const sides = [...boxSize(box)].sort((a, b) => a - b);
  return sides[2] > 0 && sides[0] <= sides[2] * 0.04 && sides[1] >= sides[2] * 0.15;
}

function judgePlane({ node, mesh }: MeshInstance, box: Box, solid: readonly Box[]): Stranger | null {
  const rest = unionBoxes(solid);
  const size = boxSize(box);
  const restSize = boxSize(rest);
  const thin = size.indexOf(Math.min(...size));
  const others = [0, 1, 2].filter((axis) => axis !== thin);
  const spread = Math.min(...others.map((axis) => size[axis] / Math.max(restSize[axis], 1e-12)));
  const triangles = mesh.listPrimitives().reduce((sum, primitive) => sum + countTriangles(primitive), 0);
  const gapBelow = Math.abs(rest.min[thin] - box.max[thin]);
  const gapAbove = Math.abs(box.min[thin] - rest.max[thin]);
  const near = Math.max(restSize[thin], 1e-12) * 0.06 + size[thin];
  const words = wordsOf(node.getName());
  const isWall = STRANGER_HABITS.wall.test(words);
  const named = isWall || STRANGER_HABITS.floor.test(words);
  // a wall may stand well behind what it is the background of
  const reach = isWall ? Math.max(...restSize) * WALL_REACH : near;
  if (spread < (named ? 1 : DISPLAYED) || Math.min(gapBelow, gapAbove) > reach || triangles > 400) return null;
  // a flat model, and things that stand about on it each by itself: the ground is their own
  if (
    !isWall &&
    (restSize[thin] < Math.max(...others.map((axis) => restSize[axis])) * FLAT ||
      countHeaps(solid, thin) >= (named ? MANY : SEVERAL))
  )
    return null;
  const evidence: Evidence[] = [
    { text: `flat along ${AXES[thin]}, and wider than all the rest`, figure: `× ${spread.toFixed(1)}` },
    { text: isWall ? 'the rest stands before it' : 'the rest stands on it', figure: `${triangles} triangles` },
  ];
  if (named) evidence.push({ text: `its name says so: “${node.getName()}”` });
  // the floor of a room ends where the room ends, and what has a picture of its own was drawn for the model
  const mayBeOwn = !isWall && (spread < DISPLAYED || isMapped(mesh));
  return {
    node,
    kind: isWall ? 'wall' : 'floor',
    confidence: mayBeOwn ? 0.75 : named ? 0.96 : 0.85,
    evidence,
    thinAxis: thin,
    below: gapBelow <= gapAbove,
  };
}

const isMapped = (mesh: MeshInstance['mesh']): boolean =>
  mesh.listPrimitives().some((primitive) => primitive.getMaterial()?.getBaseColorTexture());

/** More parts than these are looked at no further: so many say enough. */
const LOOKED_AT = 300;

/** @returns how many heaps of parts there are that do not touch one another, seen along an axis */
function countHeaps(boxes: readonly Box[], along: number): number {
  const [u, v] = [0, 1, 2].filter((axis) => axis !== along);
  const seen = boxes.slice(0, LOOKED_AT);
  const heap = seen.map((_, i) => i);
  const find = (i: number): number => (heap[i] === i ? i : (heap[i] = find(heap[i])));
  seen.forEach((a, i) => {
    for (let j = 0; j < i; j++) {
      const b = seen[j];
      const touches = [u, v].every((axis) => a.min[axis] <= b.max[axis] && b.min[axis] <= a.max[axis]);
      if (touches) heap[find(i)] = find(j);
    }
  });
  return new Set(seen.map((_, i) => find(i))).size;
}

/** Of several planes one at most is the floor: the one that is called so. Which is under the rest is not known where none is. */
function tellFloorsFromWalls(planes: readonly Stranger[]): Stranger[] {
  const unnamed = planes.filter(({ kind }) => kind === 'floor');
  if (unnamed.length < 2) return [...planes];
  const called = unnamed.filter(({ node }) => STRANGER_HABITS.floor.test(wordsOf(node.getName())));
  return planes.map((plane) =>
    plane.kind === 'floor' && !(called.length === 1 && called[0] === plane) ? { ...plane, kind: 'wall' } : plane,
  );
}

/** A low round disc under the rest, called so. */
function judgeTurntable({ node }: MeshInstance, box: Box, rest: Box): Stranger | null {
  if (!STRANGER_HABITS.turntable.test(wordsOf(node.getName()))) return null;
  const size = boxSize(box);
  const thin = size.indexOf(Math.min(...size));
  const [a, b] = [0, 1, 2].filter((axis) => axis !== thin).map((axis) => size[axis]);
  const touches =
    Math.min(Math.abs(box.max[thin] - rest.min[thin]), Math.abs(box.min[thin] - rest.max[thin])) < size[thin] * 0.6;
  if (Math.abs(a - b) > Math.max(a, b) * 0.05 || size[thin] > a * 0.35 || !touches) return null;
  return {
    node,
    kind: 'turntable',
    confidence: 0.92,
    evidence: [
      { text: `its name says so: “${node.getName()}”` },
      { text: 'low, as wide as it is deep, and the rest stands on it', figure: `× ${(a / size[thin]).toFixed(1)}` },
    ],
    thinAxis: null,
    below: false,
  };
}

/** Lettering beside the model, called so. */
function judgePlate({ node }: MeshInstance, box: Box, rest: Box): Stranger | null {
  // what lies on the model is its own label
  const isApart = measureGap(box, rest) > Math.hypot(...boxSize(rest)) * 0.02;
  if (!STRANGER_HABITS.plate.test(wordsOf(node.getName())) || !isApart) return null;
  const sides = [...boxSize(box)].sort((a, b) => a - b);
  if (sides[0] > sides[2] * 0.2) return null;
  return {
    node,
    kind: 'name-plate',
    confidence: 0.9,
    evidence: [{ text: `its name says so: “${node.getName()}”` }, { text: 'flat, and beside the rest' }],
    thinAxis: null,
    below: false,
  };
}

/** Something small and very far away: the whole would be measured by the emptiness between. */
function judgeStray({ node, mesh }: MeshInstance, box: Box, rest: Box): Stranger | null {
  const far = measureGap(box, rest);
  const [own, reach] = [box, rest].map((one) => Math.hypot(...boxSize(one)));
  if (!(far > reach * STRAY_FROM) || own > reach) return null;
  const triangles = mesh.listPrimitives().reduce((sum, primitive) => sum + countTriangles(primitive), 0);
  return {
    node,
    kind: 'stray',
    confidence: 0.88,
    evidence: [
      { text: 'distance from the rest, in its own lengths', figure: `× ${(far / Math.max(reach, 1e-12)).toFixed(0)}` },
      { text: 'and smaller than the rest', figure: `${triangles} triangles` },
    ],
    thinAxis: null,
    below: false,
  };
}

function judgeFigure({ node }: MeshInstance, box: Box, rest: Box): Stranger | null {
  if (!STRANGER_HABITS.figure.test(wordsOf(node.getName())) || !standApart(box, rest)) return null;
  return {
    node,
    kind: 'figure',
    confidence: 0.9,
    evidence: [{ text: `its name says so: “${node.getName()}”` }, { text: 'it stands beside the rest' }],
    thinAxis: null,
    below: false,
  };
}

/** Only what its source is known to mean by a name says so. */
function judgeHidden({ node }: MeshInstance, hidden: readonly string[]): Stranger | null {
  const words = wordsOf(node.getName()).toLowerCase().split(' ');
  const word = hidden.find((one) => words.includes(one));
  if (word === undefined) return null;
  const isHidden = getNodeSource(node).hidden === true;
  return {
    node,
    kind: 'hidden',
    confidence: isHidden ? 0.95 : 0.85,
    evidence: [
      { text: `a habit of its source: “${word}” marks parts that are not meant to be seen` },
      ...(isHidden ? [{ text: 'the file hides it' }] : []),
    ],
    thinAxis: null,
    below: false,
  };
}

function judgeBlock({ node, mesh }: MeshInstance, box: Box, rest: Box): Stranger | null {
  const size = boxSize(box);
  const triangles = mesh.listPrimitives().reduce((sum, primitive) => sum + countTriangles(primitive), 0);
  const isCube = Math.max(...size) - Math.min(...size) < Math.max(...size) * 0.01;
  const mapped = mesh.listPrimitives().some((primitive) => primitive.getMaterial()?.getBaseColorTexture());
  if (triangles !== 12 || !isCube || mapped || !STRANGER_HABITS.startUp.test(node.getName()) || !standApart(box, rest))
    return null;
  return {
    node,
    kind: 'start-up',
    confidence: 0.9,
    thinAxis: null,
    below: false,
    evidence: [
      { text: 'a plain cube of 12 triangles without a map' },
      { text: `named “${node.getName()}”, as a new scene names it` },
      { text: 'it stands apart' },
    ],
  };
}

/** How far two boxes lie apart; 0 where they touch. */
const measureGap = (a: Box, b: Box): number =>
  Math.hypot(...[0, 1, 2].map((axis) => Math.max(0, a.min[axis] - b.max[axis], b.min[axis] - a.max[axis])));

/** True where two boxes share no space. */
function standApart(a: Box, b: Box): boolean {
  return [0, 1, 2].some((axis) => a.min[axis] >= b.max[axis] || b.min[axis] >= a.max[axis]);
}
