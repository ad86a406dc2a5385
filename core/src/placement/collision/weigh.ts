import type { Document } from '@gltf-transform/core';
import { MATTER_KINDS, type MatterKind } from '@haveld/contract/step';
import { listPlacedParts, type PlacedPart } from '../../scene/measures/placed-parts';
import { computeSurface } from '../../scene/measures/texel-density';
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

/** What most of its surface is, as far as names of materials say: a hut of wood with many brass screws is of wood. */
export function findMatter(document: Document): MatterKind {
  const areas = new Map<MatterKind, number>();
  const known = new Map<string, MatterKind>();
  for (const part of listPlacedParts(document)) {
    const name = part.primitive.getMaterial()?.getName() ?? '';
    const matter = known.get(name) ?? MATTER_KINDS.find((kind) => kind === guessMatter(name, '').matter.id) ?? 'plain';
    known.set(name, matter);
    areas.set(matter, (areas.get(matter) ?? 0) + computeSurface(part).surfaceArea);
  }
  areas.delete('plain');
  return [...areas].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'plain';
}
