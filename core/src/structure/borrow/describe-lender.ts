import type { Document } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { PartIndex } from '../../scene/part-ref';
import { listPartRows, type PartRow } from '../parts/part-rows';

/** What can be borrowed of a model. */
export interface LenderParts {
  parts: { row: PartRow; ref: PartRef }[];
  materials: string[];
}

/** @returns parts that show something themselves or below, as they hang, and materials by their names, each once */
export function describeLender(document: Document): LenderParts {
  const index = new PartIndex(document);
  const names = document
    .getRoot()
    .listMaterials()
    .map((material) => material.getName())
    .filter((name) => name !== '');
  return {
    parts: listPartRows(document).flatMap((row) => {
      const node = row.size === null ? null : index.get(row.id);
      return node ? [{ row, ref: index.refer(node) }] : [];
    }),
    materials: [...new Set(names)],
  };
}
