import type { Document } from '@gltf-transform/core';
import { getNodeSource } from './source-data';

/** @returns ids as wanted, each unlike any a node has: what is in use gets a mark more. The same document gives the same ids. */
export function makeFreshIds(document: Document, wanted: readonly string[]): string[] {
  const used = new Set(
    document
      .getRoot()
      .listNodes()
      .map((node) => getNodeSource(node).id),
  );
  return wanted.map((id) => {
    let fresh = id;
    while (used.has(fresh)) fresh += '+';
    used.add(fresh);
    return fresh;
  });
}
