import type { Document, Node, vec3 } from '@gltf-transform/core';
import { listShownNodes } from '../../scene/traverse';

/** A node whose own scale is not the same along its axes, or mirrors. */
export interface NonUniformScale {
  node: Node;
  /** Of its own axes, signed. */
  scale: vec3;
  isStretched: boolean;
  isMirrored: boolean;
  /** Everything the model shows hangs under it. */
  isWhole: boolean;
}

/** Less than this nobody sees. */
const TOLERANCE = 1e-3;

/** @returns nodes that stretch or mirror, parents before children; nodes a clip scales are left alone */
export function listNonUniformNodes(document: Document): NonUniformScale[] {
  const animated = new Set(
    document
      .getRoot()
      .listAnimations()
      .flatMap((clip) => clip.listChannels())
      .filter((channel) => channel.getTargetPath() === 'scale')
      .map((channel) => channel.getTargetNode()),
  );
  const nodes = listShownNodes(document);
  const meshes = nodes.filter((node) => node.getMesh()).length;
  return nodes.flatMap((node): NonUniformScale[] => {
    const scale = node.getScale();
    const sides = scale.map(Math.abs);
    const most = Math.max(...sides);
    const isStretched = most > 0 && sides.some((side) => side < most * (1 - TOLERANCE));
    const isMirrored = scale[0] * scale[1] * scale[2] < 0;
    if (animated.has(node) || !(isStretched || isMirrored) || !sides.every((side) => side > 0)) return [];
    let below = 0;
    node.traverse((one) => {
      if (one.getMesh()) below++;
    });
    return below === 0 ? [] : [{ node, scale, isStretched, isMirrored, isWhole: below === meshes }];
  });
}

/** @returns an even scale that fills as much room: the cube root of the three, without a mirror unless it is kept */
export function evenScale([x, y, z]: Readonly<vec3>, keepsMirror: boolean): vec3 {
  const even = Math.cbrt(Math.abs(x * y * z));
  const near = [x, y, z].map(Math.abs).every((side) => Math.abs(side - Math.abs(x)) <= 1e-9 * Math.abs(x));
  const side = near ? Math.abs(x) : even;
  return keepsMirror ? [Math.sign(x) * side, Math.sign(y) * side, Math.sign(z) * side] : [side, side, side];
}
