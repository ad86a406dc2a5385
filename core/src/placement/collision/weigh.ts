import type { Document } from '@gltf-transform/core';
import { MATTER_KINDS, type MatterKind } from '@haveld/contract/step';
import type { PlacedPart } from '../../scene/measures/placed-parts';
import { guessMatter } from '../../textures/materials/guess-matter';
import { computeMoments, type Moments } from '../pivot/moments';
import { DENSITIES } from './densities';

/** What a surface that encloses nothing is taken to be thick, as a share of the square root of its area. Ours. */
const SHEET = 0.01;

/** How much matter a model is, and where its middle lies. @returns null without surface */
export function measureSolid(parts: readonly PlacedPart[]): Pick<Moments, 'balance' | 'by' | 'volume'> | null {
  const moments = computeMoments(parts);
  if (!moments) return null;
  const { balance, by, volume, area } = moments;
  return { balance, by, volume: by === 'volume' ? volume : area ** 1.5 * SHEET };
}

/** @returns kilograms, above 0 */
export const weigh = (volume: number, matter: MatterKind): number => Math.max(volume * DENSITIES[matter], 1e-6);

/** Of the material most of its names speak for. */
export function findMatter(document: Document): MatterKind {
  const counts = new Map<MatterKind, number>();
  for (const material of document.getRoot().listMaterials()) {
    const { id } = guessMatter(material.getName(), '').matter;
    const known = MATTER_KINDS.find((kind) => kind === id) ?? 'plain';
    counts.set(known, (counts.get(known) ?? 0) + 1);
  }
  counts.delete('plain');
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'plain';
}
