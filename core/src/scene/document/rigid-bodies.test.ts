import type { JSONDocument } from '@gltf-transform/core';
import { createBoxDocument } from '../../testing/documents';
import { readGlb, writeGlb, writeGltf } from './document-io';
import { getRigidBody, ImplicitShapes, RigidBodies } from './rigid-bodies';

/** A crate that moves, with a box and a hull to collide by. */
function createCrate() {
  const document = createBoxDocument([0, 0, 0], [1, 1, 1], 'crate');
  const [crate] = document.getRoot().listNodes();
  const [mesh] = document.getRoot().listMeshes();
  document.createExtension(ImplicitShapes);
  const bodies = document.createExtension(RigidBodies);
  crate.setExtension(
    RigidBodies.EXTENSION_NAME,
    bodies.createRigidBody().setMotion({ mass: 12, centerOfMass: [0.5, 0.4, 0.5] }),
  );
  const hullMesh = document.createMesh('hull').addPrimitive(mesh.listPrimitives()[0].clone());
  const colliders = [
    bodies
      .createRigidBody()
      .setShape({ type: 'box', box: { size: [1, 1, 1] } })
      .setFriction(0.4),
    bodies.createRigidBody().setMesh(hullMesh).setFriction(0.4),
    bodies
      .createRigidBody()
      .setShape({ type: 'sphere', sphere: { radius: 2 } })
      .setFriction(0.9),
  ];
  colliders.forEach((collider, i) =>
    crate.addChild(document.createNode(`collider_${i}`).setExtension(RigidBodies.EXTENSION_NAME, collider)),
  );
  return document;
}

async function writeJson(document: ReturnType<typeof createCrate>): Promise<JSONDocument['json']> {
  const [model] = await writeGltf(document, 'crate');
  return JSON.parse(new TextDecoder().decode(model.bytes)) as JSONDocument['json'];
}

test('bodies, shapes and materials stand where the drafts have them, each once', async () => {
  const json = await writeJson(createCrate());
  expect(json.extensionsUsed).toEqual(expect.arrayContaining(['KHR_implicit_shapes', 'KHR_physics_rigid_bodies']));
  expect(json.extensions).toEqual({
    KHR_implicit_shapes: {
      shapes: [
        { type: 'box', box: { size: [1, 1, 1] } },
        { type: 'sphere', sphere: { radius: 2 } },
      ],
    },
    KHR_physics_rigid_bodies: {
      physicsMaterials: [
        { staticFriction: 0.4, dynamicFriction: 0.4 },
        { staticFriction: 0.9, dynamicFriction: 0.9 },
      ],
    },
  });
  const of = (name: string) => json.nodes!.find((node) => node.name === name)!.extensions!.KHR_physics_rigid_bodies;
  expect(of('crate')).toEqual({ motion: { mass: 12, centerOfMass: [0.5, 0.4, 0.5] } });
  expect(of('collider_0')).toEqual({ collider: { geometry: { shape: 0 }, physicsMaterial: 0 } });
  const hull = json.meshes!.findIndex(({ name }) => name === 'hull');
  expect(of('collider_1')).toEqual({ collider: { geometry: { mesh: hull, convexHull: true }, physicsMaterial: 0 } });
  expect(of('collider_2')).toEqual({ collider: { geometry: { shape: 1 }, physicsMaterial: 1 } });
  // what collides is not shown: no node has the hull
  expect(json.nodes!.filter(({ mesh }) => mesh === hull)).toEqual([]);
});

test('read again they are the same', async () => {
  const again = await readGlb(await writeGlb(createCrate()));
  const of = (name: string) =>
    getRigidBody(
      again
        .getRoot()
        .listNodes()
        .find((node) => node.getName() === name)!,
    )!;
  expect(of('crate').getMotion()).toEqual({ mass: 12, centerOfMass: [0.5, 0.4, 0.5] });
  expect(of('collider_0').getShape()).toEqual({ type: 'box', box: { size: [1, 1, 1] } });
  expect(of('collider_1').getMesh()!.getName()).toBe('hull');
  expect(of('collider_2').getFriction()).toBe(0.9);
  expect(await writeJson(again)).toMatchObject({ extensions: (await writeJson(createCrate())).extensions });
});

test('a model without any names neither extension', async () => {
  const json = await writeJson(createBoxDocument([0, 0, 0], [1, 1, 1]) as ReturnType<typeof createCrate>);
  expect(json.extensionsUsed ?? []).not.toContain('KHR_physics_rigid_bodies');
  expect(json.extensions).toBeUndefined();
});
