import type { Document, mat4 } from '@gltf-transform/core';
import { longestSide } from '../../geometry/longest-side';
import { transformPoint } from '../../scene/matrix';
import { PartIndex } from '../../scene/part-ref';
import { listClosable } from './close-holes';
import { gatherSurface } from './gather-surface';
import { judgeSurface, listTroubledEdges, type EdgeCounts, type EdgeTrouble } from './judge-surface';
import { listTurnedFaces } from './list-turned-faces';

/** How the faces of a part meet, as the sheet of parts says it. */
export interface SurfaceFacts extends EdgeCounts {
  id: string;
  shells: number;
  isClosed: boolean;
  /** Rings of open edges. */
  holes: number;
  /** Sizes of those that can be closed, as shares of the part's longest side. */
  closable: number[];
  /** Polygons that look the wrong way. */
  turned: number;
  /** Both ends of every edge that is open, crowded or between faces that disagree: xyz each, world space. */
  edges: Float32Array<ArrayBuffer>;
}

const TROUBLES: EdgeTrouble[] = ['open', 'crowded', 'against'];

/** @returns for each of some parts that has faces how they meet */
export function describeSurfaces(document: Document, ids: readonly string[]): SurfaceFacts[] {
  const index = new PartIndex(document);
  return ids.flatMap((id) => {
    const node = index.get(id);
    const surface = gatherSurface(node?.getMesh()?.listPrimitives() ?? []);
    if (!node || !surface) return [];
    const { shells, holes, open, crowded, against, isClosed } = judgeSurface(surface);
    const turned = listTurnedFaces(surface, shells);
    const whole = longestSide(surface.positions) || 1;
    const edges = TROUBLES.map((trouble) => listTroubledEdges(surface, trouble));
    return [
      {
        id,
        open,
        crowded,
        against,
        isClosed,
        shells: shells.shells,
        holes: holes.length,
        closable: listClosable(surface, holes, 1).map(({ size }) => size / whole),
        turned: turned.against + turned.inwards,
        edges: placePoints(node.getWorldMatrix(), edges),
      },
    ];
  });
}

function placePoints(world: mat4, lists: readonly Float32Array[]): Float32Array<ArrayBuffer> {
  const placed = new Float32Array(lists.reduce((sum, list) => sum + list.length, 0));
  let at = 0;
  for (const list of lists)
    for (let o = 0; o < list.length; o += 3, at += 3) placed.set(transformPoint(world, list.subarray(o, o + 3)), at);
  return placed;
}
