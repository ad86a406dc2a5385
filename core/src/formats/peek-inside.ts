import { NOTHING_INSIDE, type Inside } from './inside';
import { findFormat } from './model-formats';
import { peekMtl } from './obj/peek';

const getPeek = (format: string): ((bytes: Uint8Array) => Inside) | undefined =>
  format === 'mtl' ? peekMtl : findFormat(format)?.peek;

/** @returns whether anything can be seen of a file of this format without reading it */
export const canPeek = (format: string): boolean => getPeek(format) !== undefined;

/**
 * Looks into a model or material file without reading its geometry. What cannot be understood says nothing; the reader will say
 * what is wrong.
 * @param bytes the file, or as much of it as is at hand
 */
export const peekInside = (format: string, bytes: Uint8Array): Inside => getPeek(format)?.(bytes) ?? NOTHING_INSIDE;
