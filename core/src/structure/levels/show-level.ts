import type { Document, Node } from '@gltf-transform/core';
import { getDetailLevels } from '../../scene/document/detail-levels';
import { getShownScene, listBelow, placeMeshes, type MeshInstance } from '../../scene/traverse';

/** @returns how many levels a document has beside its finest */
export function countLevels(document: Document): number {
  let most = 0;
  getShownScene(document).traverse((node) => (most = Math.max(most, listLevelsOf(node).length)));
  return most;
}

/** @returns the coarser levels of a node, the finest of them first */
export const listLevelsOf = (node: Node): Node[] => getDetailLevels(node)?.listLevels() ?? [];

/** @returns what stands for a node at a level: the last of its own where it has fewer; null for the node itself */
const getLevel = (node: Node, level: number): Node | null => {
  const levels = listLevelsOf(node);
  return level > 0 && levels.length > 0 ? levels[Math.min(level, levels.length) - 1] : null;
};

/**
 * What is seen of a document at a level of detail: of each node that has levels its own.
 * @param level 0 is the finest
 * @returns what is drawn, where it stands, and the nodes that stand for others
 */
export function listAtLevel(document: Document, level: number): { instances: MeshInstance[]; standing: Node[] } {
  const instances: MeshInstance[] = [];
  const standing: Node[] = [];
  const visit = (node: Node): void => {
    const own = getLevel(node, level);
    if (own) {
      standing.push(own);
      const parent = node.getParentNode() ?? getShownScene(document);
      parent.addChild(own);
      instances.push(...placeMeshes(listBelow(own)));
      parent.removeChild(own);
      return;
    }
    instances.push(...placeMeshes([node]));
    node.listChildren().forEach(visit);
  };
  getShownScene(document).listChildren().forEach(visit);
  return { instances, standing };
}

/** Leaves one level of a document and shows it, in place; joints and places stay. */
export function showLevel(document: Document, level: number): void {
  const visit = (node: Node): void => {
    const own = getLevel(node, level);
    getDetailLevels(node)?.dispose();
    if (!own) return node.listChildren().forEach(visit);
    for (const below of listBelow(node)) below.setMesh(null);
    (node.getParentNode() ?? getShownScene(document)).addChild(own);
  };
  getShownScene(document).listChildren().forEach(visit);
}
