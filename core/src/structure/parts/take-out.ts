import type { Document, Node } from '@gltf-transform/core';
import { listTopmost } from './hang-parts';

/**
 * Takes parts out with all that hangs under them, and the tracks and skins that mean nothing without them.
 * @returns how many nodes went, and parts that stay: a surface that stays hangs on joints under them
 */
export function takeOut(document: Document, parts: readonly Node[]): { gone: number; left: Node[] } {
  const root = document.getRoot();
  const tops = listTopmost(parts);
  const meant = listWithBelow(tops);
  const needed = new Set(
    root
      .listNodes()
      .filter((node) => !meant.has(node))
      .flatMap((node) => node.getSkin()?.listJoints() ?? []),
  );
  const left = tops.filter((top) => [...listWithBelow([top])].some((node) => needed.has(node)));
  const going = listWithBelow(tops.filter((top) => !left.includes(top)));
  for (const clip of root.listAnimations()) {
    for (const channel of clip.listChannels()) {
      if (!going.has(channel.getTargetNode()!)) continue;
      const sampler = channel.getSampler();
      channel.dispose();
      if (sampler && !clip.listChannels().some((other) => other.getSampler() === sampler)) sampler.dispose();
    }
    if (clip.listChannels().length === 0) clip.dispose();
  }
  const skins = new Set([...going].flatMap((node) => node.getSkin() ?? []));
  for (const node of going) node.dispose();
  for (const skin of skins) if (!root.listNodes().some((node) => node.getSkin() === skin)) skin.dispose();
  return { gone: going.size, left };
}

function listWithBelow(tops: readonly Node[]): Set<Node> {
  const all = new Set<Node>();
  for (const top of tops) top.traverse((node) => all.add(node));
  return all;
}
