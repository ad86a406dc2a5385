import type { Evidence } from '@haveld/contract/finding';
import type { TextureSlot } from '@haveld/contract/step';
import type { RoleJudgement } from '../judging/judge-map-role';
import type { NameRelation } from './compare-names';

/** Where a picture lies, in the order it is looked for. */
export const PLACES = ['beside', 'arrival', 'sibling', 'other-arrival', 'library'] as const;
export type Place = (typeof PLACES)[number];

/** A reference that is not where its file says. */
export interface WantedMap {
  material: string;
  slot: TextureSlot;
  /** As the file writes it, and by what other names. */
  references: string[];
}

/** A picture that may be meant. */
export interface OfferedMap {
  path: string;
  sha256: string;
  place: Place;
  /** What it lies in, where that is not this arrival: `arrival “quay lamps”`. */
  placeWords?: string;
  /** False where another author's rights come with it. */
  sameAuthor: boolean;
  author?: string;
  /** What it is, by its name and its picture. */
  judged: RoleJudgement | null;
}

/** Which picture a person took for a name before. */
export interface RememberedMap {
  /** File name, folded. */
  wanted: string;
  slot: TextureSlot;
  takenStem: string;
  takenSha256: string;
  /** Who, and for what. */
  summary: string;
}

export interface MapMatch {
  offered: OfferedMap;
  /** 0 to 1. */
  confidence: number;
  relation: NameRelation;
  evidence: Evidence[];
  /** How many of its evidences stand by themselves. */
  independent: number;
}
