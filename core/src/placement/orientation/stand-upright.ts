import type { Document } from '@gltf-transform/core';
import { getShownScene } from '../../scene/traverse';

const HALF = Math.SQRT1_2;

/** The turn that brings an axis to Y, as a quaternion x, y, z, w. */
const TURNS: Record<'x' | 'z', [number, number, number, number]> = { z: [-HALF, 0, 0, HALF], x: [0, 0, HALF, HALF] };

/** Turns a document for a picture of it, so that the axis it declares up stands upright. It changes the document: for drawing only. */
export function standUpright(document: Document, up: 'x' | 'y' | 'z' | null | undefined): void {
  if (up !== 'x' && up !== 'z') return;
  const scene = getShownScene(document);
  const around = document.createNode('upright').setRotation(TURNS[up]);
  for (const node of scene.listChildren()) around.addChild(node);
  scene.addChild(around);
}
