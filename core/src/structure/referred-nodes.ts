import type { Document, Node } from '@gltf-transform/core';
import { listBelow } from '../scene/traverse';

/** Nodes a skin or a clip means: they stay where they are. */
export function listReferredNodes(document: Document): Set<Node> {
  const root = document.getRoot();
  const referred = new Set<Node>();
  for (const skin of root.listSkins()) {
    skin.listJoints().forEach((joint) => referred.add(joint));
    const skeleton = skin.getSkeleton();
    if (skeleton) referred.add(skeleton);
  }
  for (const animation of root.listAnimations()) {
    for (const channel of animation.listChannels()) {
      const target = channel.getTargetNode();
      if (target) referred.add(target);
    }
  }
  return referred;
}

/** @returns true where a skin's joints or a clip's targets lie in it: out of the scene they would move nothing */
export const holdsMovers = (node: Node, referred: ReadonlySet<Node>): boolean =>
  listBelow(node).some((below) => referred.has(below));
