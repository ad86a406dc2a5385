import type { Document, Mesh, Node, Primitive, Scene, mat4 } from '@gltf-transform/core';

/** The scene a document shows: its default, else its first. */
export function getShownScene(document: Document): Scene {
  const root = document.getRoot();
  const scene = root.getDefaultScene() ?? root.listScenes()[0];
  if (!scene) throw new Error('getShownScene: document without a scene');
  return scene;
}

/** @returns every node of the shown scene, parents before children */
export function listShownNodes(document: Document): Node[] {
  const nodes: Node[] = [];
  getShownScene(document).traverse((node) => nodes.push(node));
  return nodes;
}

/** @returns nodes with a mesh of their own or somewhere below: the others are places and directions */
export function listHoldingMeshes(document: Document): Set<Node> {
  const holding = new Set<Node>();
  for (const node of listShownNodes(document)) {
    if (!node.getMesh()) continue;
    for (let at: Node | null = node; at && !holding.has(at); at = at.getParentNode()) holding.add(at);
  }
  return holding;
}

/** @returns true where one node hangs somewhere under another */
export function isBelow(node: Node, above: Node): boolean {
  for (let at = node.getParentNode(); at; at = at.getParentNode()) if (at === above) return true;
  return false;
}

export interface MeshInstance {
  node: Node;
  mesh: Mesh;
  /** Column-major, local to world. Identity for a skinned mesh, whose joints place it (glTF 2.0, 3.7.3.3). */
  world: mat4;
}

const IDENTITY: mat4 = [1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1];

/** @returns every mesh of the shown scene where it stands */
export const listMeshInstances = (document: Document): MeshInstance[] => placeMeshes(listShownNodes(document));

/** @returns the meshes of some nodes where they stand */
export const placeMeshes = (nodes: readonly Node[]): MeshInstance[] =>
  nodes.flatMap((node) => {
    const mesh = node.getMesh();
    return mesh ? [{ node, mesh, world: node.getSkin() ? IDENTITY : node.getWorldMatrix() }] : [];
  });

/** @returns a node and all that hangs below it, parents before children */
export function listBelow(top: Node): Node[] {
  const nodes: Node[] = [];
  top.traverse((node) => nodes.push(node));
  return nodes;
}

/** glTF 2.0, 3.7.2.1: mode 4 is TRIANGLES. Canonical documents hold no strips or fans. */
export const isTriangles = (primitive: Primitive): boolean => primitive.getMode() === 4;

/** @returns triangles of one primitive; 0 for lines and points */
export function countTriangles(primitive: Primitive): number {
  if (!isTriangles(primitive)) return 0;
  const corners = primitive.getIndices()?.getCount() ?? primitive.getAttribute('POSITION')?.getCount() ?? 0;
  return Math.floor(corners / 3);
}
