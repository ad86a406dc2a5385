import type { MapWork } from '@haveld/contract/step';
import type { GreenJudgement } from './judging/judge-green';
import type { PictureMeasures } from './judging/picture-measures';
import type { PictureKind } from './pictures/identify-picture';
import type { Place } from './relink/map-match';

/** What was seen of a picture when its bytes were opened, once. */
export interface MapFacts {
  sha256: string;
  kind: PictureKind | null;
  /** In texels; 0 where it cannot be read. */
  width: number;
  height: number;
  /** A channel, as the file has them. */
  bits: number;
  channels: number;
  /** What was odd about the file, a sentence each: `CMYK, converted to sRGB`. */
  notes: string[];
  /** Why it cannot be read; null where it can. */
  problem: string | null;
  measures: PictureMeasures | null;
  /** Of a picture that looks like normals; null for others. */
  green: GreenJudgement | null;
  /** A small picture of it. */
  thumbSha256: string | null;
  /** The same picture as a browser shows it, where it cannot show the file itself. */
  shownSha256: string | null;
}

/** A picture that may be a map of a model: come with it, or found elsewhere. */
export interface CandidatePicture {
  path: string;
  sha256: string;
  width: number | null;
  height: number | null;
  place?: Place;
  /** What it lies in, where that is not this arrival. */
  placeWords?: string;
  /** False where another author's rights come with it. */
  sameAuthor?: boolean;
  /** Whose it is, where it is not the asset's own. */
  work?: MapWork;
  facts?: MapFacts;
}
