import type { Document, Node, vec3 } from '@gltf-transform/core';
import { boxSize, computeBounds } from '../../scene/measures/bounds';
import { invertMatrix, transformPoint } from '../../scene/matrix';
import { isBelow, listMeshInstances } from '../../scene/traverse';
import { cloneMesh } from '../../scene/meshes/clone-mesh';
import { listReferredNodes } from '../../structure/referred-nodes';
import { countStands } from '../../scene/measures/count-stands';
import { shiftMesh } from '../bake/shift';

/**
 * Puts the pivots of parts at a share of each one's own box. Nothing moves in the world, and children keep their pivots. A mesh
 * that stands several times stays one where all of them turn about the same place of it.
 * @param point shares of a part's box, world axes
 * @returns parts that stay as they are: without extent, moved by a clip or a skin, or flattened to nothing
 */
export function movePartPivots(
  document: Document,
  nodes: readonly Node[],
  point: readonly [number, number, number],
): Node[] {
  const referred = listReferredNodes(document);
  const left: Node[] = [];
  // all places are found before anything moves
  const moves = nodes.flatMap((node): { node: Node; target: vec3 }[] => {
    const box = computeBounds(
      document,
      listMeshInstances(document).filter((instance) => instance.node === node || isBelow(instance.node, node)),
    );
    const stays = referred.has(node) || node.getSkin() !== null || node.listExtensions().length > 0;
    if (!box || stays || !invertMatrix(node.getWorldMatrix())) {
      left.push(node);
      return [];
    }
    return [{ node, target: boxSize(box).map((side, axis) => box.min[axis] + side * point[axis]) as vec3 }];
  });
  const shifted = new Map<unknown, vec3>();
  for (const { node, target } of moves) {
    const local = transformPoint(invertMatrix(node.getWorldMatrix())!, target);
    node.setTranslation(transformPoint(node.getMatrix(), local));
    const away = local.map((v) => -v) as vec3;
    for (const child of node.listChildren()) {
      const [x, y, z] = child.getTranslation();
      child.setTranslation([x + away[0], y + away[1], z + away[2]]);
    }
    moveVertices(document, node, away, nodes, shifted);
  }
  return left;
}

function moveVertices(
  document: Document,
  node: Node,
  away: vec3,
  nodes: readonly Node[],
  shifted: Map<unknown, vec3>,
): void {
  const mesh = node.getMesh();
  if (!mesh) return;
  const known = shifted.get(mesh);
  const scale = Math.max(...away.map(Math.abs), 1e-12);
  if (known?.every((v, axis) => Math.abs(v - away[axis]) <= scale * 1e-6)) return;
  const others = document
    .getRoot()
    .listNodes()
    .filter((other) => other.getMesh() === mesh && other !== node && !nodes.includes(other)).length;
  if (known || others > 0) {
    if (countStands(document).get(mesh)! > 1) node.setMesh(cloneMesh(mesh));
    shiftMesh(node.getMesh()!, known ? (away.map((v, axis) => v - known[axis]) as vec3) : away, new Set());
    return;
  }
  shiftMesh(mesh, away, new Set());
  shifted.set(mesh, away);
}
