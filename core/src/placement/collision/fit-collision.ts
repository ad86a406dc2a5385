import type * as Rapier from '@dimforge/rapier3d-compat';
import type { Document } from '@gltf-transform/core';
import type { CollisionKind, MatterKind } from '@haveld/contract/step';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { findMatter, measureSolid } from './weigh';
import { fitShapes, type FittedShape } from './fit-shapes';

/** What is shown of the shapes a model may collide by. */
export interface FittedCollision {
  shapes: Omit<FittedShape, 'shape'>[];
  proposed: CollisionKind;
  /** By the names of its materials. */
  matter: MatterKind;
  /** Cubic metres of matter: its volume where it is closed, else that of a sheet. */
  solidM3: number;
}

/** @returns null where the model has no extent in space */
export function fitCollision(rapier: typeof Rapier, document: Document): FittedCollision | null {
  const fitted = fitShapes(rapier, document);
  return (
    fitted && {
      shapes: fitted.shapes.map(({ shape: _, ...shown }) => shown),
      proposed: fitted.proposed,
      matter: findMatter(document),
      solidM3: measureSolid(listPlacedParts(document))?.volume ?? 0,
    }
  );
}
