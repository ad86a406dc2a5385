import type { Document } from '@gltf-transform/core';
import type { MapLine } from '@haveld/contract/report';
import { getMaterialSource } from '../scene/source-data';
import { SLOTS } from './slots';

/** A picture that came with a model. */
export interface ArrivalPicture {
  path: string;
  sha256: string;
  width: number | null;
  height: number | null;
}

/** Every map reference of every material with its state, and the pictures nobody references. */
export function listMapLines(
  document: Document,
  pictures: readonly ArrivalPicture[],
): { maps: MapLine[]; unreferenced: ArrivalPicture[] } {
  const maps: MapLine[] = [];
  for (const material of document.getRoot().listMaterials()) {
    for (const { slot, reference, status, path, sha256 } of getMaterialSource(material).maps ?? []) {
      const picture = pictures.find((candidate) => candidate.sha256 === sha256);
      maps.push({
        material: material.getName(),
        slot,
        reference,
        status,
        path,
        sha256,
        width: picture?.width ?? null,
        height: picture?.height ?? null,
        colourSpace: SLOTS[slot].colourSpace,
      });
    }
  }
  const referenced = new Set(maps.map((map) => map.sha256));
  return { maps, unreferenced: pictures.filter((picture) => !referenced.has(picture.sha256)) };
}
