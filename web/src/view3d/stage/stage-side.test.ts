import { BoxGeometry, Group, Mesh, MeshBasicMaterial, Texture } from 'three';
import { ClipPlayer } from './clip-player';
import { createStageSide, lightFacesOfSide, standOnSide } from './stage-side';

const FACES = Float32Array.from([0, 0, 0, 1, 0, 0, 0, 1, 0]);

/** A crate of one metre, and whether it was given back. */
function createCrate() {
  const mesh = new Mesh(new BoxGeometry(), new MeshBasicMaterial());
  let isDisposed = false;
  mesh.geometry.addEventListener('dispose', () => (isDisposed = true));
  const model = new Group().add(mesh);
  return { loaded: { model, player: new ClipPlayer(model, []) }, isDisposed: () => isDisposed };
}

test('a model that stands there goes, and is given back, when another comes', () => {
  const side = createStageSide(new Texture());
  const crate = createCrate();
  standOnSide(side, crate.loaded, true);
  expect(side.stance?.size.toArray()).toEqual([1, 1, 1]);
  expect(side.holder.getObjectByName('haveld-front')).toBeDefined();
  standOnSide(side, null, true);
  expect(crate.isDisposed()).toBe(true);
  expect(side.box.isEmpty()).toBe(true);
  expect(side).toMatchObject({ stance: null, player: null });
});

test('where it faces is marked on the side that says it', () => {
  const side = createStageSide(new Texture());
  standOnSide(side, createCrate().loaded, false);
  expect(side.holder.getObjectByName('haveld-front')).toBeUndefined();
  expect(side.holder.getObjectByName('haveld-pivot')).toBeDefined();
});

test('faces that are lit before their model is there light up when it comes, and go with it', () => {
  const side = createStageSide(new Texture());
  lightFacesOfSide(side, FACES);
  expect(side.lit).toBeNull();
  standOnSide(side, createCrate().loaded, true);
  expect(side.lit?.max.toArray()).toEqual([1, 1, 0]);
  expect(side.holder.getObjectByName('haveld-lit')).toBeDefined();
  standOnSide(side, null, true);
  expect(side.lit).toBeNull();
});

test('lighting other faces puts the first ones out; nothing lit is nothing there', () => {
  const side = createStageSide(new Texture());
  standOnSide(side, createCrate().loaded, true);
  lightFacesOfSide(side, FACES);
  lightFacesOfSide(
    side,
    FACES.map((value) => value * 3),
  );
  expect(side.holder.children.filter(({ name }) => name === 'haveld-lit')).toHaveLength(1);
  expect(side.lit?.max.x).toBe(3);
  for (const none of [new Float32Array(), null]) {
    lightFacesOfSide(side, none);
    expect(side.holder.getObjectByName('haveld-lit')).toBeUndefined();
    expect(side.lit).toBeNull();
  }
});
