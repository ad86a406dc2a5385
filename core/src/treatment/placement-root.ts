import type { Document, Node } from '@gltf-transform/core';
import { getNodeSource, setNodeSource } from '../scene/document/source-data';
import { getShownScene } from '../scene/traverse';

/** No file has a part of this id. */
export const PLACEMENT_ROOT_ID = 'placement-root';

/** @returns the one node that carries size and stance, made where there is none: all else hangs under it */
export function getPlacementRoot(document: Document): Node {
  const scene = getShownScene(document);
  const [only, ...others] = scene.listChildren();
  if (only && others.length === 0 && getNodeSource(only).id === PLACEMENT_ROOT_ID) return only;
  const root = document.createNode('root');
  setNodeSource(root, { id: PLACEMENT_ROOT_ID });
  for (const child of scene.listChildren()) root.addChild(child);
  scene.addChild(root);
  return root;
}

/** Skins and clips are placed by their joints and tracks: these follow where size and stance are baked. */
export function isMoving(document: Document): boolean {
  const root = document.getRoot();
  return root.listSkins().length > 0 || root.listAnimations().length > 0;
}
