import type { Document } from '@gltf-transform/core';
import { boundPoints } from '../../geometry/bound-points';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { readCollision } from '../collision/read-collision';
import { findMatter, measureSolid, weigh } from '../collision/weigh';
import type { DropBody } from './drop-test';

/** Points a hull is made of, at most. */
const MOST_POINTS = 20_000;

/** @returns what of a document is dropped, with its mass from its volume and its matter; null without extent */
export function describeDropBody(document: Document): (DropBody & { matter: string; by: 'volume' | 'surface' }) | null {
  const parts = listPlacedParts(document);
  const points = parts.map(({ positions }) => positions);
  const box = boundPoints(points);
  const solid = measureSolid(parts);
  if (!box || !solid) return null;
  const matter = findMatter(document);
  const collision = readCollision(document);
  return {
    ...(collision ? { shapes: collision.shapes, friction: collision.friction } : {}),
    points: samplePoints(points),
    box,
    balance: solid.balance,
    mass: collision?.mass ?? weigh(solid.volume, matter),
    matter,
    by: solid.by,
  };
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
