import type { Document, Node } from '@gltf-transform/core';
import type { PartRef } from '@haveld/contract/step';
import { countTriangles, listShownNodes } from './traverse';

/** What a part's own geometry looks like, in its local space, so that moving a parent does not change it. */
export function computePartSignature(node: Node): string {
  const mesh = node.getMesh();
  if (!mesh) return 'empty';
  let vertices = 0;
  let triangles = 0;
  const min = [Infinity, Infinity, Infinity];
  const max = [-Infinity, -Infinity, -Infinity];
  const element = [0, 0, 0];
  for (const primitive of mesh.listPrimitives()) {
    triangles += countTriangles(primitive);
    const position = primitive.getAttribute('POSITION');
    if (!position) continue;
    vertices += position.getCount();
    position.getMinNormalized(element).forEach((v, i) => (min[i] = Math.min(min[i], v)));
    position.getMaxNormalized(element).forEach((v, i) => (max[i] = Math.max(max[i], v)));
  }
  const size = max.map((v, i) => Number((v - min[i]).toPrecision(4))).join('×');
  return `${vertices}:${triangles}:${size}`;
}

/** @returns how a step names this node */
export function createPartRef(document: Document, node: Node): PartRef {
  const twins = listShownNodes(document).filter((other) => other.getName() === node.getName());
  return { name: node.getName(), ordinal: twins.indexOf(node), signature: computePartSignature(node) };
}

/** @returns the node a step means, or null where this document has no such part */
export function findPart(document: Document, ref: PartRef): Node | null {
  const twins = listShownNodes(document).filter((node) => node.getName() === ref.name);
  const atOrdinal = twins[ref.ordinal];
  if (atOrdinal && computePartSignature(atOrdinal) === ref.signature) return atOrdinal;
  const alike = twins.filter((node) => computePartSignature(node) === ref.signature);
  return alike.length === 1 ? alike[0] : null;
}
