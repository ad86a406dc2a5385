import type { Finding } from '@haveld/contract/finding';
import type { HouseRules } from '@haveld/contract/house-rules';
import type { ModelInside } from '@haveld/contract/model-inside';
import type { Figures, LogEntry, MapLine, UnusedMap } from '@haveld/contract/report';
import { assess } from '@haveld/core/condition/assess';
import { examine } from '@haveld/core/condition/examination';
import type { Said } from '@haveld/core/condition/said';
import type { SourceHabit } from '@haveld/core/finds/deciding/habits';
import { computeShapeSignature, type ShapeSignature } from '@haveld/core/geometry/shape-signature';
import { describeInside } from '@haveld/core/library/inside/describe-inside';
import type { AuthorSay, SimilarSize, SizeQuestion } from '@haveld/core/placement/size/judge-size';
import type { StatedSize } from '@haveld/core/placement/size/stated-size';
import { readGlb } from '@haveld/core/scene/document/document-io';
import { listSurfaces } from '@haveld/core/scene/measures/list-surfaces';
import type { CandidatePicture, MapFacts } from '@haveld/core/textures/map-facts';
import { describeUnused } from '@haveld/core/textures/map-lines';
import type { RememberedMap } from '@haveld/core/textures/relink/map-match';
import type { TakenPicture } from '@haveld/core/textures/texture-reference';
import { listLooks } from '../pictures/list-looks';
import type { TaskContext } from './task';

export interface AssessInput {
  documentSha256: string;
  name: string;
  log: LogEntry[];
  pictures: CandidatePicture[];
  /** What was seen of them, and of those in the document. */
  facts?: MapFacts[];
  /** Keys of parts that were said to belong to the model. */
  belonging: string[];
  stated: StatedSize[];
  /** Things of its kind that are catalogued already. */
  similar?: SimilarSize[];
  /** What other models by its author say of their units. */
  author?: AuthorSay | null;
  /** What was said of its stance and its size. */
  said?: Said;
  /** What is known of its source. */
  habit?: SourceHabit;
  /** What was decided for maps of the same author before. */
  remembered?: RememberedMap[];
  /** What a person took for maps that are lost. */
  taken?: TakenPicture[];
  rules?: HouseRules;
}

export interface AssessResult {
  findings: Finding[];
  /** What its size was judged by; null without extent. */
  sizeQuestion: SizeQuestion | null;
  figures: Figures;
  maps: MapLine[];
  /** Pictures that came and no material uses. */
  unused: UnusedMap[];
  shape: ShapeSignature | null;
  /** Every map the document holds, by its bytes and its look. */
  pictures: { sha256: string; look: string | null }[];
  /** What it is found by. */
  inside: ModelInside;
}

/** Looks at a document as received. */
export async function assessFind(input: AssessInput, { store }: TaskContext): Promise<AssessResult> {
  const document = await readGlb(await store.get(input.documentSha256));
  const examination = examine({
    document,
    name: input.name,
    log: input.log,
    pictures: input.pictures,
    facts: input.facts,
    belonging: new Set(input.belonging),
    stated: input.stated,
    similar: input.similar,
    author: input.author,
    said: input.said,
    habit: input.habit,
    remembered: input.remembered,
    taken: input.taken,
    rules: input.rules,
  });
  return {
    findings: assess(examination),
    sizeQuestion: examination.sizeQuestion,
    figures: examination.figures,
    maps: examination.maps,
    unused: examination.unused
      .filter(({ picture }) => picture.place !== 'other-arrival' && picture.place !== 'library')
      .map((one) => describeUnused(one, examination.facts)),
    shape: computeShapeSignature(listSurfaces(document)),
    pictures: await listLooks(document),
    inside: describeInside(document, examination.figures, null),
  };
}
