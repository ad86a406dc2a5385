import type { Finding } from '@haveld/contract/finding';
import type { Figures, LogEntry, MapLine } from '@haveld/contract/report';
import { assess } from '@haveld/core/condition/assess';
import { examine } from '@haveld/core/condition/examination';
import type { SourceHabit } from '@haveld/core/finds/habits';
import { computeShapeSignature, type ShapeSignature } from '@haveld/core/geometry/shape-signature';
import { listSurfaces } from '@haveld/core/scene/list-surfaces';
import { readGlb } from '@haveld/core/scene/document-io';
import type { StatedSize } from '@haveld/core/placement/stated-size';
import type { ArrivalPicture } from '@haveld/core/textures/map-lines';
import type { TaskContext } from './task';

export interface AssessInput {
  documentSha256: string;
  name: string;
  log: LogEntry[];
  pictures: ArrivalPicture[];
  /** Keys of parts that were said to belong to the model. */
  belonging: string[];
  stated: StatedSize[];
  /** What is known of its source. */
  habit?: SourceHabit;
}

export interface AssessResult {
  findings: Finding[];
  figures: Figures;
  maps: MapLine[];
  shape: ShapeSignature | null;
}

/** Looks at a document as received. */
export async function assessFind(input: AssessInput, { store }: TaskContext): Promise<AssessResult> {
  const document = await readGlb(await store.get(input.documentSha256));
  const examination = examine({
    document,
    name: input.name,
    log: input.log,
    pictures: input.pictures,
    belonging: new Set(input.belonging),
    stated: input.stated,
    habit: input.habit,
  });
  return {
    findings: assess(examination),
    figures: examination.figures,
    maps: examination.maps,
    shape: computeShapeSignature(listSurfaces(document)),
  };
}
