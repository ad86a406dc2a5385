import type { Document, Node } from '@gltf-transform/core';
import { getRigidBody } from '../../scene/document/rigid-bodies';
import { boundParts } from '../../scene/measures/bounds';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { listReferredNodes } from '../referred-nodes';

/** Parts a model came with that are there to collide by, not to be seen. */
export interface CollisionParts {
  nodes: Node[];
  triangles: number;
  /** Called as programs that read them ask for, a prefix before the name of a part that is shown: nothing else is called so. */
  isPlain: boolean;
}

/** Common practice, no source: prefixes and endings that importers of engines look for. A prefix stands before the name of what is shown. */
const PREFIXED = /^(?:ucx|ubx|usp|ucp)_(?<of>.+?)(?:_\d+)?$/i;
const ENDING = /[-_](colonly|convcolonly)\d*$/i;
/** Words a person would use; a column or a clip of another kind is not among them. */
const WORDED =
  /(^|[\s_.-])(collision|collider|colliders|hitbox|hit_box|collision ?mesh|collision ?shape)([\s_.-]?\d+)?$/i;

/** They reach no farther out of what is seen than this share of its longest side. Ours. */
const OUTSIDE = 0.1;
/** They are lighter than what they stand for, or hardly heavier. Ours. */
const HEAVIEST = 1.2;

/**
 * Looks for collision shapes among the parts of a model by their names, where they lie about the rest of it and are not its heavier half.
 * @param placed every part of the document, where they are at hand
 * @returns null where there are none
 */
export function findCollisionParts(
  document: Document,
  placed: readonly PlacedPart[] = listPlacedParts(document),
): CollisionParts | null {
  const referred = listReferredNodes(document);
  const isCalled = (node: Node): boolean => [PREFIXED, ENDING, WORDED].some((pattern) => pattern.test(node.getName()));
  const meant = (node: Node): boolean =>
    isCalled(node) && !node.getSkin() && !referred.has(node) && !getRigidBody(node) && node.listChildren().length === 0;
  const own = placed.filter(({ instance }) => meant(instance.node));
  if (own.length === 0) return null;
  const rest = placed.filter(({ instance }) => !meant(instance.node));
  const [box, shown] = [boundParts(own), boundParts(rest)];
  if (!box || !shown) return null;
  const reach = OUTSIDE * Math.max(...shown.max.map((v, i) => v - shown.min[i]));
  const isOutside = box.min.some((v, i) => v < shown.min[i] - reach || box.max[i] > shown.max[i] + reach);
  const [triangles, others] = [own, rest].map((parts) => parts.reduce((sum, { corners }) => sum + corners / 3, 0));
  if (isOutside || triangles === 0 || triangles > others * HEAVIEST) return null;
  const nodes = [...new Set(own.map(({ instance }) => instance.node))];
  const names = new Set(
    rest.flatMap(({ instance: { node, mesh } }) => [node.getName(), mesh.getName()]).map((name) => name.toLowerCase()),
  );
  const isPlain = (node: Node): boolean => {
    const of = PREFIXED.exec(node.getName())?.groups?.of;
    return ENDING.test(node.getName()) || (of !== undefined && names.has(of.toLowerCase()));
  };
  return { nodes, triangles, isPlain: nodes.every(isPlain) };
}
