import type { Document, Mesh, Node, mat4 } from '@gltf-transform/core';
import { invertMatrix, multiplyMatrix } from '../../scene/matrix';
import { joinPrimitives } from '../../scene/meshes/join-primitives';
import { MeshTransformer } from '../../scene/meshes/transform-mesh';
import { hangUnder } from '../../scene/place-node';
import { isBelow } from '../../scene/traverse';
import { listReferredNodes } from '../referred-nodes';
import { holdsData } from './holds-data';
import { findMover, hasBlendShapes } from './movers';

/** Why parts cannot become one; null where they can. */
export function whyNotJoined(document: Document, parts: readonly Node[]): string | null {
  const referred = listReferredNodes(document);
  const [first] = parts;
  if (parts.length < 2) return 'there is only one';
  if (parts.some((part) => !part.getMesh())) return 'one of them shows nothing itself';
  if (parts.some(hasBlendShapes)) return 'one of them has blend shapes';
  if (parts.some((part) => part.getSkin() !== first.getSkin())) return 'they hang on different skins';
  const mover = findMover(first, referred);
  if (parts.some((part) => findMover(part, referred) !== mover)) return 'a clip moves them apart';
  if (parts.slice(1).some((part) => referred.has(part))) return 'a clip moves one of them';
  if (!first.getSkin() && !invertMatrix(first.getWorldMatrix())) return 'the first is flattened to nothing';
  return null;
}

/**
 * Makes several parts one, in the space of the first, which keeps its name and what it turns about. Each material stays, and every
 * attribute. What hung under the others hangs under it from then on; one that carries data of its own stays as a mark.
 * @returns why nothing was done; null where they are one
 */
export function joinParts(document: Document, parts: readonly Node[], name: string): string | null {
  const reason = whyNotJoined(document, parts);
  if (reason) return reason;
  const [first, ...others] = parts;
  const toFirst = first.getSkin() ? null : invertMatrix(first.getWorldMatrix())!;
  const transformer = new MeshTransformer(document);
  const meshes = others.map((part) => {
    const mesh = part.getMesh()!;
    const matrix = toFirst && multiplyMatrix(toFirst, part.getWorldMatrix());
    // what stands in the space of the first already is not moved
    return matrix && !isIdentity(matrix) ? transformer.transform(mesh, matrix) : mesh;
  });
  const joined = first.getMesh()!.clone().setName(name);
  for (const primitive of joined.listPrimitives()) joined.removePrimitive(primitive);
  const primitives = [first.getMesh()!, ...meshes].flatMap((mesh) => mesh.listPrimitives());
  // a primitive stands in one mesh alone
  for (const primitive of joinPrimitives(document, primitives))
    joined.addPrimitive(primitives.includes(primitive) ? primitive.clone() : primitive);
  first.setMesh(joined).setName(name);
  for (const part of others) leave(document, part, first);
  for (const mesh of meshes) disposeUnused(mesh);
  return null;
}

const isIdentity = (m: mat4): boolean => m.every((v, i) => v === (i % 5 === 0 ? 1 : 0));

/** What is left of a part whose faces went to another. */
function leave(document: Document, part: Node, to: Node): void {
  part.setMesh(null).setSkin(null);
  // what cannot hang elsewhere without being sheared stays where it is
  const stays = part
    .listChildren()
    .filter((child) => child !== to && !isBelow(to, child) && !hangUnder(document, child, to));
  const holdsFirst = part.listChildren().length > stays.length;
  if (stays.length === 0 && !holdsFirst && !holdsData(part)) part.dispose();
}

/** Copies made on the way are not left in the document. */
function disposeUnused(mesh: Mesh): void {
  if (mesh.listParents().every((parent) => parent.propertyType === 'Root')) mesh.dispose();
}
