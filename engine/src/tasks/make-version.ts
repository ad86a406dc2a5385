import type { Document } from '@gltf-transform/core';
import type { ModelInside } from '@haveld/contract/model-inside';
import type { CheckLine, Figures, StepOutcome } from '@haveld/contract/report';
import type { Step } from '@haveld/contract/step';
import { judgeAgain } from '@haveld/core/condition/judge-result';
import { addWorse } from '@haveld/core/condition/newly-wrong';
import { describeInside } from '@haveld/core/library/inside/describe-inside';
import { drawOrthographic, drawThumbnail, prepareDrawing } from '@haveld/core/picture/draw-pictures';
import { readGlb, writeGlb } from '@haveld/core/scene/document/document-io';
import { computeFigures } from '@haveld/core/scene/measures/figures';
import { applyTreatment } from '@haveld/core/treatment/apply-treatment';
import { checkWritten, requireHolding } from '../hand-over/check-written';
import { encodeDrawn, sharpCodec } from '../pictures/sharp-codec';
import type { TaskContext } from './task';

export interface MakeInput {
  documentSha256: string;
  steps: Step[];
  /** False where it has no real size: then no bar is drawn. */
  hasSize: boolean;
}

export interface MakeResult {
  modelSha256: string;
  thumbnailSha256: string | null;
  orthographicSha256: string | null;
  orthographic: { width: number; height: number } | null;
  before: Figures;
  after: Figures;
  outcomes: StepOutcome[];
  checks: CheckLine[];
  inside: ModelInside;
}

/**
 * Makes a version: the treated document as GLB, valid, read back and compared, with its pictures.
 * @throws {DomainError} `broken` where what was written is not what was meant; nothing is called done then
 */
export async function makeVersion(
  { documentSha256, steps, hasSize }: MakeInput,
  { store, progress }: TaskContext,
): Promise<MakeResult> {
  const received = await store.get(documentSha256);
  const document = await readGlb(received);
  const before = computeFigures(document);
  progress(1, 5, 'stage');
  const treat = (some: Document, wanted: Step[]): Promise<StepOutcome[]> =>
    applyTreatment(some, wanted, { codec: sharpCodec, readBytes: (sha256) => store.get(sha256) });
  const outcomes = await treat(document, steps);
  const after = computeFigures(document);
  progress(2, 5, 'stage');
  const bytes = await writeGlb(document);
  const checks = await checkWritten(bytes, after);
  progress(3, 5, 'stage');
  requireHolding(checks, 'The version');
  const drawing = await prepareDrawing(document, sharpCodec);
  const orthographic = drawing && drawOrthographic(drawing);
  progress(4, 5, 'stage');
  const model = await store.put(bytes);
  const thumbnailKept = drawing && (await store.put(await encodeDrawn(drawThumbnail(drawing, hasSize ? 1 : null))));
  const orthographicKept = orthographic && (await store.put(await encodeDrawn(orthographic.picture)));
  // what a step brought about that was not wrong before is told at it
  const newlyWrong = await judgeAgain({ read: () => readGlb(received), treat }, document, steps);
  return {
    modelSha256: model.sha256,
    thumbnailSha256: thumbnailKept?.sha256 ?? null,
    orthographicSha256: orthographicKept?.sha256 ?? null,
    orthographic: orthographic && { width: orthographic.width, height: orthographic.height },
    before,
    after,
    outcomes: addWorse(outcomes, newlyWrong),
    checks,
    inside: describeInside(document, after, orthographic?.picture ?? null),
  };
}
