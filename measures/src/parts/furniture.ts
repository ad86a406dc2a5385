import type { Document } from '@gltf-transform/core';
import { readFurniture, readFurnitureTable, type FurnitureRow } from '@haveld/engine/testing/open-furniture';

/** Every third author in the order of their names; only reported, never fitted to. */
export const HELD_OUT = ['Carvalho', 'Emmanuel Puybaret', 'Icybones', 'Ola-Kristian Hoff', 'Peter Glas', 'Toomy'];

export interface FurnitureModel {
  row: FurnitureRow;
  document: Document;
  isHeldOut: boolean;
  /** Which end of the file's box it stands on: 2 is the lower one along y. Null where the catalogue tilts it. */
  foot: number | null;
}

/** Reads the open furniture, one after the other. */
export async function* readAllFurniture(use: 'tuning' | 'all'): AsyncGenerator<FurnitureModel> {
  for (const row of readFurnitureTable()) {
    const isHeldOut = HELD_OUT.includes(row.author);
    if (use === 'tuning' && isHeldOut) continue;
    yield { row, document: await readFurniture(row), isHeldOut, foot: findFoot(row.rotation) };
  }
}

/** What the catalogue does not turn at all stands with its front to +z, where its catalogue has the front (common practice of floor plans). */
export const hasKnownFront = ({ row }: FurnitureModel): boolean => row.rotation === '';

/** The catalogue turns a model by R; what it holds up is the file's Rᵀ·y. */
function findFoot(rotation: string): number | null {
  if (rotation === '') return 2;
  const up = rotation.split(/\s+/).map(Number).slice(3, 6);
  const axis = up.findIndex((value) => Math.abs(value) > 0.999);
  return axis < 0 ? null : axis * 2 + (up[axis] > 0 ? 0 : 1);
}
