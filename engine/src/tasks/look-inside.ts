import type { ModelInside } from '@haveld/contract/model-inside';
import { describeInside } from '@haveld/core/library/inside/describe-inside';
import { drawOrthographic, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { sharpCodec } from '../pictures/sharp-codec';
import type { TaskContext } from './task';

export interface LookInput {
  /** Of a GLB of ours. */
  sha256: string;
}

/** What a model is found by that was made before this was kept. */
export async function lookInside({ sha256 }: LookInput, { store }: TaskContext): Promise<ModelInside> {
  const document = await readGlb(await store.get(sha256));
  const drawing = await prepareDrawing(document, sharpCodec);
  return describeInside(document, computeFigures(document), drawing && drawOrthographic(drawing).picture);
}
