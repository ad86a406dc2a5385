import type { Document, Node } from '@gltf-transform/core';
import { getShownScene } from '../traverse';

/** A skinned mesh stands where its bones are: a node that holds one and moves or has children gives it to a node of its own. */
export function separateMovingSkins(document: Document): void {
  const moved = new Set(
    document
      .getRoot()
      .listAnimations()
      .flatMap((clip) => clip.listChannels())
      .filter((channel) => channel.getTargetPath() !== 'weights')
      .map((channel) => channel.getTargetNode()),
  );
  for (const node of document.getRoot().listNodes()) {
    const [skin, mesh] = [node.getSkin(), node.getMesh()];
    if (!skin || !mesh || !moved.has(node)) continue;
    const holder = document.createNode(node.getName()).setMesh(mesh).setSkin(skin);
    for (const channel of document
      .getRoot()
      .listAnimations()
      .flatMap((clip) => clip.listChannels()))
      if (channel.getTargetNode() === node && channel.getTargetPath() === 'weights') channel.setTargetNode(holder);
    node.setMesh(null).setSkin(null);
    getShownScene(document).addChild(holder);
  }
}

/** The joints of a skin stand under one common node (glTF 2.0, 3.7.3.1): where they do not, one is put above the scene. */
export function shareRoot(document: Document): void {
  const isApart = document
    .getRoot()
    .listSkins()
    .some((skin) => new Set(skin.listJoints().map(topOf)).size > 1);
  if (!isApart) return;
  const scene = getShownScene(document);
  const root = document.createNode('root');
  for (const child of scene.listChildren()) {
    scene.removeChild(child);
    root.addChild(child);
  }
  scene.addChild(root);
}

function topOf(node: Node): Node {
  let top = node;
  for (let above = node.getParentNode(); above; above = above.getParentNode()) top = above;
  return top;
}

/** Off by more than this, an inverse bind matrix is no rounding. */
const ROUNDING = 1e-3;

/**
 * Inverse bind matrices end in 0, 0, 0, 1 (glTF 2.0, 3.7.3.2): what comes near is rounded, what does not is divided by its last.
 * @returns how many were further off than rounding
 */
export function roundInverseBinds(document: Document): number {
  let odd = 0;
  const all = new Set(
    document
      .getRoot()
      .listSkins()
      .map((skin) => skin.getInverseBindMatrices()),
  );
  for (const accessor of all) {
    const array = accessor?.getArray();
    if (!accessor || !array || accessor.getType() !== 'MAT4') continue;
    for (let m = 0; m + 15 < array.length; m += 16) {
      const [x, y, z, w] = [array[m + 3], array[m + 7], array[m + 11], array[m + 15]];
      if (x === 0 && y === 0 && z === 0 && w === 1) continue;
      if (Math.max(Math.abs(x), Math.abs(y), Math.abs(z), Math.abs(w - 1)) > ROUNDING) {
        odd++;
        if (w !== 0) for (let i = m; i < m + 16; i++) array[i] /= w;
      }
      array[m + 3] = array[m + 7] = array[m + 11] = 0;
      array[m + 15] = 1;
    }
  }
  return odd;
}

/**
 * Skins that cannot be worn are taken off: the mesh has no joints. Joints that stand in no scene are put into the shown one
 * (glTF 2.0, 3.7.3.1).
 * @returns how many skins were taken off
 */
export function repairSkins(document: Document): number {
  const scene = getShownScene(document);
  const inScene = new Set<Node>();
  scene.traverse((node) => void inScene.add(node));
  let removed = 0;
  for (const node of document.getRoot().listNodes()) {
    const skin = node.getSkin();
    if (!skin) continue;
    const isWorn = node
      .getMesh()
      ?.listPrimitives()
      .every((primitive) => primitive.getAttribute('JOINTS_0'));
    if (!isWorn || skin.listJoints().length === 0) {
      node.setSkin(null);
      removed++;
      continue;
    }
    for (const joint of skin.listJoints()) {
      if (inScene.has(joint)) continue;
      const top = topOf(joint);
      scene.addChild(top);
      top.traverse((below) => void inScene.add(below));
    }
  }
  return removed;
}
