import type { Document } from '@gltf-transform/core';
import { MODEL_TRAITS, type ModelInside, type ModelTrait } from '@haveld/contract/model-inside';
import type { Figures } from '@haveld/contract/report';
import { readCollision } from '../../placement/collision/read-collision';
import { countLevels } from '../../structure/levels/show-level';
import type { Picture } from '../../textures/pictures/picture-codec';
import { listNames } from './list-names';
import { nameColours } from './name-colours';

/** A model of triangles alone has one polygon each; where so many go to a polygon it is made of quads. Ours. */
const QUADS = 1.6;

/** How each trait shows. */
const TRAITS: Record<ModelTrait, (document: Document, figures: Figures) => boolean> = {
  maps: (_, { maps }) => maps > 0,
  clips: (_, { clips }) => clips > 0,
  joints: (_, { joints }) => joints > 0,
  levels: (document) => countLevels(document) > 0,
  collision: (document) => readCollision(document) !== null,
  'vertex-colours': (document) => hasAttribute(document, 'COLOR_0'),
  'second-layout': (document) => hasAttribute(document, 'TEXCOORD_1'),
  quads: (_, { triangles, polygons }) => polygons > 0 && triangles / polygons >= QUADS,
};

/**
 * What a model is found by beside its name.
 * @param figures of the document as it is
 * @param picture from its front, without a ground, where one is at hand
 */
export function describeInside(document: Document, figures: Figures, picture: Picture | null): ModelInside {
  return {
    ...listNames(document),
    colours: picture ? nameColours(picture) : [],
    traits: MODEL_TRAITS.filter((trait) => TRAITS[trait](document, figures)),
  };
}

const hasAttribute = (document: Document, semantic: string): boolean =>
  document
    .getRoot()
    .listMeshes()
    .some((mesh) => mesh.listPrimitives().some((primitive) => primitive.getAttribute(semantic) !== null));
