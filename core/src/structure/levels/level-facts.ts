import type { Document } from '@gltf-transform/core';
import type { Box } from '@haveld/contract/report';
import { getNodeSource } from '../../scene/document/source-data';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { countLevels, listAtLevel } from './show-level';
import { countInstances } from './simplify-model';

/** A view is so many pixels high; how far a level lies from the finest is not seen where it is less than one of them. Ours. */
export const VIEW_PX = 1080;
/** How high a view is, as times the distance: twice the tangent of half of 50°. Ours. */
const VIEW_HEIGHT = 2 * Math.tan((25 * Math.PI) / 180);
/** A level that keeps more of the one before is hardly worth its place. Ours. */
const HARDLY = 0.8;

/** One level of a model. */
export interface LevelFacts {
  /** 0 is the finest. */
  level: number;
  triangles: number;
  /** How far it lies from the finest at most, metres; null where nobody measured it. */
  error: number | null;
  /** From this distance on its error is less than a pixel, metres; null where nobody knows. */
  from: number | null;
  /** How long the model's longest side is there, in pixels; null for the finest, and where nobody knows. */
  lengthPx: number | null;
  isHardlyLighter: boolean;
}

/**
 * @param document in metres
 * @returns the levels of a model, the finest first; that alone where it has no others
 */
export function listLevelFacts(document: Document): LevelFacts[] {
  const box = computeBounds(document);
  const facts: LevelFacts[] = [];
  for (let level = 0; level <= countLevels(document); level++) {
    const { instances, standing } = listAtLevel(document, level);
    const errors = standing.map((node) => getNodeSource(node).levelError ?? null);
    const error = errors.includes(null) ? null : Math.max(0, ...errors.map((one) => one ?? 0));
    const triangles = countInstances(instances);
    facts.push({
      level,
      triangles,
      error,
      from: error === null ? null : (error * VIEW_PX) / VIEW_HEIGHT,
      lengthPx: !error || !box ? null : Math.max(...boxSize(box)) / error,
      isHardlyLighter: triangles > HARDLY * (facts.at(-1)?.triangles ?? Infinity),
    });
  }
  return facts;
}

/**
 * How much of a view's height the model takes up at least while a level is shown, as MSFT_screencoverage counts it: each gives way where
 * the next one's error is less than a pixel. The last is never given up.
 * @param errors of the coarser levels, finest of them first, in the unit of the box
 * @returns a share for the finest and for each of them
 */
export function listCoverage(box: Box | null, errors: readonly number[]): number[] {
  const length = box ? Math.max(...boxSize(box)) : 0;
  const shares = errors.map((error) => (error > 0 ? Math.min(1, length / error / VIEW_PX) : 1));
  return [...shares.map((share, i) => Math.min(...shares.slice(0, i + 1), share)), 0].map((share) =>
    Number(share.toPrecision(4)),
  );
}
