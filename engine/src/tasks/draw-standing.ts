import type { Box } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { drawOrthographic, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { encodeDrawn, sharpCodec } from '../pictures/sharp-codec';
import type { TaskContext } from './task';

export interface DrawStandingInput {
  documentSha256: string;
  /** In the order they run. */
  steps: Step[];
}

export interface DrawStandingResult {
  sha256: string;
  box: Box;
}

const LONGEST_PX = 400;

/** Draws a model from the front as a treatment would leave it; nothing of it is kept but the picture. @returns null where nothing is seen */
export async function drawStanding(
  { documentSha256, steps }: DrawStandingInput,
  { store }: TaskContext,
): Promise<DrawStandingResult | null> {
  const document = await readGlb(await store.get(documentSha256));
  await applyTreatment(document, steps, { codec: sharpCodec, readBytes: (sha256) => store.get(sha256) });
  const drawing = await prepareDrawing(document, sharpCodec);
  if (!drawing) return null;
  const { picture } = drawOrthographic(drawing, LONGEST_PX);
  return { sha256: (await store.put(await encodeDrawn(picture))).sha256, box: drawing.box };
}
