import type { Document, Primitive } from '@gltf-transform/core';
import { turnPolygons } from '../../scene/meshes/turn-polygons';
import { findShells } from './find-shells';
import { gatherSurface } from './gather-surface';
import { listTurnedFaces } from './list-turned-faces';

/** Turns polygons of a part so that those of a shell agree and look outwards, in place. @returns how many */
export function turnFacesOf(document: Document, primitives: readonly Primitive[]): number {
  const surface = gatherSurface(primitives);
  if (!surface) return 0;
  const { turned, against, inwards } = listTurnedFaces(surface, findShells(surface));
  if (against + inwards === 0) return 0;
  const { members, polygonStarts } = surface;
  members.forEach(({ primitive, firstPolygon }, m) => {
    const end = members.at(m + 1)?.firstPolygon ?? polygonStarts.length - 1;
    const own = turned.subarray(firstPolygon, end);
    if (own.includes(1)) turnPolygons(document, primitive, own);
  });
  return against + inwards;
}
