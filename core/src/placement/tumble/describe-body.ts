import type { Document } from '@gltf-transform/core';
import { boundPoints } from '../../geometry/bound-points';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { guessMatter } from '../../textures/materials/guess-matter';
import { computeMoments } from '../pivot/moments';
import { DENSITIES, type DensityId } from './densities';
import type { DropBody } from './drop-test';

/** Points a hull is made of, at most. */
const MOST_POINTS = 20_000;

/** What a surface that encloses nothing is taken to be thick, as a share of the square root of its area. Ours. */
const SHEET = 0.01;

/** @returns what of a document is dropped, with its mass from its volume and its matter; null without extent */
export function describeDropBody(document: Document): (DropBody & { matter: string; by: 'volume' | 'surface' }) | null {
  const parts = listPlacedParts(document);
  const points = parts.map(({ positions }) => positions);
  const box = boundPoints(points);
  const moments = computeMoments(parts);
  if (!box || !moments) return null;
  const volume = moments.by === 'volume' ? moments.volume : moments.area ** 1.5 * SHEET;
  const matter = findMatter(document);
  return {
    points: samplePoints(points),
    box,
    balance: moments.balance,
    mass: Math.max(volume * DENSITIES[matter], 1e-6),
    matter,
    by: moments.by,
  };
}

/** Of the material most of its names speak for. */
function findMatter(document: Document): DensityId {
  const counts = new Map<DensityId, number>();
  for (const material of document.getRoot().listMaterials()) {
    const { id } = guessMatter(material.getName(), '').matter;
    const known = id in DENSITIES ? (id as DensityId) : 'plain';
    counts.set(known, (counts.get(known) ?? 0) + 1);
  }
  counts.delete('plain');
  return [...counts].sort((a, b) => b[1] - a[1])[0]?.[0] ?? 'plain';
}

/** Of very many every so manieth, and the ends of the box along each axis whatever comes. */
function samplePoints(all: readonly Float64Array[]): Float32Array {
  const count = all.reduce((sum, positions) => sum + positions.length / 3, 0);
  const step = Math.max(1, Math.ceil(count / MOST_POINTS));
  const points: number[] = [];
  const ends = Array.from({ length: 6 }, () => ({ value: -Infinity, at: [0, 0, 0] }));
  for (const p of all)
    for (let o = 0, i = 0; o + 2 < p.length; o += 3, i++) {
      for (let end = 0; end < 6; end++) {
        const value = end % 2 === 0 ? p[o + (end >> 1)] : -p[o + (end >> 1)];
        if (value > ends[end].value) ends[end] = { value, at: [p[o], p[o + 1], p[o + 2]] };
      }
      if (i % step === 0) points.push(p[o], p[o + 1], p[o + 2]);
    }
  for (const { at } of ends) points.push(...at);
  return Float32Array.from(points);
}
