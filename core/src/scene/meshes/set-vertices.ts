import type { Primitive } from '@gltf-transform/core';
import { pickVertices } from './pick-vertices';

/**
 * Gives a primitive other vertices, in place: vertex `u` is `sources[u]` of the old ones. Blend shapes follow; what is shared with
 * others stays as it is. Indices, polygons and creases are the caller's.
 */
export function setVertices(primitive: Primitive, sources: Int32Array): void {
  for (const semantic of primitive.listSemantics())
    primitive.setAttribute(semantic, pickVertices(primitive.getAttribute(semantic)!, sources));
  for (const target of primitive.listTargets()) {
    const moved = target.clone();
    for (const semantic of target.listSemantics())
      moved.setAttribute(semantic, pickVertices(target.getAttribute(semantic)!, sources));
    primitive.removeTarget(target).addTarget(moved);
  }
}
