import type { Document } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { PartIndex } from '../../scene/part-ref';
import type { ShownSlot } from '../../textures/materials/describe-materials';
import { getSlotTexture, SHOWN_SLOTS } from '../../textures/slot-texture';
import { listPartRows, type PartRow } from '../parts/part-rows';

/** What can be borrowed of a model. */
export interface LenderParts {
  parts: { row: PartRow; ref: PartRef }[];
  /** Each name once, with where it has maps. */
  materials: { name: string; slots: ShownSlot[] }[];
}

/** @returns parts that show something themselves or below, as they hang, and materials by their names, each once */
export function describeLender(document: Document): LenderParts {
  const index = new PartIndex(document);
  const materials = document
    .getRoot()
    .listMaterials()
    .filter((material, i, all) => {
      const name = material.getName();
      return name !== '' && all.findIndex((other) => other.getName() === name) === i;
    });
  return {
    parts: listPartRows(document).flatMap((row) => {
      const node = row.size === null ? null : index.get(row.id);
      return node ? [{ row, ref: index.refer(node) }] : [];
    }),
    materials: materials.map((material) => ({
      name: material.getName(),
      slots: SHOWN_SLOTS.filter((slot) => getSlotTexture(material, slot) !== null),
    })),
  };
}
