import type { Document } from '@gltf-transform/core';
import type { LogEntry } from '@haveld/contract/report';
import type { Decoders } from '../scene/document/document-io';
import type { PictureCodec } from '../textures/pictures/picture-codec';

/** The files of an arrival, as a reader sees them. */
export interface FileSource {
  /** Every path, `/` between folders. */
  readonly paths: readonly string[];
  /** @throws {Error} where there is no such path */
  read(path: string): Promise<Uint8Array>;
  /** @returns SHA-256 of a file's bytes, lower-case hexadecimal */
  hash(path: string): string;
}

/**
 * Unpacks zlib data (RFC 1950).
 * @param sizeBytes what it must come to; more is refused
 */
export type Inflate = (bytes: Uint8Array, sizeBytes: number) => Uint8Array;

export interface ReadingContext {
  files: FileSource;
  codec: PictureCodec;
  /** Decoders of packed geometry, loaded when a file has some. */
  loadDecoders: () => Promise<Decoders>;
  inflate: Inflate;
  /**
   * Turns a file of another format into GLB by a program outside; left out where there is none.
   * @throws {DomainError} `bad-file` where the program cannot
   */
  convert?: (path: string, files: FileSource) => Promise<Uint8Array>;
}

/** A model as read: the canonical document and what to know about how it came to be. */
export interface Reading {
  document: Document;
  log: LogEntry[];
}

/** The version of all readers together; part of what a reading is made from. */
export const READER_VERSION = 3;
