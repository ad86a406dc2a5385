import type * as Rapier from '@dimforge/rapier3d-compat';
import type { Document, Node, mat4 } from '@gltf-transform/core';
import type { StepOf } from '@haveld/contract/step';
import { setNodeSource } from '../../scene/document/source-data';
import { ImplicitShapes, RigidBodies, getRigidBody, type ImplicitShape } from '../../scene/document/rigid-bodies';
import { composeMatrix, invertMatrix, multiplyMatrix, transformPoint } from '../../scene/matrix';
import { getBuffer } from '../../scene/meshes/build-primitive';
import { listPlacedParts } from '../../scene/measures/placed-parts';
import { setLocalMatrix } from '../../scene/place-node';
import { listShownNodes } from '../../scene/traverse';
import { FRICTIONS } from './densities';
import { fitShapes, type FittedShape } from './fit-shapes';
import type { CollisionShape, Hull } from './shapes';
import { measureSolid, weigh } from './weigh';

/**
 * Gives a model the shape it collides by: its one top node becomes the body, each shape a node below it. Shapes it had before go.
 * @param root the node all else hangs under
 * @returns the shape; null where the model has no extent in space
 */
export function setCollision(
  rapier: typeof Rapier,
  document: Document,
  root: Node,
  { shape: kind, isMovable, matter, massKg }: StepOf<'set-collision'>,
): FittedShape | null {
  removeCollision(document);
  const fitted = fitShapes(rapier, document, kind)?.shapes[0];
  if (!fitted) return null;
  document.createExtension(ImplicitShapes);
  const bodies = document.createExtension(RigidBodies);
  const toRoot = invertMatrix(root.getWorldMatrix());
  if (!toRoot) return null;
  if (isMovable) {
    const solid = measureSolid(listPlacedParts(document));
    root.setExtension(
      RigidBodies.EXTENSION_NAME,
      bodies.createRigidBody().setMotion({
        mass: massKg ?? weigh(solid?.volume ?? 0, matter),
        centerOfMass: [...transformPoint(toRoot, solid?.balance ?? [0, 0, 0])],
      }),
    );
  }
  listColliders(document, fitted.shape).forEach(({ shape, mesh, world }, i, all) => {
    const name = `${root.getName() || 'model'}_collision${all.length > 1 ? `_${i + 1}` : ''}`;
    mesh?.setName(name);
    const node = document.createNode(name);
    setNodeSource(node, { id: `collision/${i}` });
    node.setExtension(
      RigidBodies.EXTENSION_NAME,
      bodies.createRigidBody().setShape(shape).setMesh(mesh).setFriction(FRICTIONS[matter]),
    );
    root.addChild(node);
    setLocalMatrix(document, node, multiplyMatrix(toRoot, world));
  });
  return fitted;
}

/** Takes away what a model collides by. */
function removeCollision(document: Document): void {
  for (const node of listShownNodes(document)) {
    const body = getRigidBody(node);
    if (!body) continue;
    body.getMesh()?.dispose();
    body.dispose();
    if (!node.getMesh() && node.listChildren().length === 0) node.dispose();
  }
}

interface Collider {
  shape: ImplicitShape | null;
  mesh: ReturnType<Document['createMesh']> | null;
  world: mat4;
}

function listColliders(document: Document, shape: CollisionShape): Collider[] {
  if (shape.kind === 'hulls') return shape.hulls.map((hull) => describeHull(document, hull));
  const world = composeMatrix({
    translation: shape.centre,
    rotation: shape.kind === 'sphere' ? [0, 0, 0, 1] : shape.turn,
    scale: [1, 1, 1],
  });
  if (shape.kind === 'box') return [{ shape: { type: 'box', box: { size: shape.size } }, mesh: null, world }];
  if (shape.kind === 'sphere')
    return [{ shape: { type: 'sphere', sphere: { radius: shape.radius } }, mesh: null, world }];
  const sizes = { radiusBottom: shape.radius, radiusTop: shape.radius, height: shape.height };
  return [
    {
      shape: shape.kind === 'capsule' ? { type: 'capsule', capsule: sizes } : { type: 'cylinder', cylinder: sizes },
      mesh: null,
      world,
    },
  ];
}

/** About its own middle, so that small numbers stay exact far from the origin. */
function describeHull(document: Document, { points, indices }: Hull): Collider {
  const middle: [number, number, number] = [0, 0, 0];
  for (let o = 0; o < points.length; o++) middle[o % 3] += points[o] / (points.length / 3);
  const buffer = getBuffer(document);
  const mesh = document.createMesh().addPrimitive(
    document
      .createPrimitive()
      .setAttribute(
        'POSITION',
        document
          .createAccessor()
          .setType('VEC3')
          .setArray(Float32Array.from(points, (value, o) => value - middle[o % 3]))
          .setBuffer(buffer),
      )
      .setIndices(document.createAccessor().setType('SCALAR').setArray(Uint32Array.from(indices)).setBuffer(buffer)),
  );
  return {
    shape: null,
    mesh,
    world: composeMatrix({ translation: middle, rotation: [0, 0, 0, 1], scale: [1, 1, 1] }),
  };
}
