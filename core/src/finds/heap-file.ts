import type { FindQuestion } from '@haveld/contract/api/arrivals';
import type { Inside } from '../formats/inside';
import type { FileKind } from './identify';

/** A file of a heap, as far as sorting needs to know it. */
export interface HeapFile {
  path: string;
  kind: FileKind;
  format: string;
  sizeBytes: number;
  sha256?: string;
  /** Of a picture, in pixels. */
  width?: number | null;
  height?: number | null;
  /** What a model or material file says of itself. */
  inside?: Inside;
}

export const FIND_ROLES = [
  'model',
  'other-format',
  'lod',
  'variant',
  'edition',
  'material',
  'buffer',
  'map',
  'variant-map',
  'other-resolution',
  'text',
  'preview',
] as const;
export type FindRole = (typeof FIND_ROLES)[number];

/** A model in the heap: what it is made of and why this file was taken as the model. */
export interface ProposedFind {
  name: string;
  model: string;
  files: { path: string; role: FindRole }[];
  reason: string;
  /** What a person should decide; null where nothing is open. */
  question: FindQuestion | null;
}

/** Finds that belong together. */
export interface ProposedKit {
  name: string;
  /** Places in the list of finds. */
  finds: number[];
  reason: string;
}

export interface Grouping {
  finds: ProposedFind[];
  kits: ProposedKit[];
  /** Files that belong to no model. */
  excluded: { path: string; reason: string }[];
}

export const baseName = (path: string): string => path.slice(path.lastIndexOf('/') + 1);
export const folderOf = (path: string): string => path.slice(0, path.lastIndexOf('/') + 1);
