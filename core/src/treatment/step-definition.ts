import type { Document } from '@gltf-transform/core';
import type { Step, StepKind, StepOf } from '@haveld/contract/step';
import type { EdgeTrouble } from '../structure/surfaces/judge-surface';
import type { Counted } from './census';
import type { PictureCodec } from '../textures/pictures/picture-codec';

/** Steps run phase by phase, whatever order they were taken in. Those of `parts` build on one another: they run as they were taken. */
export const PHASES = ['structure', 'parts', 'textures', 'size-and-orientation', 'geometry', 'names', 'scene'] as const;
export type Phase = (typeof PHASES)[number];

export interface StepContext {
  codec: PictureCodec;
  /** Bytes by their SHA-256: of a map, or of a model something is borrowed from. */
  readBytes(sha256: string): Promise<Uint8Array>;
}

/** What a step is done in. */
export interface RunningContext extends StepContext {
  /** All steps of the treatment in the order they run, those that follow too. */
  steps: readonly Step[];
}

export interface StepResult {
  /** What it did, in a sentence part: `2 cameras, 1 light`. */
  changed: string;
  /** Targets this document does not have. */
  unmatched: string[];
}

/** One kind of change. */
export interface StepDefinition<K extends StepKind> {
  kind: K;
  phase: Phase;
  /** Place among the steps of its phase. */
  order: number;
  /** Counted up whenever the same settings would give another result. */
  codeVersion: number;
  /** What it does to triangles and to the polygons kept beside them. */
  topology: 'keeps' | 'permutes' | 'replaces';
  /** What there is less of afterwards on purpose; left out where it loses nothing. */
  loses?: readonly Counted[];
  /** How faces meet wrongly more often afterwards on purpose. */
  brings?: readonly EdgeTrouble[];
  /** A few words for its card. */
  title(step: StepOf<K>): string;
  /** What a credit says of it; null where nobody would see it. */
  credit(step: StepOf<K>): string | null;
  /**
   * What makes a new version of the work of it, in words; null where it is the same work in another format, place or size
   * (Creative Commons 4.0, section 2(a)(4); docs/decisions/010).
   */
  adaptation(step: StepOf<K>): string | null;
  apply(document: Document, step: StepOf<K>, context: RunningContext): Promise<StepResult> | StepResult;
}
