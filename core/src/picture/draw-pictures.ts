import type { Document } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import { computeBounds } from '../scene/measures/bounds';
import type { MeshInstance } from '../scene/traverse';
import type { Picture, PictureCodec } from '../textures/pictures/picture-codec';
import { createOrthographicView, createThumbnailView, type View } from './camera';
import { gatherDrawItems, type DecodedMaps, type DrawItem } from './gather';
import { composite, createGround, drawContactShadow } from './ground';
import { createFrame, rasterise, type Frame } from './rasterise';
import { resolveFrame } from './resolve-frame';
import { drawRuledBar } from './ruled-bar';

export const THUMBNAIL = { width: 520, height: 420 } as const;
const ORTHOGRAPHIC_SIDE = 560;
const SUPERSAMPLES = 2;

/** A model made ready to be drawn from any side. */
export interface Drawing {
  items: DrawItem[];
  box: Box;
}

/** @returns null where there is nothing to draw */
export async function prepareDrawing(document: Document, codec: PictureCodec): Promise<Drawing | null> {
  const box = computeBounds(document);
  return box && { box, items: await gatherDrawItems(document, codec) };
}

/**
 * Three-quarter view on the ground with a ruled bar of true length.
 * @param metresPerUnit of the document; null leaves the bar out because no size is known
 */
export function drawThumbnail(
  { items, box }: Drawing,
  metresPerUnit: number | null,
  size: { width: number; height: number } = THUMBNAIL,
): Picture {
  const margin = { x: size.width / 13, top: size.height / 14, bottom: size.height / 9.5 };
  const view = createThumbnailView(box, size.width, size.height, margin);
  const thumbnail = createGround(size.width, size.height);
  drawContactShadow(thumbnail, items, box, view);
  composite(thumbnail, resolveFrame(drawLarge(items, view), SUPERSAMPLES));
  if (metresPerUnit !== null) drawRuledBar(thumbnail, view.scale / metresPerUnit);
  return thumbnail;
}

/**
 * One part of a document by itself, three quarters from its front, without ground or bar.
 * @param maps decoded so far; what is needed besides is added
 * @returns null where it shows nothing
 */
export async function drawPart(
  document: Document,
  instances: readonly MeshInstance[],
  codec: PictureCodec,
  maps: DecodedMaps,
  { width, height }: { width: number; height: number },
): Promise<Picture | null> {
  const box = computeBounds(document, instances);
  if (!box) return null;
  const items = await gatherDrawItems(document, codec, instances, maps);
  const margin = { x: width / 16, top: height / 16, bottom: height / 16 };
  return resolveFrame(drawLarge(items, createThumbnailView(box, width, height, margin)), SUPERSAMPLES);
}

/** Straight from the front, without ground, cut to the box: for drawers at one common scale. */
export function drawOrthographic(
  { items, box }: Drawing,
  longestPx = ORTHOGRAPHIC_SIDE,
): { picture: Picture; width: number; height: number } {
  const picture = resolveFrame(drawLarge(items, createOrthographicView(box, longestPx)), SUPERSAMPLES);
  return { picture, width: box.max[0] - box.min[0], height: box.max[1] - box.min[1] };
}

/** Of the last picture: most are of one size, and 18 MB of new numbers for each cost more than filling them. */
let lastFrame: Frame | null = null;

function drawLarge(items: readonly DrawItem[], view: View): Frame {
  const large = enlarge(view);
  if (lastFrame?.width !== large.width || lastFrame.height !== large.height)
    lastFrame = createFrame(large.width, large.height);
  return rasterise(items, large, lastFrame);
}

const enlarge = (view: View): View => ({
  ...view,
  width: view.width * SUPERSAMPLES,
  height: view.height * SUPERSAMPLES,
  scale: view.scale * SUPERSAMPLES,
});
