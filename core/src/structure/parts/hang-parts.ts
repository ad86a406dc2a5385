import type { Document, Node } from '@gltf-transform/core';
import { hangUnder } from '../../scene/place-node';
import { listReferredNodes } from '../referred-nodes';
import { findMover } from './movers';
import { makeFreshIds } from '../../scene/document/fresh-id';
import { getNodeSource, setNodeSource } from '../../scene/document/source-data';
import { getShownScene, isBelow } from '../../scene/traverse';

/**
 * Hangs parts under another, or at the top: each stays in its place, with all that hangs under it.
 * @returns those that stay where they hung: what a clip or a skin moves, what would hang under itself, what would be sheared
 */
export function hangParts(document: Document, parts: readonly Node[], under: Node | null): Node[] {
  const referred = listReferredNodes(document);
  return listTopmost(parts).filter((part) => referred.has(part) || !hangUnder(document, part, under));
}

/** @returns those that hang under none of the others */
export function listTopmost(parts: readonly Node[]): Node[] {
  const all = new Set(parts);
  return [...all].filter((part) => {
    for (let at = part.getParentNode(); at; at = at.getParentNode()) if (all.has(at)) return false;
    return true;
  });
}

/**
 * Puts parts under a new group, where the nearest node above all of them is.
 * @returns the group, and parts that stay where they hung; null where none can go
 */
export function groupParts(
  document: Document,
  parts: readonly Node[],
  name: string,
): { group: Node | null; left: Node[] } {
  const tops = listTopmost(parts);
  const group = document.createNode(name);
  setNodeSource(group, { id: makeFreshIds(document, [`${getNodeSource(tops[0]).id ?? ''}^`])[0] });
  const above = findCommonParent(tops);
  (above ?? getShownScene(document)).addChild(group);
  // a group that is not asked to change how its parts move leaves them where something moves them
  const referred = listReferredNodes(document);
  const mover = findMover(group, referred);
  const alike = tops.filter((part) => findMover(part, referred) === mover);
  const stuck = hangParts(document, alike, group);
  const left = tops.filter((part) => stuck.includes(part) || !alike.includes(part));
  if (left.length < tops.length) return { group, left };
  group.dispose();
  return { group: null, left };
}

/** @returns the lowest node above all of some; null where that is the scene */
function findCommonParent(parts: readonly Node[]): Node | null {
  for (let at = parts[0].getParentNode(); at; at = at.getParentNode()) {
    const above = at;
    if (parts.every((part) => isBelow(part, above))) return above;
  }
  return null;
}
