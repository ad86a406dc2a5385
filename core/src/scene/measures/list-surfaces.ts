import type { Document } from '@gltf-transform/core';
import type { Surface } from '../../geometry/surface';
import { listPlacedParts } from './placed-parts';

/** @returns every triangle of the shown scene where it stands, world space, a surface a primitive; skins in the pose the nodes have */
export const listSurfaces = (document: Document): Surface[] =>
  listPlacedParts(document).filter(({ corners }) => corners > 0);
