import type { Document } from '@gltf-transform/core';
import { getRigidBody } from '../../scene/document/rigid-bodies';
import { decomposeMatrix, transformPoint } from '../../scene/matrix';
import { listIndices } from '../../scene/meshes/list-indices';
import { listShownNodes } from '../../scene/traverse';
import type { CollisionShape } from './shapes';

/** What a document says it collides by. */
export interface Collision {
  /** Where they stand, world space. */
  shapes: CollisionShape[];
  /** Kilograms; null for what never moves. */
  mass: number | null;
  friction: number;
}

/** @returns null where it says nothing */
export function readCollision(document: Document): Collision | null {
  const shapes: CollisionShape[] = [];
  let mass: number | null = null;
  let friction = 0.5;
  for (const node of listShownNodes(document)) {
    const body = getRigidBody(node);
    if (!body) continue;
    mass = body.getMotion()?.mass ?? mass;
    const world = node.getWorldMatrix();
    const { translation: centre, rotation: turn, scale } = decomposeMatrix(world);
    const [shape, mesh] = [body.getShape(), body.getMesh()];
    if (shape || mesh) friction = body.getFriction();
    const size = Math.max(...scale.map(Math.abs));
    if (shape?.type === 'box')
      shapes.push({
        kind: 'box',
        centre,
        turn,
        size: shape.box.size.map((side, axis) => side * Math.abs(scale[axis])) as [number, number, number],
      });
    else if (shape?.type === 'sphere') shapes.push({ kind: 'sphere', centre, radius: shape.sphere.radius * size });
    else if (shape) {
      const { radiusBottom, radiusTop, height } = shape.type === 'capsule' ? shape.capsule : shape.cylinder;
      shapes.push({
        kind: shape.type,
        centre,
        turn,
        radius: Math.max(radiusBottom, radiusTop) * size,
        height: height * size,
      });
    } else
      for (const primitive of mesh?.listPrimitives() ?? []) {
        const position = primitive.getAttribute('POSITION')!;
        const points = new Float32Array(position.getCount() * 3);
        for (let v = 0; v < position.getCount(); v++)
          points.set(transformPoint(world, position.getElement<number[]>(v, [])), v * 3);
        shapes.push({ kind: 'hulls', hulls: [{ points, indices: listIndices(primitive) }] });
      }
  }
  return shapes.length > 0 ? { shapes, mass, friction } : null;
}
