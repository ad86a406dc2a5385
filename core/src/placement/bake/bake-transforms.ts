import type { Document, Node, mat4, vec3 } from '@gltf-transform/core';
import {
  composeMatrix,
  decomposeMatrix,
  invertMatrix,
  isLinearIdentity,
  multiplyMatrix,
  translationMatrix,
} from '../../scene/matrix';
import { MeshTransformer } from '../../scene/meshes/transform-mesh';
import { listHoldingMeshes, listShownNodes } from '../../scene/traverse';

/**
 * Puts every turn and scale into the vertices: afterwards each node that shows something, or holds what does, has only a translation.
 * Nothing moves in world space. A node without a mesh below it is a place and a direction, for a camera, a light or what is mounted
 * there: it keeps its turn in the world, and the scale of its own. Meshes that stand several times stay shared where they are turned
 * and scaled alike. Normals go by the cofactor matrix, the tangent's w flips where a matrix mirrors, and so does the winding.
 * @returns how many nodes that show something had a turn or scale
 */
export function bakeTransforms(document: Document): number {
  const nodes = listShownNodes(document);
  const worlds = new Map<Node, mat4>(nodes.map((node) => [node, [...node.getWorldMatrix()] as mat4]));
  const shown = listHoldingMeshes(document);
  const transformer = new MeshTransformer(document);
  const baked = new Map<Node, mat4>();
  let turned = 0;
  for (const node of nodes) {
    const world = worlds.get(node)!;
    const holdsMesh = shown.has(node);
    if (holdsMesh && !isLinearIdentity(node.getMatrix())) turned++;
    const mesh = node.getMesh();
    if (mesh && !isLinearIdentity(world)) node.setMesh(transformer.transform(mesh, withoutPlace(world)));
    const place: vec3 = [world[12], world[13], world[14]];
    const target = holdsMesh && !aims(node) ? translationMatrix(place) : directionMatrix(node, world, place);
    baked.set(node, target);
    setWithin(node, target, baked.get(node.getParentNode()!) ?? null);
  }
  return turned;
}

/** A camera or a light looks along its node. */
const aims = (node: Node): boolean => node.getCamera() !== null || node.getExtension('KHR_lights_punctual') !== null;

/** Where a node is, which way it is turned in the world, and its own scale; a mirror above it stays in that. */
function directionMatrix(node: Node, world: mat4, translation: vec3): mat4 {
  const { rotation, scale } = decomposeMatrix(world);
  const own = node.getScale();
  return composeMatrix({
    translation,
    rotation,
    scale: scale.map((v, axis) => Math.sign(v || 1) * Math.abs(own[axis])) as vec3,
  });
}

/** Gives a node its place below a parent. A parent that shows something has only a place itself. */
function setWithin(node: Node, world: mat4, parent: mat4 | null): void {
  if (parent && !isLinearIdentity(parent)) {
    node.setMatrix(multiplyMatrix(invertMatrix(parent) ?? IDENTITY, world));
    return;
  }
  const { translation, rotation, scale } = decomposeMatrix(world);
  const isPlain = isLinearIdentity(world);
  node
    .setTranslation(translation.map((v, axis) => v - (parent?.[12 + axis] ?? 0)) as vec3)
    .setRotation(isPlain ? [0, 0, 0, 1] : rotation)
    .setScale(isPlain ? [1, 1, 1] : scale);
}

const IDENTITY = translationMatrix([0, 0, 0]);

const withoutPlace = (m: mat4): mat4 => [...m.slice(0, 12), 0, 0, 0, 1] as mat4;
