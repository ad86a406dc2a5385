import type { Document } from '@gltf-transform/core';
import { computeBounds } from '../scene/bounds';
import type { Picture, PictureCodec } from '../textures/picture-codec';
import { createElevationView, createPortraitView, type View } from './camera';
import { gatherDrawItems } from './gather';
import { composite, createGround, drawContactShadow } from './ground';
import { rasterise } from './rasterise';
import { resolveFrame } from './resolve-frame';
import { drawRuledBar } from './ruled-bar';

export const PORTRAIT = { width: 520, height: 420 } as const;
const ELEVATION_SIDE = 560;
const SUPERSAMPLES = 2;

export interface ModelPictures {
  /** Three-quarter view on the ground with a ruled bar of true length. */
  portrait: Picture;
  /** Straight from the front, without ground, cut to the box. */
  elevation: Picture;
  /** What the elevation shows, in document units. */
  elevationSize: { width: number; height: number };
}

/**
 * Draws a model.
 * @param metresPerUnit of the document, for the ruled bar; null leaves the bar out because no size is known
 * @returns null where there is nothing to draw
 */
export async function drawPictures(document: Document, codec: PictureCodec, metresPerUnit: number | null): Promise<ModelPictures | null> {
  const box = computeBounds(document);
  if (!box) return null;
  const items = await gatherDrawItems(document, codec);
  const view = createPortraitView(box, PORTRAIT.width, PORTRAIT.height, { x: 40, top: 30, bottom: 44 });
  const portrait = createGround(PORTRAIT.width, PORTRAIT.height);
  drawContactShadow(portrait, items, box, view);
  composite(portrait, resolveFrame(rasterise(items, enlarge(view)), SUPERSAMPLES));
  if (metresPerUnit !== null) drawRuledBar(portrait, view.scale / metresPerUnit);
  const front = createElevationView(box, ELEVATION_SIDE);
  const elevation = resolveFrame(rasterise(items, enlarge(front)), SUPERSAMPLES);
  return { portrait, elevation, elevationSize: { width: box.max[0] - box.min[0], height: box.max[1] - box.min[1] } };
}

const enlarge = (view: View): View => ({
  ...view,
  width: view.width * SUPERSAMPLES,
  height: view.height * SUPERSAMPLES,
  scale: view.scale * SUPERSAMPLES,
});
