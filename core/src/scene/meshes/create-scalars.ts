import type { Accessor, Document } from '@gltf-transform/core';
import { getBuffer } from './build-primitive';

/** @returns a list of numbers, one an element */
export const createScalars = (document: Document, array: Uint16Array | Uint32Array | Float32Array): Accessor =>
  document
    .createAccessor()
    .setType('SCALAR')
    .setArray(array as Uint32Array<ArrayBuffer>)
    .setBuffer(getBuffer(document));
